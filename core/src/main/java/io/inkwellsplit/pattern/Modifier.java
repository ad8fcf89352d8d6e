package io.inkwellsplit.pattern;

import io.inkwellsplit.text.Graphemes;
import io.inkwellsplit.tidy.TidyCase;
import java.util.Locale;

/**
 * What is done to a field's value before it is put in. {@code -initial}, {@code -monogram}, {@code -allCaps},
 * {@code -initialCap} and {@code -retain} are those of the person names of Unicode UTS #35; the others are ours.
 */
enum Modifier {
    /** The initial of each word, hyphened words included: {@code Hugh Piers} gives {@code H. P.} */
    INITIAL("initial") {
        @Override
        String apply(String value, Writing writing) {
            return initials(value, writing, false);
        }
    },
    /** With {@code -initial}: the hyphens stay, {@code Anne-Marie} gives {@code A.-M.} */
    RETAIN("retain") {
        @Override
        String apply(String value, Writing writing) {
            return value;
        }
    },
    /** The first letter alone. */
    MONOGRAM("monogram") {
        @Override
        String apply(String value, Writing writing) {
            return Graphemes.first(value);
        }
    },
    /** The first letters of all words without dots: {@code Hugh Piers} gives {@code HP}. */
    LETTERS("letters") {
        @Override
        String apply(String value, Writing writing) {
            return initials(value, LETTERS_ONLY, false);
        }
    },
    ALL_CAPS("allCaps") {
        @Override
        String apply(String value, Writing writing) {
            return value.toUpperCase(writing.locale());
        }
    },
    /** Another word for {@code -allCaps}. */
    UPPER("upper") {
        @Override
        String apply(String value, Writing writing) {
            return value.toUpperCase(writing.locale());
        }
    },
    LOWER("lower") {
        @Override
        String apply(String value, Writing writing) {
            return value.toLowerCase(writing.locale());
        }
    },
    /** The first letter of the value becomes a capital; the others stay: {@code Van den Berg}. */
    INITIAL_CAP("initialCap") {
        @Override
        String apply(String value, Writing writing) {
            int first = value.codePointAt(0);
            return Character.toString(Character.toTitleCase(first)) + value.substring(Character.charCount(first));
        }
    },
    /** Capitals and small letters as names are written; text that has both is left alone. */
    TIDY("tidy") {
        @Override
        String apply(String value, Writing writing) {
            return TidyCase.names().apply(value);
        }
    };

    private static final Writing LETTERS_ONLY = new Writing("{0}", "{0}{1}", Locale.ROOT);

    private final String key;

    Modifier(String key) {
        this.key = key;
    }

    /** Returns what becomes of a value, which is not empty. */
    abstract String apply(String value, Writing writing);

    String key() {
        return key;
    }

    static String initials(String value, Writing writing, boolean retain) {
        String out = "";
        char before = ' ';
        int i = 0;
        while (i < value.length()) {
            int end = i;
            while (end < value.length() && !parts(value.charAt(end))) {
                end++;
            }
            if (end > i && Character.isLetterOrDigit(value.codePointAt(i))) {
                String initial = writing.initialOf(Graphemes.first(value.substring(i, end)));
                out = out.isEmpty()
                        ? initial
                        : retain && before != ' ' ? out + before + initial : writing.joined(out, initial);
            }
            before = end < value.length() && value.charAt(end) != '\u00A0' ? value.charAt(end) : ' ';
            i = end + 1;
        }
        return out;
    }

    /** A dot parts initials written together: {@code J.R.} */
    private static boolean parts(char c) {
        return c == ' ' || c == '\u00A0' || c == '-' || c == '\u2010' || c == '.';
    }
}
