package io.inkwellsplit.address.place;

import io.inkwellsplit.data.Resources.Line;
import io.inkwellsplit.text.Tokens;
import io.inkwellsplit.weigh.Nothing;
import io.inkwellsplit.words.OwnCountry;
import io.inkwellsplit.words.OwnWords;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/** The vocabulary of addresses: the countries with their words, their places, the words for nothing. Immutable. */
public final class AddressWords {
    private final Countries countries;
    private final Places places;
    private final Nothing nothing;
    private final OwnWords own;
    private final Map<String, CountryFile> ownCountries;

    private static final class Shipped {
        static final AddressWords WORDS =
                new AddressWords(Countries.shipped(), Places.shipped(), Nothing.shipped(), OwnWords.none(), Map.of());
    }

    private AddressWords(
            Countries countries, Places places, Nothing nothing, OwnWords own, Map<String, CountryFile> ownCountries) {
        this.countries = countries;
        this.places = places;
        this.nothing = nothing;
        this.own = own;
        this.ownCountries = ownCountries;
    }

    public static AddressWords shipped() {
        return Shipped.WORDS;
    }

    /**
     * Returns this vocabulary and the user's own words.
     *
     * @throws IllegalArgumentException if a town's country or region is unknown
     */
    public AddressWords with(OwnWords more) {
        return of(own.and(more), ownCountries);
    }

    /**
     * Returns this vocabulary with a country's file of the user's.
     *
     * @throws IllegalArgumentException if it holds what it may not
     */
    public AddressWords with(OwnCountry country) {
        Map<String, CountryFile> files = new LinkedHashMap<>(ownCountries);
        try {
            files.put(country.code(), CountryFile.read(country));
        } catch (IllegalStateException e) {
            throw new IllegalArgumentException(e.getMessage(), e);
        }
        if (Countries.shipped().size() + files.size() > Countries.MOST) {
            throw new IllegalArgumentException(
                    "There is room for " + (Countries.MOST - Countries.shipped().size()) + " countries of one's own.");
        }
        return of(own, files);
    }

    private static AddressWords of(OwnWords own, Map<String, CountryFile> files) {
        Countries countries = new Countries(files, own);
        Places places = new Places(countries.size(), towns(own.lines("town"), countries));
        return new AddressWords(countries, places, Nothing.shipped().with(own), own, files);
    }

    /** Returns towns by the code of their country. */
    private static Map<String, List<Line>> towns(List<Line> lines, Countries countries) {
        Map<String, List<Line>> towns = new HashMap<>();
        for (Line line : lines) {
            String[] fields = line.fields();
            Country country = countries.known(fields[1]);
            if (country == null) {
                throw refuse(line, "addresses of the country \"" + fields[1] + "\" are not read");
            }
            boolean hasState = fields.length > CountryPlaces.OWN_STATE;
            if (fields.length > CountryPlaces.OWN_STATE + 1) {
                throw refuse(line, "a town has a country and a region, and no more");
            }
            if (hasState
                    && country.states.stream()
                            .noneMatch(state -> state.names().get(0).equals(fields[CountryPlaces.OWN_STATE]))) {
                throw refuse(
                        line,
                        "\"" + fields[CountryPlaces.OWN_STATE] + "\" is no region of " + country.code
                                + " as its file writes it first");
            }
            towns.computeIfAbsent(country.code, any -> new ArrayList<>()).add(line);
        }
        return towns;
    }

    private static IllegalArgumentException refuse(Line line, String why) {
        return new IllegalArgumentException(line.refuse(why).getMessage());
    }

    public Countries countries() {
        return countries;
    }

    public Places places() {
        return places;
    }

    /** Returns whether a run of tokens is a word for nothing: {@code unknown}. */
    public boolean isNothing(Tokens tokens, int from, int end) {
        return nothing.is(tokens, from, end);
    }

    /** Returns whether the tokens of a value are nothing to read. */
    public boolean isNothing(Tokens tokens) {
        return nothing.is(tokens);
    }
}
