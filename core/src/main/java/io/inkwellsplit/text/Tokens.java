package io.inkwellsplit.text;

import java.util.Arrays;

/**
 * The tokens of one value, each with its place in the source, its shape and the hash it is looked up by.
 *
 * <p>A buffer that is filled again for every value, so that reading makes no garbage; it is confined to one thread.
 * All positions are {@code char} indexes into the source; ends are exclusive.
 */
public final class Tokens {
    private static final int DOTTED = 1;
    private static final int GLUED = 2;
    private static final int UPPER_FIRST = 4;
    private static final int HYPHEN = 8;
    private static final int APOSTROPHE = 16;
    private static final int UPPER = Chars.UPPER;
    private static final int LOWER = Chars.LOWER;
    private static final int DIGIT = Chars.DIGIT;
    private static final int IDEOGRAPH = Chars.IDEOGRAPH;

    /** How far a closing single quote is looked for; keeps reading linear. */
    private static final int QUOTE_REACH = 40;

    private static final TokenKind[] KINDS = TokenKind.values();
    private static final int WORD = TokenKind.WORD.ordinal();
    private static final long HASH_SEED = 0x51_7c_c1_b7_27_22_0a_95L;

    /** A longer value is no name and no address; the limits keep reading linear and buffers small. */
    private static final int MOST_CHARS = 4_096;

    private static final int MOST_TOKENS = 256;
    private static final int FEWEST_IN_NUMBER = 4;
    private static final char JOINER = '\u200D';
    private static final String SEPARATING = "-:_|\\*~!?=/\u3012";

    private char[] chars = new char[128];
    private int length;
    private Composed text = Composed.NOTHING;
    private boolean tooLong;
    private int count;
    private byte[] kinds = new byte[32];
    private int[] starts = new int[32];
    private int[] ends = new int[32];
    private int[] letters = new int[32];
    private int[] shapes = new int[32];
    private long[] hashes = new long[32];
    private boolean anyLower;
    private boolean anyUpper;
    private int anyShape;

    /**
     * Reads a value; what was here before is gone. Letters that are written as several characters are put together first,
     * so that a value reads the same however it is encoded. A value that is too long has no tokens.
     */
    public void read(String value) {
        count = 0;
        length = 0;
        anyLower = false;
        anyUpper = false;
        anyShape = 0;
        text = Composed.NOTHING;
        tooLong = value.length() > MOST_CHARS;
        if (tooLong) {
            return;
        }
        text = Composed.asIs(value);
        int facts = takeChars();
        if ((facts & Chars.MAY_COMPOSE) != 0) {
            text = Composed.of(value);
            facts |= takeChars();
        }
        for (int i = 0; i < length && (facts & Chars.UNCLEAN) != 0; i++) {
            chars[i] = Chars.clean(chars[i]);
        }
        readTokens();
        tooLong = count > MOST_TOKENS;
        count = tooLong ? 0 : count;
    }

    /** Takes the characters of the text as they are; returns what is known of any of them. */
    private int takeChars() {
        length = text.text().length();
        if (chars.length < length) {
            chars = new char[length * 2];
        }
        text.text().getChars(0, length, chars, 0);
        int facts = 0;
        for (int i = 0; i < length; i++) {
            facts |= Chars.facts(chars[i]);
        }
        return facts;
    }

    private void readTokens() {
        boolean inSingleQuotes = false;
        boolean glued = false;
        int i = 0;
        while (i < length && count <= MOST_TOKENS) {
            int facts = factsAt(i);
            if ((facts & Chars.WORD & ~Chars.IGNORABLE) != 0) {
                i = word(i, facts, glued, i);
                glued = true;
                continue;
            }
            CharClass c = classAt(i);
            if (c == CharClass.SPACE || c == CharClass.DOT || c == CharClass.IGNORABLE && isFormat(i)) {
                glued = glued && c != CharClass.SPACE;
                i += width(i);
                continue;
            }
            int from = i;
            if (c == CharClass.APOSTROPHE && !inSingleQuotes && opensQuotation(from)) {
                inSingleQuotes = true;
                i = mark(TokenKind.QUOTE, from, glued);
            } else if (c == CharClass.APOSTROPHE && !inSingleQuotes && startsWord(from)) {
                i = word(from, factsAt(from + 1), glued, from + 1);
            } else {
                inSingleQuotes = inSingleQuotes && c != CharClass.APOSTROPHE;
                i = mark(markKind(c), from, glued);
            }
            glued = true;
        }
    }

    /** Returns whether the value was too long to be read, and so has no tokens. */
    public boolean isTooLong() {
        return tooLong;
    }

    /** Returns the text that the tokens stand in: the value, with its letters put together. */
    public String text() {
        return text.text();
    }

    /** Returns where in the value a place of {@link #text} is; {@code end} tells whether the place is one behind. */
    public int inSource(int place, boolean end) {
        return text.inSource(place, end);
    }

    /** Returns whether a token is a sign that only separates, such as a hyphen between blanks. */
    public boolean isSeparating(int token) {
        return is(token, TokenKind.MARK)
                && ends[token] == starts[token] + 1
                && SEPARATING.indexOf(chars[starts[token]]) >= 0;
    }

    /** Returns whether a token is a slash, which separates, but may also join. */
    public boolean isSlash(int token) {
        return is(token, TokenKind.MARK) && chars[starts[token]] == '/';
    }

    private CharClass classAt(int i) {
        char c = chars[i];
        return Character.isSurrogate(c) ? supplementary(i) : Chars.classOf(c);
    }

    /** Half a character alone is a sign like any other. */
    private CharClass supplementary(int i) {
        return width(i) == 2
                ? Chars.classOfSupplementary(Character.toCodePoint(chars[i], chars[i + 1]))
                : CharClass.MARK;
    }

    /** Returns how many {@code char}s the character has that starts here. */
    private int width(int i) {
        return Character.isHighSurrogate(chars[i]) && i + 1 < length && Character.isLowSurrogate(chars[i + 1]) ? 2 : 1;
    }

    private boolean isFormat(int i) {
        return Character.getType(Character.codePointAt(chars, i, length)) == Character.FORMAT;
    }

    /** Marks and variation selectors belong to the character before them. */
    private int behindMarks(int from) {
        int i = from;
        while (i < length && classAt(i) == CharClass.IGNORABLE) {
            i += width(i);
        }
        return i;
    }

    private static TokenKind markKind(CharClass c) {
        return switch (c) {
            case COMMA -> TokenKind.COMMA;
            case BREAK -> TokenKind.BREAK;
            case QUOTE, APOSTROPHE -> TokenKind.QUOTE;
            case OPEN -> TokenKind.OPEN;
            case CLOSE -> TokenKind.CLOSE;
            case AND -> TokenKind.AND;
            default -> TokenKind.MARK;
        };
    }

    private boolean startsWord(int apostrophe) {
        return apostrophe + 1 < length
                && classAt(apostrophe + 1).isLetter()
                && (apostrophe == 0 || !classAt(apostrophe - 1).isWord());
    }

    /** An apostrophe opens a quotation when one that ends a word follows soon; in {@code 't Hooft} none does. */
    private boolean opensQuotation(int apostrophe) {
        if (!startsWord(apostrophe)) {
            return false;
        }
        boolean oneLetter = apostrophe + 2 < length && chars[apostrophe + 2] == ' ';
        if (oneLetter) {
            return false;
        }
        int limit = Math.min(length, apostrophe + QUOTE_REACH);
        for (int i = apostrophe + 2; i < limit; i++) {
            if (chars[i] == '\'' && (i + 1 == length || !classAt(i + 1).isWord())) {
                return true;
            }
        }
        return false;
    }

    /** A sign with what belongs to it: a family of joined pictures, or one in another colour, is one sign. */
    private int mark(TokenKind kind, int from, boolean glued) {
        int end = from + width(from);
        if (kind == TokenKind.MARK) {
            end = behindMarks(end);
            while (end < length && goesOnWithSign(end)) {
                end = behindMarks(end + width(end));
            }
        }
        add(kind, from, end, glued ? GLUED : 0, 0, hashOf(chars[from]));
        return end;
    }

    private boolean goesOnWithSign(int i) {
        boolean joined = chars[i - 1] == JOINER && classAt(i) == CharClass.MARK;
        return joined
                || Character.getType(Character.codePointAt(chars, i, length)) == Character.MODIFIER_SYMBOL
                        && width(i) == 2;
    }

    private static long hashOf(char c) {
        return PhraseTable.mix(HASH_SEED, Chars.fold(c));
    }

    /**
     * Reads one word from {@code i}; the token starts at {@code from}, which may be an apostrophe before it.
     *
     * @param first what is known of its first letter
     */
    private int word(int from, int first, boolean glued, int i) {
        int shape = (glued ? GLUED : 0) | ((first & UPPER) != 0 ? UPPER_FIRST : 0);
        boolean ideographic = (first & IDEOGRAPH) != 0;
        long hash = HASH_SEED;
        int letterCount = 0;
        int facts = first;
        while (true) {
            boolean letter = (facts & Chars.WORD & ~Chars.IGNORABLE) != 0;
            if (letter) {
                hash = PhraseTable.mix(hash, (facts & Chars.HALF) == 0 ? facts & 0xffff : foldedSupplementary(i));
                i += (facts & Chars.HALF) == 0 ? 1 : 2;
                letterCount++;
                shape |= facts & Chars.WORD;
                if (ideographic || letterCount == 1 && endsCareOf(from)) {
                    break;
                }
            } else if ((facts & Chars.IGNORABLE) != 0) {
                i += width(i);
            } else {
                CharClass c = classAt(i);
                if (!continuesWord(c, i)) {
                    break;
                }
                shape |= c == CharClass.HYPHEN ? HYPHEN : APOSTROPHE;
                i++;
            }
            if (i >= length) {
                break;
            }
            facts = factsAt(i);
            if (letter && (facts & IDEOGRAPH) != 0) {
                break;
            }
        }
        int end = ideographic ? behindMarks(i) : i;
        if (!ideographic && end < length && chars[end] == '\'' && endsElision(from, end)) {
            end++;
        }
        if (end < length && chars[end] == '.') {
            shape |= DOTTED;
            end++;
        }
        anyLower |= (shape & LOWER) != 0;
        anyUpper |= (shape & UPPER) != 0;
        boolean number = (first & DIGIT) != 0;
        add(number ? TokenKind.NUMBER : TokenKind.WORD, from, end, shape, letterCount, hash);
        return end;
    }

    /** {@code c/oHarrow}: who leaves out the blank means the same sign. */
    private boolean endsCareOf(int from) {
        if (from < 2 || from + 2 >= length || chars[from - 1] != '/' || Chars.fold(chars[from]) != 'o') {
            return false;
        }
        boolean sign = Chars.fold(chars[from - 2]) == 'c'
                && (from == 2 || !classAt(from - 3).isWord());
        boolean capital = classAt(from + 1) == CharClass.UPPER;
        return sign && capital && (chars[from] == 'o' || classAt(from + 2) == CharClass.LOWER);
    }

    private int factsAt(int i) {
        int facts = Chars.facts(chars[i]);
        return (facts & Chars.HALF) == 0 ? facts : Chars.HALF | Chars.shape(supplementary(i));
    }

    private int foldedSupplementary(int i) {
        return Character.toLowerCase(Character.toCodePoint(chars[i], chars[i + 1]));
    }

    /** {@code O' Brien}, {@code d' Arcy}: the apostrophe belongs to the one letter before it. */
    private boolean endsElision(int from, int apostrophe) {
        return apostrophe - from == 1
                && apostrophe + 2 < length
                && chars[apostrophe + 1] == ' '
                && classAt(apostrophe + 2).isLetter();
    }

    /**
     * An apostrophe or hyphen goes on with the word when letters or digits stand on both sides of it; so does a pair of
     * strokes, or a double one, in the middle of a word of a script without case, as in Hebrew short forms.
     */
    private boolean continuesWord(CharClass c, int i) {
        if (i + 1 >= length) {
            return false;
        }
        CharClass before = classAt(i - 1);
        CharClass next = classAt(i + 1);
        if (c == CharClass.QUOTE) {
            return before == CharClass.CASELESS && next == CharClass.CASELESS;
        }
        if (c != CharClass.APOSTROPHE && c != CharClass.HYPHEN) {
            return false;
        }
        boolean pair = before == CharClass.APOSTROPHE || next == CharClass.APOSTROPHE && before == CharClass.CASELESS;
        return pair && c == CharClass.APOSTROPHE || before.isWord() && next.isWord();
    }

    private void add(TokenKind kind, int start, int end, int shape, int letterCount, long hash) {
        if (count == kinds.length) {
            int size = count * 2;
            kinds = Arrays.copyOf(kinds, size);
            starts = Arrays.copyOf(starts, size);
            ends = Arrays.copyOf(ends, size);
            letters = Arrays.copyOf(letters, size);
            shapes = Arrays.copyOf(shapes, size);
            hashes = Arrays.copyOf(hashes, size);
        }
        kinds[count] = (byte) kind.ordinal();
        starts[count] = start;
        ends[count] = end;
        letters[count] = letterCount;
        shapes[count] = shape;
        hashes[count] = hash;
        anyShape |= shape;
        count++;
    }

    /** Returns whether letters stand in it that are written without blanks between words, or in scripts without case. */
    public boolean hasCaseless() {
        return (anyShape & (IDEOGRAPH | Chars.CASELESS)) != 0;
    }

    /** Returns whether a token is a word of a script without case, other than a Chinese, Japanese or Korean one. */
    public boolean isCaseless(int token) {
        return (shapes[token] & (IDEOGRAPH | Chars.CASELESS)) == Chars.CASELESS;
    }

    /** Makes one word of several that stand side by side with nothing between; those behind have other indexes then. */
    public void join(int from, int end) {
        int letterCount = 0;
        int shape = shapes[from] & GLUED | shapes[end - 1] & DOTTED;
        for (int i = from; i < end; i++) {
            letterCount += letters[i];
            shape |= shapes[i] & Chars.WORD;
        }
        ends[from] = ends[end - 1];
        letters[from] = letterCount;
        shapes[from] = shape;
        hashes[from] = hash(starts[from], ends[from]);
        int behind = count - end;
        System.arraycopy(kinds, end, kinds, from + 1, behind);
        System.arraycopy(starts, end, starts, from + 1, behind);
        System.arraycopy(ends, end, ends, from + 1, behind);
        System.arraycopy(letters, end, letters, from + 1, behind);
        System.arraycopy(shapes, end, shapes, from + 1, behind);
        System.arraycopy(hashes, end, hashes, from + 1, behind);
        count -= end - from - 1;
    }

    /** Cuts a word in two at a place of the source inside it; the tokens behind have other indexes then. */
    public void cut(int token, int at) {
        int start = starts[token];
        int end = ends[token];
        int shape = shapes[token];
        makeRoom(token, 1);
        set(token, TokenKind.WORD, start, at, shape & ~DOTTED);
        set(token + 1, TokenKind.WORD, at, end, shape & ~UPPER_FIRST | GLUED);
        letters[token] = countLetters(start, at);
        letters[token + 1] = countLetters(at, end);
    }

    private int countLetters(int from, int end) {
        int all = 0;
        for (int i = from; i < end; i += width(i)) {
            int facts = factsAt(i);
            all += (facts & Chars.WORD & ~Chars.IGNORABLE) != 0 ? 1 : 0;
        }
        return all;
    }

    /**
     * Cuts a number at its hyphen into two numbers with the hyphen between them, if both sides are digits only.
     *
     * @return whether it was cut; the tokens behind it have other indexes then
     */
    public boolean cutAtHyphen(int token) {
        int hyphen = starts[token];
        while (hyphen < ends[token] && chars[hyphen] != '-') {
            hyphen++;
        }
        if (!isDigits(starts[token], hyphen) || !isDigits(hyphen + 1, ends[token])) {
            return false;
        }
        makeRoom(token, 2);
        int end = ends[token];
        set(token, TokenKind.NUMBER, starts[token], hyphen, shapes[token] & GLUED | DIGIT);
        set(token + 1, TokenKind.MARK, hyphen, hyphen + 1, GLUED);
        set(token + 2, TokenKind.NUMBER, hyphen + 1, end, GLUED | DIGIT);
        return true;
    }

    /**
     * Cuts a word of letters and digits where the digits begin, {@code VT05641}, and at a hyphen between them; the tokens
     * behind it have other indexes then.
     *
     * @param letterCount how many letters it begins with
     */
    public void cutBehindLetters(int token, int letterCount) {
        int start = starts[token];
        int end = ends[token];
        int cut = start + letterCount;
        boolean hyphen = chars[cut] == '-';
        int shape = shapes[token] & (UPPER | LOWER | UPPER_FIRST);
        int glued = shapes[token] & GLUED;
        makeRoom(token, hyphen ? 2 : 1);
        set(token, TokenKind.WORD, start, cut, glued | shape);
        if (hyphen) {
            set(token + 1, TokenKind.MARK, cut, cut + 1, GLUED);
        }
        int number = hyphen ? cut + 1 : cut;
        set(token + (hyphen ? 2 : 1), TokenKind.NUMBER, number, end, GLUED | DIGIT);
    }

    /**
     * Takes the letter O in a number for the nought that is meant, {@code O5641}; the text itself stays.
     *
     * @return whether it is such a number, of four signs or more and mostly digits
     */
    public boolean mendNoughts(int token) {
        int noughts = 0;
        int end = ends[token] - (isDotted(token) ? 1 : 0);
        for (int i = starts[token]; i < end; i++) {
            boolean nought = Chars.fold(chars[i]) == 'o';
            if (!nought && classAt(i) != CharClass.DIGIT) {
                return false;
            }
            noughts += nought ? 1 : 0;
        }
        if (noughts == 0 || end - starts[token] < FEWEST_IN_NUMBER || 2 * noughts >= end - starts[token]) {
            return false;
        }
        for (int i = starts[token]; i < end; i++) {
            chars[i] = Chars.fold(chars[i]) == 'o' ? '0' : chars[i];
        }
        set(token, TokenKind.NUMBER, starts[token], end, shapes[token] & GLUED | DIGIT);
        return true;
    }

    private void makeRoom(int token, int more) {
        for (int added = 0; added < more; added++) {
            add(TokenKind.MARK, 0, 0, 0, 0, 0);
        }
        int to = token + 1 + more;
        int behind = count - to;
        System.arraycopy(kinds, token + 1, kinds, to, behind);
        System.arraycopy(starts, token + 1, starts, to, behind);
        System.arraycopy(ends, token + 1, ends, to, behind);
        System.arraycopy(letters, token + 1, letters, to, behind);
        System.arraycopy(shapes, token + 1, shapes, to, behind);
        System.arraycopy(hashes, token + 1, hashes, to, behind);
    }

    private boolean isDigits(int from, int end) {
        for (int i = from; i < end; i++) {
            if (classAt(i) != CharClass.DIGIT) {
                return false;
            }
        }
        return from < end;
    }

    private void set(int token, TokenKind kind, int start, int end, int shape) {
        kinds[token] = (byte) kind.ordinal();
        starts[token] = start;
        ends[token] = end;
        letters[token] = kind == TokenKind.MARK ? 0 : end - start;
        shapes[token] = shape;
        hashes[token] = kind == TokenKind.MARK ? hashOf(chars[start]) : hash(start, end);
    }

    /** Returns how many tokens there are. */
    public int count() {
        return count;
    }

    public TokenKind kind(int token) {
        return KINDS[kinds[token]];
    }

    public boolean is(int token, TokenKind kind) {
        return kinds[token] == kind.ordinal();
    }

    public boolean isWord(int token) {
        return kinds[token] == WORD;
    }

    public int start(int token) {
        return starts[token];
    }

    public int end(int token) {
        return ends[token];
    }

    /** Returns the hash of the token's letters without case, accents, hyphens and apostrophes. */
    public long hash(int token) {
        return hashes[token];
    }

    /** Puts a misspelt word right: from now on it is looked up by another hash. The text itself stays. */
    public void correct(int token, long hash) {
        hashes[token] = hash;
    }

    /** Returns the hash that a word of plain small letters has. */
    public static long hashOfWord(String word) {
        long hash = HASH_SEED;
        for (int i = 0; i < word.length(); i++) {
            hash = PhraseTable.mix(hash, Chars.fold(word.charAt(i)));
        }
        return hash;
    }

    /** Returns the number of letters and digits. */
    public int letters(int token) {
        return letters[token];
    }

    /** Returns the clean character at a place of the source. */
    public char charAt(int position) {
        return chars[position];
    }

    /** Returns the character to compare by at a place of the source: lower case, without accents. */
    public char foldAt(int position) {
        return Chars.fold(chars[position]);
    }

    /**
     * Returns whether the word is one letter, with or without a dot. None are {@code 't} and {@code d'}, nor a small
     * letter without a dot in a value that has capitals: {@code Ortega y Gasset}.
     */
    public boolean isInitial(int token) {
        int signs = isDotted(token) ? 1 : 0;
        return kinds[token] == WORD
                && letters[token] == 1
                && ends[token] - starts[token] == 1 + signs
                && !isIdeograph(token)
                && (isDotted(token) || isPlain(chars[starts[token]]) && !(isAllLower(token) && anyUpper));
    }

    /** The Irish {@code Ó} without a dot is a word. */
    private static boolean isPlain(char c) {
        return c != 'Ó' && c != 'ó';
    }

    public boolean isIdeograph(int token) {
        return (shapes[token] & IDEOGRAPH) != 0;
    }

    public boolean hasHyphen(int token) {
        return (shapes[token] & HYPHEN) != 0;
    }

    public boolean hasApostrophe(int token) {
        return (shapes[token] & APOSTROPHE) != 0;
    }

    public boolean isDotted(int token) {
        return (shapes[token] & DOTTED) != 0;
    }

    /** Returns whether nothing, or only dots, stands between the token before and this one. */
    public boolean isGlued(int token) {
        return (shapes[token] & GLUED) != 0;
    }

    public boolean hasDigit(int token) {
        return (shapes[token] & DIGIT) != 0;
    }

    public boolean startsUpper(int token) {
        return (shapes[token] & UPPER_FIRST) != 0;
    }

    public boolean isAllLower(int token) {
        return (shapes[token] & (LOWER | UPPER)) == LOWER;
    }

    /** Returns whether the word has two or more letters, all of them capitals. */
    public boolean isAllCaps(int token) {
        return (shapes[token] & (UPPER | LOWER)) == UPPER && letters[token] > 1;
    }

    /** Returns whether the whole value has capitals and small letters, so that case can tell something. */
    public boolean isMixedCase() {
        return anyLower && anyUpper;
    }

    /** Returns the hash of a run of the source's characters, comparable with {@link #hash}. */
    public long hash(int start, int end) {
        long hash = HASH_SEED;
        for (int i = start; i < end; i += width(i)) {
            int facts = factsAt(i);
            if ((facts & Chars.WORD & ~Chars.IGNORABLE) != 0) {
                hash = PhraseTable.mix(hash, (facts & Chars.HALF) == 0 ? facts & 0xffff : foldedSupplementary(i));
            }
        }
        return hash;
    }
}
