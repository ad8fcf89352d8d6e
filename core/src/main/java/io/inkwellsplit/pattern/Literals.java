package io.inkwellsplit.pattern;

/** What becomes of the text beside a field that has no value. */
final class Literals {
    private static final String OPENING = "([{\"'\u201C\u2018\u00AB";
    private static final String CLOSING = ")]}\"'\u201D\u2019\u00BB";

    private Literals() {}

    /** Returns what is left of the literals on both sides of an empty field. */
    static String across(String before, String behind) {
        String left = before;
        String right = behind;
        while (!left.isEmpty() && !right.isEmpty() && pairs(left.charAt(left.length() - 1), right.charAt(0))) {
            left = left.substring(0, left.length() - 1);
            right = right.substring(1);
        }
        if (left.equals(right) || right.isBlank()) {
            return left.isEmpty() ? right : left;
        }
        if (left.isBlank()) {
            return right;
        }
        if (isSeparator(left)) {
            return isSeparator(right) ? left : left.stripTrailing() + pad(right);
        }
        return left.stripTrailing() + pad(right);
    }

    private static String pad(String right) {
        return Character.isLetterOrDigit(right.charAt(0)) ? " " + right : right;
    }

    private static boolean pairs(char open, char close) {
        int i = OPENING.indexOf(open);
        return i >= 0 && CLOSING.charAt(i) == close;
    }

    private static boolean isSeparator(String literal) {
        return !hasWords(literal);
    }

    /** Words belong to the pattern and stay; separators belong to the values beside them. */
    static boolean hasWords(String literal) {
        for (int i = 0; i < literal.length(); i++) {
            if (Character.isLetterOrDigit(literal.charAt(i))) {
                return true;
            }
        }
        return false;
    }

    /** Returns what may stand before the first value when fields before it are empty. */
    static String leading(String literal) {
        if (!isSeparator(literal)) {
            return literal;
        }
        int from = 0;
        while (from < literal.length() && OPENING.indexOf(literal.charAt(from)) < 0) {
            from++;
        }
        return literal.substring(from);
    }

    /** Returns what may stand behind the last value when fields behind it are empty. */
    static String trailing(String literal) {
        if (!isSeparator(literal)) {
            return literal.stripTrailing();
        }
        int end = literal.length();
        while (end > 0 && CLOSING.indexOf(literal.charAt(end - 1)) < 0) {
            end--;
        }
        return literal.substring(0, end).isBlank() ? "" : literal.substring(0, end);
    }
}
