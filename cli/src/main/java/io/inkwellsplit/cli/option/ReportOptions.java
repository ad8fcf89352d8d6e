package io.inkwellsplit.cli.option;

import io.inkwellsplit.cli.view.ReportFiles;
import java.nio.file.Path;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import picocli.CommandLine.Option;

/** What is told of a table to people: a page, and figures for slides. */
public final class ReportOptions {
    @Option(
            names = "--report",
            paramLabel = "FILE",
            description = "Also write a page about it, as HTML, for a browser or on paper. The page holds values.")
    @Nullable Path report;

    @Option(
            names = "--figures",
            paramLabel = "FOLDER",
            description = "Also write the figures of that page as PNG, for slides.")
    @Nullable Path figures;

    /** Returns the files that were asked for. */
    public ReportFiles files() {
        return new ReportFiles(Optional.ofNullable(report), Optional.ofNullable(figures));
    }
}
