package io.inkwellsplit.piece;

import java.util.Arrays;

/** Where the separators stand in one value. */
final class Places {
    private static final String OPENING = "([{<\u27E8";
    private static final String CLOSING = ")]}>\u27E9";
    private static final String QUOTES = "\"\u201C\u00AB\u201E";
    private static final String QUOTES_END = "\"\u201D\u00BB\u201C";

    private int[] ends = new int[16];
    private int size;

    private Places() {}

    static Places of(Cutter cutter, String text) {
        Places places = new Places();
        boolean plain = !cutter.respectsQuotes() && !cutter.respectsBrackets();
        // A quote or bracket that is never closed protects nothing, so closed ones are found first.
        int[] partners = plain ? new int[0] : partners(text, cutter.respectsQuotes(), cutter.respectsBrackets());
        int i = 0;
        while (i < text.length()) {
            int length = cutter.separatorAt(text, i);
            if (length > 0) {
                places.add(i, i + length, cutter.cutsRunsOnce());
                i += length;
            } else if (!plain && partners[i] > i) {
                i = partners[i] + 1;
            } else {
                i++;
            }
        }
        return places;
    }

    private void add(int start, int end, boolean joined) {
        if (joined && size > 0 && end(size - 1) == start) {
            ends[2 * size - 1] = end;
            return;
        }
        if (2 * size == ends.length) {
            ends = Arrays.copyOf(ends, ends.length * 2);
        }
        ends[2 * size] = start;
        ends[2 * size + 1] = end;
        size++;
    }

    /** Returns for each place that opens something where that is closed; 0 for all others. */
    private static int[] partners(String text, boolean quotes, boolean brackets) {
        int[] partners = new int[text.length()];
        int[] open = new int[text.length()];
        int depth = 0;
        for (int i = 0; i < text.length(); i++) {
            char c = text.charAt(i);
            if (depth > 0 && closes(text.charAt(open[depth - 1]), c)) {
                partners[open[--depth]] = i;
            } else if (quotes && QUOTES.indexOf(c) >= 0 || brackets && OPENING.indexOf(c) >= 0) {
                open[depth++] = i;
            }
        }
        return partners;
    }

    private static boolean closes(char open, char close) {
        int quote = QUOTES.indexOf(open);
        int bracket = OPENING.indexOf(open);
        return quote >= 0 && QUOTES_END.charAt(quote) == close || bracket >= 0 && CLOSING.charAt(bracket) == close;
    }

    int size() {
        return size;
    }

    int start(int i) {
        return ends[2 * i];
    }

    int end(int i) {
        return ends[2 * i + 1];
    }
}
