package io.inkwellsplit.cli;

import picocli.CommandLine.Option;

/** In which way, if any, a command says what it has done. */
final class SummaryOptions {
    @Option(
            names = {"-q", "--quiet"},
            description = "Say nothing of what was done; errors and rows that were set aside are still told.")
    boolean quiet;

    @Option(names = "--json", description = "Say what was done as JSON, for machines.")
    boolean json;

    /** Returns whether nothing is said to people. */
    boolean isSilent() {
        return quiet || json;
    }
}
