package io.inkwellsplit.cli.option;

import io.inkwellsplit.cli.view.ShownRows;
import picocli.CommandLine.Option;

/** In which way, if any, a command says what it has done. */
public final class SummaryOptions {
    @Option(
            names = {"-q", "--quiet"},
            description = "Say nothing of what was done; errors and rows that were set aside are still told.")
    boolean quiet;

    @Option(names = "--json", description = "Say what was done as JSON, for machines.")
    boolean json;

    @Option(
            names = "--rows",
            paramLabel = "N",
            defaultValue = "10",
            description = "How many rows a preview shows, up to 1,000. Default: ${DEFAULT-VALUE}.")
    int rows = ShownRows.USUAL;

    @Option(
            names = "--show",
            paramLabel = "WHICH",
            defaultValue = "first",
            description = "Which rows a preview shows: first, doubtful, changed (a cell has become another), "
                    + "or strewn (from all over the table). Default: "
                    + "${DEFAULT-VALUE}.")
    ShownRows.Which show = ShownRows.Which.FIRST;

    /** Returns which rows a preview shows. */
    public ShownRows shown() {
        return new ShownRows(rows, show);
    }

    /** Returns whether what was done is said as JSON. */
    public boolean json() {
        return json;
    }

    /** Returns whether nothing is said to people. */
    public boolean isSilent() {
        return quiet || json;
    }
}
