package io.inkwellsplit.table.survey;

import io.inkwellsplit.reading.Part;
import io.inkwellsplit.reading.PartKey;
import io.inkwellsplit.reading.Reading;
import io.inkwellsplit.reading.Span;
import java.util.ArrayList;
import java.util.List;

/** How a value is laid out: its parts from left to right, such as {@code last first middle}. */
public final class ValueLayout {
    private ValueLayout() {}

    /**
     * {@return the layout of a reading; a part stands as often as it has pieces that something else is between}
     *
     * @param reading how it was read
     */
    public static String of(Reading<PartKey> reading) {
        return of(reading.plainParts());
    }

    static String of(List<Part<PartKey>> parts) {
        List<String> keys = new ArrayList<>();
        List<Integer> starts = new ArrayList<>();
        for (Part<PartKey> part : parts) {
            for (Span span : part.spans()) {
                // Few pieces, mostly in order already.
                int at = starts.size();
                while (at > 0 && starts.get(at - 1) > span.start()) {
                    at--;
                }
                keys.add(at, part.key().key());
                starts.add(at, span.start());
            }
        }
        StringBuilder layout = new StringBuilder();
        String before = "";
        for (String key : keys) {
            if (!key.equals(before)) {
                layout.append(layout.isEmpty() ? "" : " ").append(key);
            }
            before = key;
        }
        return layout.toString();
    }
}
