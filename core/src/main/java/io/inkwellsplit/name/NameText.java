package io.inkwellsplit.name;

import io.inkwellsplit.reading.NamePart;
import io.inkwellsplit.reading.SourcePlaces;
import io.inkwellsplit.text.PhraseTable;
import io.inkwellsplit.text.TokenKind;
import io.inkwellsplit.text.Tokens;

/**
 * One value on its way: its tokens, what the vocabulary knows of each, and the label each has been given so far.
 *
 * <p>A label is the ordinal of a {@link NamePart}, or one of the three below 0. A buffer, reused for every value.
 */
final class NameText {
    /** Not yet given to any part. */
    static final byte FREE = -1;
    /** A comma, a quote, a bracket: between parts. */
    static final byte SEPARATOR = -2;
    /** A word that announces a part. */
    static final byte ANNOUNCEMENT = -3;

    private static final NamePart[] PARTS = NamePart.values();
    /** From this digit of frequency on, two letters are taken for a given name in a text of capitals: {@code ED}. */
    private static final int COMMON_GIVEN = 8;

    private static final int INITIAL = 1;
    private static final int TOGETHER = 2;
    private static final int ALL_CAPS = 4;
    private static final long CO = Tokens.hashOfWord("co");

    final Tokens tokens = new Tokens();
    final SourcePlaces sourcePlaces = tokens::inSource;
    int[] info = new int[32];
    /** How many tokens the longest known phrase from here on has, where it is more than one; else 0. */
    int[] phraseLength = new int[32];

    int[] phraseInfo = new int[32];
    double[] odds = new double[32];
    private byte[] traits = new byte[32];
    /** By how much the column uses the word as a given name rather than a family name, in natural-log odds. */
    double[] columnOdds = new double[32];

    byte[] labels = new byte[32];
    int count;
    /** Where two people are joined by words such as {@code et ux}: the first token and the one behind; -1 if nowhere. */
    int joinStart;

    int joinEnd;
    /** Whether the organisation is a trust as a whole. */
    boolean isTrust;
    /** Whether there is a quote, a bracket or a word that may announce a birth name. */
    boolean hasBrackets;
    /** Whether there is a sign other than letters, digits and the usual punctuation. */
    boolean hasMarks;

    /** Whether there is a comma. */
    boolean hasComma;
    /** Whether anything may join two people or belong to an organisation: a sign, a number, a phrase, such a word. */
    boolean hasMore;

    private static final int MORE =
            WordInfo.CONNECTOR | WordInfo.ORGANISATION | WordInfo.ORGANISATION_OR_NAME | WordInfo.PHRASE;

    private NameWords words = NameWords.shipped();
    private NameEvidence evidence = NameEvidence.NONE;
    private String source = "";

    void read(String text, NameWords words) {
        this.words = words;
        tokens.read(text);
        this.source = tokens.text();
        count = tokens.count();
        if (info.length < count) {
            int size = count * 2;
            info = new int[size];
            phraseLength = new int[size];
            phraseInfo = new int[size];
            odds = new double[size];
            columnOdds = new double[size];
            traits = new byte[size];
            labels = new byte[size];
        }
        joinStart = -1;
        joinEnd = -1;
        isTrust = false;
        hasBrackets = false;
        hasMarks = false;
        hasComma = false;
        hasMore = false;
        int particleEnd = 0;
        for (int i = 0; i < count; i++) {
            annotate(i, words);
            if (i < particleEnd) {
                // "von und zu" joins no two people, and each of its words is a particle.
                info[i] = info[i] & ~WordInfo.CONNECTOR | WordInfo.PARTICLE;
            } else if (phraseLength[i] > 1 && (phraseInfo[i] & WordInfo.PARTICLE) != 0) {
                particleEnd = i + phraseLength[i];
                info[i] |= WordInfo.PARTICLE;
            }
        }
    }

    void inLightOf(NameEvidence columnEvidence) {
        evidence = columnEvidence;
    }

    /** Asks the column about one word. */
    double columnOdds(int token) {
        return evidence.odds(tokens.hash(token));
    }

    /** Asks the column about every word, before candidates are weighed. */
    void ask() {
        for (int i = 0; i < count; i++) {
            columnOdds[i] = evidence.odds(tokens.hash(i));
        }
    }

    private void annotate(int i, NameWords words) {
        TokenKind kind = tokens.kind(i);
        int word = words.info(tokens.hash(i));
        phraseLength[i] = 0;
        phraseInfo[i] = 0;
        odds[i] = 0;
        if (kind == TokenKind.WORD) {
            if ((word & WordInfo.PHRASE) != 0) {
                int length = words.words().longest(tokens, i, count);
                if (length > 1) {
                    phraseLength[i] = length;
                    phraseInfo[i] = words.words().value(tokens, i, length);
                }
            }
            if (WordInfo.isListed(word)) {
                odds[i] = WordInfo.odds(word);
            } else if (tokens.hasHyphen(i)) {
                word |= hyphenated(i, words);
            }
        }
        if ((word & WordInfo.ORGANISATION_OR_NAME) != 0 && !isLegalForm(i)) {
            word &= ~WordInfo.ORGANISATION_OR_NAME;
        }
        info[i] = word;
        boolean initial = tokens.isInitial(i);
        boolean together = !initial && kind == TokenKind.WORD && areInitialsTogether(i);
        traits[i] = (byte) ((initial ? INITIAL : 0) | (together ? TOGETHER : 0) | (tokens.isAllCaps(i) ? ALL_CAPS : 0));
        hasBrackets |= kind == TokenKind.QUOTE || kind == TokenKind.OPEN || (word & WordInfo.BIRTH) != 0;
        hasMarks |= kind == TokenKind.MARK;
        hasComma |= kind == TokenKind.COMMA;
        boolean sign = kind == TokenKind.MARK || kind == TokenKind.AND || kind == TokenKind.NUMBER;
        hasMore |= sign || (word & MORE) != 0;
        labels[i] = switch (kind) {
            case WORD, NUMBER, MARK, AND -> FREE;
            default -> SEPARATOR;
        };
    }

    /** {@code SA} may end a firm's name, {@code Sá} in a text of mixed case may not; longer words are all taken. */
    private boolean isLegalForm(int i) {
        return tokens.letters(i) > 2 || !tokens.isMixedCase() || tokens.isAllCaps(i) || tokens.hash(i) == CO;
    }

    /** Returns what is known of several tokens written as one word: {@code O Brien} as {@code obrien}. */
    int joined(int from, int end) {
        return words.info(tokens.hash(tokens.start(from), tokens.end(end - 1)));
    }

    /** Returns what is known of a run of tokens that make one word, such as {@code 佐藤}. */
    int run(int from, int end) {
        return words.words().value(tokens, from, end - from);
    }

    /** A hyphenated word that is not listed is judged by its two ends. */
    private int hyphenated(int i, NameWords words) {
        int start = tokens.start(i);
        int end = tokens.end(i);
        int first = start;
        while (first < end && tokens.charAt(first) != '-') {
            first++;
        }
        int last = end;
        while (last > start && tokens.charAt(last - 1) != '-') {
            last--;
        }
        int a = words.info(tokens.hash(start, first));
        int b = words.info(tokens.hash(last, end));
        odds[i] = (WordInfo.odds(a) + WordInfo.odds(b)) / 2;
        return WordInfo.isListed(a) && WordInfo.isListed(b) ? a & 0xff : 0;
    }

    /** Returns a token as it is written. */
    String word(int token) {
        return source.substring(tokens.start(token), tokens.end(token));
    }

    boolean has(int token, int classes) {
        return (info[token] & classes) != 0;
    }

    /** Returns how many tokens from here on make a word or phrase of one of the classes; 0 for none. */
    int lengthOf(int token, int classes, int end) {
        int length = phraseLength[token];
        if (length > 1 && token + length <= end && (phraseInfo[token] & classes) != 0) {
            return length;
        }
        return has(token, classes) ? 1 : 0;
    }

    /** Returns whether a word or phrase of organisations may start here: a quick look before {@link #lengthOf}. */
    boolean mayBeOrganisation(int token) {
        return phraseLength[token] > 1 || has(token, WordInfo.ORGANISATION | WordInfo.ORGANISATION_OR_NAME);
    }

    /** Returns the classes of the word, or of the known phrase of just this length; 0 where there is none. */
    int classesOf(int token, int length) {
        if (length == 1) {
            return info[token];
        }
        return phraseLength[token] == length ? phraseInfo[token] : 0;
    }

    /** Returns the classes of the word or phrase of this length. */
    int classes(int token, int length) {
        return length > 1 ? phraseInfo[token] : info[token];
    }

    boolean isUnknown(int token) {
        return !WordInfo.isListed(info[token]);
    }

    boolean isFreeWord(int token) {
        return labels[token] == FREE && tokens.isWord(token);
    }

    /** Returns whether a token is a sign that says something, and does not only separate. */
    boolean isSign(int token) {
        boolean sign = tokens.is(token, TokenKind.MARK) || tokens.is(token, TokenKind.AND);
        return sign && !tokens.isSeparating(token);
    }

    void label(int from, int end, byte label) {
        for (int i = from; i < end; i++) {
            labels[i] = label;
        }
    }

    /** Returns the part that a label stands for which is not below 0. */
    static NamePart part(int label) {
        return PARTS[label];
    }

    void label(int from, int end, NamePart part) {
        label(from, end, (byte) part.ordinal());
    }

    boolean is(int token, TokenKind kind) {
        return token >= 0 && token < count && tokens.is(token, kind);
    }

    int firstFreeWord() {
        int i = 0;
        while (i < count && !isFreeWord(i)) {
            i++;
        }
        return i;
    }

    int freeWords(int from, int end) {
        int free = 0;
        for (int i = from; i < end; i++) {
            if (isFreeWord(i)) {
                free++;
            }
        }
        return free;
    }

    /**
     * Two or three capitals that are no name and no word: initials written together, as in {@code JR Brandt}.
     *
     * <p>With a vowel it may be a name; then there must be two letters that are no given name.
     */
    private boolean areInitialsTogether(int token) {
        int letters = tokens.letters(token);
        if (letters < 2
                || letters > 3
                || !tokens.isAllCaps(token)
                || tokens.hasDigit(token)
                || tokens.hasHyphen(token)
                || tokens.hasApostrophe(token)
                || tokens.end(token) - tokens.start(token) != letters + (tokens.isDotted(token) ? 1 : 0)) {
            return false;
        }
        if (has(token, WordInfo.PARTICLE)) {
            return false;
        }
        boolean seldomGiven = (info[token] & 0xf) < COMMON_GIVEN;
        return !hasVowel(token) || letters == 2 && (tokens.isMixedCase() || seldomGiven);
    }

    boolean isInitialsTogether(int token) {
        return (traits[token] & TOGETHER) != 0;
    }

    boolean isInitial(int token) {
        return (traits[token] & INITIAL) != 0;
    }

    boolean isAllCaps(int token) {
        return (traits[token] & ALL_CAPS) != 0;
    }

    private boolean hasVowel(int token) {
        for (int at = tokens.start(token); at < tokens.end(token); at++) {
            if ("aeiouy".indexOf(tokens.foldAt(at)) >= 0) {
                return true;
            }
        }
        return false;
    }

    /** Returns the layers whose phrase starts here, for the longest such phrase. */
    int layers(int token, int length, PhraseTable table) {
        return table.value(tokens, token, length);
    }
}
