package io.inkwellsplit.address.weigh;

import io.inkwellsplit.address.column.AddressCounts;
import io.inkwellsplit.address.place.AddressWord;
import io.inkwellsplit.address.place.AddressWords;
import io.inkwellsplit.address.place.Country;
import io.inkwellsplit.address.text.AddressText;
import io.inkwellsplit.reading.AddressPart;
import io.inkwellsplit.text.Tokens;
import java.util.Arrays;

/**
 * What is known of each token of an address: its word, shape, neighbours and place, what the country's files, the
 * gazetteer, the forms of postcodes and the column say of it. Each such clue is one number; the decoder adds up what
 * they are worth. A buffer, reused for every value.
 */
public final class AddressClues {
    /** How many clues a token has; those it does not have are 0. */
    public static final int EACH = AddressClue.values().length;

    /** How many of them, the first ones, ask for the words themselves. */
    public static final int WORDS = AddressClue.SHAPE.ordinal();

    private static final int FAR = 5;
    private static final int MANY_SEGMENTS = 6;
    private static final int MOST_FROM_END = 4;
    private static final int MOST_TO_CODE = 4;
    private static final int NO_CODE = 9;
    private static final int END = 0x7E57;
    private static final int CODE_LETTERS = 3;
    private static final int OWN_ORDER = 1 << 8;
    private static final int ANY_COUNTRY = 0x3F;
    /** A country that has no file. */
    private static final int ELSEWHERE = 1;

    private static final AddressText NO_TEXT = new AddressText(AddressWords.shipped());

    /** The tokens that are no mere separators, in their order. */
    private int[] at = new int[32];
    /** What stands before each. */
    private byte[] joints = new byte[32];

    private int count;
    /** From here on the labels are settled, as nothing else can stand there; the clues of these tokens are not asked for. */
    private int settled;

    private int[] clues = new int[32 * EACH];

    private int[] word = new int[34];
    private int[] shape = new int[34];
    private int[] classes = new int[34];
    private int[] hint = new int[34];
    private int[] segment = new int[34];
    private int[] separators = new int[34];
    private int[] twice = new int[34];
    private int[] inSegment = new int[34];
    private int[] segmentNumber = new int[34];
    private int[] index = new int[34];
    private final KnownPlaces known = new KnownPlaces();
    private int segments;
    private int firstJoint;
    private AddressText text = NO_TEXT;
    private String regionsOf = "";
    private boolean knowsWords;
    private int order;
    private int habits;
    /** The last token of which a postcode of the country can start; -1 where there is none. */
    private int lastFit;

    /** Returns how many tokens are labelled. */
    public int count() {
        return count;
    }

    /** Returns from which token on the labels are settled. */
    public int settled() {
        return settled;
    }

    /** Returns which token of the text a labelled one is. */
    public int at(int k) {
        return at[k];
    }

    /** Returns what stands before a token; with letters without case, in a value of its own, as parts follow in another order. */
    public int joint(int k) {
        return joints[k] + firstJoint;
    }

    /** Returns the clues that were written, {@link #EACH} for each token; the buffer itself. */
    public int[] clues() {
        return clues;
    }

    /** Returns one clue of a token; 0 where it has none. */
    public int clue(int k, AddressClue clue) {
        return clues[k * EACH + clue.ordinal()];
    }

    /** Returns a copy of what stands before each token. */
    public byte[] joints() {
        byte[] all = Arrays.copyOf(joints, count);
        for (int k = 0; k < count; k++) {
            all[k] = (byte) joint(k);
        }
        return all;
    }

    /**
     * Finds what the clues are made of.
     *
     * @param hints what the recognisers take each token for, in the labels of the text
     * @param words whether words count by themselves, and not only by what is known of them
     * @param towns whether the gazetteer counts
     * @param clearEnd whether the end was seen to be one country's at first sight
     */
    public void gather(
            AddressText of, byte[] hints, AddressCounts evidence, boolean words, boolean towns, boolean clearEnd) {
        text = of;
        regionsOf = text.regionsOf();
        firstJoint = text.tokens.hasCaseless() ? AddressLabels.JOINTS : 0;
        tokens();
        known.start(text, towns);
        settled = clearEnd ? settledFrom(hints) : count;
        attributes(hints);
        known.cover(at, count, settled, regionsOf, evidence);
        twice();
        segments();
        lastFit = findLastFit();
        order = !regionsOf.equals(text.country().code) ? ELSEWHERE : order(text.country());
        order |= text.tokens.hasCaseless() ? OWN_ORDER : 0;
        habits = habits(evidence.habits(text.country()));
        knowsWords = words;
    }

    private void tokens() {
        int all = text.count();
        if (at.length < all) {
            int size = 2 * all;
            at = new int[size];
            joints = new byte[size];
            clues = new int[size * EACH];
            word = new int[size + 2];
            shape = new int[size + 2];
            classes = new int[size + 2];
            hint = new int[size + 2];
            segment = new int[size + 2];
            separators = new int[size + 2];
            twice = new int[size + 2];
            inSegment = new int[size + 2];
            segmentNumber = new int[size + 2];
            index = new int[size + 2];
        }
        count = 0;
        int separator = 0;
        for (int i = 0; i < all; i++) {
            index[i] = count;
            if (text.isSeparator(i)) {
                int kind =
                        switch (text.tokens.kind(i)) {
                            case COMMA -> 1;
                            case BREAK -> 2;
                            case OPEN -> 3;
                            case CLOSE -> 4;
                            default -> 5;
                        };
                // Of several the line's end counts, or else a comma.
                boolean weightier = kind == AddressLabels.BREAK || kind == 1 && separator != AddressLabels.BREAK;
                separator = weightier || separator == 0 ? kind : separator;
                continue;
            }
            at[count] = i;
            joints[count] = (byte) (separator <= AddressLabels.BREAK ? separator : AddressLabels.SIGN);
            // Before the token; what stands behind it is before the next.
            separators[count] = separator == 0 && text.tokens.isGlued(i) ? 6 : separator;
            separator = 0;
            count++;
        }
        separators[count] = separator == 0 ? 7 : separator;
    }

    /** A postcode that only one country writes so, a state's code beside a postcode of that state. */
    private int settledFrom(byte[] hints) {
        int k = count;
        while (k > 1 && isSettled(hints[at[k - 1]], at[k - 1])) {
            k--;
        }
        return k;
    }

    private boolean isSettled(byte hint, int i) {
        if (hint == AddressPart.STATE.ordinal()) {
            return known.agree == KnownPlaces.AGREE
                    && text.tokens.letters(i) == 2
                    && !text.isLabelled(i - 1, AddressPart.STATE);
        }
        return hint == AddressPart.POSTCODE.ordinal() && (known.agree == KnownPlaces.AGREE || text.tokens.isWord(i))
                || hint == AddressPart.COUNTRY.ordinal();
    }

    /** Returns the label of a settled token. */
    public int settledLabel(int k) {
        byte part = text.label(at[k]);
        boolean goesOn = k > 0 && text.label(at[k - 1]) == part;
        return goesOn ? AddressLabels.inside(AddressText.part(part)) : AddressLabels.begin(AddressText.part(part));
    }

    private void attributes(byte[] hints) {
        Tokens tokens = text.tokens;
        byte before = AddressText.SEPARATOR;
        int covered = -1;
        int meaning = 0;
        for (int k = 0; k < count; k++) {
            int i = at[k];
            boolean isWord = tokens.isWord(i);
            word[k] = isWord && !tokens.hasDigit(i) ? fold(tokens.hash(i)) : TokenLook.pattern(tokens, i);
            shape[k] = TokenLook.shape(tokens, i);
            if (text.phraseLength(i) > 1 && text.phraseClasses(i) != 0) {
                covered = i + text.phraseLength(i);
                meaning = text.phraseClasses(i);
                classes[k] = mix(meaning, 1);
            } else if (i < covered) {
                classes[k] = mix(meaning, 2);
            } else {
                classes[k] = text.classes(i);
            }
            byte own = hints[i];
            boolean goesOn = k > 0 && own == before && joints[k] == 0;
            hint[k] = own * 2 + (goesOn ? 1 : 0) + 8;
            if (own == AddressPart.STATE.ordinal() || own == AddressPart.POSTCODE.ordinal()) {
                hint[k] += known.agree;
            }
            before = own;
        }
    }

    /** Returns whether a token that was taken for a region's may as well be a town's: no region is known by its name, or a town is too. */
    boolean mayBeTown(int k) {
        boolean region = (known.place[k] >> KnownPlaces.REGION_SHIFT & 7) != 0;
        boolean town = (known.place[k] & 7) != 0
                && (!text.knowsPostcodes() || known.code < 0 || (known.place[k] & KnownPlaces.OF_POSTCODE) != 0);
        boolean name = text.tokens.letters(at[k]) > CODE_LETTERS && !text.country().postcodeFollowsState;
        return !region || town || name;
    }

    /** Returns whether a word only stands behind the names of regions, {@code Province}, and opens none here: no word follows but a country. */
    public boolean isLoneStateWord(int k) {
        if (!text.has(at[k], AddressWord.STATE_WORD) || text.has(at[k], AddressWord.STATE)) {
            return false;
        }
        boolean last = k + 1 == count || joints[k + 1] != 0 || text.tokens.hasDigit(at[k + 1]);
        return last
                || !text.tokens.isWord(at[k + 1])
                || (known.place[k + 1] >> KnownPlaces.COUNTRY_SHIFT & ANY_COUNTRY) != 0;
    }

    /** Returns whether a token is a region's code before its postcode or at the end, {@code ME 04101}, and so in no town's name. */
    public boolean isLoneStateCode(int k) {
        boolean code = text.country().postcodeFollowsState
                && text.tokens.letters(at[k]) == CODE_LETTERS - 1
                && text.country().longestState(text.tokens, at[k], text.count()) == 1;
        return code && (k + 1 == count || (known.fit[k + 1] & 7) != 0);
    }

    /** Returns whether the gazetteer knows a town that a token belongs to. */
    boolean isTown(int k) {
        return (known.place[k] & 7) != 0;
    }

    /** A word that stands twice among the last ones: a city and its region of the same name. */
    private void twice() {
        for (int k = 0; k < count; k++) {
            twice[k] = 0;
            if (!text.tokens.isWord(at[k]) || text.tokens.letters(at[k]) <= CODE_LETTERS) {
                continue;
            }
            for (int n = Math.max(0, k - FAR); n < Math.min(count, k + FAR + 1); n++) {
                if (n != k && word[n] == word[k]) {
                    twice[k] = n > k ? n - k : 16 + k - n;
                    break;
                }
            }
        }
    }

    /** What each run between commas and line ends is as a whole. */
    private void segments() {
        segments = 0;
        for (int k = 0; k < count; ) {
            int end = k + 1;
            while (end < count && joints[end] == 0) {
                end++;
            }
            int kind = segmentKind(k, end);
            for (int n = k; n < end; n++) {
                segment[n] = kind;
                segmentNumber[n] = segments;
                inSegment[n] = Math.min(n - k, 3) * 4 + Math.min(end - 1 - n, 3);
            }
            segments++;
            k = end;
        }
    }

    private int segmentKind(int from, int end) {
        int whole = 0;
        for (int shift = 0; shift <= 9; shift += 3) {
            int first = known.place[from] >> shift & 7;
            int last = known.place[end - 1] >> shift & 7;
            boolean covers = end - from == 1 ? first == 1 : first == 2 && last == 4 && unbroken(from, end, shift);
            whole |= covers ? 1 << shift / 3 : 0;
        }
        boolean digits = false;
        boolean letters = false;
        boolean fits = false;
        for (int n = from; n < end; n++) {
            boolean number = text.tokens.hasDigit(at[n]);
            digits |= number;
            letters |= !number && text.tokens.isWord(at[n]);
            fits |= (known.fit[n] & 7) != 0;
        }
        boolean code = end - from == 1 && text.tokens.letters(at[from]) <= CODE_LETTERS;
        return whole
                | (digits ? 16 : 0)
                | (letters ? 32 : 0)
                | (fits ? 64 : 0)
                | (code ? 128 : 0)
                | Math.min(end - from, 4) << 8;
    }

    private boolean unbroken(int from, int end, int shift) {
        for (int n = from + 1; n < end - 1; n++) {
            if ((known.place[n] >> shift & 7) != 3) {
                return false;
            }
        }
        return true;
    }

    /** In what order a country writes, for what is alike in many. */
    private static int order(Country country) {
        return 2
                + (country.numberFirst ? 4 : 0)
                + (country.postcodeBeforeCity ? 8 : 0)
                + (country.hasState ? 16 : 0)
                + (country.cityFirst ? 32 : 0)
                + (country.stateBehindCity ? 64 : 0)
                + (country.cityIsCountry ? 128 : 0);
    }

    private static int habits(AddressCounts.Habits habits) {
        return habit(habits.cityFirst()) + 3 * habit(habits.commas()) + 9 * habit(habits.recipients());
    }

    private static int habit(double odds) {
        return odds > 1 ? 1 : odds < -1 ? 2 : 0;
    }

    private int base;

    private void put(AddressClue clue, int a) {
        int h = mix(a, clue.ordinal() + 1);
        clues[base + clue.ordinal()] = h == 0 ? 1 : h;
    }

    private void put(AddressClue clue, int a, int b) {
        put(clue, mix(a, b));
    }

    private void put(AddressClue clue, int a, int b, int c) {
        put(clue, mix(mix(a, b), c));
    }

    private static int get(int[] all, int k, int count) {
        return k < 0 ? END : k >= count ? END + 1 : all[k];
    }

    /** Writes all clues of all tokens whose labels are not settled. */
    public void writeAll() {
        for (int k = 0; k < settled; k++) {
            writeWords(k);
            writeSurroundings(k);
        }
    }

    /** Writes the clues that a token's word and the words beside it are, {@link #WORDS} from the first on. */
    public void writeWords(int k) {
        base = k * EACH;
        if (!knowsWords) {
            Arrays.fill(clues, base, base + WORDS, 0);
            return;
        }
        int before = separators[k];
        int behind = separators[k + 1];
        put(AddressClue.WORD, word[k]);
        put(AddressClue.WORD_BEFORE, get(word, k - 1, count), before);
        put(AddressClue.WORD_BEHIND, get(word, k + 1, count), behind);
        put(AddressClue.WORDS_BEFORE, get(word, k - 1, count), word[k]);
        put(AddressClue.WORDS_BEHIND, word[k], get(word, k + 1, count));
        put(AddressClue.ENDING, TokenLook.ending(text.tokens, at[k]));
    }

    /**
     * Returns one number for all that {@link #writeSurroundings} would write: where it is the same, so are these clues. A
     * clue that asks for more must have its share in the number too.
     */
    public long surroundings(int k) {
        long seen = shape[k]
                | (long) around(k) << 16
                | (long) order << 22
                | (long) habits << 32
                | (known.knowsColumn ? 1L << 38 : 0)
                | (long) inSegment[k] << 39
                | (long) fromEnd(k) << 43
                | (long) Math.min(segments, MANY_SEGMENTS) << 46
                | (long) (toCode(k) + MOST_TO_CODE) << 49
                | (long) twice[k] << 54;
        long h = mix(0, seen);
        h = mix(h, (long) classes[k] << Integer.SIZE | get(classes, k + 1, count) & 0xFFFFFFFFL);
        h = mix(h, hint[k] | (long) segment[k] << 16 | (long) known.fit[k] << 32);
        h = mix(h, three(known.place, k));
        return mix(h, three(known.column, k));
    }

    private long three(int[] all, int k) {
        return all[k] | (long) get(all, k - 1, count) << 21 | (long) get(all, k + 1, count) << 42;
    }

    private static long mix(long h, long value) {
        long mixed = (Long.rotateLeft(h, 23) ^ value) * 0xC2B2AE3D27D4EB4FL;
        return mixed ^ mixed >>> 31;
    }

    private int around(int k) {
        return separators[k] * 8 + separators[k + 1];
    }

    private int fromEnd(int k) {
        return Math.min(segments - 1 - segmentNumber[k], MOST_FROM_END);
    }

    private int toCode(int k) {
        return lastFit < 0 ? NO_CODE : Math.max(-MOST_TO_CODE, Math.min(MOST_TO_CODE, k - lastFit));
    }

    /** Writes the clues that do not ask for the words themselves, from {@link #WORDS} on. */
    public void writeSurroundings(int k) {
        base = k * EACH;
        Arrays.fill(clues, base + WORDS, base + EACH, 0);
        int before = separators[k];
        int behind = separators[k + 1];
        int around = around(k);
        int fromEnd = fromEnd(k);
        int toCode = toCode(k);
        put(AddressClue.SHAPE, shape[k], around);
        put(AddressClue.CLASS, classes[k], around);
        put(AddressClue.CLASSES_BEHIND, classes[k], get(classes, k + 1, count), behind);
        put(AddressClue.HINT, hint[k], order, around);
        put(AddressClue.PLACE, mix(known.place[k], order), around, hint[k]);
        put(AddressClue.PLACES_BEFORE, get(known.place, k - 1, count), known.place[k], before);
        put(AddressClue.PLACES_BEHIND, known.place[k], get(known.place, k + 1, count), behind);
        put(AddressClue.SEGMENT, segment[k], inSegment[k]);
        put(AddressClue.SEGMENT_FROM_END, mix(fromEnd, Math.min(segments, MANY_SEGMENTS)), inSegment[k], order);
        put(AddressClue.POSTCODE, known.fit[k], mix(toCode, around), order);
        put(AddressClue.TO_POSTCODE, mix(toCode, around), known.place[k], hint[k]);
        if (twice[k] != 0) {
            put(AddressClue.TWICE, twice[k], mix(known.place[k], order), around);
        }
        if (known.column[k] != 0) {
            put(AddressClue.COLUMN_PLACE, known.column[k], around);
        }
        if (known.knowsColumn) {
            put(
                    AddressClue.COLUMN_PLACES_NEAR,
                    get(known.column, k - 1, count),
                    known.column[k],
                    get(known.column, k + 1, count));
        }
        if (habits != 0) {
            put(AddressClue.COLUMN_HABITS, mix(habits, around), shape[k], fromEnd);
        }
    }

    private int findLastFit() {
        for (int k = count - 1; k >= 0; k--) {
            int code = known.fit[k] & 7;
            if (code == 1 || code == 2) {
                return k;
            }
        }
        return -1;
    }

    private static int fold(long hash) {
        return (int) (hash ^ hash >>> 32);
    }

    static int mix(int a, int b) {
        int h = (a ^ Integer.rotateLeft(b, 15) * 0x85EBCA6B) * 0xC2B2AE35;
        return h ^ h >>> 15;
    }
}
