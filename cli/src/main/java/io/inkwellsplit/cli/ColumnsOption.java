package io.inkwellsplit.cli;

import java.util.ArrayList;
import java.util.List;
import picocli.CommandLine.Option;

/** The columns that a command works on, in the order in which they are given. */
final class ColumnsOption {
    @Option(
            names = "--column",
            required = true,
            paramLabel = "COLUMN",
            description = "A column, by title or number; repeatable.")
    List<String> titles = new ArrayList<>();

    String[] array() {
        return titles.toArray(String[]::new);
    }
}
