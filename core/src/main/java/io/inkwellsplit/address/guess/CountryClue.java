package io.inkwellsplit.address.guess;

/** What may speak for a country in which an address is; how much each weighs is learned ({@code guess.txt}). */
public enum CountryClue {
    /** The country's name or code stands at the end, or, which counts half, before a last postcode. */
    WRITTEN,
    /** A number of the form of its postcodes; the more countries have it, the less. */
    POSTCODE,
    /** The same as the very first thing, where a house's number may stand. */
    POSTCODE_FIRST,
    /** A postcode that is no plain number. */
    OWN_FORM,
    /** One of its regions before that postcode. */
    STATE_BESIDE,
    /** One of its regions behind that postcode, where it has its postcodes behind their regions: the code may be a country's. */
    STATE_BEHIND,
    /** One of its regions behind that postcode elsewhere. */
    STATE_FOLLOWS,
    /** One of its regions before a postcode that has lost its zero. */
    SHORT_POSTCODE,
    /** One of its regions at the end. */
    STATE_AT_END,
    /** Letters of its languages beside a to z; the more countries have them, the less. */
    LETTERS,
    /** Letters that hardly any other country has. */
    OWN_LETTERS,
    /** A short number behind a city, where cities have such. */
    DISTRICT,
    /** A word of its addresses. */
    WORD,
    /** The same, the less the more countries have it. */
    WORD_SHARE,
    /** A word with an ending of its addresses. */
    ENDING,
    /** The same, the less the more countries have it. */
    ENDING_SHARE,
    /** One of its towns, looked up where it is close. */
    TOWN,
    /** Its share in the column. */
    COLUMN
}
