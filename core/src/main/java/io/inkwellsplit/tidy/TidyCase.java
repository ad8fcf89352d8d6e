package io.inkwellsplit.tidy;

import java.util.Locale;
import java.util.Objects;

/**
 * Writes names and addresses in capitals and small letters as people write them: particles small, {@code Mc} and
 * {@code Mac} (and the Macs that are not), {@code O'}, hyphens, numerals, degrees, initials, ordinals, directions.
 *
 * <p>Text that has capitals and small letters already is left alone, unless {@link #evenIfMixed} is asked for. Immutable
 * and safe for use by several threads; takes time linear in the length of the text. No letter is lost or added.
 */
public final class TidyCase {
    /** A comma further back has nothing to do with the word, and the search stays short in the longest text. */
    private static final int LONGEST_GIVEN = 80;

    private final CaseWords words;
    private final Kind kind;
    private final boolean evenIfMixed;
    private final Locale language;
    private final boolean capitalParticles;
    private final boolean smallBehindHyphen;
    private final boolean smallHouseLetters;

    private enum Kind {
        NAME,
        ORGANISATION,
        ADDRESS
    }

    private TidyCase(CaseWords words, Kind kind, boolean evenIfMixed, Locale language) {
        this.language = language;
        this.capitalParticles = CaseWords.hasHabit("capital particles", language);
        this.smallBehindHyphen = CaseWords.hasHabit("small behind a hyphen", language);
        this.smallHouseLetters = CaseWords.hasHabit("small house letters", language);
        this.words = words;
        this.kind = kind;
        this.evenIfMixed = evenIfMixed;
    }

    private static final class Shipped {
        static final TidyCase NAMES = new TidyCase(CaseWords.of("names"), Kind.NAME, false, Locale.ROOT);
        static final TidyCase ORGANISATIONS =
                new TidyCase(CaseWords.of("organisations"), Kind.ORGANISATION, false, Locale.ROOT);
        static final TidyCase ADDRESSES = new TidyCase(CaseWords.of("addresses"), Kind.ADDRESS, false, Locale.ROOT);
    }

    /**
     * For personal names, whole or in parts.
     *
     * @return a tidying of case
     */
    public static TidyCase names() {
        return Shipped.NAMES;
    }

    /**
     * For organisations.
     *
     * @return a tidying of case
     */
    public static TidyCase organisations() {
        return Shipped.ORGANISATIONS;
    }

    /**
     * For addresses, whole or in parts; a state's code is only known as one where the address is whole.
     *
     * @return a tidying of case
     */
    public static TidyCase addresses() {
        return Shipped.ADDRESSES;
    }

    /** {@return one that also changes text of mixed case} */
    public TidyCase evenIfMixed() {
        return new TidyCase(words, kind, true, language);
    }

    /**
     * {@return one for text of a language, where it is known: Turkish has a capital {@code İ}, Italian writes {@code De Angelis}}
     *
     * @param languageOfText the language; one without habits of its own changes nothing
     */
    public TidyCase in(Locale languageOfText) {
        return new TidyCase(words, kind, evenIfMixed, Objects.requireNonNull(languageOfText, "languageOfText"));
    }

    /**
     * {@return the text in tidy case}
     *
     * @param text the text
     */
    public String apply(String text) {
        Objects.requireNonNull(text, "text");
        if (!evenIfMixed && isMixed(text)) {
            return text;
        }
        StringBuilder out = new StringBuilder(text.length());
        boolean first = true;
        int i = 0;
        while (i < text.length()) {
            int end = wordEnd(text, i);
            if (end == i) {
                char c = text.charAt(i++);
                out.append(c);
                first |= c == ',' || c == '(' || c == '"' || c == '\n' || c == '&' || c == '/' || c == ';';
            } else {
                out.append(word(text, i, end, first));
                first = false;
                i = end;
            }
        }
        return out.toString();
    }

    private static boolean isMixed(String text) {
        boolean upper = false;
        boolean lower = false;
        for (int i = 0; i < text.length(); i++) {
            upper |= Character.isUpperCase(text.charAt(i));
            lower |= Character.isLowerCase(text.charAt(i)) && "ßªº".indexOf(text.charAt(i)) < 0;
        }
        return upper && lower;
    }

    /** Returns where the run of letters, digits and marks that starts here ends. */
    private static int wordEnd(String text, int from) {
        int i = from;
        while (i < text.length() && isWord(text.charAt(i))) {
            i++;
        }
        return i;
    }

    private static boolean isWord(char c) {
        int type = Character.getType(c);
        return Character.isLetterOrDigit(c)
                || type == Character.NON_SPACING_MARK
                || type == Character.COMBINING_SPACING_MARK
                || Character.isSurrogate(c);
    }

    private String word(String text, int start, int end, boolean first) {
        String lower = text.substring(start, end).toLowerCase(language);
        // Capitals do not always come back from small letters as long as they were: İ.
        if (lower.length() != end - start) {
            return text.substring(start, end);
        }
        boolean dotBehind = end < text.length() && text.charAt(end) == '.';
        boolean apostropheBehind = end < text.length() && isApostrophe(text.charAt(end));
        boolean apostropheBefore = start > 0 && isApostrophe(text.charAt(start - 1));
        if (apostropheBefore && lower.length() <= 2 && !apostropheBehind && isSuffixBehind(text, start, lower)) {
            return lower;
        }
        if (lower.length() == 1 && apostropheBehind && isLeadingArticle(text, end)) {
            return lower;
        }
        if (apostropheBefore && start > 1 && Character.isLetter(text.charAt(start - 2)) && !isElided(text, start - 1)) {
            return lower;
        }
        boolean hyphened = start > 0 && text.charAt(start - 1) == '-' && start > 1;
        if (hyphened && smallBehindHyphen && kind == Kind.NAME) {
            return lower;
        }
        if (isSmall(text, lower, start, end, first, dotBehind)) {
            return lower;
        }
        String known = apostropheBehind ? null : words.written().get(lower);
        if (lower.equals("mc") && wordFollows(text, end)) {
            return capitalised(lower);
        }
        if (known != null
                && (kind != Kind.NAME
                        || dotBehind && known.length() > 3
                        || isWholeKnown(known, text, start, hyphened))) {
            return known;
        }
        if (isCareOf(text, start, end)) {
            return lower;
        }
        if (hasDigit(lower) && Character.isLetter(lower.charAt(0))) {
            // A postcode or a code: M16, TR247NN.
            return upper(lower);
        }
        if (Character.isDigit(lower.charAt(0))) {
            return smallHouseLetters ? lower : numbered(lower);
        }
        if (kind == Kind.ADDRESS && isStateCode(text, lower, start, end)) {
            return upper(lower);
        }
        return capitalised(lower);
    }

    /** {@code c/o} is small wherever it stands. */
    private static boolean isCareOf(String text, int start, int end) {
        return end - start == 1
                && (text.regionMatches(true, start, "c/o ", 0, 4)
                        || start > 1 && text.regionMatches(true, start - 2, "c/o ", 0, 4));
    }

    /** {@code O'Brien} has a name behind the apostrophe; {@code G'afur} and {@code Лук’ян} are one word. */
    private boolean isElided(String text, int apostrophe) {
        int start = apostrophe;
        while (start > 0 && isWord(text.charAt(start - 1))) {
            start--;
        }
        boolean turned = text.charAt(apostrophe) == '\u2018' || text.charAt(apostrophe) == '\u02BB';
        return !turned
                && words.elisions().contains(text.substring(start, apostrophe).toLowerCase(language));
    }

    /** {@code Brandt's}, {@code Brandts'}: what follows the apostrophe is no name. */
    private static boolean isSuffixBehind(String text, int start, String lower) {
        boolean letterBefore =
                start > 2 && Character.isLetter(text.charAt(start - 2)) && Character.isLetter(text.charAt(start - 3));
        return letterBefore && (lower.equals("s") || lower.equals("t") || lower.equals("ll"));
    }

    /** {@code d'Arcy} is written with a capital; {@code 't Hooft} and {@code 's-Gravenhage} are not. */
    private static boolean isLeadingArticle(String text, int apostrophe) {
        return apostrophe + 1 < text.length() && text.charAt(apostrophe + 1) == ' ';
    }

    private boolean isSmall(String text, String lower, int start, int end, boolean first, boolean dotBehind) {
        boolean apostropheBefore = start > 0 && isApostrophe(text.charAt(start - 1));
        if (apostropheBefore && (start == 1 || !Character.isLetter(text.charAt(start - 2)))) {
            return lower.length() == 1;
        }
        if (dotBehind) {
            return kind == Kind.NAME && start > 0 && words.lowerWithDot().contains(lower);
        }
        boolean listed = words.lower().contains(lower) && !(kind == Kind.NAME && capitalParticles);
        if (!listed || !wordFollows(text, end) && !isBehindGiven(text, start, lower)) {
            return false;
        }
        if (kind == Kind.NAME) {
            return !(first && words.capitalAtStart().contains(lower)) && (lower.length() > 1 || !first);
        }
        boolean apostropheBehind = end < text.length() && isApostrophe(text.charAt(end));
        if (kind == Kind.ADDRESS && isKnownNext(text, end)) {
            // Ter NW is a terrace, ter Horst a name.
            return false;
        }
        return !first && (lower.length() > 1 || apostropheBehind || isBetweenWords(text, start, end));
    }

    /** Whether the next word is one that is written in a way of its own, such as a direction. */
    private boolean isKnownNext(String text, int end) {
        int from = end;
        while (from < text.length() && text.charAt(from) == ' ') {
            from++;
        }
        return from > end
                && words.written()
                        .containsKey(text.substring(from, wordEnd(text, from)).toLowerCase(language));
    }

    /** An index sets particles at the end: {@code Meulen, Odalys van der}. */
    private boolean isBehindGiven(String text, int start, String lower) {
        int comma = start;
        while (comma > 0 && text.charAt(comma) != ',' && start - comma < LONGEST_GIVEN) {
            comma--;
        }
        return kind == Kind.NAME
                && comma > 0
                && text.charAt(comma) == ','
                && lower.length() > 1
                && !words.capitalAtStart().contains(lower)
                && !text.substring(comma + 1, start).isBlank();
    }

    /** A single letter is an article or a conjunction only between two longer words: {@code Ortega y Gasset}. */
    private static boolean isBetweenWords(String text, int start, int end) {
        return start > 2
                && Character.isLetter(text.charAt(start - 2))
                && Character.isLetter(text.charAt(start - 3))
                && wordFollows(text, end);
    }

    private static boolean wordFollows(String text, int end) {
        int i = end;
        while (i < text.length() && (text.charAt(i) == ' ' || text.charAt(i) == '-' || isApostrophe(text.charAt(i)))) {
            i++;
        }
        return i > end && i < text.length() && Character.isLetter(text.charAt(i));
    }

    /** A degree or a numeral stands behind a name, a {@code MacDonald} anywhere. */
    private static boolean isWholeKnown(String known, String text, int start, boolean hyphened) {
        boolean numeral = start == 0 && text.length() == known.length() && known.matches("I[IV]|VI{2,3}|III");
        return numeral || known.length() > 3 && known.startsWith("Mac") || start > 0 && !hyphened;
    }

    /** {@code 42ND} is {@code 42nd}, {@code 7A} stays. */
    private static String numbered(String lower) {
        boolean ordinal = lower.endsWith("st") || lower.endsWith("nd") || lower.endsWith("rd") || lower.endsWith("th");
        return ordinal ? lower : upper(lower);
    }

    /** Returns capitals where there are as many of them: {@code ß} has no capital of one letter. */
    private static String upper(String lower) {
        String upper = lower.toUpperCase(Locale.ROOT);
        return upper.length() == lower.length() ? upper : lower;
    }

    private static boolean hasDigit(String word) {
        return word.chars().anyMatch(Character::isDigit);
    }

    /** Two letters behind a comma or at the end, with nothing but a postcode behind them. */
    private static boolean isStateCode(String text, String lower, int start, int end) {
        if (lower.length() != 2 || start == 0) {
            return false;
        }
        int next = end;
        while (next < text.length() && (text.charAt(next) == ' ' || text.charAt(next) == ',')) {
            next++;
        }
        int before = start - 1;
        while (before > 0 && text.charAt(before) == ' ') {
            before--;
        }
        boolean canadian = next + 1 < text.length()
                && Character.isLetter(text.charAt(next))
                && Character.isDigit(text.charAt(next + 1));
        boolean numberFollows = canadian || next < text.length() && Character.isDigit(text.charAt(next));
        boolean comma = text.charAt(before) == ',';
        boolean betweenCommas = comma && (next == text.length() || text.charAt(end) == ',') && !numberFollows;
        return betweenCommas || numberFollows && restIsPostcode(text, next, canadian ? 3 : 4);
    }

    /** Digits, with letters between them in Canada alone, until a comma or the end. */
    private static boolean restIsPostcode(String text, int from, int least) {
        int digits = 0;
        for (int i = from; i < text.length() && text.charAt(i) != ','; i++) {
            char c = text.charAt(i);
            digits += Character.isDigit(c) ? 1 : 0;
            boolean letter = Character.isLetter(c) && least == 3;
            if (!Character.isDigit(c) && c != '-' && c != ' ' && !letter) {
                return false;
            }
        }
        return digits >= least;
    }

    private String capitalised(String lower) {
        if (lower.startsWith("mc") && lower.length() > 3) {
            return "Mc" + upperFirst(lower.substring(2));
        }
        if (lower.startsWith("ij") && lower.length() > 3) {
            return "IJ" + lower.substring(2);
        }
        return upperFirst(lower);
    }

    private String upperFirst(String lower) {
        int first = lower.codePointAt(0);
        boolean dotted = first == 'i'
                && (language.getLanguage().equals("tr")
                        || language.getLanguage().equals("az"));
        int upper = dotted ? '\u0130' : Character.toTitleCase(first);
        return Character.toString(upper) + lower.substring(Character.charCount(first));
    }

    private static boolean isApostrophe(char c) {
        return c == '\'' || c == '\u2018' || c == '\u2019' || c == '\u02BB' || c == '\u02BC';
    }
}
