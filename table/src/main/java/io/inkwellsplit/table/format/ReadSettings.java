package io.inkwellsplit.table.format;

import java.util.Optional;
import java.util.OptionalInt;

/**
 * What somebody knows of a table before it is read. A form that has no use for one of them leaves it alone. Immutable.
 *
 * @param hasHeader whether the first row holds the titles
 * @param format the form, by one of its endings without the dot, such as {@code jsonl}; empty to go by the file's name
 * @param charset the name of the encoding; empty to tell it from the text
 * @param sheet the name of a sheet or its number from 1; empty for the first one
 * @param separator what stands between cells, one sign; empty to tell it from the text
 * @param quote what stands around cells with separators in them, one sign or {@code none}; empty for {@code "}
 * @param skipLines how many lines stand above the header; empty to find them
 * @param widths how many characters wide the columns are, with commas between; empty where separators part them
 */
public record ReadSettings(
        boolean hasHeader,
        Optional<String> format,
        Optional<String> charset,
        Optional<String> sheet,
        Optional<String> separator,
        Optional<String> quote,
        OptionalInt skipLines,
        Optional<String> widths) {
    /** A header, and all else told from the table. */
    public static final ReadSettings STANDARD = new ReadSettings(
            true,
            Optional.empty(),
            Optional.empty(),
            Optional.empty(),
            Optional.empty(),
            Optional.empty(),
            OptionalInt.empty(),
            Optional.empty());

    /**
     * All else is found.
     *
     * @param hasHeader whether the first row holds the titles
     * @param charset the name of the encoding; empty to tell it from the text
     * @param sheet the name of a sheet or its number from 1; empty for the first one
     */
    public ReadSettings(boolean hasHeader, Optional<String> charset, Optional<String> sheet) {
        this(
                hasHeader,
                Optional.empty(),
                charset,
                sheet,
                Optional.empty(),
                Optional.empty(),
                OptionalInt.empty(),
                Optional.empty());
    }

    /**
     * {@return these, for a table in a form that its name does not tell}
     *
     * @param told the form, by one of its endings without the dot; empty to go by the file's name
     */
    public ReadSettings in(Optional<String> told) {
        return new ReadSettings(hasHeader, told, charset, sheet, separator, quote, skipLines, widths);
    }

    /**
     * {@return these, for one of several sheets}
     *
     * @param told the name of the sheet or its number from 1
     */
    public ReadSettings onSheet(String told) {
        return new ReadSettings(hasHeader, format, charset, Optional.of(told), separator, quote, skipLines, widths);
    }

    /**
     * {@return these, for text whose columns have fixed widths}
     *
     * @param told how many characters wide the columns are, with commas between; empty where separators part them
     */
    public ReadSettings wide(Optional<String> told) {
        return new ReadSettings(hasHeader, format, charset, sheet, separator, quote, skipLines, told);
    }
}
