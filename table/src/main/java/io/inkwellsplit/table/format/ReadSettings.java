package io.inkwellsplit.table.format;

import java.util.Optional;

/**
 * What somebody knows of a table before it is read. A form that has no use for one of them leaves it alone.
 *
 * @param hasHeader whether the first row holds the titles
 * @param charset the name of the encoding; empty to tell it from the text
 * @param sheet the name of a sheet or its number from 1; empty for the first one
 */
public record ReadSettings(boolean hasHeader, Optional<String> charset, Optional<String> sheet) {
    /** A header, and all else told from the table. */
    public static final ReadSettings STANDARD = new ReadSettings(true, Optional.empty(), Optional.empty());
}
