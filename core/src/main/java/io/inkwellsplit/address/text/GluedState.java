package io.inkwellsplit.address.text;

import io.inkwellsplit.address.place.Countries;
import io.inkwellsplit.address.place.Country;
import io.inkwellsplit.address.place.CountryPlaces;
import io.inkwellsplit.address.place.Places;
import io.inkwellsplit.address.place.Postcodes;
import io.inkwellsplit.text.Tokens;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;

/** Parts a state's code from the postcode that is written to it, {@code VT05641}, where the postcode is one of that state. */
final class GluedState {
    private static final int FEWEST_LETTERS = 2;
    private static final int MOST_LETTERS = 3;
    /** Shorter ones are parts of other postcodes: {@code SW1A}. */
    private static final int SHORTEST_CODE = 4;

    private static final int LONGEST_NUMBER = 7;

    /** A state of a country, by its number from 1. */
    private record Place(Country country, int number) {}

    private final Map<String, List<Place>> byCode = new HashMap<>();
    private final Places places;

    GluedState(Countries countries, Places places) {
        this.places = places;
        for (int c = 0; c < countries.size(); c++) {
            List<Country.State> states = countries.get(c).states;
            for (int s = 0; s < states.size(); s++) {
                for (String name : states.get(s).names()) {
                    if (name.matches("[A-Z]{2,3}")) {
                        byCode.computeIfAbsent(name, any -> new ArrayList<>()).add(new Place(countries.get(c), s + 1));
                    }
                }
            }
        }
    }

    /** Parts a word if it is such a pair; the tokens behind it have other indexes then. */
    void part(Tokens tokens, int token) {
        int start = tokens.start(token);
        int letters = 0;
        while (letters <= MOST_LETTERS && Postcodes.isLetter(tokens.charAt(start + letters))) {
            letters++;
        }
        int code = tokens.charAt(start + letters) == '-' ? start + letters + 1 : start + letters;
        boolean mayBe = letters >= FEWEST_LETTERS
                && letters <= MOST_LETTERS
                && tokens.end(token) - code >= SHORTEST_CODE
                && Postcodes.isDigit(tokens.charAt(code));
        if (mayBe) {
            String state = tokens.text().substring(start, start + letters).toUpperCase(Locale.ROOT);
            String written = tokens.text().substring(code, tokens.end(token));
            if (byCode.getOrDefault(state, List.of()).stream().anyMatch(place -> has(place, written))) {
                tokens.cutBehindLetters(token, letters);
            }
        }
    }

    private boolean has(Place place, String code) {
        Country.State state = place.country.states.get(place.number - 1);
        return place.country.postcodes.matches(code)
                && (state.postcodeStarts().stream().anyMatch(code::startsWith) || isListed(place, code));
    }

    private boolean isListed(Place place, String code) {
        CountryPlaces its = places.of(place.country);
        String number = code.split("-", 2)[0];
        return its.knowsPostcodes()
                && number.length() <= LONGEST_NUMBER
                && number.chars().allMatch(c -> Postcodes.isDigit((char) c))
                && (its.statesOf(Integer.parseInt(number)) & 1L << place.number) != 0;
    }
}
