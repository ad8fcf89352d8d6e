package io.inkwellsplit.cli.option;

import picocli.CommandLine.Option;

/** In which way, if any, a command says what it has done. */
public final class SummaryOptions {
    @Option(
            names = {"-q", "--quiet"},
            description = "Say nothing of what was done; errors and rows that were set aside are still told.")
    boolean quiet;

    @Option(names = "--json", description = "Say what was done as JSON, for machines.")
    boolean json;

    /** Returns whether what was done is said as JSON. */
    public boolean json() {
        return json;
    }

    /** Returns whether nothing is said to people. */
    public boolean isSilent() {
        return quiet || json;
    }
}
