package io.inkwellsplit.reading;

import java.util.Locale;

/** A reason to look at a row: a stable code with a plain sentence. */
public enum Doubt {
    CLOSE_CALL("Another reading is nearly as likely."),
    UNPLACED("Some of the text could not be placed."),
    NO_LAST_NAME("There is no last name."),
    NO_FIRST_NAME("There is no first name."),
    UNCLEAR("It is not clear what the text is."),
    TOO_LONG("The text is too long for a name or an address; it was not read."),
    NO_CITY("No city was found."),
    NO_STREET("Neither a street nor a box was found."),
    OTHER_COUNTRY("It seems to be in a country that has no data here."),
    SHORT_POSTCODE("The postcode has lost its leading zero."),
    POSTCODE_FORM("The postcode does not have the form of the country's."),
    POSTCODE_STATE("The postcode is one of another state."),
    POSTCODE_CITY("The postcode is one of another city.");

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
