package io.inkwellsplit.cli;

import io.inkwellsplit.table.step.CountStep;
import io.inkwellsplit.table.step.Step;
import java.util.List;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;

/** Counts the values of columns. */
@Command(
        name = "count",
        description = "Counts the values of a column, or the sets of values of several, the most frequent first.",
        mixinStandardHelpOptions = true)
final class CountCommand extends TableCommand {
    @Mixin
    ColumnsOption columns = new ColumnsOption();

    @Override
    List<? extends Step> steps() {
        return List.of(CountStep.of(columns.array()));
    }
}
