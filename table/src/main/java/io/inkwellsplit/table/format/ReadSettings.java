package io.inkwellsplit.table.format;

import java.util.Optional;
import java.util.OptionalInt;

/**
 * What somebody knows of a table before it is read. A form that has no use for one of them leaves it alone.
 *
 * @param hasHeader whether the first row holds the titles
 * @param charset the name of the encoding; empty to tell it from the text
 * @param sheet the name of a sheet or its number from 1; empty for the first one
 * @param separator what stands between cells, one sign; empty to tell it from the text
 * @param quote what stands around cells with separators in them, one sign or {@code none}; empty for {@code "}
 * @param skipLines how many lines stand above the header; empty to find them
 */
public record ReadSettings(
        boolean hasHeader,
        Optional<String> charset,
        Optional<String> sheet,
        Optional<String> separator,
        Optional<String> quote,
        OptionalInt skipLines) {
    /**
     * All else is found.
     *
     * @param hasHeader whether the first row holds the titles
     * @param charset the name of the encoding; empty to tell it from the text
     * @param sheet the name of a sheet or its number from 1; empty for the first one
     */
    public ReadSettings(boolean hasHeader, Optional<String> charset, Optional<String> sheet) {
        this(hasHeader, charset, sheet, Optional.empty(), Optional.empty(), OptionalInt.empty());
    }

    /** A header, and all else told from the table. */
    public static final ReadSettings STANDARD = new ReadSettings(true, Optional.empty(), Optional.empty());
}
