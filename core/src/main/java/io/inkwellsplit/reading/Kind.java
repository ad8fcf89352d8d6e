package io.inkwellsplit.reading;

import java.util.Locale;

/** What a text is. */
public enum Kind {
    PERSON,
    /** Two named people. */
    COUPLE,
    ORGANISATION,
    ADDRESS,
    /** Nothing, or a word for nothing. */
    BLANK,
    /** None of these can be said. */
    UNCLEAR;

    /** Returns the stable machine name. */
    public String key() {
        return name().toLowerCase(Locale.ROOT);
    }
}
