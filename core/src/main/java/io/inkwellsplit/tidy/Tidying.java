package io.inkwellsplit.tidy;

import java.text.Normalizer;
import java.util.Locale;
import java.util.Objects;
import java.util.function.UnaryOperator;

/** One kind of mending that a value may need; each can be asked for alone. */
public enum Tidying {
    /** The composed form of Unicode (NFC), so that é is one character. */
    UNICODE("unicode", text -> Normalizer.normalize(text, Normalizer.Form.NFC)),
    /** Control and invisible characters go; a tab or line end becomes a blank. */
    CONTROLS("controls", Tidying::withoutControls),
    /** No-break and other wide or narrow blanks become plain ones. */
    NO_BREAK("no-break", Tidying::plainBlanks),
    /** Blanks at the ends go, blanks in a row become one. */
    SPACES("spaces", Tidying::singleBlanks),
    /** Curly, pointed and low quotes become straight ones. */
    QUOTES(
            "quotes",
            text -> replaced(
                    text,
                    "\u2018\u2019\u201A\u201B\u2032\u02BC\uFF07",
                    '\'',
                    "\u201C\u201D\u201E\u201F\u00AB\u00BB\u2033\uFF02",
                    '"')),
    /** Dashes, minus signs and the like become hyphens. */
    DASHES(
            "dashes",
            text -> replaced(text, "\u2010\u2011\u2012\u2013\u2014\u2015\u2212\uFE58\uFE63\uFF0D", '-', "", ' ')),
    /** Names in tidy case, where all letters are alike. */
    NAME_CASE("name-case", text -> TidyCase.names().apply(text)),
    /** Addresses in tidy case, where all letters are alike. */
    ADDRESS_CASE("address-case", text -> TidyCase.addresses().apply(text)),
    /** All letters capital. */
    UPPER("upper", text -> text.toUpperCase(Locale.ROOT)),
    /** All letters small. */
    LOWER("lower", text -> text.toLowerCase(Locale.ROOT));

    private final String key;
    private final UnaryOperator<String> mend;

    Tidying(String key, UnaryOperator<String> mend) {
        this.key = key;
        this.mend = mend;
    }

    /** {@return the name by which a user asks for it} */
    public String key() {
        return key;
    }

    /**
     * {@return the value mended; the same one where there was nothing to mend}
     *
     * @param text the value
     */
    public String apply(String text) {
        return mend.apply(Objects.requireNonNull(text, "text"));
    }

    private static String withoutControls(String text) {
        StringBuilder out = new StringBuilder(text.length());
        text.codePoints().forEach(c -> {
            int type = Character.getType(c);
            if (c == '\t' || c == '\n' || c == '\r') {
                out.append(' ');
            } else if (type != Character.CONTROL && !(type == Character.FORMAT && !joins(c)) && c != '\uFFFD') {
                out.appendCodePoint(c);
            }
        });
        return out.toString();
    }

    /** Joiners are invisible, but part of how some scripts are written. */
    private static boolean joins(int c) {
        return c == 0x200C || c == 0x200D;
    }

    private static String plainBlanks(String text) {
        StringBuilder out = new StringBuilder(text);
        for (int i = 0; i < out.length(); i++) {
            if (Character.getType(out.charAt(i)) == Character.SPACE_SEPARATOR) {
                out.setCharAt(i, ' ');
            }
        }
        return out.toString();
    }

    private static String singleBlanks(String text) {
        StringBuilder out = new StringBuilder(text.length());
        for (int i = 0; i < text.length(); i++) {
            char c = text.charAt(i);
            boolean again = c == ' ' && (out.length() == 0 || out.charAt(out.length() - 1) == ' ');
            if (!again) {
                out.append(c);
            }
        }
        int end = out.length();
        return end > 0 && out.charAt(end - 1) == ' ' ? out.substring(0, end - 1) : out.toString();
    }

    private static String replaced(String text, String first, char by, String second, char bySecond) {
        StringBuilder out = new StringBuilder(text);
        for (int i = 0; i < out.length(); i++) {
            char c = out.charAt(i);
            if (first.indexOf(c) >= 0) {
                out.setCharAt(i, by);
            } else if (second.indexOf(c) >= 0) {
                out.setCharAt(i, bySecond);
            }
        }
        return out.toString();
    }
}
