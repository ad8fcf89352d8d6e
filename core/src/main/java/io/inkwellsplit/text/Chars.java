package io.inkwellsplit.text;

import java.text.Normalizer;

/**
 * Tables over the characters of the Basic Multilingual Plane: how each is cleaned, classed and compared.
 *
 * <p>Cleaning maps one character to one character, so a place in the clean text is the same place in the source.
 */
final class Chars {
    private static final int SIZE = 1 << 16;
    private static final String DASHES = "\u2010\u2011\u2012\u2013\u2014\u2015\u2212\uFE58\uFE63\uFF0D";
    private static final String SINGLE_QUOTES =
            "\u2018\u2019\u201A\u201B\u02BC\u02BB\u02B9\u2032\u0060\u00B4\uFF07\u05F3";
    private static final String DOUBLE_QUOTES = "\u201C\u201D\u201E\u201F\u00AB\u00BB\u2033\u300C\u300D\uFF02\u05F4";
    private static final String COMMAS = "\u3001\u060C\uFF0C\u055D";
    /** Letters that Unicode does not decompose, with the plain letter that people type for them. */
    private static final String FOLD_FROM = "\u00F8\u0142\u0111\u0131\u00DF\u00E6\u0153\u00FE\u00F0\u0127\u014B";

    private static final String FOLD_TO = "oldisaotdhn";

    /** What is known of the characters from one on, by their distance from it. */
    private static final class Page {
        private final char[] clean;
        private final char[] fold;
        private final CharClass[] classes;
        /** The character to compare by in the low half, its shape above it. */
        private final int[] facts;

        Page(int first, int size) {
            clean = new char[size];
            fold = new char[size];
            classes = new CharClass[size];
            facts = new int[size];
            for (int i = 0; i < size; i++) {
                char c = (char) (first + i);
                clean[i] = cleaned(c);
                classes[i] = classed(clean[i]);
                fold[i] = folded(clean[i]);
                facts[i] = fold[i] | shape(classes[i]) | composition(c, classes[i]) | (clean[i] == c ? 0 : UNCLEAN);
            }
        }
    }

    private static final int PAGE = 1 << 8;
    /** Behind the last Latin letter that is common. */
    private static final int NEAR = 3 * PAGE;

    private static final Page LATIN = new Page(0, NEAR);
    private static final char[] CLEAN = LATIN.clean;
    private static final char[] FOLD = LATIN.fold;
    private static final CharClass[] CLASS = LATIN.classes;
    private static final int[] FACTS = LATIN.facts;

    /** The others, each made when the first character of it is met, as few texts have many. */
    private static final Page[] FAR = new Page[SIZE / PAGE];

    /** What a character adds to the shape of its word, in {@link #facts}. */
    static final int UPPER = 1 << 16;

    static final int LOWER = 1 << 17;
    static final int CASELESS = 1 << 18;
    static final int DIGIT = 1 << 19;
    static final int IDEOGRAPH = 1 << 20;
    static final int IGNORABLE = 1 << 21;
    /** Half of a character beyond the basic plane: what it is depends on both halves. */
    static final int HALF = 1 << 22;
    /** The character may make one with the character before it or others behind it, or be another way to write a character. */
    static final int MAY_COMPOSE = 1 << 23;
    /** {@link #clean} makes another character of it. */
    static final int UNCLEAN = 1 << 24;
    /** Any of the shapes: the character belongs to a word. */
    static final int WORD = UPPER | LOWER | CASELESS | DIGIT | IDEOGRAPH | IGNORABLE;

    private Chars() {}

    private static Page far(char c) {
        Page page = FAR[c / PAGE];
        if (page == null) {
            // Two threads may make the same one; a page never changes.
            page = new Page(c & -PAGE, PAGE);
            FAR[c / PAGE] = page;
        }
        return page;
    }

    private static int composition(char c, CharClass is) {
        if (Character.isSurrogate(c)) {
            return HALF;
        }
        boolean mark = is == CharClass.IGNORABLE && Character.getType(c) != Character.FORMAT;
        boolean jamo = c >= 0x1100 && c <= 0x11FF;
        boolean compatible = c >= 0xF900 && c <= 0xFAFF || c >= 0xFB1D && c <= 0xFB4F || c >= 0x1F71 && c <= 0x1FFF;
        boolean unit = c >= 0x2126 && c <= 0x212B;
        boolean opensSign = c == '&' || c == '<';
        return mark || jamo || compatible || unit || opensSign ? MAY_COMPOSE : 0;
    }

    /** Returns what a character beyond the basic plane is to the tokeniser. */
    static CharClass classOfSupplementary(int codePoint) {
        return classedByType(codePoint);
    }

    /** Returns the plain form of a character: straight quotes, one kind of dash, blanks, half-width forms. */
    static char clean(char c) {
        return c < NEAR ? CLEAN[c] : far(c).clean[c % PAGE];
    }

    static int facts(char c) {
        return c < NEAR ? FACTS[c] : far(c).facts[c % PAGE];
    }

    static int shape(CharClass c) {
        return switch (c) {
            case UPPER -> UPPER;
            case LOWER -> LOWER;
            case CASELESS -> CASELESS;
            case DIGIT -> DIGIT;
            case IDEOGRAPH -> IDEOGRAPH;
            case IGNORABLE -> IGNORABLE;
            default -> 0;
        };
    }

    static CharClass classOf(char c) {
        return c < NEAR ? CLASS[c] : far(c).classes[c % PAGE];
    }

    /** Returns the character to compare by: lower case, without its accents. */
    static char fold(char c) {
        return c < NEAR ? FOLD[c] : far(c).fold[c % PAGE];
    }

    private static char cleaned(char c) {
        if (c >= 0xFF01 && c <= 0xFF5E && c != 0xFF0D && c != 0xFF07 && c != 0xFF02 && c != 0xFF0C) {
            return (char) (c - 0xFEE0);
        }
        if (DASHES.indexOf(c) >= 0) {
            return '-';
        }
        if (SINGLE_QUOTES.indexOf(c) >= 0) {
            return '\'';
        }
        if (DOUBLE_QUOTES.indexOf(c) >= 0) {
            return '"';
        }
        if (COMMAS.indexOf(c) >= 0) {
            return ',';
        }
        if (c == '\n' || c == '\r' || c == 0x2028 || c == 0x2029 || c == 0x0B || c == 0x85) {
            return '\n';
        }
        if (Character.getType(c) == Character.DECIMAL_DIGIT_NUMBER) {
            return (char) ('0' + Character.digit(c, 10));
        }
        if (Character.isWhitespace(c) || Character.isSpaceChar(c) || c < ' ' || c == 0x7F) {
            return ' ';
        }
        return c;
    }

    private static CharClass classed(char c) {
        return switch (c) {
            case ' ' -> CharClass.SPACE;
            case '\n' -> CharClass.BREAK;
            case '\'' -> CharClass.APOSTROPHE;
            case '-' -> CharClass.HYPHEN;
            case '.' -> CharClass.DOT;
            case ',', ';' -> CharClass.COMMA;
            case '"' -> CharClass.QUOTE;
            case '(', '[', '{', '<' -> CharClass.OPEN;
            case ')', ']', '}', '>' -> CharClass.CLOSE;
            case '&', '+' -> CharClass.AND;
            default -> classedByType(c);
        };
    }

    private static CharClass classedByType(int c) {
        boolean kana = c >= 0x3041 && c <= 0x30FF && c != 0x30FB && c != 0x3099 && c != 0x309A;
        if (Character.isIdeographic(c) || kana || c == 0x3005 || (c >= 0xAC00 && c <= 0xD7A3)) {
            return CharClass.IDEOGRAPH;
        }
        return switch (Character.getType(c)) {
            case Character.UPPERCASE_LETTER, Character.TITLECASE_LETTER -> CharClass.UPPER;
            case Character.LOWERCASE_LETTER -> CharClass.LOWER;
            // º and ª are small Latin letters, raised.
            case Character.OTHER_LETTER, Character.MODIFIER_LETTER ->
                Character.isLowerCase(c) ? CharClass.LOWER : CharClass.CASELESS;
            // Ⅳ and ⅳ
            case Character.LETTER_NUMBER -> Character.isLowerCase(c) ? CharClass.LOWER : CharClass.UPPER;
            case Character.DECIMAL_DIGIT_NUMBER, Character.OTHER_NUMBER -> CharClass.DIGIT;
            case Character.NON_SPACING_MARK,
                    Character.COMBINING_SPACING_MARK,
                    Character.ENCLOSING_MARK,
                    Character.FORMAT -> CharClass.IGNORABLE;
            default -> CharClass.MARK;
        };
    }

    private static char folded(char c) {
        char lower = Character.toLowerCase(c);
        boolean decomposes = lower >= 0xC0 && lower < 0x530 || lower >= 0x1E00 && lower < 0x2000;
        if (!decomposes) {
            return lower;
        }
        int special = FOLD_FROM.indexOf(lower);
        if (special >= 0) {
            return FOLD_TO.charAt(special);
        }
        return Normalizer.normalize(String.valueOf(lower), Normalizer.Form.NFD).charAt(0);
    }
}
