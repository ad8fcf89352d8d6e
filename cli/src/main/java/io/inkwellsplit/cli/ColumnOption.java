package io.inkwellsplit.cli;

import picocli.CommandLine.Option;

/** The one column that a command works on. */
final class ColumnOption {
    @Option(names = "--column", required = true, paramLabel = "COLUMN", description = "The column, by title or number.")
    String title = "";
}
