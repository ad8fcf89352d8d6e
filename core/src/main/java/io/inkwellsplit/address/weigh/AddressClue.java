package io.inkwellsplit.address.weigh;

/** The kinds of clues, and in what words a reason names them. */
public enum AddressClue {
    WORD("the word itself"),
    WORD_BEFORE("the word before"),
    WORD_BEHIND("the word behind"),
    WORDS_BEFORE("the word itself"),
    WORDS_BEHIND("the word itself"),
    ENDING("the word itself"),
    SHAPE("the look of the words"),
    CLASS("words that tell parts"),
    CLASSES_BEHIND("words that tell parts"),
    HINT("words that tell parts"),
    PLACE("the lists of places"),
    PLACES_BEFORE("the lists of places"),
    PLACES_BEHIND("the lists of places"),
    SEGMENT("what stands between commas"),
    SEGMENT_FROM_END("the place in the address"),
    POSTCODE("the form of the postcode"),
    TO_POSTCODE("the postcode beside it"),
    TWICE("a name that stands twice"),
    COLUMN_PLACE("other rows of the column"),
    COLUMN_PLACES_NEAR("other rows of the column"),
    COLUMN_HABITS("other rows of the column");

    private final String sentence;

    AddressClue(String sentence) {
        this.sentence = sentence;
    }

    public String sentence() {
        return sentence;
    }
}
