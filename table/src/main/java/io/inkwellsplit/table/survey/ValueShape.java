package io.inkwellsplit.table.survey;

/** How a value looks, written compactly, so that like values can be counted; see {@link ColumnSurvey.Shape}. */
public final class ValueShape {
    private static final int LONGEST = 48;

    private ValueShape() {}

    /**
     * {@return the shape of a value: {@code Aa Aa} for {@code Ines Brandt}}
     *
     * @param value the value
     */
    public static String of(String value) {
        StringBuilder shape = new StringBuilder();
        int i = 0;
        while (i < value.length() && shape.length() < LONGEST) {
            int c = value.codePointAt(i);
            int end = i + Character.charCount(c);
            if (Character.isLetter(c)) {
                while (end < value.length() && isInWord(value.codePointAt(end))) {
                    end += Character.charCount(value.codePointAt(end));
                }
                shape.append(word(value, i, end));
            } else if (Character.isDigit(c)) {
                while (end < value.length() && Character.isDigit(value.codePointAt(end))) {
                    end += Character.charCount(value.codePointAt(end));
                }
                shape.append('9');
            } else {
                shape.appendCodePoint(c);
            }
            i = end;
        }
        return i < value.length() ? shape + "…" : shape.toString();
    }

    private static boolean isInWord(int c) {
        return Character.isLetter(c)
                || Character.getType(c) == Character.NON_SPACING_MARK
                || c == '\''
                || c == '\u2019';
    }

    private static String word(String value, int start, int end) {
        int first = value.codePointAt(start);
        boolean letters = false;
        boolean small = false;
        for (int i = start + Character.charCount(first); i < end; i++) {
            letters |= Character.isLetter(value.charAt(i));
            small |= Character.isLowerCase(value.charAt(i));
        }
        boolean capital = Character.isUpperCase(first);
        if (!letters) {
            return capital ? "A" : "a";
        }
        boolean capitalised = capital || Character.isTitleCase(first);
        return !capitalised ? "aa" : small ? "Aa" : "AA";
    }
}
