package io.inkwellsplit.address.cut;

import io.inkwellsplit.address.place.AddressWord;
import io.inkwellsplit.address.place.Country;
import io.inkwellsplit.address.place.CountryNames;
import io.inkwellsplit.address.place.Regions;
import io.inkwellsplit.address.text.AddressText;
import io.inkwellsplit.reading.AddressPart;
import io.inkwellsplit.text.TokenKind;

/** Labels the country, the postcode and the state or county, as the country that is being tried writes them. */
public final class Ends {
    private static final int MAX_PHRASE = 5;
    private static final int CODE_LETTERS = 3;
    private static final int MAX_REPEATED = 3;

    /** What was found of the postcode. */
    public enum Postcode {
        NONE,
        WHOLE,
        /** Its leading zero is lost. */
        SHORT,
        /** It has the form of another country's. */
        FOREIGN
    }

    private Postcode postcode = Postcode.NONE;
    private int postcodeEnd;

    /** Returns what the postcode that starts at a token is in the country that is tried. */
    public static Postcode kind(AddressText text, int at) {
        if (text.country().postcodes.match(text.tokens, at, text.count()) > 0) {
            return Postcode.WHOLE;
        }
        return text.country().postcodes.isShort(text.tokens, at) ? Postcode.SHORT : Postcode.FOREIGN;
    }

    /**
     * Labels the ends; what they do not claim stays free.
     *
     * @param sure whether the country is certain, so that a shortened postcode can be told from another number
     */
    public void take(AddressText text, boolean sure) {
        postcode = Postcode.NONE;
        if (country(text) && !text.country().cityIsCountry) {
            // "England, UK" is one country written twice.
            int end = text.lastFree(text.count()) + 1;
            country(text, end, phraseBefore(text, end, AddressWord.COUNTRY));
        }
        postcode(text, sure);
        boolean atTheEnd = postcode != Postcode.NONE && text.nextFree(postcodeEnd) == text.count();
        if (text.find(AddressPart.COUNTRY) < 0
                && (atTheEnd || postcode != Postcode.NONE && !text.country().postcodeBeforeCity)) {
            country(text);
        }
        if (!region(text, AddressWord.STATE, AddressPart.STATE)) {
            region(text, AddressWord.COUNTY, AddressPart.COUNTY);
        }
    }

    private boolean country(AddressText text) {
        int end = text.lastFree(text.count()) + 1;
        return country(text, end, Math.max(phraseBefore(text, end, AddressWord.COUNTRY), namedBefore(text, end)));
    }

    private static boolean country(AddressText text, int end, int length) {
        int from = end - length;
        boolean townToo =
                length > 0 && !CountryNames.shipped().isCode(text.tokens, from, length) && text.isTown(from, end);
        boolean behindPostcode = from > 0 && text.tokens.hasDigit(from - 1);
        boolean isCity = townToo
                && text.country().postcodeBeforeCity
                && (behindPostcode || freeSegmentsBefore(text, from) < 2)
                && !standsTwice(text, from, end);
        if (length == 0
                || isCity
                || phraseBefore(text, end, AddressWord.STATE) > length
                || Regions.longestBefore(text.country().code, text.tokens, end) > length
                || text.country().cityIsCountry
                        && !CountryNames.shipped().isCode(text.tokens, end - length, length)
                        && !standsTwice(text, end - length, end)) {
            return false;
        }
        text.label(end - length, end, AddressPart.COUNTRY);
        return true;
    }

    /**
     * Returns the length of a name or code, of the country that is tried or of one that has no file, that ends here and
     * leaves something before it. A code that is one of the country's regions as well is the region.
     */
    private static int namedBefore(AddressText text, int end) {
        CountryNames names = CountryNames.shipped();
        int length = names.longestBefore(text.tokens, end);
        int at = end - length;
        if (length == 0 || at < 1 || !text.isFree(at) || isSmallWord(text, at, length) || isLinked(text, at)) {
            return 0;
        }
        String code = names.code(text.tokens, at, length);
        boolean known = text.countries.withCode(code).isPresent();
        boolean region = text.lengthOf(at, AddressWord.STATE | AddressWord.COUNTY) >= length
                || Regions.longestBefore(text.country().code, text.tokens, end) > length
                || endsTown(text, at, end)
                || !known && names.isCode(text.tokens, at, length) && isStateElsewhere(text, at)
                || !known && text.isTown(at, end) && freeSegmentsBefore(text, at) < 2;
        return (!known || code.equals(text.country().code)) && !region ? length : 0;
    }

    /** {@code Flores de Ávila}, {@code Serravalle a Po}: a small word before it makes one name of both. */
    private static boolean isLinked(AddressText text, int at) {
        return !text.isComma(at - 1)
                && text.tokens.isMixedCase()
                && text.tokens.isAllLower(at - 1)
                && text.tokens.letters(at - 1) <= CODE_LETTERS;
    }

    /** {@code Fiesco CR} is in the province of Cremona; behind a number of its own a code is rather a country's. */
    private static boolean isStateElsewhere(AddressText text, int at) {
        int before = text.isComma(at - 1) ? at - 2 : at - 1;
        return (before < 0 || !text.tokens.hasDigit(before)) && text.countries.isState(text.word(at));
    }

    private static boolean standsTwice(AddressText text, int from, int end) {
        for (int i = 0; i < from; i++) {
            if (text.tokens.hash(i) == text.tokens.hash(end - 1)) {
                return true;
            }
        }
        return false;
    }

    /** Returns the length of the longest phrase of a class that ends here and leaves something before it. */
    private static int phraseBefore(AddressText text, int end, int classes) {
        for (int length = Math.min(MAX_PHRASE, end - 1); length >= 1; length--) {
            int at = end - length;
            if (text.isFree(at)
                    && text.lengthOf(at, classes) == length
                    && (text.isComma(at - 1) || !isSmallWord(text, at, length))) {
                return length;
            }
        }
        return 0;
    }

    /** In a text of mixed case {@code in} and {@code or} are no states. */
    private static boolean isSmallWord(AddressText text, int at, int length) {
        return length == 1
                && text.tokens.isMixedCase()
                && text.tokens.isAllLower(at)
                && text.tokens.letters(at) <= CODE_LETTERS;
    }

    private void postcode(AddressText text, boolean sure) {
        Country country = text.country();
        int best = -1;
        int bestLength = 0;
        int bestRank = 0;
        Postcode bestKind = Postcode.NONE;
        for (int i = country.postcodeBeforeCity ? 0 : 1; i < text.count(); i++) {
            if (!text.isFree(i) || !text.mayOpenPostcode(i) || text.isMark(i - 1, '#')) {
                continue;
            }
            int length = country.postcodes.match(text.tokens, i, text.count());
            Postcode kind = length > 0 ? Postcode.WHOLE : Postcode.SHORT;
            if (length == 0 && country.postcodes.isShort(text.tokens, i) && (sure || followsState(text, i))) {
                length = 1;
            }
            int rank = length == 0 ? 0 : rank(text, i, i + length) - (kind == Postcode.SHORT ? 1 : 0);
            if (rank > 0 && rank >= bestRank) {
                best = i;
                bestLength = length;
                bestRank = rank;
                bestKind = kind;
            }
        }
        if (best < 0 && sure) {
            foreign(text);
        } else if (best >= 0) {
            postcode = bestKind;
            postcodeEnd = best + bestLength;
            text.label(best, postcodeEnd, AddressPart.POSTCODE);
            int word = postcodeWordBefore(text, country, best);
            text.label(word, best, AddressText.ANNOUNCEMENT);
        }
    }

    /** The country is certain and the postcode has another one's form: it is a postcode all the same. */
    private void foreign(AddressText text) {
        for (int i = text.count() - 1; i > 0; i--) {
            int length = text.isFree(i) && text.mayOpenPostcode(i) ? text.foreignPostcode(i) : 0;
            boolean inPlace = text.nextFree(i + length) == text.count() || text.isComma(i - 1);
            if (length > 0 && inPlace && isDistinct(text, i, i + length) && !text.isFreeWord(i + length)) {
                postcode = Postcode.FOREIGN;
                postcodeEnd = i + length;
                text.label(i, postcodeEnd, AddressPart.POSTCODE);
                return;
            }
        }
    }

    /** {@code CEP 01310-100}, {@code C.P. 06600}: returns where the word before the postcode starts. */
    public static int postcodeWordBefore(AddressText text, Country country, int code) {
        for (int from = code - 1; from >= Math.max(0, code - 2) && text.tokens.isWord(from); from--) {
            if (country.isPostcodeWord(text.tokens, from, code)) {
                return from;
            }
        }
        return code;
    }

    /** Returns how well a number stands where the country has its postcode; 0 if it cannot be one. */
    private static int rank(AddressText text, int from, int end) {
        boolean dotted = text.country().postcodeBeforeCity && text.tokens.isDotted(end - 1);
        if (dotted || text.isDottedInside(end - 1)) {
            return 0;
        }
        boolean lineEnds = !text.isFreeWord(end);
        // "Kirchring 1998 a": a letter goes on with a house number.
        boolean distinct = isDistinct(text, from, end);
        boolean wordFollows = text.is(end, TokenKind.WORD)
                && text.isFree(end)
                && (distinct || text.tokens.letters(end) > 1 && text.lengthOf(end, AddressWord.UNIT) == 0);
        boolean restIsEnds = text.nextFree(end) == text.count();
        int start = postcodeWordBefore(text, text.country(), from);
        boolean lineStarts = start == 0 || text.isComma(start - 1);
        if (text.country().postcodeBeforeCity) {
            if (wordFollows && (from > 0 || text.country().cityFirst)) {
                return lineStarts ? 5 : 4;
            }
            boolean ownLine = lineStarts && (distinct || text.hasNumberBefore(from));
            return lineEnds && from > 0 && (restIsEnds || ownLine || start < from) ? 3 : 0;
        }
        if (lineEnds && from > 0 && (restIsEnds || isStateAt(text, text.nextFree(end)))) {
            return restIsEnds ? 6 : 4;
        }
        return wordFollows && isDistinct(text, from, end) ? 2 : 0;
    }

    /** Only a code that is no plain number may stand where the country does not have it. */
    private static boolean isDistinct(AddressText text, int from, int end) {
        return end - from > 1 || text.tokens.isWord(from) || text.tokens.hasHyphen(from);
    }

    private static boolean isStateAt(AddressText text, int i) {
        int length = i < text.count() ? text.lengthOf(i, AddressWord.STATE) : 0;
        return length > 0 && text.nextFree(i + length) == text.count();
    }

    private static boolean followsState(AddressText text, int i) {
        return text.country().postcodeFollowsState && phraseBefore(text, i, AddressWord.STATE) > 0;
    }

    private boolean region(AddressText text, int classes, AddressPart part) {
        int end = text.lastFree(text.count()) + 1;
        int length = phraseBefore(text, end, classes);
        if (length > 0 && isLinked(text, end - length)) {
            return false;
        }
        if (length == 0 && classes == AddressWord.STATE && phraseBefore(text, end, AddressWord.COUNTY) == 0) {
            length = regionBefore(text, end);
        }
        if (length == 0) {
            return false;
        }
        int from = end - length;
        if (leavesNoCity(text, from)) {
            return false;
        }
        text.label(from, end, part);
        if (text.isMark(from - 1, '/')) {
            text.label(from - 1, from, AddressText.SEPARATOR);
        }
        return true;
    }

    /** A region where the country seldom writes one, by its English name or its own. */
    private static int regionBefore(AddressText text, int end) {
        int length = end < 2 ? 0 : Regions.longestBefore(text.regionsOf(), text.tokens, end);
        boolean written = length > 0 && end - length > 0 && text.isFree(end - length) && !isLinked(text, end - length);
        if (!written) {
            return repeatedBefore(text, end);
        }
        return isRatherCity(text, end - length, end) ? 0 : length;
    }

    /** A name that is a town's as well, or the end of a town's, is the city where nothing else can be. */
    private static boolean isRatherCity(AddressText text, int from, int end) {
        if (endsTown(text, from, end)) {
            return true;
        }
        boolean alone = from == text.segmentStart(from) || !text.isFree(from - 1);
        return alone && text.isTown(from, end) && (freeSegmentsBefore(text, from) < 2 || isBesidePostcode(text, end));
    }

    /** {@code Ponsonby, Auckland 1011}: where no region is written as a rule, the city stands before the postcode. */
    private static boolean isBesidePostcode(AddressText text, int end) {
        return !text.country().hasState
                && !text.country().postcodeBeforeCity
                && text.isLabelled(end, AddressPart.POSTCODE);
    }

    private static boolean endsTown(AddressText text, int from, int end) {
        for (int more = 1; more <= 2 && from - more > 0 && text.isFreeWord(from - more); more++) {
            if (text.isTown(from - more, end)) {
                return true;
            }
        }
        return false;
    }

    private static boolean hasWord(AddressText text, int from, int end) {
        for (int i = from; i < end; i++) {
            if (text.isFree(i) && text.tokens.isWord(i) && text.tokens.letters(i) > 1) {
                return true;
            }
        }
        return false;
    }

    private static int freeSegmentsBefore(AddressText text, int before) {
        int segments = 0;
        for (int i = 0; i < before; i++) {
            boolean starts = i == 0 || text.isComma(i - 1);
            segments += starts && hasWord(text, i, Math.min(before, text.segmentEnd(i))) ? 1 : 0;
        }
        return segments;
    }

    /** {@code Taby, Taby}: a city and its region of the same name. */
    private static int repeatedBefore(AddressText text, int end) {
        for (int length = 1; length <= MAX_REPEATED; length++) {
            int from = end - length;
            int before = text.isComma(from - 1) ? from - 1 : from;
            if (before - length > 0 && isSame(text, before - length, from, length)) {
                return length;
            }
        }
        return 0;
    }

    private static boolean isSame(AddressText text, int a, int b, int length) {
        int letters = 0;
        for (int i = 0; i < length; i++) {
            letters += text.tokens.letters(b + i);
            if (!text.isFree(a + i)
                    || !text.isFree(b + i)
                    || !text.tokens.isWord(b + i)
                    || text.tokens.hash(a + i) != text.tokens.hash(b + i)) {
                return false;
            }
        }
        return letters > CODE_LETTERS;
    }

    /** Behind the postcode the city comes first: {@code 28013 Madrid}. */
    private boolean leavesNoCity(AddressText text, int from) {
        if (!text.country().postcodeBeforeCity || postcode == Postcode.NONE || from < postcodeEnd) {
            return false;
        }
        return text.nextFree(postcodeEnd) >= from;
    }
}
