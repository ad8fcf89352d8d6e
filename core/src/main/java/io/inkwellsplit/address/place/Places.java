package io.inkwellsplit.address.place;

import io.inkwellsplit.data.Gazetteer;
import io.inkwellsplit.data.Resources.Line;
import io.inkwellsplit.text.PhraseTable;
import io.inkwellsplit.text.Tokens;
import java.util.List;
import java.util.Map;
import java.util.concurrent.atomic.AtomicReferenceArray;

/**
 * The gazetteer, where its module is there; an empty one elsewhere. A country's places are loaded when they
 * are first asked for.
 *
 * <p>It is evidence and never a veto: a town it does not know is a town all the same.
 */
public final class Places {
    private final AtomicReferenceArray<CountryPlaces> countries;
    private final Map<String, List<Line>> own;

    /**
     * @param size how many countries there are
     * @param own lines of the user's, by the code of their country
     */
    Places(int size, Map<String, List<Line>> own) {
        this.countries = new AtomicReferenceArray<>(size);
        this.own = own;
    }

    private static final class Shipped {
        static final Places PLACES = new Places(Countries.shipped().size(), Map.of());
    }

    static Places shipped() {
        return Shipped.PLACES;
    }

    public CountryPlaces of(Country country) {
        CountryPlaces known = countries.get(country.index);
        if (known == null) {
            known = load(country);
            countries.set(country.index, known);
        }
        return known;
    }

    private CountryPlaces load(Country country) {
        CountryPlaces.Builder builder = new CountryPlaces.Builder(country);
        Gazetteer.lines(country.code).forEach(builder::add);
        NativePlaces.cities(country.code).forEach(builder::add);
        own.getOrDefault(country.code, List.of()).forEach(builder::addOwn);
        return builder.build();
    }

    /** Returns the number of the place that a run of tokens names, or {@link PhraseTable#NONE}. */
    public int find(Country country, Tokens tokens, int from, int end) {
        return of(country).find(tokens, from, end);
    }

    /** Returns whether it is known in which states a country's places are. */
    boolean knowsStates(Country country) {
        return of(country).knowsStates();
    }

    boolean isIn(Country country, int place, int state) {
        return of(country).isIn(place, state);
    }
}
