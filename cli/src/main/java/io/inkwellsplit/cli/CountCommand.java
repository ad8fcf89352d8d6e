package io.inkwellsplit.cli;

import io.inkwellsplit.table.step.CountStep;
import io.inkwellsplit.table.step.Step;
import java.util.ArrayList;
import java.util.List;
import picocli.CommandLine.Command;
import picocli.CommandLine.Option;

/** Counts the values of columns. */
@Command(
        name = "count",
        description = "Counts the values of a column, or the sets of values of several, the most frequent first.",
        mixinStandardHelpOptions = true)
final class CountCommand extends TableCommand {
    @Option(
            names = "--column",
            required = true,
            paramLabel = "COLUMN",
            description = "A column, by title or number; repeatable.")
    List<String> columns = new ArrayList<>();

    @Override
    List<? extends Step> steps() {
        return List.of(CountStep.of(columns.toArray(String[]::new)));
    }
}
