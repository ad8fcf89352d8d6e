package io.inkwellsplit.address.place;

import io.inkwellsplit.data.Format;
import io.inkwellsplit.data.Format.Column;
import io.inkwellsplit.data.Resources.Line;
import io.inkwellsplit.text.PhraseTable;
import io.inkwellsplit.text.Tokens;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;

/** The regions of every country, also where its addresses seldom name one; a country's are made ready when asked for. */
public final class Regions {
    private static final Format FORMAT = Format.NONE.required("", Column.CODE, Column.TEXTS);
    private static final int MAX_PHRASE = 5;
    private static final String[] NO_NAMES = {};
    private static final PhraseTable NO_REGIONS = new PhraseTable.Builder(1).build();

    private static final class Shipped {
        static final Map<String, String[]> LINES = load();
        static final Map<String, PhraseTable> TABLES = new ConcurrentHashMap<>();

        private static Map<String, String[]> load() {
            Map<String, String[]> lines = new HashMap<>();
            for (Line line : FORMAT.readLines(Regions.class, "regions.txt")) {
                lines.put(line.fields()[0], line.fields());
            }
            return lines;
        }
    }

    private Regions() {}

    /** Returns how many tokens make the longest name of a country's region that ends before {@code end}; 0 for none. */
    public static int longestBefore(String country, Tokens tokens, int end) {
        PhraseTable table = of(country);
        for (int length = end > 0 && table.mayEnd(tokens.hash(end - 1)) ? Math.min(MAX_PHRASE, end - 1) : 0;
                length >= 1;
                length--) {
            if (table.value(tokens, end - length, length) != PhraseTable.NONE) {
                return length;
            }
        }
        return 0;
    }

    /** Returns the regions of a country; an empty table where none are known. */
    public static PhraseTable of(String country) {
        PhraseTable table = Shipped.TABLES.get(country);
        return table == null ? Shipped.TABLES.computeIfAbsent(country, Regions::table) : table;
    }

    private static PhraseTable table(String country) {
        String[] names = Shipped.LINES.getOrDefault(country, NO_NAMES);
        List<String> own = NativePlaces.regions(country);
        if (names.length + own.size() == 0) {
            return NO_REGIONS;
        }
        PhraseTable.Builder table = new PhraseTable.Builder(names.length + own.size());
        for (int i = 1; i < names.length; i++) {
            table.put(names[i], 1);
        }
        own.forEach(name -> table.put(name, 1));
        return table.build();
    }
}
