package io.inkwellsplit.address.guess;

import io.inkwellsplit.address.place.AddressWord;
import io.inkwellsplit.address.place.Countries;
import io.inkwellsplit.address.place.Country;
import io.inkwellsplit.address.place.CountryNames;
import io.inkwellsplit.address.place.Places;
import io.inkwellsplit.address.place.Regions;
import io.inkwellsplit.address.text.AddressText;
import io.inkwellsplit.text.PhraseTable;
import java.util.Optional;

/**
 * Finds the country that an address names, by a name in any language or a code, and tells it from the end of a region's
 * or a town's name and from a region's code. A buffer, reused for every value.
 */
final class WrittenCountry {
    /** How much a name counts that stands before a last postcode. */
    private static final double BEFORE = 0.5;

    private static final int LONG_NAME = 4;

    private final Countries countries;
    private final Places places;
    private final CountryTally tally;
    private boolean written;

    WrittenCountry(Countries countries, Places places, CountryTally tally) {
        this.countries = countries;
        this.places = places;
        this.tally = tally;
    }

    /**
     * The country stands at the end, or before a postcode at the end: it speaks for itself.
     *
     * @return whether the address names its country
     */
    boolean find(AddressText text) {
        written = false;
        search(text);
        return written;
    }

    private void search(AddressText text) {
        if (text.hasOtherLetters() && opens(text)) {
            return;
        }
        int end = text.count();
        while (end > 0 && !text.tokens.isWord(end - 1)) {
            end--;
        }
        for (int skipped = 0; end > 0 && skipped < 2; skipped++) {
            if (calledSo(text, end, skipped == 0)) {
                return;
            }
            for (int length = Math.min(5, end); length > 0; length--) {
                int at = end - length;
                int word = length == 1
                        ? text.word(at)
                        : text.phraseLength(at) == length ? text.phrase(at) : PhraseTable.NONE;
                if (word != PhraseTable.NONE
                        && isCountry(word)
                        && !endsLongerName(text, at, end)
                        && named(text, word, at, skipped == 0)) {
                    return;
                }
            }
            if (!text.tokens.hasDigit(end - 1)) {
                return;
            }
            end--;
        }
    }

    /** In their own letters many write the largest first: the country, or the postcode and then the country. */
    private boolean opens(AddressText text) {
        int first = text.nextWord(0);
        first = text.isNumber(first) ? text.nextWord(first + 1) : first;
        if (first >= text.count() - 1) {
            return false;
        }
        CountryNames names = CountryNames.shipped();
        int length = names.longest(text.tokens, first, text.count());
        String code =
                length == 0 || names.isCode(text.tokens, first, length) ? "" : names.code(text.tokens, first, length);
        boolean found = false;
        for (int c = 0; c < countries.size(); c++) {
            boolean own = (countries.get(c).word(text.word(first)) & AddressWord.COUNTRY) != 0;
            if (own || countries.get(c).code.equals(code)) {
                tally.add(c, CountryClue.WRITTEN, 1);
                found = true;
            }
        }
        written |= found;
        return found;
    }

    /** By a name in any language, or by a code; a code that may be a region goes by what stands beside it. */
    private boolean calledSo(AddressText text, int end, boolean last) {
        CountryNames names = CountryNames.shipped();
        int length = names.longestBefore(text.tokens, end);
        int at = end - length;
        if (length == 0 || at == 0) {
            return false;
        }
        Optional<Country> called = countries.withCode(names.code(text.tokens, at, length));
        boolean code = names.isCode(text.tokens, at, length);
        if (called.isEmpty() || !code && endsLongerName(text, at, end)) {
            return false;
        }
        if (code && isRegionCode(text, at, called.get())) {
            // "24, 30084 Vallnara FI" is a city and its province: a country would have a comma, too.
            int start = text.segmentStart(at);
            boolean besideCity = !text.tokens.hasDigit(at - 1)
                    && (start > 0 && isPostcodeAt(text, called.get(), start, at)
                            || !text.isComma(at - 1) && isProvinceBehind(text, called.get(), start, at));
            if (besideCity || !hasPostcodeOf(text, called.get(), at)) {
                return false;
            }
        }
        tally.add(called.get().index, CountryClue.WRITTEN, last || code ? 1 : BEFORE);
        written = true;
        return true;
    }

    /** {@code British Columbia}, {@code Villa Alemana}: the words before it make a region's or a town's name of it. */
    private boolean endsLongerName(AddressText text, int at, int end) {
        boolean wordBefore = at > 1 && text.tokens.isWord(at - 1);
        for (int c = 0; wordBefore && c < countries.size(); c++) {
            Country country = countries.get(c);
            if (endsStatesName(text, country, at, end)
                    || Regions.longestBefore(country.code, text.tokens, end) > end - at
                    || places.find(country, text.tokens, at - 1, end) != PhraseTable.NONE) {
                return true;
            }
        }
        return false;
    }

    private static boolean endsStatesName(AddressText text, Country country, int at, int end) {
        for (int from = at - 1; from > 0 && end - from <= LONG_NAME && text.tokens.isWord(from); from--) {
            if (text.phraseLength(from) == end - from && (country.word(text.phrase(from)) & AddressWord.STATE) != 0) {
                return true;
            }
        }
        return false;
    }

    private boolean isRegionCode(AddressText text, int at, Country called) {
        for (int c = 0; c < countries.size(); c++) {
            if (c != called.index && (countries.get(c).word(text.word(at)) & AddressWord.STATE) != 0) {
                return true;
            }
        }
        return false;
    }

    /**
     * Returns whether a number of the country's form stands where a state's code would not leave it: before the code, and
     * not at the very beginning, where the house's stands; or behind it, where it is no postcode of that state.
     */
    private boolean hasPostcodeOf(AddressText text, Country country, int at) {
        int behind = at + 1;
        if (behind < text.count()
                && text.tokens.hasDigit(behind)
                && country.postcodes.match(text.tokens, behind, text.count()) > 0
                && !FirstSight.isPostcodeOfState(text, countries, at, behind)) {
            return true;
        }
        return hasPostcodeBefore(text, country, at);
    }

    private static boolean isPostcodeAt(AddressText text, Country country, int i, int end) {
        return text.tokens.hasDigit(i) && country.postcodes.match(text.tokens, i, end) > 0;
    }

    /** {@code Viale Roma, 92 42008 Fontanella FI}: the number may as well be of the country that has the province. */
    private boolean isProvinceBehind(AddressText text, Country called, int start, int at) {
        for (int i = Math.max(start, 1); i < at; i++) {
            for (int c = 0; isPostcodeAt(text, called, i, at) && c < countries.size(); c++) {
                Country other = countries.get(c);
                int town = i + called.postcodes.match(text.tokens, i, at);
                if (c != called.index
                        && other.postcodeBeforeCity
                        && places.find(called, text.tokens, town, at) == PhraseTable.NONE
                        && (other.word(text.word(at)) & AddressWord.STATE) != 0
                        && isPostcodeAt(text, other, i, at)) {
                    return true;
                }
            }
        }
        return false;
    }

    private boolean hasPostcodeBefore(AddressText text, Country country, int at) {
        for (int i = 1; i < at; i++) {
            int length = text.tokens.hasDigit(i) && !isBoxWord(text.word(i - 1))
                    ? country.postcodes.match(text.tokens, i, at)
                    : 0;
            if (length > 0 && (country.postcodeBeforeCity || i + length == at || text.isComma(i + length))) {
                return true;
            }
        }
        return false;
    }

    private boolean isCountry(int word) {
        return isAnywhere(word, AddressWord.COUNTRY);
    }

    private boolean isBoxWord(int word) {
        return isAnywhere(word, AddressWord.BOX);
    }

    private boolean isAnywhere(int word, int classes) {
        for (int c = 0; c < countries.size(); c++) {
            if ((countries.get(c).word(word) & classes) != 0) {
                return true;
            }
        }
        return false;
    }

    private boolean named(AddressText text, int word, int at, boolean last) {
        boolean found = false;
        for (int c = 0; c < countries.size(); c++) {
            int is = countries.get(c).word(word);
            if ((is & AddressWord.COUNTRY) != 0 && (is & AddressWord.OTHER_COUNTRY) == 0) {
                tally.add(c, CountryClue.WRITTEN, at == 0 ? 0 : last ? 1 : BEFORE);
                written = at > 0;
                found = true;
            }
        }
        return found;
    }
}
