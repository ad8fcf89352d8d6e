package io.inkwellsplit.reading;

import java.util.Locale;

/** A reason to look at a row: a stable code with a plain sentence. */
public enum Doubt {
    /** The confidence is under the splitter's threshold. */
    CLOSE_CALL("Another reading is nearly as likely."),
    /** Close as well, but only in how the street line is cut: unit, building, district and so on. */
    STREET_LINE("The street line may be cut otherwise; city, state, postcode and country are sure."),
    /** The part {@code unplaced} has text. */
    UNPLACED("Some of the text could not be placed."),
    /** A person has a first name alone. */
    NO_LAST_NAME("There is no last name."),
    /** A person has a last name alone. */
    NO_FIRST_NAME("There is no first name."),
    /** The kind is {@link Kind#UNCLEAR}. */
    UNCLEAR("It is not clear what the text is."),
    /** The value is longer than any name or address; all of it is unplaced. */
    TOO_LONG("The text is too long for a name or an address; it was not read."),
    /** An address without a city. */
    NO_CITY("No city was found."),
    /** An address without a street and without a box. */
    NO_STREET("Neither a street nor a box was found."),
    /** A country is written whose addresses are read by the common rules alone. */
    OTHER_COUNTRY("It seems to be in a country that has no data here."),
    /** A sheet has taken the code for a number; the code with its zero is suggested. */
    SHORT_POSTCODE("The postcode has lost its leading zero."),
    /** The country writes its postcodes in another form. */
    POSTCODE_FORM("The postcode does not have the form of the country's."),
    /** The state is not the one in which the postcode lies. */
    POSTCODE_STATE("The postcode is one of another state."),
    /** The city is far from the places of the postcode. */
    POSTCODE_CITY("The postcode is one of another city.");

    private final String sentence;

    Doubt(String sentence) {
        this.sentence = sentence;
    }

    /** {@return whether the reading is doubtful because another one is nearly as likely} */
    public boolean isClose() {
        return this == CLOSE_CALL || this == STREET_LINE;
    }

    /** {@return the stable code, such as {@code close-call}} */
    public String code() {
        return name().toLowerCase(Locale.ROOT).replace('_', '-');
    }

    /** {@return a plain sentence for a reader} */
    public String sentence() {
        return sentence;
    }
}
