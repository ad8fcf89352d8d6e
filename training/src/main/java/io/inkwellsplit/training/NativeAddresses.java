package io.inkwellsplit.training;

import io.inkwellsplit.address.AddressSplitter;
import io.inkwellsplit.data.Resources;
import io.inkwellsplit.data.Resources.Line;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;

/** Writes addresses of the countries that have letters of their own, in these letters and in the order of the country. */
final class NativeAddresses {
    private static final String PLACES = "place/native-places.txt";

    private final NamePools pools;
    private final AddressNoise noise;
    private final List<AddressPatterns> countries;

    NativeAddresses(NamePools pools, AddressNoise noise) {
        this.pools = pools;
        this.noise = noise;
        Map<String, List<Line>> places = Resources.sections(AddressSplitter.class, PLACES);
        countries = AddressSplitter.countries().stream()
                .filter(code -> NativeAddresses.class.getResource("native/" + code + ".txt") != null)
                .map(code -> new AddressPatterns("native/" + code + ".txt", code, names(places, "city", code))
                        .orElse("state", names(places, "region", code)))
                .toList();
    }

    private static List<String> names(Map<String, List<Line>> places, String section, String code) {
        List<String> names = new ArrayList<>();
        for (Line line : places.getOrDefault(section, List.of())) {
            List<String> fields = List.of(line.fields());
            if (fields.get(0).equals(code)) {
                names.addAll(fields.subList(1, fields.size()));
            }
        }
        return names;
    }

    /** Returns an address, of one country after the other. */
    Labelled write(int number) {
        return countries.get(number % countries.size()).write(pools, noise);
    }

    /** Returns addresses of one country and a few of its towns. */
    List<Labelled> column(int count, int towns) {
        AddressPatterns country = pools.any(countries);
        country.startColumn(pools, towns);
        List<Labelled> rows = new ArrayList<>();
        for (int i = 0; i < count; i++) {
            rows.add(country.write(pools, noise));
        }
        country.endColumn();
        return rows;
    }
}
