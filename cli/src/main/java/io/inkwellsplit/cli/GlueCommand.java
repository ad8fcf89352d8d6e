package io.inkwellsplit.cli;

import io.inkwellsplit.piece.Glue;
import io.inkwellsplit.table.step.GlueStep;
import io.inkwellsplit.table.step.Step;
import java.util.ArrayList;
import java.util.List;
import picocli.CommandLine.Command;
import picocli.CommandLine.Option;

/** Glues columns together. */
@Command(
        name = "glue",
        description = "Glues columns together into a new one; values stay as they are written.",
        mixinStandardHelpOptions = true)
final class GlueCommand extends TableCommand {
    @Option(
            names = "--column",
            required = true,
            paramLabel = "COLUMN",
            description = "A column, by title or number; repeatable, in the order of gluing.")
    List<String> columns = new ArrayList<>();

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
        return List.of(GlueStep.of(title, skipBlanks ? glue.skipBlanks() : glue, columns.toArray(String[]::new)));
    }
}
