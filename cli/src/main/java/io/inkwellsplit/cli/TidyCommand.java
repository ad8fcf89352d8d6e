package io.inkwellsplit.cli;

import io.inkwellsplit.table.step.Step;
import io.inkwellsplit.table.step.TidyStep;
import java.util.ArrayList;
import java.util.List;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Option;

/** Tidies columns. */
@Command(
        name = "tidy",
        description = "Writes columns tidied into new columns behind them, and counts what changed.",
        mixinStandardHelpOptions = true)
final class TidyCommand extends TableCommand {
    @Mixin
    ColumnsOption columns = new ColumnsOption();

    @Option(
            names = "--what",
            paramLabel = "KINDS",
            split = ",",
            description = "What to mend, with commas: unicode, controls, no-break, spaces, quotes, dashes, name-case, "
                    + "address-case, upper, lower. Default: the first four.")
    List<String> kinds = new ArrayList<>();

    @Override
    List<? extends Step> steps() {
        return List.of(TidyStep.of(columns.titles, TidyStep.named(kinds)));
    }
}
