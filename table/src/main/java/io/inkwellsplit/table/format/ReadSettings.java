package io.inkwellsplit.table.format;

import java.util.Optional;

/**
 * What somebody knows of a table before it is read. A form that has no use for one of them leaves it alone.
 *
 * @param hasHeader whether the first row holds the titles
 * @param charset the name of the encoding; empty to tell it from the text
 */
public record ReadSettings(boolean hasHeader, Optional<String> charset) {
    /** A header, and all else told from the table. */
    public static final ReadSettings STANDARD = new ReadSettings(true, Optional.empty());
}
