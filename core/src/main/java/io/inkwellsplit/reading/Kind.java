package io.inkwellsplit.reading;

import java.util.Locale;

/** What a text is. */
public enum Kind {
    /** One named person. */
    PERSON,
    /** Two named people. */
    COUPLE,
    /** Three named people or more: the first two as in a couple, the rest whole in {@code others}. */
    SEVERAL,
    /** A firm, a society, an office, a household without a person's name. */
    ORGANISATION,
    /** A postal address. */
    ADDRESS,
    /** Nothing, or a word for nothing. */
    BLANK,
    /** None of these can be said. */
    UNCLEAR;

    /** {@return the stable machine name} */
    public String key() {
        return name().toLowerCase(Locale.ROOT);
    }
}
