package io.inkwellsplit.address.outline;

import io.inkwellsplit.address.place.AddressWord;
import io.inkwellsplit.address.place.CountryPlaces;
import io.inkwellsplit.address.place.Postcodes;
import io.inkwellsplit.address.place.Regions;
import io.inkwellsplit.address.text.AddressText;
import io.inkwellsplit.text.PhraseTable;
import io.inkwellsplit.text.TokenKind;
import io.inkwellsplit.text.Tokens;

/**
 * What an address looks like, whatever its words are: what kinds of words, numbers and separators follow one another. It is
 * told by two numbers, one for the head, which ends before the city, and one for the end, from the city on; the same two
 * make the same labels, see {@link Outlines}. A buffer, reused for every value.
 */
public final class Outline {
    private static final int MOST_TOKENS = 28;
    private static final int LONGEST_TOWN = 4;
    private static final int LONGEST_REGION = 4;
    private static final int LONGEST_COUNTRY = 3;
    /** House numbers seldom have so many digits. */
    private static final int MANY_DIGITS = 5;

    private static final int TOKEN_KINDS = TokenKind.values().length;
    private static final long HEAD = 1;
    private static final long END = 2;

    private final AddressText text;
    private int postcode;
    private int regionStart;
    private int regionEnd;
    private int cityStart;
    private int cityEnd;
    private boolean cityIsLine;
    private int town;
    private boolean mixedCase;

    private long head;
    private long end;
    private int headTokens;

    /** @param text the text that is always looked at */
    public Outline(AddressText text) {
        this.text = text;
    }

    /** Returns the number of the head. */
    public long head() {
        return head;
    }

    /** Returns the number of the end. */
    public long end() {
        return end;
    }

    /** Returns how many tokens that are no separators belong to the head. */
    public int headTokens() {
        return headTokens;
    }

    /**
     * Looks at the text, in the eyes of its country. Returns false where it has no outline: it must end in a postcode, but
     * for a country's name, and the city before that must be a line of its own or a known town.
     */
    public boolean draw() {
        if (text.count() > MOST_TOKENS || text.hasOtherLetters() || !findPostcode()) {
            return false;
        }
        findRegion();
        if (!findCity()) {
            return false;
        }
        mixedCase = text.tokens.isMixedCase();
        headTokens = 0;
        head = draw(0, cityStart, mix(HEAD, country()));
        end = draw(cityStart, text.count(), mix(place(), country()));
        return true;
    }

    private long country() {
        String code = text.country().code;
        return code.charAt(0) << Character.SIZE | code.charAt(1);
    }

    private boolean findPostcode() {
        int last = text.count();
        while (last > 0 && text.isSeparator(last - 1)) {
            last--;
        }
        int named = phraseBefore(last, LONGEST_COUNTRY, AddressWord.COUNTRY);
        regionEnd = last - named;
        postcode = -1;
        while (regionEnd > 0 && (text.isSeparator(regionEnd - 1) || text.tokens.hasDigit(regionEnd - 1))) {
            regionEnd--;
            postcode = text.tokens.hasDigit(regionEnd) ? regionEnd : postcode;
        }
        return postcode > 0 && regionEnd > 0;
    }

    private void findRegion() {
        int length = phraseBefore(regionEnd, LONGEST_REGION, AddressWord.STATE | AddressWord.COUNTY);
        if (length == 0) {
            length = Regions.longestBefore(text.country().code, text.tokens, regionEnd);
        }
        regionStart = regionEnd - length;
    }

    /** Returns the length of the longest phrase of a class that ends here in the line and leaves something before it. */
    private int phraseBefore(int before, int longest, int classes) {
        for (int length = Math.min(longest, before - 1); length > 0; length--) {
            if (text.lengthOf(before - length, classes) == length) {
                return length;
            }
        }
        return 0;
    }

    /** The city is all of a line that is not the first one, or the longest town at the end of a line. */
    private boolean findCity() {
        Tokens tokens = text.tokens;
        cityEnd = regionStart;
        while (cityEnd > 0 && text.isSeparator(cityEnd - 1)) {
            cityEnd--;
        }
        if (cityEnd == 0) {
            return false;
        }
        int line = text.segmentStart(cityEnd - 1);
        cityIsLine = line > 0;
        for (int i = line; i < cityEnd; i++) {
            cityIsLine &= tokens.isWord(i) && !tokens.hasDigit(i);
        }
        CountryPlaces places = text.places.of(text.country());
        town = PhraseTable.NONE;
        int length = Math.min(LONGEST_TOWN, cityEnd - line);
        while (length > 0 && (town = places.find(tokens, cityEnd - length, cityEnd)) == PhraseTable.NONE) {
            length--;
        }
        cityStart = cityIsLine ? line : cityEnd - length;
        return cityIsLine || length > 0 && cityStart > 0;
    }

    /** What is known of the city, the region and the postcode together, and of what stands before the city where no comma does. */
    private long place() {
        CountryPlaces places = text.places.of(text.country());
        int state = regionStart == regionEnd ? 0 : text.country().state(text.tokens, regionStart, regionEnd);
        int number = text.leadingNumber(postcode);
        long states = state > 0 && number >= 0 && places.knowsPostcodes() ? places.statesOf(number) : 0;
        long agree = states == 0 ? 0 : (states & 1L << state) != 0 ? 1 : 2;
        long known = 0;
        if (town != PhraseTable.NONE) {
            boolean tellsState = state > 0 && places.knowsStates() && !cityIsLine;
            known = !tellsState ? 1 : places.isIn(town, state) ? 2 : 3;
        }
        long h = mix(END, agree | known << 8 | (long) (cityEnd - cityStart) << 16 | (cityIsLine ? 1L << 32 : 0));
        return cityIsLine ? h : mix(h, kind(cityStart - 1));
    }

    private long draw(int from, int to, long seed) {
        long h = seed;
        long separators = from > 0 && from == cityStart && cityIsLine ? 1 : 0;
        for (int i = from; i < to; i++) {
            if (text.isSeparator(i)) {
                separators = separators * TOKEN_KINDS + text.tokens.kind(i).ordinal() + 1;
                continue;
            }
            headTokens += to == cityStart ? 1 : 0;
            boolean glued = separators == 0 && text.tokens.isGlued(i);
            h = mix(mix(h, kind(i)), separators << 1 | (glued ? 1 : 0));
            separators = 0;
        }
        return mix(h, separators);
    }

    /** What kind of token it is, as a number. */
    private long kind(int i) {
        Tokens tokens = text.tokens;
        if (tokens.is(i, TokenKind.MARK) || tokens.is(i, TokenKind.AND)) {
            return tokens.charAt(tokens.start(i));
        }
        return tokens.hasDigit(i) ? number(i) : word(i);
    }

    private long number(int i) {
        Tokens tokens = text.tokens;
        long look = Math.max(0, tokens.letters(i) - MANY_DIGITS + 1) | (tokens.isDotted(i) ? 1L << 8 : 0);
        int length = text.mayOpenPostcode(i) ? text.country().postcodes.match(tokens, i, text.count()) : 0;
        return mix(mix(look, pattern(i)), length + 1);
    }

    /** How digits, letters and signs follow one another in a number, however many of them: {@code 4B}. */
    private long pattern(int i) {
        Tokens tokens = text.tokens;
        long h = 0;
        char before = 0;
        for (int at = tokens.start(i); at < tokens.end(i); at++) {
            char c = tokens.charAt(at);
            char sign = Postcodes.isDigit(c) ? '9' : Postcodes.isLetter(c) ? 'a' : c;
            h = sign == before ? h : mix(h, sign);
            before = sign;
        }
        return h;
    }

    private long word(int i) {
        Tokens tokens = text.tokens;
        int phrase = text.phraseLength(i) > 1 ? text.phraseClasses(i) : 0;
        // Far before the city no place begins or ends.
        int telling = i < cityStart - 1 ? ~AddressWord.OF_PLACES : -1;
        long classes = phrase == 0
                ? text.classes(i) & telling
                : phrase & telling | (long) text.phraseLength(i) << Integer.SIZE;
        boolean letter = tokens.letters(i) == 1;
        int look = (letter ? 1 : 0)
                | (letter && tokens.isDotted(i) ? 2 : 0)
                | (mixedCase && !tokens.startsUpper(i) ? 4 : 0)
                | (i == regionStart && tokens.letters(i) == 2 ? 8 : 0);
        return mix(classes, look);
    }

    private static long mix(long h, long value) {
        long mixed = (Long.rotateLeft(h, 23) ^ value) * 0xC2B2AE3D27D4EB4FL;
        return mixed ^ mixed >>> 31;
    }
}
