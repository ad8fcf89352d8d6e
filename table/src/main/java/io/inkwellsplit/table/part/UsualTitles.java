package io.inkwellsplit.table.part;

import io.inkwellsplit.data.Format;
import io.inkwellsplit.data.Format.Column;
import io.inkwellsplit.data.Resources.Line;
import io.inkwellsplit.reading.AddressPart;
import io.inkwellsplit.reading.NamePart;
import io.inkwellsplit.reading.PartKey;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;

/** What columns of parts are called in lists that were not split here: {@code usual-titles.txt}. */
public final class UsualTitles {
    private static final Map<String, PartKey> PARTS = load();

    private UsualTitles() {}

    private static Map<String, PartKey> load() {
        Map<String, PartKey> parts = new HashMap<>();
        for (Line line :
                Format.NONE.required("", Column.TEXT, Column.TEXTS).readLines(UsualTitles.class, "usual-titles.txt")) {
            List<String> fields = Arrays.asList(line.fields());
            PartKey part = Stream.<PartKey>concat(Arrays.stream(NamePart.values()), Arrays.stream(AddressPart.values()))
                    .filter(one -> one.key().equals(fields.get(0)))
                    .findFirst()
                    .orElseThrow(() -> line.refuse("there is no part " + fields.get(0)));
            for (String title : fields.subList(1, fields.size())) {
                if (parts.put(plain(title), part) != null) {
                    throw line.refuse(title + " stands twice");
                }
            }
        }
        return Map.copyOf(parts);
    }

    private static String plain(String title) {
        return title.toLowerCase(Locale.ROOT).replaceAll("[\\s_-]+", "");
    }

    /**
     * {@return the part that a column of such a title usually holds; empty where that cannot be told}
     *
     * @param title the title
     */
    public static Optional<PartKey> part(String title) {
        return Optional.ofNullable(PARTS.get(plain(title)));
    }
}
