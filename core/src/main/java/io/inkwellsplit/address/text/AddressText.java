package io.inkwellsplit.address.text;

import io.inkwellsplit.address.place.AddressWord;
import io.inkwellsplit.address.place.AddressWords;
import io.inkwellsplit.address.place.Countries;
import io.inkwellsplit.address.place.Country;
import io.inkwellsplit.address.place.CountryNames;
import io.inkwellsplit.address.place.Places;
import io.inkwellsplit.address.place.Postcodes;
import io.inkwellsplit.reading.AddressPart;
import io.inkwellsplit.reading.SourcePlaces;
import io.inkwellsplit.text.PhraseTable;
import io.inkwellsplit.text.TokenKind;
import io.inkwellsplit.text.Tokens;
import java.util.Arrays;

/**
 * One address on its way: its tokens, what each is in the country that is being tried, and the label each has so far.
 *
 * <p>A label is the ordinal of an {@link AddressPart}, or one of the three below 0. A buffer, reused for every value.
 */
public final class AddressText {
    public static final byte FREE = -1;
    public static final byte SEPARATOR = -2;
    /** A word that announces a part. */
    public static final byte ANNOUNCEMENT = -3;

    private static final AddressPart[] PARTS = AddressPart.values();
    /** A word must be as long as this to have an ending that tells what it is. */
    /** So many digits are more likely a postcode's than a house's. */
    private static final int POSTCODE_DIGITS = 4;

    private static final int LONG_WORD = 4;
    /** Greek is the first script behind the Latin one. */
    private static final char FIRST_OTHER = '\u0370';

    private static final int MAX_POSTCODE = 9_999_999;

    private static final int NEEDS_DOT =
            AddressWord.STREET_HEAD | AddressWord.LOCALITY_HEAD | AddressWord.BUILDING_HEAD | AddressWord.CARE_OF;

    public final Tokens tokens = new Tokens();
    public final SourcePlaces sourcePlaces = tokens::inSource;
    private int count;
    private byte[] labels = new byte[32];
    private byte[] untouched = new byte[32];
    /** The number of each word, and of the longest phrase from it on where that has more than one word. */
    private int[] words = new int[32];

    private int[] phrases = new int[32];
    private int[] lengths = new int[32];
    private int[] info = new int[32];
    private int[] phraseInfo = new int[32];
    /** Where the commas, line ends and spaced dashes are. */
    private boolean[] commas = new boolean[32];

    private int[] segmentStarts = new int[32];
    private int[] segmentEnds = new int[32];
    private int firstNumber;
    private final Tail tail = new Tail();
    private final GluedState gluedState;
    private final Unspaced unspaced;
    private int limit;
    private boolean otherLetters;

    public final Countries countries;
    public final Places places;
    private Country country;

    private String source = "";

    public AddressText(AddressWords words) {
        this.countries = words.countries();
        this.places = words.places();
        this.gluedState = new GluedState(countries, places);
        this.unspaced = new Unspaced();
        this.country = countries.get(0);
    }

    public void read(String text) {
        tokens.read(text);
        source = tokens.text();
        otherLetters = hasOtherLetters(source);
        unspaced.part(tokens);
        for (int i = 0; i < tokens.count(); i++) {
            if (tokens.hasDigit(i)) {
                tokens.mendNoughts(i);
                if (tokens.isWord(i)) {
                    gluedState.part(tokens, i);
                }
            }
        }
        limit = tail.before(tokens);
        prepare();
    }

    /** Returns the tokens behind those that are read: what people write behind an address. */
    public int tailEnd() {
        return tokens.count();
    }

    /** Returns the first token of the words that announce a receiver behind the address; -1 where there are none. */
    public int tailCareOf() {
        return tail.careOf();
    }

    public int tailReceiver() {
        return tail.receiver();
    }

    /** Returns whether there are no letters beside a to z in it. */
    public boolean isPlain() {
        for (int i = 0; i < source.length(); i++) {
            if (source.charAt(i) > 'z') {
                return false;
            }
        }
        return true;
    }

    /** Returns whether letters stand in it that are not Latin. */
    public boolean hasOtherLetters() {
        return otherLetters;
    }

    private static boolean hasOtherLetters(String text) {
        for (int i = 0; i < text.length(); i++) {
            if (text.charAt(i) >= FIRST_OTHER && Character.isLetter(text.charAt(i))) {
                return true;
            }
        }
        return false;
    }

    /** Returns how many tokens there are. */
    public int count() {
        return count;
    }

    /** Returns the country in whose eyes the tokens are seen. */
    public Country country() {
        return country;
    }

    /** Returns the number of a token among the words that are known; below 0 where it is none of them. */
    public int word(int token) {
        return words[token];
    }

    /** Returns the number of the longest known phrase of several words from a token on; below 0 where there is none. */
    public int phrase(int token) {
        return phrases[token];
    }

    public byte label(int token) {
        return labels[token];
    }

    public void label(int token, byte label) {
        labels[token] = label;
    }

    public String source() {
        return source;
    }

    private void prepare() {
        count = Math.min(limit, tokens.count());
        if (labels.length < count) {
            int size = count * 2;
            labels = new byte[size];
            untouched = new byte[size];
            words = new int[size];
            phrases = new int[size];
            lengths = new int[size];
            info = new int[size];
            phraseInfo = new int[size];
            commas = new boolean[size];
            segmentStarts = new int[size];
            segmentEnds = new int[size];
        }
        firstNumber = count;
        PhraseTable table = countries.words();
        for (int i = 0; i < count; i++) {
            TokenKind kind = tokens.kind(i);
            int word = table.word(tokens.hash(i));
            words[i] = word;
            phrases[i] = PhraseTable.NONE;
            lengths[i] = 0;
            if (word != PhraseTable.NONE && countries.startsPhrase(word)) {
                int length = table.longest(tokens, i, count);
                if (length > 1) {
                    lengths[i] = length;
                    phrases[i] = table.value(tokens, i, length);
                }
            }
            boolean dash = kind == TokenKind.MARK && isChar(i, '-') && !tokens.isGlued(i);
            commas[i] = kind == TokenKind.COMMA || kind == TokenKind.BREAK || dash || isStrokeBetweenWords(i);
            segmentStarts[i] = i == 0 || commas[i - 1] ? i : segmentStarts[i - 1];
            firstNumber = kind == TokenKind.NUMBER ? Math.min(firstNumber, i) : firstNumber;
            untouched[i] = switch (kind) {
                case WORD, NUMBER, AND -> FREE;
                case MARK -> isSeparatingMark(i) ? SEPARATOR : FREE;
                default -> SEPARATOR;
            };
        }
        findSegmentEnds();
    }

    /** {@code 12 Main St / Barre / VT / 05641}: with blanks around it a stroke parts lines, but for what may join house numbers. */
    private boolean isStrokeBetweenWords(int i) {
        return tokens.isSlash(i)
                && i > 0
                && i + 1 < tokens.count()
                && !tokens.isGlued(i)
                && !tokens.isGlued(i + 1)
                && (tokens.isWord(i - 1) && tokens.letters(i - 1) > 1 || mayBePostcode(i - 1))
                && (tokens.isWord(i + 1) && tokens.letters(i + 1) > 1 || mayBePostcode(i + 1));
    }

    private boolean mayBePostcode(int i) {
        return tokens.is(i, TokenKind.NUMBER) && tokens.letters(i) >= POSTCODE_DIGITS;
    }

    private void findSegmentEnds() {
        for (int i = count - 1; i >= 0; i--) {
            segmentEnds[i] = commas[i] ? i : i == count - 1 ? count : segmentEnds[i + 1];
        }
    }

    /** Looks at the words with the eyes of one country; no token has a label afterwards. */
    public void use(Country tried) {
        country = tried;
        for (int i = 0; i < count; i++) {
            int is = tried.word(words[i]);
            boolean mayEnd = tokens.isWord(i) && (tokens.letters(i) >= LONG_WORD || tokens.isIdeograph(i));
            if (is == 0 && (mayEnd || tokens.hasHyphen(i))) {
                is = tried.ending(tokens, i);
            }
            boolean bareLetter = tokens.letters(i) == 1 && !tokens.isDotted(i);
            info[i] = bareLetter && tokens.isWord(i) ? is & ~NEEDS_DOT : is;
            phraseInfo[i] = lengths[i] > 1 ? tried.word(phrases[i]) : 0;
        }
        System.arraycopy(untouched, 0, labels, 0, count);
    }

    /** Parts flat and house that a hyphen joins; the tokens are others afterwards. */
    public void cutAtDashes() {
        for (int i = 0; i < count; i++) {
            boolean opensLine = i == 0 || isComma(i - 1);
            if (opensLine && is(i, TokenKind.NUMBER) && tokens.hasHyphen(i) && i + 1 < count && tokens.cutAtHyphen(i)) {
                limit += 2;
                tail.shift(2);
                prepare();
                return;
            }
        }
    }

    /** Returns how many tokens from one on make a postcode of some other country; 0 if they make none. */
    public int foreignPostcode(int token) {
        int longest = 0;
        for (int other : countries.withPostcodeLike(tokens, token)) {
            longest = Math.max(longest, countries.get(other).postcodes.match(tokens, token, count));
        }
        return longest;
    }

    /** Returns whether a postcode may begin with a token: one with a digit, or before one where some country's begin with letters. */
    public boolean mayOpenPostcode(int token) {
        return tokens.hasDigit(token)
                || countries.lettersOpenPostcodes()
                        && tokens.isWord(token)
                        && token + 1 < count
                        && tokens.hasDigit(token + 1);
    }

    /** Returns whether a token looks like the first one of some country's postcode. */
    public boolean isLikePostcode(int token) {
        return countries.withPostcodeLike(tokens, token).length > 0;
    }

    /** Takes every label away again. */
    public void clearLabels() {
        System.arraycopy(untouched, 0, labels, 0, count);
    }

    private boolean isSeparatingMark(int i) {
        return tokens.isSeparating(i) && (!tokens.isSlash(i) || isStrokeBetweenWords(i));
    }

    /** Returns whether a token is a sign that says something, and does not only separate. */
    public boolean isSign(int token) {
        boolean sign = tokens.is(token, TokenKind.MARK) || tokens.is(token, TokenKind.AND);
        return sign && !tokens.isSeparating(token);
    }

    private boolean isChar(int token, char c) {
        return tokens.charAt(tokens.start(token)) == c;
    }

    /** Returns whether a token only separates, whatever its place. */
    public boolean isSeparator(int token) {
        return untouched[token] == SEPARATOR;
    }

    /** Returns what a word is in the country that is tried, as bits of {@link AddressWord}. */
    public int classes(int token) {
        return info[token];
    }

    /** Returns what the phrase from a token on is in the country that is tried. */
    public int phraseClasses(int token) {
        return phraseInfo[token];
    }

    public boolean has(int token, int classes) {
        return (info[token] & classes) != 0;
    }

    /** Returns how many tokens the longest phrase of any country from here on has; 0 or 1 if there is none. */
    public int phraseLength(int token) {
        return lengths[token];
    }

    /** Returns how many tokens from here on make the longest word or phrase of one of the classes; 0 for none. */
    public int lengthOf(int token, int classes) {
        if ((phraseInfo[token] & classes) != 0) {
            return lengths[token];
        }
        return has(token, classes) ? 1 : 0;
    }

    /** Returns whether the gazetteer knows a town of the country by this name. */
    public boolean isTown(int from, int end) {
        return places.find(country, tokens, from, end) != PhraseTable.NONE;
    }

    public boolean knowsPostcodes() {
        return places.of(country).knowsPostcodes();
    }

    /** Returns the number that the digits of a token make up to a hyphen; -1 if something else stands in it. */
    public int leadingNumber(int token) {
        int number = 0;
        for (int i = tokens.start(token); i < tokens.end(token) && tokens.charAt(i) != '-'; i++) {
            if (!Postcodes.isDigit(tokens.charAt(i)) || number > MAX_POSTCODE) {
                return -1;
            }
            number = number * 10 + tokens.charAt(i) - '0';
        }
        return number;
    }

    /** Returns the number, from 1, of the state that is labelled; 0 where none is. */
    public int state() {
        int from = 0;
        while (from < count && labels[from] != AddressPart.STATE.ordinal()) {
            from++;
        }
        int end = from;
        while (end < count && labels[end] == AddressPart.STATE.ordinal()) {
            end++;
        }
        return from == end ? 0 : country.state(tokens, from, end);
    }

    public boolean is(int token, TokenKind kind) {
        return token >= 0 && token < count && tokens.is(token, kind);
    }

    public boolean isNumber(int token) {
        return is(token, TokenKind.NUMBER);
    }

    /** Returns whether a dot stands behind a token and more behind that: no postcode ends so. */
    public boolean isDottedInside(int token) {
        return tokens.isDotted(token) && token + 1 < count && !isComma(token + 1);
    }

    public boolean isMark(int token, char c) {
        return is(token, TokenKind.MARK) && isChar(token, c);
    }

    public boolean isFree(int token) {
        return token >= 0 && token < count && labels[token] == FREE;
    }

    public boolean isFreeWord(int token) {
        return isFree(token) && (tokens.isWord(token) || tokens.is(token, TokenKind.NUMBER));
    }

    public boolean isComma(int token) {
        return token >= 0 && token < count && commas[token];
    }

    /** Returns where the run of one label ends; a street goes on to its number over a comma, so does a unit to the next. */
    public int runEnd(int from) {
        int end = from + 1;
        int label = labels[from];
        if (label == SEPARATOR) {
            return end;
        }
        boolean overCommas = label == AddressPart.STREET.ordinal() || label == AddressPart.UNIT.ordinal();
        while (end < count) {
            int next = end;
            while (next < count && labels[next] == SEPARATOR && (overCommas || !isComma(next))) {
                next++;
            }
            if (next >= count || labels[next] != label) {
                break;
            }
            end = next + 1;
        }
        return end;
    }

    /** Returns the part that a label stands for which is not below 0. */
    public static AddressPart part(int label) {
        return PARTS[label];
    }

    public void label(int from, int end, AddressPart part) {
        label(from, end, (byte) part.ordinal());
    }

    public void label(int from, int end, byte label) {
        for (int i = from; i < end; i++) {
            if (labels[i] != SEPARATOR || label == SEPARATOR) {
                labels[i] = label;
            }
        }
    }

    public boolean isLabelled(int token, AddressPart part) {
        return token >= 0 && token < count && labels[token] == part.ordinal();
    }

    /** Returns the code of the country whose regions may be written: the one that is written, or the one that is tried. */
    public String regionsOf() {
        int from = find(AddressPart.COUNTRY);
        if (from < 0) {
            return country.code;
        }
        int end = from;
        while (end < count && labels[end] == AddressPart.COUNTRY.ordinal()) {
            end++;
        }
        String named = CountryNames.shipped().code(tokens, from, end - from);
        return named.isEmpty() ? country.code : named;
    }

    /** Returns whether a token is there, and nothing stands between it and the one before. */
    public boolean isGlued(int token) {
        return token < count && tokens.isGlued(token);
    }

    /** Returns the first token with a label, or -1. */
    public int find(AddressPart part) {
        for (int i = 0; i < count; i++) {
            if (labels[i] == part.ordinal()) {
                return i;
            }
        }
        return -1;
    }

    /** Returns the last free token before {@code end}, or -1. */
    public int lastFree(int end) {
        int i = end - 1;
        while (i >= 0 && labels[i] != FREE) {
            i--;
        }
        return i;
    }

    /** Returns the first free token from {@code from} on, or the count. */
    public int nextFree(int from) {
        int i = from;
        while (i < count && labels[i] != FREE) {
            i++;
        }
        return i;
    }

    /** Returns the first word or number from {@code from} on, or the count. */
    public int nextWord(int from) {
        int i = from;
        while (i < count && !tokens.isWord(i) && !tokens.is(i, TokenKind.NUMBER)) {
            i++;
        }
        return i;
    }

    /** Returns where the comma segment of a token begins. */
    public int segmentStart(int token) {
        return segmentStarts[token];
    }

    public int segmentEnd(int token) {
        return segmentEnds[token];
    }

    /** Returns whether a number without a label stands in a run of tokens. */
    public boolean hasNumber(int from, int end) {
        for (int i = from; i < end; i++) {
            if (isNumber(i) && isFree(i)) {
                return true;
            }
        }
        return false;
    }

    /** Returns whether a number stands before a token. */
    public boolean hasNumberBefore(int token) {
        return firstNumber < token;
    }

    @Override
    public String toString() {
        return country.code + " " + Arrays.toString(Arrays.copyOf(labels, count));
    }
}
