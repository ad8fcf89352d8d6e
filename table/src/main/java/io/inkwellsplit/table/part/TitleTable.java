package io.inkwellsplit.table.part;

import io.inkwellsplit.data.Format;
import io.inkwellsplit.data.Format.Column;
import io.inkwellsplit.data.Resources.Line;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;

/** What the vocabularies call the parts, and what each part means: {@code titles.txt}. */
final class TitleTable {
    private static final int MEANING = 4;

    private static final Map<String, String[]> ROWS = load();

    private TitleTable() {}

    private static Map<String, String[]> load() {
        Map<String, String[]> rows = new LinkedHashMap<>();
        for (Line line : Format.NONE.required("", Column.TEXT, Column.ANYS).readLines(TitleTable.class, "titles.txt")) {
            String[] fields = line.fields();
            if (fields.length != MEANING + 1 || rows.put(fields[0], fields) != null) {
                throw line.refuse("five fields are needed, and a key that did not stand above");
            }
        }
        return rows;
    }

    /** Returns the word of a standard's vocabulary for a part; none where it has none. */
    static Optional<String> title(PartTitles vocabulary, String key) {
        String[] row = ROWS.get(key);
        int column = vocabulary.ordinal() - PartTitles.KEYS.ordinal();
        return row == null || row[column].isEmpty() ? Optional.empty() : Optional.of(row[column]);
    }

    /** Returns what a part or another column of a split means, in a sentence. */
    static String meaning(String key) {
        String[] row = ROWS.get(key);
        return row == null ? "" : row[MEANING];
    }
}
