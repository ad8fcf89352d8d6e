package io.inkwellsplit.table;

import io.inkwellsplit.table.ColumnType.Kind;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.regex.Pattern;

/**
 * Gathers, cell by cell, what the columns of a table hold, where each cell has a type of its own. A column has a kind where
 * all its cells have; one that mixes numbers and text is text. Confined to one thread.
 */
public final class ColumnKinds {
    private static final Pattern WHOLE = Pattern.compile("-?[0-9]{1,18}");

    /** By column; null where nothing was seen yet. */
    private final List<Seen> columns = new ArrayList<>();

    /** Starts with nothing seen. */
    public ColumnKinds() {}

    private static final class Seen {
        private Kind kind = Kind.TEXT;
        private boolean isAny;
    }

    /**
     * Takes a cell that holds something.
     *
     * @param column its column, from 0
     * @param kind what it is
     * @param text its text
     */
    public void add(int column, Kind kind, String text) {
        while (columns.size() <= column) {
            columns.add(new Seen());
        }
        Kind exact = kind == Kind.NUMBER && WHOLE.matcher(text).matches() ? Kind.WHOLE_NUMBER : kind;
        Seen seen = columns.get(column);
        seen.kind = seen.isAny ? both(seen.kind, exact) : exact;
        seen.isAny = true;
    }

    private static Kind both(Kind one, Kind other) {
        if (one == other) {
            return one;
        }
        if (isNumber(one) && isNumber(other)) {
            return Kind.NUMBER;
        }
        return isTime(one) && isTime(other) ? Kind.MOMENT : Kind.TEXT;
    }

    private static boolean isNumber(Kind kind) {
        return kind == Kind.NUMBER || kind == Kind.WHOLE_NUMBER;
    }

    private static boolean isTime(Kind kind) {
        return kind == Kind.DATE || kind == Kind.MOMENT;
    }

    /**
     * {@return what the columns hold that are no text, by their titles; a title that stands twice is left out}
     *
     * @param header the titles
     */
    public Map<String, ColumnType> types(List<String> header) {
        Map<String, Integer> times = new HashMap<>();
        header.forEach(title -> times.merge(title, 1, Integer::sum));
        Map<String, ColumnType> types = new HashMap<>();
        for (int i = 0; i < Math.min(header.size(), columns.size()); i++) {
            if (columns.get(i).kind != Kind.TEXT && times.getOrDefault(header.get(i), 0) == 1) {
                types.put(header.get(i), new ColumnType(columns.get(i).kind, "", ""));
            }
        }
        return types;
    }
}
