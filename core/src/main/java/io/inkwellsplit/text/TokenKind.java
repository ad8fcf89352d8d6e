package io.inkwellsplit.text;

/** What a token is. Blanks and stray dots make no token: they separate. */
public enum TokenKind {
    /** Letters, with inner apostrophes, hyphens and digits; a dot behind it belongs to it. */
    WORD,
    /** Starts with a digit: {@code 12}, {@code 12½}, {@code 7a}, {@code 62701-1234}, {@code 42nd}. */
    NUMBER,
    /** A comma or a semicolon. */
    COMMA,
    /** The end of a line inside the value. */
    BREAK,
    /** A double quote, or a single one that opens or closes a quotation. */
    QUOTE,
    OPEN,
    CLOSE,
    /** {@code &} or {@code +}. */
    AND,
    /** Any other character: {@code / # % : † -} … */
    MARK
}
