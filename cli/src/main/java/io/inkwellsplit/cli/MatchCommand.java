package io.inkwellsplit.cli;

import io.inkwellsplit.table.step.MatchStep;
import io.inkwellsplit.table.step.Step;
import java.util.List;
import org.jspecify.annotations.Nullable;
import picocli.CommandLine.ArgGroup;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Option;

/** Looks for a regular expression in a column. */
@Command(
        name = "match",
        description = "Pulls every match of a regular expression, or its named groups, into new columns; with "
                + "--put it replaces the matches, with --test it says whether there is one.",
        mixinStandardHelpOptions = true,
        footer = {"", "Expressions run in linear time; there are no back-references and no look-around."})
final class MatchCommand extends TableCommand {
    @Mixin
    ColumnOption column = new ColumnOption();

    @ArgGroup(multiplicity = "1")
    What what = new What();

    /** What is looked for. */
    static final class What {
        @Option(
                names = "--find",
                paramLabel = "EXPRESSION",
                description = "A regular expression; groups such as (?P<year>\\d{4}) become columns.")
        @Nullable String expression;

        @Option(
                names = "--ready",
                paramLabel = "NAME",
                description = "A ready-made one: capitalised, numbers, emails, phones, postcodes, us-postcodes, "
                        + "uk-postcodes, dates.")
        @Nullable String ready;
    }

    @Option(names = "--put", paramLabel = "TEXT", description = "Replace the matches; $1 is the first group.")
    @Nullable String replace;

    @Option(names = "--test", description = "Say yes or no.")
    boolean test;

    @Option(names = "--title", paramLabel = "TITLE", description = "The title of the new column.")
    String title = "";

    @Override
    List<? extends Step> steps() {
        String expression = what.ready != null ? MatchStep.ready(what.ready) : String.valueOf(what.expression);
        MatchStep step = replace != null
                ? MatchStep.replace(column.title, expression, replace)
                : test ? MatchStep.test(column.title, expression) : MatchStep.pull(column.title, expression);
        return List.of(step.titled(title));
    }
}
