package io.inkwellsplit.name.text;

import io.inkwellsplit.name.column.NameCounts;
import io.inkwellsplit.name.word.NameWords;
import io.inkwellsplit.name.word.WordInfo;
import io.inkwellsplit.reading.NamePart;
import io.inkwellsplit.reading.SourcePlaces;
import io.inkwellsplit.text.TokenKind;
import io.inkwellsplit.text.Tokens;

/**
 * One value on its way: its tokens, what the vocabulary knows of each, and the label each has been given so far.
 *
 * <p>A label is the ordinal of a {@link NamePart}, or one of the three below 0. A buffer, reused for every value.
 */
public final class NameText {
    /** Not yet given to any part. */
    public static final byte FREE = -1;
    /** A comma, a quote, a bracket: between parts. */
    public static final byte SEPARATOR = -2;
    /** A word that announces a part. */
    public static final byte ANNOUNCEMENT = -3;

    private static final NamePart[] PARTS = NamePart.values();
    /** From this digit of frequency on, two letters are taken for a given name in a text of capitals: {@code ED}. */
    private static final int COMMON_GIVEN = 8;

    private static final int INITIAL = 1;
    private static final int TOGETHER = 2;
    private static final int ALL_CAPS = 4;

    public final Tokens tokens = new Tokens();
    public final SourcePlaces sourcePlaces = tokens::inSource;
    private int[] info = new int[32];
    private int[] phraseLength = new int[32];

    private int[] phraseInfo = new int[32];
    private double[] odds = new double[32];
    private byte[] traits = new byte[32];
    private double[] columnOdds = new double[32];

    private byte[] labels = new byte[32];
    private int count;
    private int joinStart;

    private int joinEnd;
    private boolean isTrust;
    private boolean hasBrackets;
    private boolean hasMarks;
    private boolean hasNumber;

    private boolean hasComma;
    private boolean hasMore;

    private static final int MORE =
            WordInfo.CONNECTOR | WordInfo.ORGANISATION | WordInfo.ORGANISATION_OR_NAME | WordInfo.PHRASE;

    private NameWords words = NameWords.shipped();
    private NameCounts evidence = NameCounts.NOTHING;
    private String source = "";

    public void read(String text, NameWords words) {
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
        hasNumber = false;
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
        atHome();
    }

    /** Where most of the names are of people who usually bear two family names, words count as they do among these. */
    private void atHome() {
        int names = 0;
        int usual = 0;
        for (int i = 0; i < count; i++) {
            if (tokens.isWord(i) && tokens.letters(i) > 1 && !has(i, WordInfo.ANY_PARTICLE)) {
                names++;
                usual += has(i, WordInfo.TWO_USUAL) ? 1 : 0;
            }
        }
        if (usual < 2 || 2 * usual < names) {
            return;
        }
        for (int i = 0; i < count; i++) {
            int there = has(i, WordInfo.TWO_USUAL) && !has(i, WordInfo.ANY_PARTICLE) ? words.atHome(tokens.hash(i)) : 0;
            if (there != 0) {
                odds[i] = WordInfo.odds(there);
            }
        }
    }

    public void inLightOf(NameCounts columnEvidence) {
        evidence = columnEvidence;
    }

    /** Asks the column about one word. */
    public double columnOdds(int token) {
        return evidence.odds(tokens.hash(token));
    }

    /** Asks the column about every word, before candidates are weighed. */
    public void ask() {
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
                int phrase = length > 1 ? words.words().value(tokens, i, length) : 0;
                if (length > 1 && !areInitials(i, length) && !isNameLikeTitle(i, word, phrase)) {
                    phraseLength[i] = length;
                    phraseInfo[i] = phrase;
                }
            }
            if (WordInfo.isListed(word)) {
                odds[i] = WordInfo.odds(word);
            } else if (word == 0 && !tokens.hasHyphen(i) && tokens.letters(i) > 2) {
                word |= words.unlisted(tokens, i);
            } else if (tokens.hasHyphen(i)) {
                word |= hyphenated(i, words);
            }
        }
        if ((word & WordInfo.ORGANISATION_OR_NAME) != 0 && !isLegalForm(i, word)) {
            word &= ~WordInfo.ORGANISATION_OR_NAME;
        }
        if ((word & WordInfo.ORGANISATION) != 0 && isShortName(i)) {
            word &= ~WordInfo.ORGANISATION;
        }
        info[i] = word;
        boolean initial = tokens.isInitial(i);
        boolean together = !initial && kind == TokenKind.WORD && areInitialsTogether(i);
        traits[i] = (byte) ((initial ? INITIAL : 0) | (together ? TOGETHER : 0) | (tokens.isAllCaps(i) ? ALL_CAPS : 0));
        hasBrackets |= kind == TokenKind.QUOTE || kind == TokenKind.OPEN || (word & WordInfo.BIRTH) != 0;
        hasMarks |= kind == TokenKind.MARK;
        hasComma |= kind == TokenKind.COMMA;
        hasNumber |= kind == TokenKind.NUMBER;
        boolean sign = kind == TokenKind.MARK || kind == TokenKind.AND || kind == TokenKind.NUMBER;
        hasMore |= sign || (word & MORE) != 0;
        labels[i] = switch (kind) {
            case WORD, NUMBER, MARK, AND -> FREE;
            default -> SEPARATOR;
        };
    }

    /** Returns how many tokens there are. */
    public int count() {
        return count;
    }

    /** Returns what is known of a token; see {@link WordInfo}. */
    public int info(int token) {
        return info[token];
    }

    /** Returns whether no list has a word, as a name or as anything else; it may sound like a name. */
    public boolean isForeign(int token) {
        return (info[token] & ~WordInfo.TWO_USUAL) == 0;
    }

    /** Takes a token for another word: one that is meant, and misspelt. */
    public void take(int token, int meant) {
        info[token] = meant;
    }

    /** Returns how many tokens the longest known phrase from here on has, where it is more than one; else 0. */
    public int phraseLength(int token) {
        return phraseLength[token];
    }

    /** Returns what is known of the longest phrase from here on. */
    public int phraseInfo(int token) {
        return phraseInfo[token];
    }

    /** Returns the odds that a word is a given rather than a family name; 0 where it is in no list. */
    public double odds(int token) {
        return odds[token];
    }

    /** Returns what the column says of a word after {@link #ask}: like {@link #odds}, in natural-log odds. */
    public double askedOdds(int token) {
        return columnOdds[token];
    }

    /** Returns the labels of all tokens; the buffer itself. */
    public byte[] labels() {
        return labels;
    }

    public byte label(int token) {
        return labels[token];
    }

    /** Returns the first of the tokens that join two people, such as {@code et ux}; -1 where none do. */
    public int joinStart() {
        return joinStart;
    }

    /** Returns the token behind those that join two people. */
    public int joinEnd() {
        return joinEnd;
    }

    public void join(int from, int end) {
        joinStart = from;
        joinEnd = end;
    }

    /** Returns whether the organisation is a trust as a whole. */
    public boolean isTrust() {
        return isTrust;
    }

    public void makeTrust() {
        isTrust = true;
    }

    /** Returns whether there is a quote, a bracket or a word that may announce a birth name. */
    public boolean hasBrackets() {
        return hasBrackets;
    }

    /** Returns whether there is a sign other than letters, digits and the usual punctuation. */
    public boolean hasMarks() {
        return hasMarks;
    }

    public boolean hasNumber() {
        return hasNumber;
    }

    public boolean hasComma() {
        return hasComma;
    }

    /** Returns whether anything may join two people or belong to an organisation: a sign, a number, a phrase, such a word. */
    public boolean hasMore() {
        return hasMore;
    }

    /** {@code S. A. Brandt}, {@code Brandt A S}: initials with blanks are no legal form before a name, or behind a single one. */
    private boolean areInitials(int token, int length) {
        for (int i = token; i < token + length; i++) {
            if (!tokens.isInitial(i) || i > token && tokens.isGlued(i)) {
                return false;
            }
        }
        return token == 0 || count - length <= 1;
    }

    /** {@code SA} may end a firm's name, {@code Sá} in a text of mixed case may not; {@code Co} and longer words may. */
    /** {@code Henk de Heer} has no title: one that begins with a particle does not stand behind a name. */
    private boolean isNameLikeTitle(int i, int word, int phrase) {
        return (phrase & WordInfo.TITLE) != 0
                && (word & WordInfo.ANY_PARTICLE) != 0
                && i > 0
                && tokens.isWord(i - 1)
                && (info[i - 1] & WordInfo.ANY_TITLE) == 0;
    }

    /** {@code Van As} is a family name, though AS is a legal form. */
    private boolean isShortName(int i) {
        return tokens.letters(i) <= 2
                && tokens.isMixedCase()
                && !tokens.isAllCaps(i)
                && i > 1
                && (info[i - 1] & WordInfo.ANY_PARTICLE) != 0;
    }

    private boolean isLegalForm(int i, int word) {
        return tokens.letters(i) > 2
                || !tokens.isMixedCase()
                || tokens.isAllCaps(i)
                || (word & WordInfo.SMALL_FORM) != 0;
    }

    /** Returns what is known of several tokens written as one word: {@code O Brien} as {@code obrien}. */
    public int joined(int from, int end) {
        return words.info(tokens.hash(tokens.start(from), tokens.end(end - 1)));
    }

    /** Returns what is known of a run of tokens that make one word, such as {@code 佐藤}. */
    public int run(int from, int end) {
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
        if ((b & WordInfo.ORGANISATION) != 0 || tokens.hasDigit(i)) {
            // "Quay-Inc": the last of the words says what the whole is.
            return WordInfo.ORGANISATION_OR_NAME;
        }
        return WordInfo.isListed(a) && WordInfo.isListed(b) ? a & 0xff : 0;
    }

    /** Returns a run of tokens as it is written. */
    public String word(int from, int end) {
        return source.substring(tokens.start(from), tokens.end(end - 1));
    }

    /** Returns a token as it is written. */
    public String word(int token) {
        return source.substring(tokens.start(token), tokens.end(token));
    }

    public boolean has(int token, int classes) {
        return (info[token] & classes) != 0;
    }

    /** Returns how many tokens from here on make a word or phrase of one of the classes; 0 for none. */
    public int lengthOf(int token, int classes, int end) {
        int length = phraseLength[token];
        if (length > 1 && token + length <= end && (phraseInfo[token] & classes) != 0) {
            return length;
        }
        return has(token, classes) ? 1 : 0;
    }

    /**
     * Returns how many particles stand from here on before a word that makes a given name with them ({@code del Carmen}); 0 where
     * there is none such.
     */
    public int particlesOfGiven(int token) {
        int at = token;
        while (at < count && has(at, WordInfo.ANY_PARTICLE) && !has(at, WordInfo.GIVEN_BEHIND_PARTICLE)) {
            at++;
        }
        return at > token && at < count && has(at, WordInfo.GIVEN_BEHIND_PARTICLE) ? at - token : 0;
    }

    /** Returns whether a token belongs to the name before it: {@code Eldin}, or a word of {@code El Din}. */
    public boolean isNameTail(int token) {
        return token > 0
                && tokens.isWord(token - 1)
                && (has(token, WordInfo.NAME_TAIL)
                        || isTailPhrase(token)
                        || token > 1 && isTailPhrase(token - 1) && tokens.isWord(token - 2));
    }

    private boolean isTailPhrase(int token) {
        return phraseLength[token] == 2 && (phraseInfo[token] & WordInfo.NAME_TAIL) != 0;
    }

    /** Returns whether a word or phrase of organisations may start here: a quick look before {@link #lengthOf}. */
    public boolean mayBeOrganisation(int token) {
        return phraseLength[token] > 1 || has(token, WordInfo.ORGANISATION | WordInfo.ORGANISATION_OR_NAME);
    }

    /** Returns the classes of the word, or of the known phrase of just this length; 0 where there is none. */
    public int classesOf(int token, int length) {
        if (length == 1) {
            return info[token];
        }
        return phraseLength[token] == length ? phraseInfo[token] : 0;
    }

    /** Returns the classes of the word or phrase of this length. */
    public int classes(int token, int length) {
        return length > 1 ? phraseInfo[token] : info[token];
    }

    public boolean isUnknown(int token) {
        return !WordInfo.isListed(info[token]);
    }

    public boolean isFreeWord(int token) {
        return labels[token] == FREE && tokens.isWord(token);
    }

    /** Returns whether a token is a sign that says something, and does not only separate. */
    public boolean isSign(int token) {
        boolean sign = tokens.is(token, TokenKind.MARK) || tokens.is(token, TokenKind.AND);
        return sign && !tokens.isSeparating(token);
    }

    public void label(int from, int end, byte label) {
        for (int i = from; i < end; i++) {
            labels[i] = label;
        }
    }

    /** Returns the part that a label stands for which is not below 0. */
    public static NamePart part(int label) {
        return PARTS[label];
    }

    public void label(int from, int end, NamePart part) {
        label(from, end, (byte) part.ordinal());
    }

    public boolean is(int token, TokenKind kind) {
        return token >= 0 && token < count && tokens.is(token, kind);
    }

    public int firstFreeWord() {
        int i = 0;
        while (i < count && !isFreeWord(i)) {
            i++;
        }
        return i;
    }

    public int freeWords(int from, int end) {
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
        // "YU QI", "SEO JI YOON": where the names of East Asia are, two letters with a vowel are a syllable.
        boolean asian = has(token, WordInfo.EAST_ASIAN) || token > 0 && has(0, WordInfo.EAST_ASIAN);
        if (asian && hasVowel(token) && !tokens.isMixedCase()) {
            return false;
        }
        boolean seldomGiven = (info[token] & 0xf) < COMMON_GIVEN;
        return !hasVowel(token) || letters == 2 && (tokens.isMixedCase() || seldomGiven);
    }

    public boolean isInitialsTogether(int token) {
        return (traits[token] & TOGETHER) != 0;
    }

    public boolean isInitial(int token) {
        return (traits[token] & INITIAL) != 0;
    }

    /** {@code J.-H.}: an initial that a hyphen joins to the one before it. */
    public boolean isHyphened(int token) {
        return token > 1
                && isInitial(token)
                && isInitial(token - 2)
                && tokens.isGlued(token)
                && tokens.isGlued(token - 1)
                && tokens.is(token - 1, TokenKind.MARK)
                && tokens.charAt(tokens.start(token - 1)) == '-';
    }

    public boolean isAllCaps(int token) {
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

    /** Returns how many tokens from here on make the longest phrase of a layer; 0 for none. */
    public int layerLength(int token) {
        return has(token, WordInfo.LAYER) ? words.layers().longest(tokens, token, count) : 0;
    }

    /** Returns the layers of the phrase of a length that starts here. */
    public int layers(int token, int length) {
        return words.layers().value(tokens, token, length);
    }
}
