package io.inkwellsplit.sheets;

import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Text of cells in OOXML, where {@code _x000D_} stands for a character that XML has no place for (ECMA-376, 22.9.2.19). */
final class CellText {
    private static final Pattern ESCAPE = Pattern.compile("_x([0-9A-Fa-f]{4})_");

    private CellText() {}

    /** Returns the text that is meant. */
    static String read(String written) {
        if (written.indexOf("_x") < 0) {
            return written;
        }
        Matcher matcher = ESCAPE.matcher(written);
        return matcher.replaceAll(
                match -> Matcher.quoteReplacement(String.valueOf((char) Integer.parseInt(match.group(1), 16))));
    }

    /** Returns how a text is written. */
    static String written(String text) {
        StringBuilder out = null;
        for (int i = 0; i < text.length(); i++) {
            char c = text.charAt(i);
            boolean escape =
                    c == '_' && ESCAPE.matcher(text).region(i, text.length()).lookingAt();
            boolean none = !isXml(text, i);
            if (escape || none) {
                out = out == null ? new StringBuilder(text.substring(0, i)) : out;
                out.append(String.format("_x%04X_", (int) c));
            } else if (out != null) {
                out.append(c);
            }
        }
        return out == null ? text : out.toString();
    }

    /** Returns whether XML 1.0 has a place for a character; a carriage return would become a line feed. */
    static boolean isXml(String text, int i) {
        char c = text.charAt(i);
        if (Character.isHighSurrogate(c)) {
            return i + 1 < text.length() && Character.isLowSurrogate(text.charAt(i + 1));
        }
        if (Character.isLowSurrogate(c)) {
            return i > 0 && Character.isHighSurrogate(text.charAt(i - 1));
        }
        return c >= ' ' && c != '\uFFFE' && c != '\uFFFF' || c == '\t' || c == '\n';
    }
}
