package io.inkwellsplit.name.column;

/** In which order one person's name is written. */
public enum Layout {
    /** No name words at all, such as {@code Mr.} in {@code Mr. & Mrs. Brandt}. */
    NONE,
    GIVEN_FIRST,
    /** The family name first, without a comma. */
    FAMILY_FIRST,
    /** The family name, a comma, the given names. */
    FAMILY_COMMA,
    /** Given names, a stray comma, the family name. */
    GIVEN_COMMA,
    GIVEN_ONLY,
    FAMILY_ONLY
}
