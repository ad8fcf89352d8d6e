package io.inkwellsplit.address.place;

import java.util.Map;
import java.util.Set;

/** What a word may be in the addresses of a country: one bit for each section of the data files. */
public final class AddressWord {
    public static final int COUNTRY = 1;
    public static final int STATE = 1 << 1;
    public static final int COUNTY = 1 << 2;
    /** Behind the street's name: {@code Lane}. */
    public static final int STREET_TYPE = 1 << 3;
    /** Before the street's name: {@code rue}. */
    public static final int STREET_HEAD = 1 << 4;
    /** Written together with the street's name: {@code -straße}. */
    static final int STREET_ENDING = 1 << 5;

    public static final int DIRECTION = 1 << 6;
    public static final int UNIT = 1 << 7;
    /** A unit that needs no number, such as {@code Basement}. */
    public static final int UNIT_ALONE = 1 << 8;
    /** Follows the number of a floor or a door: {@code 2. OG}, {@code 3º Esq}. */
    public static final int UNIT_BEHIND = 1 << 9;

    public static final int UNIT_ENDING = 1 << 10;
    public static final int BOX = 1 << 11;
    public static final int BUILDING = 1 << 12;
    public static final int BUILDING_HEAD = 1 << 13;
    public static final int CARE_OF = 1 << 14;
    public static final int ATTENTION = 1 << 15;
    /** A word that towns start with: {@code Lake}, {@code Fort}. */
    static final int TOWN_PREFIX = 1 << 16;
    /** Opens a locality: {@code Col. Centro}. */
    public static final int LOCALITY_HEAD = 1 << 17;
    /** Closes a locality: {@code Caferağa Mah.}. */
    public static final int LOCALITY_WORD = 1 << 18;
    /** Often stands in a locality: {@code Shivaji Nagar}. */
    static final int LOCALITY_SIGN = 1 << 19;

    public static final int LOCALITY_ENDING = 1 << 20;
    public static final int CITY_ENDING = 1 << 21;
    /** Follows a city: {@code Cedex}. */
    static final int CITY_SUFFIX = 1 << 22;

    public static final int NUMBER_SIGN = 1 << 23;
    public static final int NO_NUMBER = 1 << 24;
    public static final int NUMBER_ADDITION = 1 << 25;

    /** Stands beside a region's name, and is none by itself: {@code Province}. */
    public static final int STATE_WORD = 1 << 29;

    /** A word that towns end in: {@code Falls}, {@code City}. */
    static final int TOWN_SUFFIX = 1 << 27;
    /** Opens a street's name and belongs to it: {@code Am Markt}. */
    public static final int STREET_OPENER = 1 << 28;
    /** A country that has no file of its own. */
    public static final int OTHER_COUNTRY = 1 << 26;

    /** What a word may be as the name of a place, or as a part of one. */
    public static final int OF_PLACES =
            COUNTRY | STATE | COUNTY | OTHER_COUNTRY | TOWN_PREFIX | TOWN_SUFFIX | CITY_SUFFIX;

    static final int ANY_STREET = STREET_TYPE | STREET_HEAD | STREET_ENDING;

    /** Words that give a part away wherever they stand. */
    public static final int MARKS = CARE_OF
            | ATTENTION
            | BOX
            | UNIT
            | UNIT_ALONE
            | UNIT_BEHIND
            | UNIT_ENDING
            | BUILDING_HEAD
            | LOCALITY_HEAD
            | LOCALITY_WORD
            | LOCALITY_ENDING
            | CITY_ENDING;

    /** Sections whose words speak for the countries that use them. */
    static final int TELLING = ANY_STREET
            | UNIT
            | UNIT_ALONE
            | BOX
            | BUILDING
            | BUILDING_HEAD
            | COUNTY
            | LOCALITY_HEAD
            | LOCALITY_WORD
            | LOCALITY_ENDING
            | CITY_ENDING
            | NUMBER_SIGN
            | NO_NUMBER
            | UNIT_BEHIND
            | CITY_SUFFIX;

    /** Sections of words. */
    static final Map<String, Integer> SECTIONS = Map.ofEntries(
            Map.entry("country", COUNTRY),
            Map.entry("other country", COUNTRY | OTHER_COUNTRY),
            Map.entry("state", STATE),
            Map.entry("county", COUNTY),
            Map.entry("state word", STATE_WORD),
            Map.entry("street type", STREET_TYPE),
            Map.entry("street head", STREET_HEAD),
            Map.entry("street opener", STREET_HEAD | STREET_OPENER),
            Map.entry("direction", DIRECTION),
            Map.entry("unit", UNIT),
            Map.entry("unit alone", UNIT_ALONE),
            Map.entry("unit behind", UNIT_BEHIND),
            Map.entry("box", BOX),
            Map.entry("building", BUILDING),
            Map.entry("building head", BUILDING_HEAD),
            Map.entry("care of", CARE_OF),
            Map.entry("attention", ATTENTION),
            Map.entry("town prefix", TOWN_PREFIX),
            Map.entry("town suffix", TOWN_SUFFIX),
            Map.entry("locality head", LOCALITY_HEAD),
            Map.entry("locality word", LOCALITY_WORD),
            Map.entry("locality sign", LOCALITY_SIGN),
            Map.entry("city suffix", CITY_SUFFIX),
            Map.entry("number sign", NUMBER_SIGN),
            Map.entry("no number", NO_NUMBER),
            Map.entry("number addition", NUMBER_ADDITION));

    /** Sections that say something of one country alone. */
    static final Set<String> OF_A_COUNTRY = Set.of("country", "other country", "state");

    /** Sections of endings of words. */
    static final Map<String, Integer> ENDINGS = Map.of(
            "street ending", STREET_ENDING,
            "unit ending", UNIT_ENDING,
            "locality ending", LOCALITY_ENDING,
            "city ending", CITY_ENDING,
            "state ending", STATE);

    private AddressWord() {}
}
