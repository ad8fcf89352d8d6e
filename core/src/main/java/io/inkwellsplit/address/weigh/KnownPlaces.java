package io.inkwellsplit.address.weigh;

import io.inkwellsplit.address.column.AddressCounts;
import io.inkwellsplit.address.place.AddressWords;
import io.inkwellsplit.address.place.Country;
import io.inkwellsplit.address.place.CountryNames;
import io.inkwellsplit.address.place.CountryPlaces;
import io.inkwellsplit.address.place.Regions;
import io.inkwellsplit.address.text.AddressText;
import io.inkwellsplit.reading.AddressPart;
import io.inkwellsplit.text.PhraseTable;
import io.inkwellsplit.text.Tokens;
import java.util.Arrays;

/**
 * What covers the tokens of an address: towns, regions and countries of the lists, forms of postcodes, places that the column
 * has seen. A buffer, reused for every value.
 */
final class KnownPlaces {
    private static final int MAX_PHRASE = 5;
    private static final int SEEN_OFTEN = 5;
    private static final int SEEN = 2;
    private static final int SHORTEST_TOWN = 2;
    /** The postcode is one of the state, or of another. */
    static final int AGREE = 1 << 8;

    private static final int DISAGREE = 1 << 9;
    private static final int IN_STATE = 1 << 12;
    private static final int NOT_IN_STATE = 1 << 13;
    static final int OF_POSTCODE = 1 << 14;
    private static final int NAMED_FITS = 1 << 15;
    private static final int NAMED_FAILS = 1 << 16;
    /** Letters without case: what is known of places says other things than in Latin letters, as the order is another. */
    private static final int OWN_LETTERS = 1 << 17;

    /** Where a place is a region. */
    static final int REGION_SHIFT = 3;
    /** Where a place is a country by its name, and above that by its code. */
    static final int COUNTRY_SHIFT = 6;

    private static final AddressText NO_TEXT = new AddressText(AddressWords.shipped());

    /** By token, how towns, regions and countries cover it, three bits each, and what else is known of them. */
    int[] place = new int[34];
    /** By token, how a form of a postcode covers it, and whether it looks like one that is short or of another country. */
    int[] fit = new int[34];
    /** By token, how a place that the column has seen covers it, and as what that was seen. */
    int[] column = new int[34];
    /** Whether the recognised postcode is one of the recognised state; 0 where that cannot be told. */
    int agree;
    /** The number of the recognised postcode; below 0 where there is none. */
    int code;
    /** Whether the column has seen places of the country. */
    boolean knowsColumn;

    private AddressText text = NO_TEXT;
    private int[] at = new int[0];
    private int count;
    private boolean knowsTowns;
    private int state;
    private int placeOfCode;

    /** What the recognisers found of state and postcode, and whether the one has the other. */
    void start(AddressText of, boolean towns) {
        text = of;
        knowsTowns = towns;
        state = text.state();
        int postcode = text.find(AddressPart.POSTCODE);
        code = postcode < 0 ? -1 : text.leadingNumber(postcode);
        CountryPlaces places = text.places.of(text.country());
        placeOfCode = knowsTowns && code >= 0 ? places.placeNumber(code) : PhraseTable.NONE;
        long states = knowsTowns && state > 0 && code >= 0 && places.knowsPostcodes() ? places.statesOf(code) : 0;
        agree = states == 0 ? 0 : (states & 1L << state) != 0 ? AGREE : DISAGREE;
    }

    /** What lists of places and postcodes' forms cover each token. */
    void cover(int[] tokensOf, int number, int settled, String regionsOf, AddressCounts evidence) {
        at = tokensOf;
        count = number;
        if (place.length < count + 1) {
            place = new int[2 * count];
            fit = new int[2 * count];
            column = new int[2 * count];
        }
        knowsColumn = evidence.knowsPlaces(text.country());
        Arrays.fill(place, 0, count + 1, text.tokens.hasCaseless() ? OWN_LETTERS : 0);
        Arrays.fill(fit, 0, count + 1, 0);
        Arrays.fill(column, 0, count + 1, 0);
        Tokens tokens = text.tokens;
        CountryPlaces places = text.places.of(text.country());
        PhraseTable regions = Regions.of(regionsOf);
        CountryNames names = CountryNames.shipped();
        for (int k = 0; k < count; k++) {
            int i = at[k];
            // Of what is settled the first alone is a neighbour.
            if (tokens.isWord(i) && k <= settled) {
                int town =
                        !knowsTowns || tokens.letters(i) < SHORTEST_TOWN ? 0 : places.longest(tokens, i, text.count());
                cover(place, k, town, 0);
                if (town > 0) {
                    fits(places, k, town);
                }
                int region = text.country().longestState(tokens, i, text.count());
                cover(place, k, Math.max(region, regions.longest(tokens, i, text.count())), REGION_SHIFT);
                int named = names.longest(tokens, i, text.count());
                if (named > 0) {
                    cover(place, k, named, names.isCode(tokens, i, named) ? COUNTRY_SHIFT + 3 : COUNTRY_SHIFT);
                    place[k] |= fitsNamed(i, named);
                }
            }
            if (knowsColumn && tokens.isWord(i) && k <= settled) {
                column(evidence, k);
            }
            if (text.mayOpenPostcode(i)) {
                int own = text.country().postcodes.match(tokens, i, text.count());
                if (own > 0) {
                    cover(fit, k, own, 0);
                } else if (text.country().postcodes.isShort(tokens, i)) {
                    fit[k] |= 8;
                }
                if (own == 0) {
                    fit[k] |= text.isLikePostcode(i) ? 16 : 0;
                }
            }
        }
    }

    /** Marks tokens as the first, one inside, or all of a phrase, in two bits from a shift on. */
    private void cover(int[] into, int k, int tokens, int shift) {
        int end = at[k] + tokens;
        for (int n = k; n < count && at[n] < end; n++) {
            int code = n == k ? tokens == 1 ? 1 : 2 : n + 1 < count && at[n + 1] < end ? 3 : 4;
            if ((into[n] >> shift & 7) == 0 || code > 1) {
                into[n] = into[n] & ~(7 << shift) | code << shift;
            }
        }
    }

    /** Whether a number of the address has the form of a postcode of the country that is named. */
    private int fitsNamed(int from, int length) {
        Country named = text.countries.known(CountryNames.shipped().code(text.tokens, from, length));
        if (named == null) {
            return 0;
        }
        for (int k = 0; k < count; k++) {
            if (text.mayOpenPostcode(at[k]) && named.postcodes.match(text.tokens, at[k], text.count()) > 0) {
                return NAMED_FITS;
            }
        }
        return NAMED_FAILS;
    }

    /** Marks a town that is in the state or has the postcode which the recognisers found. */
    private void fits(CountryPlaces places, int k, int town) {
        int number = places.find(text.tokens, at[k], at[k] + town);
        int bits = state > 0 && places.knowsStates() ? places.isIn(number, state) ? IN_STATE : NOT_IN_STATE : 0;
        if (code >= 0 && places.knowsPostcodes()) {
            bits |= number == placeOfCode ? OF_POSTCODE : 0;
        }
        for (int n = k; n < count && at[n] < at[k] + town && bits != 0; n++) {
            if ((place[n] & 7) == (n == k ? town == 1 ? 1 : 2 : n + 1 < count && at[n + 1] < at[k] + town ? 3 : 4)) {
                place[n] |= bits;
            }
        }
    }

    private void column(AddressCounts evidence, int k) {
        int i = at[k];
        int most = Math.min(MAX_PHRASE, text.segmentEnd(i) - i);
        for (int length = evidence.longest(text, i, most); length >= 1; length--) {
            int end = i + length;
            AddressCounts.Seen seen = evidence.seen(text, i, end);
            if (seen.cities() >= SEEN && seen.states() >= SEEN) {
                // A region of the same name as its main town: the column cannot tell which is meant here.
                return;
            }
            if (seen.most() >= SEEN) {
                cover(column, k, length, 0);
                int often = 8 * often(seen.cities()) + 32 * often(seen.localities()) + 128 * often(seen.states());
                for (int n = k; n < count && at[n] < end; n++) {
                    column[n] |= often;
                }
                return;
            }
        }
    }

    private static int often(int times) {
        return times >= SEEN_OFTEN ? 2 : times >= SEEN ? 1 : 0;
    }
}
