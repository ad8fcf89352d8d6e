package io.inkwellsplit.table;

import java.util.Locale;

/**
 * Text of others as it is shown to people: what a terminal would obey, and what would turn the direction of writing around,
 * stands as a visible sign. A character becomes one character, so places stay what they are.
 */
public final class VisibleText {
    /** U+2400 and the characters behind it are pictures of the controls. */
    private static final char PICTURES = '\u2400';

    private static final char PICTURE_OF_DELETE = '\u2421';
    private static final char PICTURE_OF_ANY = '\uFFFD';

    private VisibleText() {}

    /**
     * {@return the text with a sign for each such character, ends of lines and tabs among them}
     *
     * @param text the text
     */
    public static String of(String text) {
        return replaced(text, false);
    }

    /**
     * {@return the text with a sign for each such character; ends of lines and tabs stay}
     *
     * @param text the text
     */
    public static String lines(String text) {
        return replaced(text, true);
    }

    private static String replaced(String text, boolean lines) {
        StringBuilder shown = null;
        for (int i = 0; i < text.length(); i++) {
            char c = text.charAt(i);
            if (isHidden(c) && !(lines && (c == '\n' || c == '\r' || c == '\t'))) {
                shown = shown == null ? new StringBuilder(text) : shown;
                shown.setCharAt(i, picture(c));
            }
        }
        return shown == null ? text : shown.toString();
    }

    /**
     * {@return JSON with each such character written by its number; what the JSON says stays the same}
     *
     * @param json the JSON
     */
    public static String inJson(String json) {
        StringBuilder escaped = new StringBuilder(json.length());
        for (int i = 0; i < json.length(); i++) {
            char c = json.charAt(i);
            if (isHidden(c) && c != '\n' && c != '\r') {
                escaped.append(String.format(Locale.ROOT, "\\u%04X", (int) c));
            } else {
                escaped.append(c);
            }
        }
        return escaped.toString();
    }

    /**
     * {@return whether a character is a control, a line end of Unicode's own, or changes the direction of writing}
     *
     * @param c the character
     */
    public static boolean isHidden(char c) {
        if (c >= ' ' && c < 0x7F) {
            return false;
        }
        boolean direction = c >= 0x202A && c <= 0x202E || c >= 0x2066 && c <= 0x2069 || c == 0x200E || c == 0x200F;
        return Character.getType(c) == Character.CONTROL || direction || c == 0x061C || c == 0x2028 || c == 0x2029;
    }

    private static char picture(char c) {
        return c < ' ' ? (char) (PICTURES + c) : c == 0x7F ? PICTURE_OF_DELETE : PICTURE_OF_ANY;
    }
}
