package io.inkwellsplit.name;

/** What speaks for or against one reading of a name; the learned weights say how much. */
enum NameFeature {
    FIRST_ODDS("the first name is likelier a given name than a family name, by its frequency"),
    FIRST_UNKNOWN("the first name is in no list"),
    FIRST_INITIAL("the first name is an initial"),
    FIRST_INITIALS_TOGETHER("the first name is made of initials written together"),
    FIRST_PARTICLE("the first name is a particle"),
    MIDDLE_ODDS("the middle names are likelier given names than family names, by their frequency"),
    MIDDLE_UNKNOWN("a middle name is in no list"),
    MIDDLE_INITIAL("a middle name is an initial"),
    MIDDLE_PARTICLE("a middle name is a particle"),
    MIDDLE_COUNT_MANY("there are three middle names or more"),
    LAST_ODDS("the last name is likelier a family name than a given name, by its frequency"),
    LAST_UNKNOWN("the last name is in no list"),
    LAST_INITIAL("the last name is an initial"),
    LAST_EXTRA_WORD("the last name has a word more, without a particle"),
    LAST_EXTRA_ODDS("a further word of the last name is likelier a family name, by its frequency"),
    LAST_IBERIAN_PAIR("both words of the last name are family names of Spain or Portugal"),
    LAST_STARTS_PARTICLE("the last name starts with a particle"),
    LAST_STARTS_PARTICLE_OR_NAME("the last name starts with a word that is a particle or a name"),
    LAST_ENDS_PARTICLE("the last name ends in a particle"),
    PARTICLE_IN_CAPITAL("a particle has a capital although the text has small letters"),
    LAST_CAPITALS("the last name is written in capitals and the given names are not"),
    GIVEN_CAPITALS("the given names are written in capitals and the last name is not"),
    FAMILY_FIRST("the last name stands first, without a comma"),
    FAMILY_FIRST_ALL_CAPITALS("the last name stands first in a text of capitals"),
    FAMILY_FIRST_INITIAL_BEHIND("the last name stands first and an initial ends the name"),
    FAMILY_FIRST_VIETNAMESE("the last name stands first, as in Vietnam"),
    FAMILY_FIRST_IDEOGRAPHS("the last name stands first, as in East Asia"),
    FAMILY_FIRST_BLANK("the cut stands where the blank is"),
    FAMILY_TWO_IDEOGRAPHS("the last name has two characters"),
    FAMILY_COMMA("the last name stands before a comma"),
    GIVEN_COMMA("the given names stand before a comma"),
    GIVEN_ONLY("there is no last name"),
    FAMILY_ONLY("there is no first name"),
    FAMILY_ONLY_TITLE("a title stands before a last name alone"),
    FAMILY_ONLY_COMMA("a comma stands behind a last name alone"),
    FAMILY_ONLY_WORDS("a last name alone has several words"),
    TITLE_OR_NAME("a word that may be a name is taken for a title"),
    TITLE_OR_NAME_ODDS("a word taken for a title is likelier a given name, by its frequency"),
    TAIL_OR_NAME("a word that may be a name is taken for a suffix or for letters"),
    TAIL_OR_NAME_COMMA("it stands behind a comma"),
    TAIL_OR_NAME_CAPITALS("it is written in capitals in a text that has small letters"),
    NAME_COUNT_TWO("a first and a last name are left"),
    PERSON_ORGANISATION_WORD("a word of organisations is taken for a person's name"),
    PERSON_ORGANISATION_OR_NAME("a word of organisations that is a name as well is taken for a person's name"),
    PERSON_OTHER_WORD("a word or sign that no person's name has stands in it"),
    ORGANISATION("it is an organisation"),
    ORGANISATION_WORD("it has a word of organisations"),
    ORGANISATION_OR_NAME("it has a word of organisations that is a name as well"),
    ORGANISATION_OR_NAME_END("it ends in such a word"),
    ORGANISATION_AND("it has an \"and\" in it"),
    ORGANISATION_THE("it starts with an article"),
    ORGANISATION_OF("it has an \"of\" in it"),
    ORGANISATION_LONG("it has many words"),
    COUPLE("two people are named"),
    COUPLE_SHARED_RIGHT("two given names share the last name behind them"),
    COUPLE_SHARED_LEFT("two given names share the last name before them"),
    COUPLE_TITLES("two titles share a name"),
    COUPLE_SLASH("a slash joins two people"),
    COLUMN_ORDER("the column writes names in this order"),
    COLUMN_FIRST("the column uses the word as a given name"),
    COLUMN_LAST("the column uses the word as a family name");

    private final String sentence;

    NameFeature(String sentence) {
        this.sentence = sentence;
    }

    String sentence() {
        return sentence;
    }
}
