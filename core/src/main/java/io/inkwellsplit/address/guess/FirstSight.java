package io.inkwellsplit.address.guess;

import io.inkwellsplit.address.place.AddressWord;
import io.inkwellsplit.address.place.Countries;
import io.inkwellsplit.address.place.Country;
import io.inkwellsplit.address.place.CountryNames;
import io.inkwellsplit.address.place.CountryPlaces;
import io.inkwellsplit.address.place.Postcodes;
import io.inkwellsplit.address.text.AddressText;
import io.inkwellsplit.text.PhraseTable;
import io.inkwellsplit.text.Tokens;
import java.util.stream.IntStream;

/** Knows most countries by the way an address ends, without weighing anything. A buffer, reused for every value. */
final class FirstSight {
    static final int NONE = -1;
    private static final int LONGEST_NAME = 5;

    private final Countries countries;
    private final int[] stateFirst;
    /** Where the country's name was found to start. */
    private int nameStart;

    private boolean written;

    FirstSight(Countries countries) {
        this.countries = countries;
        this.stateFirst = IntStream.range(0, countries.size())
                .filter(c -> countries.get(c).postcodeFollowsState)
                .toArray();
    }

    /** Returns whether the country that was found last is written. */
    boolean isWritten() {
        return written;
    }

    /**
     * Returns the country of an address that ends as only one country's do, or {@link #NONE}: in a state with its
     * postcode behind it, in a postcode of two words, or in either and the country's name.
     */
    int country(AddressText text) {
        int last = text.count() - 1;
        while (last > 0 && text.isComma(last)) {
            last--;
        }
        written = false;
        if (last < 1 || text.isComma(0)) {
            return NONE;
        }
        if (text.tokens.hasDigit(last)) {
            return atPostcode(text, last);
        }
        int named = countryAtEnd(text, last);
        int before = nameStart - 1;
        while (before > 0 && text.isComma(before)) {
            before--;
        }
        boolean agree =
                named != NONE && before > 1 && text.tokens.hasDigit(before) && atPostcode(text, before) == named;
        written = agree;
        return agree ? named : NONE;
    }

    private int atPostcode(AddressText text, int last) {
        Tokens tokens = text.tokens;
        int before = text.isComma(last - 1) ? last - 2 : last - 1;
        int found = NONE;
        for (int c : stateFirst) {
            Postcodes postcodes = countries.get(c).postcodes;
            boolean whole = postcodes.match(tokens, last, last + 1) == 1;
            boolean may = whole || found == NONE && postcodes.isShort(tokens, last);
            boolean state = may && before >= 0 && isState(text, countries.get(c), before);
            found = state && fits(text, countries.get(c), before, last) ? c : found;
        }
        if (found != NONE) {
            return found;
        }
        boolean two = tokens.isWord(last - 1) && tokens.hasDigit(last - 1);
        if (!two && !tokens.isWord(last)) {
            return NONE;
        }
        int from = two ? last - 1 : last;
        for (int c : countries.withPostcodeLike(tokens, from)) {
            if (countries.get(c).postcodes.match(tokens, from, last + 1) == last + 1 - from) {
                // Written together, a code may be one of two countries.
                if (found != NONE) {
                    return NONE;
                }
                found = c;
            }
        }
        return found;
    }

    /** Returns whether a code and the number behind it are a state and its postcode in some country. */
    static boolean isPostcodeOfState(AddressText text, Countries countries, int state, int postcode) {
        for (int c = 0; c < countries.size(); c++) {
            Country country = countries.get(c);
            if (country.postcodeFollowsState
                    && country.postcodes.match(text.tokens, postcode, text.count()) > 0
                    && isState(text, country, state)
                    && fits(text, country, state, postcode)) {
                return true;
            }
        }
        return false;
    }

    /** A state's code is none where it is a country's as well, and the postcode behind it begins as no one of the state's. */
    private static boolean fits(AddressText text, Country country, int state, int postcode) {
        if (text.tokens.letters(state) != 2 || !CountryNames.shipped().isCode(text.tokens, state, 1)) {
            return true;
        }
        int number = country.state(text.tokens, state, state + 1);
        if (number == 0) {
            return true;
        }
        CountryPlaces places = text.places.of(country);
        if (!places.knowsPostcodes()) {
            return true;
        }
        long states = places.statesOf(text.leadingNumber(postcode));
        return (states & 1L << number) != 0;
    }

    /** Returns the country whose name ends here, and keeps where it starts; {@link #NONE} if none does. */
    private int countryAtEnd(AddressText text, int last) {
        for (int at = Math.max(1, last - LONGEST_NAME + 1); at <= last; at++) {
            int word = at == last ? text.word(at) : text.phraseLength(at) == last - at + 1 ? text.phrase(at) : 0;
            for (int c = 0; word != PhraseTable.NONE && c < countries.size(); c++) {
                int is = countries.get(c).word(word);
                if ((is & AddressWord.COUNTRY) != 0 && (is & AddressWord.OTHER_COUNTRY) == 0) {
                    nameStart = at;
                    return c;
                }
            }
        }
        int length = CountryNames.shipped().longestBefore(text.tokens, last + 1);
        int at = last + 1 - length;
        nameStart = at;
        return length == 0 || at == 0
                ? NONE
                : countries
                        .withCode(CountryNames.shipped().code(text.tokens, at, length))
                        .map(country -> country.index)
                        .orElse(NONE);
    }

    /** Returns whether a state or its code ends at a token. */
    static boolean isState(AddressText text, Country country, int last) {
        // Hungarian "út" is no Utah.
        if (text.tokens.isMixedCase() && text.tokens.letters(last) == 2 && !text.tokens.isAllCaps(last)) {
            return false;
        }
        if ((country.word(text.word(last)) & AddressWord.STATE) != 0) {
            return true;
        }
        for (int at = last - 1; at > 0 && at > last - 4; at--) {
            if (text.phraseLength(at) == last - at + 1 && (country.word(text.phrase(at)) & AddressWord.STATE) != 0) {
                return true;
            }
        }
        return false;
    }
}
