package io.inkwellsplit.table.kind;

import java.util.Arrays;
import java.util.List;
import java.util.Locale;

/** What several kinds of steps have in common. */
final class Common {
    static final Setting COLUMN =
            Setting.text("column", "COLUMN", "The column, by title or number.").needed();
    static final Setting COLUMNS = Setting.text("column", "COLUMN", "A column, by title or number; repeatable.")
            .needed()
            .severalTimes();
    static final Setting TITLE = Setting.text("title", "TITLE", "The title of the new column.");

    private Common() {}

    static String column(Values values) {
        return values.text("column").orElseThrow();
    }

    static String[] columns(Values values) {
        return values.texts("column").toArray(String[]::new);
    }

    /** Returns separators with {@code \t} and {@code \n} for the characters that are hard to write. */
    static String[] separators(List<String> written) {
        return written.stream().map(Common::separator).toArray(String[]::new);
    }

    static String separator(String written) {
        return written.replace("\\t", "\t").replace("\\n", "\n");
    }

    static List<String> words(Enum<?>... values) {
        return Arrays.stream(values)
                .map(value -> value.name().toLowerCase(Locale.ROOT))
                .toList();
    }
}
