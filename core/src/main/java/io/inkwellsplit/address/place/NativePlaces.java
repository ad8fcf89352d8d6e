package io.inkwellsplit.address.place;

import io.inkwellsplit.data.Format;
import io.inkwellsplit.data.Format.Column;
import io.inkwellsplit.data.Resources.Line;
import io.inkwellsplit.text.PhraseTable;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/** Names of regions and of the larger cities in the letters of their country, where these are not Latin. */
public final class NativePlaces {
    private static final Format FORMAT =
            Format.NONE.required("region", Column.CODE, Column.TEXTS).required("city", Column.CODE, Column.TEXTS);

    private static final class Shipped {
        static final Map<String, List<Line>> SECTIONS = FORMAT.read(NativePlaces.class, "native-places.txt");
        static final Map<String, List<String>> REGIONS = byCountry("region");
        static final Map<String, List<String>> CITIES = byCountry("city");
        static final PhraseTable NAMES = names();

        private static Map<String, List<String>> byCountry(String section) {
            Map<String, List<String>> names = new HashMap<>();
            for (Line line : SECTIONS.getOrDefault(section, List.of())) {
                List<String> fields = List.of(line.fields());
                names.computeIfAbsent(fields.get(0), code -> new ArrayList<>())
                        .addAll(fields.subList(1, fields.size()));
            }
            return names;
        }

        private static PhraseTable names() {
            PhraseTable.Builder table = new PhraseTable.Builder(2_000);
            REGIONS.values().forEach(names -> names.forEach(name -> table.put(name, 1)));
            CITIES.values().forEach(names -> names.forEach(name -> table.put(name, 1)));
            return table.build();
        }
    }

    private NativePlaces() {}

    static List<String> regions(String country) {
        return Shipped.REGIONS.getOrDefault(country, List.of());
    }

    static List<String> cities(String country) {
        return Shipped.CITIES.getOrDefault(country, List.of());
    }

    /** Returns the names of all countries. */
    public static PhraseTable names() {
        return Shipped.NAMES;
    }
}
