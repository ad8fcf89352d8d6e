package io.inkwellsplit.table.file;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Optional;

/**
 * A table in a file that holds several, as people write it: {@code register.sqlite#patrons}.
 *
 * @param file the file
 * @param table the name of the table; empty where none was named
 */
public record TableInFile(Path file, String table) {
    private static final char SIGN = '#';

    /**
     * {@return the parts of a name; no table where none is named}
     *
     * @param named the name as it was written
     */
    public static TableInFile of(Path named) {
        String name = String.valueOf(named.getFileName());
        int sign = Files.exists(named) ? -1 : name.indexOf(SIGN, 1);
        return sign < 0
                ? new TableInFile(named, "")
                : new TableInFile(named.resolveSibling(name.substring(0, sign)), name.substring(sign + 1));
    }

    /** Returns the table, where one is named in a file that is there. */
    static Optional<TableInFile> there(Path named) {
        TableInFile parts = of(named);
        return parts.table.isEmpty() || !Files.isRegularFile(parts.file) ? Optional.empty() : Optional.of(parts);
    }

    /** {@return the name as people write it} */
    public Path named() {
        return table.isEmpty() ? file : file.resolveSibling(file.getFileName() + "" + SIGN + table);
    }
}
