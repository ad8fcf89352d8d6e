package io.inkwellsplit.table.correct;

import io.inkwellsplit.reading.Alternative;
import io.inkwellsplit.reading.Doubt;
import io.inkwellsplit.reading.Kind;
import io.inkwellsplit.reading.Part;
import io.inkwellsplit.reading.PartKey;
import io.inkwellsplit.reading.Reading;
import io.inkwellsplit.reading.Reason;
import io.inkwellsplit.table.ReadingWatch;
import io.inkwellsplit.table.RowSink;
import io.inkwellsplit.table.Ways;
import io.inkwellsplit.table.part.Thousandths;
import io.inkwellsplit.table.sort.RowSorter;
import io.inkwellsplit.table.sort.SortKey;
import io.inkwellsplit.table.sort.SortKey.Direction;
import io.inkwellsplit.table.survey.ValueLayout;
import io.inkwellsplit.table.survey.ValueShape;
import java.io.ByteArrayOutputStream;
import java.nio.ByteBuffer;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Consumer;
import java.util.stream.Collectors;

/**
 * The doubtful values of a run as a table to correct: a line for each distinct value, those of one shape (addresses: of one
 * layout) and doubt together, what settles most rows first. Filled in, in the column {@code Is}, it is a corrections file.
 */
public final class ReviewSheet implements ReadingWatch {
    /** The titles of the sheet; the first four are those of a corrections file. */
    public static final List<String> TITLES = List.of(
            "Column",
            "For",
            "Text",
            "Is",
            "Rows",
            "Group",
            "Rows in group",
            "Shape",
            "Layout",
            "Doubts",
            "Confidence",
            "Read as",
            "Runner-up",
            "Runner-up's probability",
            "Suggested",
            "Why");

    /** What the sheet is called in a spreadsheet. */
    public static final String NAME = "Doubtful";

    /** What can be chosen in a cell of the sheet, by the titles of its columns. */
    public static final Map<String, List<String>> CHOICES = Map.of("Is", List.of("as read", "runner-up", "suggested"));

    /** How many of them a corrections file has. */
    static final int NEEDED = 4;

    private static final int COLUMN = TITLES.indexOf("Column");
    private static final int TEXT = TITLES.indexOf("Text");
    private static final int ROWS = TITLES.indexOf("Rows");
    private static final int GROUP = TITLES.indexOf("Group");
    private static final int GROUP_ROWS = TITLES.indexOf("Rows in group");
    private static final int SHAPE = TITLES.indexOf("Shape");
    private static final int LAYOUT = TITLES.indexOf("Layout");
    private static final int DOUBTS = TITLES.indexOf("Doubts");
    private static final int REASONS = 3;
    private static final double CERTAIN = 0.99;
    /** Doubts about what a postcode says, and not about how the value is read. */
    private static final Set<Doubt> OF_POSTCODES =
            EnumSet.of(Doubt.SHORT_POSTCODE, Doubt.POSTCODE_FORM, Doubt.POSTCODE_STATE, Doubt.POSTCODE_CITY);
    /** Where every value has a shape of its own, groups beyond so many are as good as no groups. */
    private static final int MOST_GROUPS = 100_000;

    private final SortKey exact = SortKey.exact();
    private RowSorter values = new RowSorter();
    private final Map<String, Long> groups = new HashMap<>();
    private long lines;

    /** Starts with nothing seen. */
    public ReviewSheet() {}

    /** Keeps a reading if it is doubtful. */
    @Override
    public Runnable seen(String column, Reading<PartKey> reading, Ways weighed) {
        if (reading.doubts().isEmpty()) {
            return NOTHING;
        }
        String doubts = reading.doubts().stream().map(Doubt::code).collect(Collectors.joining("; "));
        List<Alternative<PartKey>> ways = waysOf(reading, weighed);
        ByteArrayOutputStream key = new ByteArrayOutputStream();
        exact.add(column, Direction.RISING, key);
        exact.add(reading.source(), Direction.RISING, key);
        List<String> cells = new ArrayList<>(List.of(
                column,
                "value",
                reading.source(),
                "",
                "",
                "",
                "",
                ValueShape.of(reading.source().strip()),
                reading.kind() == Kind.ADDRESS ? ValueLayout.of(reading) : "",
                doubts,
                Thousandths.text(reading.confidence()),
                parts(reading.parts()),
                ways.size() > 1 ? parts(ways.get(1).parts()) : "",
                ways.size() > 1 ? Thousandths.text(ways.get(1).share()) : "",
                suggested(reading),
                why(reading, ways)));
        String group = group(cells);
        cells.addAll(ReviewCase.written(ways));
        return () -> {
            if (groups.size() < MOST_GROUPS || groups.containsKey(group)) {
                groups.merge(group, 1L, Long::sum);
            }
            values.add(key.toByteArray(), cells);
        };
    }

    /** Where the parts are as good as certain, and only contradict each other, no other way is worth looking for. */
    private static List<Alternative<PartKey>> waysOf(Reading<PartKey> reading, Ways weighed) {
        boolean certain = reading.confidence() >= CERTAIN && OF_POSTCODES.containsAll(reading.doubts());
        return certain
                ? List.of(new Alternative<>(reading.kind(), reading.parts(), reading.confidence(), List.of()))
                : weighed.of(reading.source());
    }

    /** Names of one shape belong together; nearly every address has a shape of its own, so there those of one layout do. */
    private static String group(List<String> cells) {
        String look = cells.get(LAYOUT).isEmpty() ? cells.get(SHAPE) : cells.get(LAYOUT);
        return cells.get(COLUMN) + "\t" + look + "\t" + cells.get(DOUBTS);
    }

    /**
     * {@return parts in one line, by key: {@code first=Ines; last=Brandt}}
     *
     * @param parts the parts; finer ones are left out
     */
    public static String parts(List<Part<PartKey>> parts) {
        return parts.stream()
                .filter(part -> !part.key().isFiner())
                .map(part -> part.key().key() + "=" + part.text())
                .collect(Collectors.joining("; "));
    }

    /** Returns a reading with what is suggested in place of what is written; empty where nothing is. */
    private static String suggested(Reading<PartKey> reading) {
        if (reading.suggestions().isEmpty()) {
            return "";
        }
        Map<String, String> parts = new LinkedHashMap<>();
        reading.plainParts().forEach(part -> parts.put(part.key().key(), part.text()));
        reading.suggestions().forEach(one -> parts.put(one.part().key(), one.value()));
        return parts.entrySet().stream()
                .map(part -> part.getKey() + "=" + part.getValue())
                .collect(Collectors.joining("; "));
    }

    private static String why(Reading<PartKey> reading, List<Alternative<PartKey>> ways) {
        String doubts = reading.doubts().stream().map(Doubt::sentence).collect(Collectors.joining(" "));
        if (ways.isEmpty()) {
            return doubts;
        }
        String reasons = ways.get(0).reasons().stream()
                .filter(reason -> reason.weight() > 0)
                .map(Reason::sentence)
                .distinct()
                .limit(REASONS)
                .collect(Collectors.joining("; "));
        return reasons.isEmpty() ? doubts : doubts + " Read so because: " + reasons + ".";
    }

    @Override
    public void restart() {
        values = new RowSorter();
        groups.clear();
        lines = 0;
    }

    /**
     * Writes the sheet as a table, and forgets what was added.
     *
     * @param sink what takes the table
     */
    public void writeTo(RowSink sink) {
        sink.header(TITLES);
        drain(one -> sink.row(one.cells()));
        sink.finish();
    }

    /**
     * Hands out the lines of the sheet in their order, and forgets what was added.
     *
     * @param to what takes the lines
     */
    public void drain(Consumer<ReviewCase> to) {
        RowSorter ordered = new RowSorter();
        byte[][] current = {{}};
        long[] count = {0};
        List<List<String>> last = new ArrayList<>(List.of(List.of()));
        values.drain((key, cells) -> {
            if (count[0] > 0 && !Arrays.equals(key, current[0])) {
                add(ordered, last.get(0), count[0]);
                count[0] = 0;
            }
            current[0] = key;
            last.set(0, cells);
            count[0]++;
        });
        if (count[0] > 0) {
            add(ordered, last.get(0), count[0]);
        }
        Map<String, Integer> numbers = new HashMap<>();
        ordered.drain((key, cells) -> {
            List<String> row = new ArrayList<>(cells);
            Integer number = numbers.computeIfAbsent(group(row), group -> numbers.size() + 1);
            row.set(GROUP, Integer.toString(number));
            lines++;
            to.accept(ReviewCase.of(row.subList(0, TITLES.size()), row.subList(TITLES.size(), row.size())));
        });
    }

    private void add(RowSorter ordered, List<String> cells, long rows) {
        String group = group(cells);
        long inGroup = groups.getOrDefault(group, rows);
        List<String> row = new ArrayList<>(cells);
        row.set(ROWS, Long.toString(rows));
        row.set(GROUP_ROWS, Long.toString(inGroup));
        ByteArrayOutputStream key = new ByteArrayOutputStream();
        key.writeBytes(falling(inGroup));
        exact.add(group, Direction.RISING, key);
        key.writeBytes(falling(rows));
        exact.add(cells.get(TEXT), Direction.RISING, key);
        ordered.add(key.toByteArray(), row);
    }

    private static byte[] falling(long count) {
        return ByteBuffer.allocate(Long.BYTES).putLong(Long.MAX_VALUE - count).array();
    }

    /** {@return how many lines were written} */
    public long lines() {
        return lines;
    }
}
