package io.inkwellsplit.table.survey;

import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/** Counts how the values of a column look. */
final class Shapes {
    /** A column of text has as many shapes as values; what comes after so many is counted together. */
    private static final int MOST = 4000;

    private static final int LONGEST = 48;

    private final Map<String, long[]> counts = new HashMap<>();
    private final Map<String, String> examples = new HashMap<>();

    /**
     * A shape: {@code Aa} is a word with a capital, {@code AA} one in capitals, {@code aa} one in small letters, {@code A}
     * an initial, {@code 9} a number; signs and single blanks stand as they are.
     */
    record Shape(String shape, long count, double share, String example) {}

    static String of(String value) {
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
        int next = start + Character.charCount(first);
        boolean letters = value.substring(next, end).chars().anyMatch(Character::isLetter);
        if (!letters) {
            return Character.isUpperCase(first) ? "A" : "a";
        }
        String rest = value.substring(next, end);
        boolean small = rest.chars().anyMatch(Character::isLowerCase);
        if (!Character.isUpperCase(first) && !Character.isTitleCase(first)) {
            return "aa";
        }
        return small ? "Aa" : "AA";
    }

    void add(String value) {
        String shape = of(value);
        long[] count = counts.get(shape);
        if (count == null) {
            if (counts.size() >= MOST) {
                return;
            }
            count = new long[1];
            counts.put(shape, count);
            examples.put(shape, value);
        }
        count[0]++;
    }

    /** Returns the most frequent shapes. */
    List<Shape> most(int number, long values) {
        return counts.entrySet().stream()
                .sorted(Comparator.comparingLong((Map.Entry<String, long[]> entry) -> -entry.getValue()[0])
                        .thenComparing(Map.Entry::getKey))
                .limit(number)
                .map(entry -> new Shape(
                        entry.getKey(),
                        entry.getValue()[0],
                        values == 0 ? 0 : (double) entry.getValue()[0] / values,
                        examples.getOrDefault(entry.getKey(), "")))
                .toList();
    }

    int size() {
        return counts.size();
    }
}
