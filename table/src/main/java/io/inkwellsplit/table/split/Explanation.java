package io.inkwellsplit.table.split;

import io.inkwellsplit.reading.Alternative;
import io.inkwellsplit.reading.Doubt;
import io.inkwellsplit.reading.Part;
import io.inkwellsplit.reading.PartKey;
import io.inkwellsplit.reading.Reading;
import io.inkwellsplit.reading.Reason;
import io.inkwellsplit.reading.Suggestion;
import io.inkwellsplit.table.Row;
import io.inkwellsplit.table.RowSource;
import io.inkwellsplit.table.Settings;
import io.inkwellsplit.table.step.Columns;
import java.util.ArrayList;
import java.util.Iterator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.stream.Collectors;

/** Tells how one value was read: its parts, the other ways in which it was weighed, and what decided. */
public final class Explanation {
    private static final int WAYS = 4;

    private final Reading<PartKey> reading;
    private final List<Alternative<PartKey>> ways;

    private Explanation(ColumnReader<?, ?> reader, String value) {
        this.reading = reader.read(value);
        this.ways = reader.ways().of(value);
    }

    /**
     * Explains a value by itself.
     *
     * @param subject names or addresses
     * @param value the value
     * @param splitters how it is read
     * @return the explanation
     */
    public static Explanation of(Subject subject, String value, Splitters splitters) {
        return new Explanation(subject.reader(splitters), value);
    }

    /**
     * Explains the value of a row, in the light of its column.
     *
     * @param source the table
     * @param subject names or addresses
     * @param column the column's title, or its number from 1
     * @param row its number among the rows, from 1
     * @param splitters how it is read
     * @return the explanation
     * @throws io.inkwellsplit.table.TableException if there is no such row or column
     */
    public static Explanation of(RowSource source, Subject subject, String column, long row, Splitters splitters) {
        int index = Columns.find(source.header(), column);
        ColumnReader<?, ?> reader = subject.reader(splitters);
        String value = "";
        boolean found = false;
        for (Iterator<Row> rows = source.rows(); rows.hasNext(); ) {
            Row next = rows.next();
            if (next.cells().size() == source.header().size()) {
                reader.observe(next.cells().get(index));
                if (next.number() == row) {
                    value = next.cells().get(index);
                    found = true;
                }
            }
        }
        if (!found) {
            throw Settings.refuse("There is no row " + row + " to explain, or it has too many or too few cells.");
        }
        return new Explanation(reader, value);
    }

    /** {@return it for people} */
    public List<String> lines() {
        List<String> lines = new ArrayList<>();
        lines.add("\"" + reading.source() + "\" is read as " + reading.kind().key()
                + (reading.country().isEmpty() ? "" : " in " + reading.country())
                + String.format(Locale.ROOT, ", confidence %.3f", reading.confidence()));
        for (Part<PartKey> part : reading.parts()) {
            String places = part.spans().stream()
                    .map(span -> (span.start() + 1) + "–" + span.end())
                    .collect(Collectors.joining(", "));
            lines.add("  " + (part.key().isFiner() ? "  " : "") + part.key().key() + ": " + part.text()
                    + "  (characters " + places + ")");
        }
        for (Doubt doubt : reading.doubts()) {
            lines.add("  doubt " + doubt.code() + ": " + doubt.sentence());
        }
        for (Suggestion<PartKey> suggestion : reading.suggestions()) {
            lines.add("  suggested " + suggestion.part().key() + ": " + suggestion.value());
        }
        lines.add(ways.size() < 2 ? "There was one way to read it." : ways.size() + " ways to read it were weighed:");
        for (int i = 0; i < Math.min(WAYS, ways.size()); i++) {
            Alternative<PartKey> way = ways.get(i);
            lines.add(String.format(
                    Locale.ROOT,
                    "  %.3f  %s",
                    way.share(),
                    way.parts().stream()
                            .filter(part -> !part.key().isFiner())
                            .map(part -> part.key().key() + "=" + part.text())
                            .collect(Collectors.joining("; "))));
            for (Reason reason : way.reasons()) {
                lines.add(String.format(Locale.ROOT, "         %+.2f  %s", reason.weight(), reason.sentence()));
            }
        }
        return lines;
    }

    /** {@return it for machines: maps, lists, texts and numbers} */
    public Map<String, Object> data() {
        Map<String, Object> data = new LinkedHashMap<>();
        data.put("text", reading.source());
        data.put("kind", reading.kind().key());
        data.put("country", reading.country());
        data.put("confidence", reading.confidence());
        data.put("parts", parts(reading.parts()));
        data.put("doubts", reading.doubts().stream().map(Doubt::code).toList());
        Map<String, Object> suggestions = new LinkedHashMap<>();
        reading.suggestions().forEach(one -> suggestions.put(one.part().key(), one.value()));
        data.put("suggestions", suggestions);
        List<Object> told = new ArrayList<>();
        for (Alternative<PartKey> way : ways) {
            Map<String, Object> one = new LinkedHashMap<>();
            one.put("share", way.share());
            one.put("parts", parts(way.parts()));
            one.put("reasons", way.reasons());
            told.add(one);
        }
        data.put("ways", told);
        return data;
    }

    private static List<Object> parts(List<Part<PartKey>> parts) {
        List<Object> all = new ArrayList<>();
        for (Part<PartKey> part : parts) {
            Map<String, Object> one = new LinkedHashMap<>();
            one.put("key", part.key().key());
            one.put("text", part.text());
            one.put("places", part.spans());
            all.add(one);
        }
        return all;
    }
}
