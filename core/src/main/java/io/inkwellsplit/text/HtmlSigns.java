package io.inkwellsplit.text;

import io.inkwellsplit.data.Format;
import io.inkwellsplit.data.Format.Column;
import io.inkwellsplit.data.Resources.Line;
import java.util.HashMap;
import java.util.Map;

/** What web pages leave in lists: {@code &amp;}, {@code &#39;}, {@code <br>}. Each stands for one character. */
final class HtmlSigns {
    private static final int LONGEST = 10;
    private static final String[] BREAKS = {"<br", "</br", "<p", "</p", "<div", "</div"};
    private static final int NONE = -1;

    /** Loaded when a list has such a sign. */
    private static final class Named {
        static final Map<String, Character> CHARACTERS = load();

        private static Map<String, Character> load() {
            Map<String, Character> characters = new HashMap<>();
            Format format = Format.NONE.required("", Column.TEXT, Column.TEXT);
            for (Line line : format.readLines(HtmlSigns.class, "html-signs.txt")) {
                String sign = line.fields()[1];
                characters.put(
                        line.fields()[0],
                        sign.startsWith("\\u") ? (char) Integer.parseInt(sign.substring(2), 16) : sign.charAt(0));
            }
            return characters;
        }
    }

    private HtmlSigns() {}

    /** Returns whether a value may hold such a sign: a quick look before slower ones. */
    static boolean mayBeIn(String value) {
        return value.indexOf('&') >= 0 && value.indexOf(';') >= 0 || value.indexOf('<') >= 0;
    }

    /** Returns how many characters a sign that starts here has; 0 if none does. */
    static int lengthAt(String value, int from) {
        return switch (value.charAt(from)) {
            case '&' -> character(value, from) == NONE ? 0 : value.indexOf(';', from) + 1 - from;
            case '<' -> tagLength(value, from);
            default -> 0;
        };
    }

    /** Returns the character that the sign which starts here stands for; a tag for the end of a line. */
    static char at(String value, int from) {
        return value.charAt(from) == '<' ? '\n' : (char) character(value, from);
    }

    private static int character(String value, int from) {
        int end = value.indexOf(';', from);
        if (end < from + 3 || end > from + LONGEST) {
            return NONE;
        }
        String name = value.substring(from + 1, end);
        if (name.charAt(0) == '#') {
            return numbered(name);
        }
        Character named = Named.CHARACTERS.get(name);
        return named == null ? NONE : named;
    }

    /** {@code #39}, {@code #xE9}; what is no plain sign or letter stays as it is written. */
    private static int numbered(String name) {
        boolean hex = name.length() > 2 && (name.charAt(1) | 32) == 'x';
        String digits = name.substring(hex ? 2 : 1);
        if (!digits.matches(hex ? "[0-9a-fA-F]{1,4}" : "[0-9]{1,5}")) {
            return NONE;
        }
        int c = Integer.parseInt(digits, hex ? 16 : 10);
        boolean plain =
                c >= ' ' && c <= Character.MAX_VALUE && !Character.isSurrogate((char) c) && Character.isDefined(c);
        return plain ? c : NONE;
    }

    /** A tag that ends a line: its name, blanks, perhaps a slash. */
    private static int tagLength(String value, int from) {
        for (String start : BREAKS) {
            if (value.regionMatches(true, from, start, 0, start.length())) {
                int end = from + start.length();
                while (end < value.length() && (value.charAt(end) == ' ' || value.charAt(end) == '/')) {
                    end++;
                }
                if (end < value.length() && value.charAt(end) == '>') {
                    return end + 1 - from;
                }
            }
        }
        return 0;
    }
}
