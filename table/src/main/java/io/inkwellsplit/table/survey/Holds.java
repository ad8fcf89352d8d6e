package io.inkwellsplit.table.survey;

import java.util.Locale;

/** What a column holds. */
public enum Holds {
    NAMES,
    ADDRESSES,
    /** Several pieces with a separator between them. */
    LISTS,
    /** Numbers and letters of few shapes: order numbers, membership numbers. */
    CODES,
    NUMBERS,
    DATES,
    /** Few values that come again and again. */
    CATEGORIES,
    TEXT,
    /** Nothing. */
    BLANKS;

    /** Returns the word for a reader. */
    public String key() {
        return name().toLowerCase(Locale.ROOT);
    }
}
