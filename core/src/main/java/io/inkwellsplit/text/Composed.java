package io.inkwellsplit.text;

import java.text.Normalizer;
import java.util.Arrays;
import org.jspecify.annotations.Nullable;

/**
 * A value with its letters put together, as Unicode's normalization form C does, and with what web pages leave in it mended, and the way back to the value's own
 * places.
 */
final class Composed {
    static final Composed NOTHING = new Composed("", null);

    private final String text;
    /** By a place of the text: where the value's characters begin that it was made of; null where the text is the value. */
    private final int @Nullable [] starts;

    private Composed(String text, int @Nullable [] starts) {
        this.text = text;
        this.starts = starts;
    }

    static Composed asIs(String value) {
        return new Composed(value, null);
    }

    static Composed of(String value) {
        boolean signs = HtmlSigns.mayBeIn(value);
        if (!signs && Normalizer.isNormalized(value, Normalizer.Form.NFC)) {
            return asIs(value);
        }
        StringBuilder text = new StringBuilder(value.length());
        int[] starts = new int[value.length() + 1];
        for (int from = 0; from < value.length(); ) {
            int sign = signs ? HtmlSigns.lengthAt(value, from) : 0;
            if (sign > 0) {
                starts[text.length()] = from;
                text.append(HtmlSigns.at(value, from));
                from += sign;
                continue;
            }
            int end = clusterEnd(value, from);
            String cluster = value.substring(from, end);
            String put = Normalizer.normalize(cluster, Normalizer.Form.NFC);
            // A few characters are taken apart by that form; their pieces have no place of their own.
            String composed = put.length() > cluster.length() ? cluster : put;
            // What was put together is what stands in front: the letter with its accents.
            int gone = cluster.length() - composed.length();
            for (int i = 0; i < composed.length(); i++) {
                starts[text.length() + i] = i == 0 ? from : from + gone + i;
            }
            text.append(composed);
            from = end;
        }
        starts[text.length()] = value.length();
        return new Composed(text.toString(), Arrays.copyOf(starts, text.length() + 1));
    }

    /** Nothing from here on can be put together with what stands before. */
    private static int clusterEnd(String value, int from) {
        int end = from + Character.charCount(value.codePointAt(from));
        while (end < value.length() && joins(value.codePointAt(end))) {
            end += Character.charCount(value.codePointAt(end));
        }
        return end;
    }

    private static boolean joins(int c) {
        int type = Character.getType(c);
        boolean vowelOrFinal = c >= 0x1160 && c <= 0x11FF;
        return vowelOrFinal
                || type == Character.NON_SPACING_MARK
                || type == Character.COMBINING_SPACING_MARK
                || type == Character.ENCLOSING_MARK;
    }

    String text() {
        return text;
    }

    /** Returns the place in the value; the end of a piece is where the characters behind it begin. */
    int inSource(int place, boolean end) {
        if (starts == null) {
            return place;
        }
        if (!end || place == 0) {
            return starts[place];
        }
        // Inside what was one cluster, a piece goes on to the cluster's end.
        int behind = place;
        while (behind < starts.length - 1 && starts[behind] == starts[place - 1]) {
            behind++;
        }
        return starts[behind];
    }
}
