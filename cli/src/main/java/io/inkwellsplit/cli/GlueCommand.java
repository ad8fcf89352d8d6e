package io.inkwellsplit.cli;

import io.inkwellsplit.piece.Glue;
import io.inkwellsplit.table.step.GlueStep;
import io.inkwellsplit.table.step.Step;
import java.util.List;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Option;

/** Glues columns together. */
@Command(
        name = "glue",
        description = "Glues columns together into a new one; values stay as they are written.",
        mixinStandardHelpOptions = true)
final class GlueCommand extends TableCommand {
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
        Glue glue = Glue.with(Separators.of(with)).around(prefix, suffix);
        return List.of(GlueStep.of(title, skipBlanks ? glue.skipBlanks() : glue, columns.array()));
    }
}
