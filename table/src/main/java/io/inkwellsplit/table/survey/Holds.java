package io.inkwellsplit.table.survey;

import java.util.Locale;

/** What a column holds. */
public enum Holds {
    /** Names of people or organisations. */
    NAMES,
    /** Postal addresses. */
    ADDRESSES,
    /** Several pieces with a separator between them. */
    LISTS,
    /** Numbers and letters of few shapes: order numbers, membership numbers. */
    CODES,
    /** Numbers. */
    NUMBERS,
    /** Dates. */
    DATES,
    /** Few values that come again and again. */
    CATEGORIES,
    /** Anything else. */
    TEXT,
    /** Nothing. */
    BLANKS;

    /** {@return the word for a reader} */
    public String key() {
        return name().toLowerCase(Locale.ROOT);
    }
}
