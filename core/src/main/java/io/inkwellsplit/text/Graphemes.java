package io.inkwellsplit.text;

import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Characters as people count them: extended grapheme clusters of Unicode (UAX #29). */
public final class Graphemes {
    private static final Pattern CLUSTER = Pattern.compile("\\X");
    /** Below this, nothing joins with what stands before it. */
    private static final int FIRST_MARK = 0x300;

    private Graphemes() {}

    /** Returns the first one; empty for an empty text. */
    public static String first(String text) {
        if (text.length() < 2 || text.charAt(0) < FIRST_MARK && text.charAt(0) != '\r' && text.charAt(1) < FIRST_MARK) {
            return text.substring(0, Math.min(1, text.length()));
        }
        Matcher matcher = CLUSTER.matcher(text);
        return matcher.lookingAt() ? matcher.group() : "";
    }

    /** Returns where each one ends, as {@code char} indexes. */
    public static int[] ends(String text) {
        return CLUSTER.matcher(text).results().mapToInt(result -> result.end()).toArray();
    }
}
