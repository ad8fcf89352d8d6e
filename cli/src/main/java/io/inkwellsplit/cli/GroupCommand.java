package io.inkwellsplit.cli;

import io.inkwellsplit.table.step.GroupStep;
import io.inkwellsplit.table.step.Step;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import org.jspecify.annotations.Nullable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Option;

/** Joins a column down the rows of each group. */
@Command(
        name = "group",
        description =
                "Joins a column down the rows of each group into one phrase, such as \"Alto, Bass and Tenor\": a row "
                        + "for each group.",
        mixinStandardHelpOptions = true)
final class GroupCommand extends TableCommand {
    @Option(
            names = "--by",
            paramLabel = "COLUMN",
            description = "A column whose equal values make a group; repeatable. Default: all rows are one group.")
    List<String> by = new ArrayList<>();

    @Option(names = "--column", required = true, paramLabel = "COLUMN", description = "The column to join.")
    String column = "";

    @Option(
            names = "--with",
            paramLabel = "TEXT",
            description = "What stands between. Default: a phrase of the language of --locale.")
    @Nullable String with;

    @Option(names = "--locale", paramLabel = "TAG", description = "The language of the phrase. Default: en.")
    String locale = "en";

    @Option(names = "--sorted", description = "Sort the texts of a group.")
    boolean sorted;

    @Option(names = "--distinct", description = "Leave repeats out.")
    boolean distinct;

    @Option(names = "--most", paramLabel = "N", description = "Write out so many, and how many more there are.")
    @Nullable Integer most;

    @Override
    List<? extends Step> steps() {
        String[] groups = by.toArray(String[]::new);
        GroupStep step = with == null
                ? GroupStep.phrase(column, Locale.forLanguageTag(locale), groups)
                : GroupStep.joined(column, Separators.of(with), groups);
        step = sorted ? step.sorted() : step;
        step = distinct ? step.distinct() : step;
        return List.of(most == null ? step : step.atMost(most));
    }
}
