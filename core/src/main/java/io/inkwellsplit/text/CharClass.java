package io.inkwellsplit.text;

/** What one character is to the tokeniser, after cleaning. */
enum CharClass {
    UPPER,
    LOWER,
    /** A letter of a script without case, such as Hebrew or Arabic. */
    CASELESS,
    /** A Chinese, Japanese or Korean character that can be a name or part of one by itself. */
    IDEOGRAPH,
    DIGIT,
    /** A combining mark or an invisible character: belongs to the word it stands in, and is not compared. */
    IGNORABLE,
    SPACE,
    BREAK,
    APOSTROPHE,
    HYPHEN,
    DOT,
    COMMA,
    QUOTE,
    OPEN,
    CLOSE,
    AND,
    MARK;

    boolean isLetter() {
        return ordinal() <= IDEOGRAPH.ordinal();
    }

    boolean isWord() {
        return ordinal() <= IGNORABLE.ordinal();
    }
}
