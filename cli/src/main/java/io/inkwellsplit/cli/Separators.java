package io.inkwellsplit.cli;

import java.util.List;

/** Separators as they are written on a command line. */
final class Separators {
    private Separators() {}

    /** Returns separators with {@code \t} and {@code \n} for the characters that a shell makes hard to write. */
    static String[] of(List<String> written) {
        return written.stream().map(Separators::of).toArray(String[]::new);
    }

    static String of(String written) {
        return written.replace("\\t", "\t").replace("\\n", "\n");
    }
}
