package io.inkwellsplit.cli;

import io.inkwellsplit.table.run.Run;
import io.inkwellsplit.table.step.AssembleStep;
import io.inkwellsplit.table.step.Step;
import java.io.PrintWriter;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Option;
import picocli.CommandLine.ParameterException;

/** Makes new columns from patterns over columns. */
@Command(
        name = "assemble",
        description =
                "Makes new columns: by a pattern such as \"Index={last}, {first}\", by a ready-made pattern, in the "
                        + "style of a language, or as address labels.",
        mixinStandardHelpOptions = true,
        footer = {"", "inkwell patterns shows the ready-made patterns, each on a sample name."})
final class AssembleCommand extends TableCommand {
    @Option(
            names = "--make",
            paramLabel = "TITLE=PATTERN",
            description = "A new column and its pattern; repeatable. {last} is a part or a column by its title, "
                    + "{first-initial} its first letter, {nickname|first} the first that has a value.")
    List<String> patterns = new ArrayList<>();

    @Option(
            names = "--ready",
            paramLabel = "[TITLE=]NAME",
            description = "A new column by a ready-made pattern, such as full, index or greeting, or label and "
                    + "one-line for addresses; repeatable.")
    List<String> ready = new ArrayList<>();

    @Option(
            names = "--style",
            paramLabel = "[TITLE=]WORDS",
            description = "A new column of names as the language of --locale writes them: usual, or words such as "
                    + "long-formal, short-informal, sorting, monogram; repeatable.")
    List<String> styles = new ArrayList<>();

    @Option(
            names = "--locale",
            paramLabel = "TAG",
            description = "The language of styles and initials, such as en, de-AT or ja.")
    @Nullable String locale;

    @Option(
            names = "--home",
            paramLabel = "COUNTRY",
            description = "Where letters are posted: labels to that country need no line for it, and addresses that "
                    + "name no country are there.")
    @Nullable String home;

    @Option(
            names = "--tidy-case",
            description = "Put parts that are in capitals or small letters alone in tidy case first.")
    boolean tidyCase;

    @Override
    List<? extends Step> steps() {
        AssembleStep.Builder step = AssembleStep.builder();
        if (tidyCase) {
            step.tidyCase();
        }
        if (locale != null) {
            step.locale(locale);
        }
        if (home != null) {
            step.homeCountry(home);
        }
        if (patterns.isEmpty() && ready.isEmpty() && styles.isEmpty()) {
            throw new ParameterException(
                    spec.commandLine(), "Say what to make, with --make TITLE=PATTERN, --ready NAME or --style WORDS");
        }
        if (!styles.isEmpty() && locale == null) {
            throw new ParameterException(spec.commandLine(), "--style needs a language, with --locale TAG");
        }
        for (String pattern : patterns) {
            int equals = pattern.indexOf('=');
            if (equals <= 0) {
                throw new ParameterException(
                        spec.commandLine(),
                        "--make takes a title, an equals sign and a pattern, not \"" + pattern + "\"");
            }
            step.pattern(pattern.substring(0, equals), pattern.substring(equals + 1));
        }
        for (String name : ready) {
            int equals = name.indexOf('=');
            if (equals < 0) {
                step.ready(name);
            } else {
                step.ready(name.substring(0, equals), name.substring(equals + 1));
            }
        }
        for (String style : styles) {
            int equals = style.indexOf('=');
            String words = style.substring(equals + 1);
            step.style(equals < 0 ? "Name " + words + " (" + locale + ")" : style.substring(0, equals), words);
        }
        return List.of(step.build());
    }

    @Override
    void preview(Run run, List<List<String>> rows, PrintWriter to) {
        int from = run.header().size() - made();
        List<String> titles = run.header().subList(from, run.header().size());
        to.println(TableView.of(
                titles, rows.stream().map(row -> row.subList(from, row.size())).toList(), Terminal.width()));
        to.println();
    }

    private int made() {
        return patterns.size() + ready.size() + styles.size();
    }
}
