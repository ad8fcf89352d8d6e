package io.inkwellsplit.cli;

import io.inkwellsplit.piece.Combining;
import io.inkwellsplit.table.step.CombineStep;
import io.inkwellsplit.table.step.Step;
import java.util.List;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Option;

/** Combines columns. */
@Command(
        name = "combine",
        description = "Combines columns into a new one; values stay as they are written.",
        mixinStandardHelpOptions = true)
final class CombineCommand extends TableCommand {
    @Mixin
    ColumnsOption columns = new ColumnsOption();

    @Option(names = "--with", paramLabel = "TEXT", description = "What stands between. Default: a blank.")
    String with = " ";

    @Option(names = "--title", paramLabel = "TITLE", required = true, description = "The title of the new column.")
    String title = "";

    @Option(names = "--skip-blanks", description = "Leave blank values out.")
    boolean skipBlanks;

    @Option(names = "--prefix", paramLabel = "TEXT", description = "What stands before the whole.")
    String prefix = "";

    @Option(names = "--suffix", paramLabel = "TEXT", description = "What stands behind the whole.")
    String suffix = "";

    @Override
    List<? extends Step> steps() {
        Combining combining = Combining.with(Separators.of(with)).around(prefix, suffix);
        return List.of(CombineStep.of(title, skipBlanks ? combining.skipBlanks() : combining, columns.array()));
    }
}
