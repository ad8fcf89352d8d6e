package io.inkwellsplit.table.survey;

import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/** Counts how the values of a column look. */
final class Shapes {
    /** A column of text has as many shapes as values; what comes after so many is counted together. */
    private static final int MOST = 4000;

    private final Map<String, long[]> counts = new HashMap<>();
    private final Map<String, String> examples = new HashMap<>();

    /** Counts a value by its shape; returns whether it was counted: there may be too many shapes already. */
    boolean add(String shape, String value) {
        long[] count = counts.get(shape);
        if (count == null) {
            if (counts.size() >= MOST) {
                return false;
            }
            count = new long[1];
            counts.put(shape, count);
            examples.put(shape, value);
        }
        count[0]++;
        return true;
    }

    /** Returns the most frequent shapes. */
    List<ColumnSurvey.Shape> most(int number, long values) {
        return counts.entrySet().stream()
                .sorted(Comparator.comparingLong((Map.Entry<String, long[]> entry) -> -entry.getValue()[0])
                        .thenComparing(Map.Entry::getKey))
                .limit(number)
                .map(entry -> new ColumnSurvey.Shape(
                        entry.getKey(),
                        entry.getValue()[0],
                        values == 0 ? 0 : (double) entry.getValue()[0] / values,
                        examples.getOrDefault(entry.getKey(), "")))
                .toList();
    }

    int size() {
        return counts.size();
    }
}
