package io.inkwellsplit.reading;

import java.util.Locale;

/** A reason to look at a row: a stable code with a plain sentence. */
public enum Doubt {
    CLOSE_CALL("Another reading is nearly as likely."),
    UNPLACED("Some of the text could not be placed."),
    NO_LAST_NAME("There is no last name."),
    NO_FIRST_NAME("There is no first name."),
    UNCLEAR("It is not clear what the text is."),
    NO_CITY("No city was found."),
    NO_STREET("Neither a street nor a box was found."),
    OTHER_COUNTRY("It seems to be in a country whose addresses are not read yet."),
    SHORT_POSTCODE("The postcode has lost its leading zero.");

    private final String sentence;

    Doubt(String sentence) {
        this.sentence = sentence;
    }

    /** Returns the stable code, such as {@code close-call}. */
    public String code() {
        return name().toLowerCase(Locale.ROOT).replace('_', '-');
    }

    /** Returns a plain sentence for a reader. */
    public String sentence() {
        return sentence;
    }
}
