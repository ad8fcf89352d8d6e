package io.inkwellsplit.address;

/** What speaks for or against one reading of an address. */
enum AddressFeature {
    STREET_NUMBER("the street starts with a number"),
    STREET_NO_NUMBER("the street has no number in front"),
    STREET_ENDS_IN_TYPE("the street ends in a word for streets"),
    STREET_ENDS_IN_DIRECTION("the street ends in a direction behind a word for streets"),
    STREET_TYPE_EARLY("a word for streets stands inside the street"),
    STREET_NO_TYPE("the street has no word for streets"),
    STREET_ONLY_NUMBER("the street is only a number"),
    STREET_NO_NAME("the street has no name before its word"),
    STREET_LONG("the street has many words"),
    STREET_TWO_TYPES("the street ends in two words for streets"),
    STREET_STARTS_WITH_TYPE("a word for streets stands at the start of the street"),
    STREET_ENDS_IN_NUMBER("the street ends in a number"),
    STREET_NONE("there is no street"),
    CITY_NONE("there is no city"),
    CITY_KNOWN("the city is in the gazetteer"),
    CITY_FITS("the city is in the gazetteer, in this state or country"),
    CITY_COULD_GROW("with the word before it, the city is in the gazetteer as well"),
    CITY_PREFIX("the city starts with a word that towns start with"),
    CITY_EXTRA_WORD("the city has a word more"),
    CITY_NUMBER("the city has a number in it"),
    CITY_STARTS_WITH_TYPE("the city starts with a word for streets"),
    CITY_STARTS_WITH_DIRECTION("the city starts with a direction"),
    CITY_ENDS_IN_TYPE("the city ends in a word for streets"),
    CITY_CUT_AT_COMMA("a comma stands before the city"),
    CITY_CUT_AT_UNIT("a unit or box stands before the city"),
    PLACE_LIKE_STREET("a place starts with a number and ends in a word for streets"),
    RECIPIENT("there is a recipient"),
    RECIPIENT_NUMBER("the recipient has a number in it"),
    BUILDING("there is a building"),
    BUILDING_WORD("the building has a word for buildings"),
    LOCALITY("there is a locality");

    private final String sentence;

    AddressFeature(String sentence) {
        this.sentence = sentence;
    }

    String sentence() {
        return sentence;
    }
}
