package io.inkwellsplit.table.kind;

import io.inkwellsplit.table.ReadingWatch;
import io.inkwellsplit.table.Settings;
import io.inkwellsplit.table.file.FilePlan;
import io.inkwellsplit.table.step.Step;
import io.inkwellsplit.table.where.Condition;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
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

    /** The lists of values that conditions name are read. */
    static void planLists(List<String> conditions, FilePlan plan) {
        for (String written : conditions) {
            Condition.parse(written).list().ifPresent(list -> plan.reads("the list of values", list));
        }
    }

    /**
     * The same step for each of several columns. Those given by numbers come first, from the right: new columns would move
     * them otherwise.
     */
    static List<Step> forEachColumn(StepKind kind, Values values, List<String> titles, List<ReadingWatch> watches) {
        List<String> columns = new ArrayList<>(values.texts("column"));
        for (String title : titles) {
            if (columns.size() > 1 && values.isSet(title)) {
                throw Settings.refuse(title + " is for one column, and " + columns.size() + " are given.");
            }
        }
        columns.sort(Comparator.comparingInt(Common::number).reversed());
        return columns.stream()
                .map(column -> kind.step(values.with("column", List.of(column)), watches))
                .toList();
    }

    private static int number(String column) {
        return column.matches("[0-9]{1,6}") ? Integer.parseInt(column) : 0;
    }
}
