package io.inkwellsplit.reading;

import java.util.Locale;

/** The parts of a postal address. */
public enum AddressPart implements PartKey {
    /** A person, organisation or department at the head of the address. */
    RECIPIENT("Recipient"),
    /** Who receives on the recipient's behalf, without the words that announce it. */
    CARE_OF("Care of"),
    /** A named house, building, block or complex. */
    BUILDING("Building"),
    /** The thoroughfare line: number and street, without the unit. */
    STREET("Street"),
    /** Flat, suite, floor or room, with its word. */
    UNIT("Unit"),
    /** Post box, private bag, rural route or military unit. */
    BOX("PO box"),
    /** A named place inside or beside the post town. */
    LOCALITY("Locality"),
    /** The city or post town. */
    CITY("City"),
    /** County or equivalent, where it is written. */
    COUNTY("County"),
    /** State, province, region or prefecture. */
    STATE("State"),
    /** Postal code, whole. */
    POSTCODE("Postcode"),
    /** Country, by name or code, where it is written. */
    COUNTRY("Country"),
    /** The house number; a finer part of the street. */
    NUMBER("House number"),
    /** {@code N} in {@code 12 N Elm St}; a finer part of the street. */
    STREET_PREDIRECTION("Direction before the street"),
    /** {@code Elm} in {@code 12 N Elm St}; a finer part of the street. */
    STREET_NAME("Street name"),
    /** {@code St} in {@code 12 N Elm St}; a finer part of the street. */
    STREET_TYPE("Street type"),
    /** {@code NW} in {@code 12 Elm St NW}; a finer part of the street. */
    STREET_POSTDIRECTION("Direction behind the street"),
    /** The word of the unit, such as {@code Apt}; a finer part of the unit. */
    UNIT_WORD("Unit word"),
    /** What the word of the unit numbers, such as {@code 4B}; a finer part of the unit. */
    UNIT_ID("Unit number"),
    /** Text that no part could claim. */
    UNPLACED("Unplaced");

    private final String title;

    AddressPart(String title) {
        this.title = title;
    }

    @Override
    public String key() {
        return name().toLowerCase(Locale.ROOT);
    }

    @Override
    public String title() {
        return title;
    }

    @Override
    public boolean isFiner() {
        return compareTo(NUMBER) >= 0 && compareTo(UNPLACED) < 0;
    }

    @Override
    public boolean isLayer() {
        return this == RECIPIENT || this == CARE_OF;
    }
}
