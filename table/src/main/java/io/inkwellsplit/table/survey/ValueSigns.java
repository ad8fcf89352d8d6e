package io.inkwellsplit.table.survey;

/**
 * What signs a value is made of, seen in one pass.
 *
 * @param length how many {@code char}s it has
 * @param words how many words, with blanks of any kind between them
 * @param hasUpper whether a capital stands in it
 * @param hasLower whether a small letter stands in it
 * @param hasDigit whether a digit stands in it
 * @param isPlain whether all of it is ASCII that can be seen, and blanks
 * @param hasBlanksInARow whether two plain blanks stand side by side
 * @param low which of the signs below 64 stand in it, a bit each
 * @param high which of those from 64 to 127
 */
record ValueSigns(
        int length,
        int words,
        boolean hasUpper,
        boolean hasLower,
        boolean hasDigit,
        boolean isPlain,
        boolean hasBlanksInARow,
        long low,
        long high) {
    private static final int ASCII = 128;

    /** @param text without blanks at its ends */
    static ValueSigns of(String text) {
        int words = 1;
        boolean upper = false;
        boolean lower = false;
        boolean digit = false;
        boolean plain = true;
        boolean row = false;
        long low = 0;
        long high = 0;
        boolean blank = false;
        for (int i = 0; i < text.length(); i++) {
            char c = text.charAt(i);
            low |= c < Long.SIZE ? 1L << c : 0;
            high |= c >= Long.SIZE && c < ASCII ? 1L << c : 0;
            boolean space = c == ' ' || c >= '\t' && c <= '\r';
            words += space && !blank ? 1 : 0;
            row |= c == ' ' && i > 0 && text.charAt(i - 1) == ' ';
            blank = space;
            if (c >= 'a' && c <= 'z') {
                lower = true;
            } else if (c >= 'A' && c <= 'Z') {
                upper = true;
            } else if (c < ' ' || c > '~') {
                plain = false;
                upper |= Character.isUpperCase(c);
                lower |= Character.isLowerCase(c);
                digit |= Character.isDigit(c);
            } else {
                digit |= c >= '0' && c <= '9';
            }
        }
        return new ValueSigns(text.length(), words, upper, lower, digit, plain, row, low, high);
    }

    /** Returns whether an ASCII sign stands in it. */
    boolean has(char sign) {
        return ((sign < Long.SIZE ? low : high) & 1L << sign) != 0;
    }

    /** Returns which letters it has, in the words of the survey. */
    String letterCase() {
        return hasUpper && hasLower ? "mixed" : hasUpper ? "capitals" : hasLower ? "small letters" : "no letters";
    }
}
