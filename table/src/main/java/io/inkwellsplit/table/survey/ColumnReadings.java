package io.inkwellsplit.table.survey;

import io.inkwellsplit.address.AddressPart;
import io.inkwellsplit.address.AddressSplitter;
import io.inkwellsplit.column.AddressColumn;
import io.inkwellsplit.column.NameColumn;
import io.inkwellsplit.name.NameEvidence;
import io.inkwellsplit.name.NameSplitter;
import io.inkwellsplit.reading.Doubt;
import io.inkwellsplit.reading.Kind;
import io.inkwellsplit.reading.Part;
import io.inkwellsplit.reading.Reading;
import io.inkwellsplit.table.Row;
import io.inkwellsplit.table.RowSource;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.Iterator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.NoSuchElementException;
import java.util.TreeMap;
import java.util.function.Function;
import java.util.stream.Collectors;

/**
 * How the values of a column of names or addresses are read, in the light of the column.
 *
 * @param read how many values that are not blank were read
 * @param doubtful how many of them have a doubt
 * @param kinds how many are people, couples, organisations …
 * @param orders for names, how many write the given or the family name first beyond doubt
 * @param parts how many values have each part, the most frequent first
 * @param countries for addresses, how many were read as of each country
 * @param states for addresses, the most frequent states as they are written
 * @param doubts how many values have each doubt, the most frequent first
 * @param shapes the most frequent shapes, and how the first value of each is read
 */
public record ColumnReadings(
        long read,
        long doubtful,
        Map<Kind, Long> kinds,
        Map<String, Long> orders,
        Map<String, Long> parts,
        Map<String, Long> countries,
        Map<String, Long> states,
        Map<Doubt, Long> doubts,
        List<ShapeReading> shapes) {
    private static final int SHOWN = 12;
    private static final int MOST_STATES = 2_000;

    /**
     * How a shape is read.
     *
     * @param shape the shape, and how many values have it
     * @param reading the parts of its example, labelled by key
     * @param doubtful how many values of the shape have a doubt
     */
    public record ShapeReading(ColumnSurvey.Shape shape, String reading, long doubtful) {}

    /**
     * Reads a column of names or addresses.
     *
     * @throws IllegalArgumentException if it holds neither
     */
    public static ColumnReadings of(RowSource source, ColumnSurvey column) {
        Iterable<String> values = () -> values(source, column.index());
        Counter counter = new Counter();
        if (column.holds() == Holds.NAMES) {
            NameSplitter names = NameColumn.learn(NameSplitter.standard(), values);
            NameEvidence evidence = new NameEvidence();
            values.forEach(value -> NameSplitter.standard().gather(value, evidence));
            counter.orders.put("given name first", evidence.givenFirst());
            counter.orders.put("family name first", evidence.familyFirst());
            return counter.count(values, names::split, column);
        }
        if (column.holds() == Holds.ADDRESSES) {
            AddressSplitter addresses = AddressColumn.learn(AddressSplitter.standard(), values);
            return counter.count(values, addresses::split, column);
        }
        throw new IllegalArgumentException(
                column.title() + " holds " + column.holds().key());
    }

    private static Iterator<String> values(RowSource source, int index) {
        Iterator<Row> rows = source.rows();
        int width = source.header().size();
        return new Iterator<>() {
            private String next = "";
            private boolean there;

            @Override
            public boolean hasNext() {
                while (!there && rows.hasNext()) {
                    List<String> cells = rows.next().cells();
                    if (cells.size() == width) {
                        next = cells.get(index);
                        there = true;
                    }
                }
                return there;
            }

            @Override
            public String next() {
                if (!hasNext()) {
                    throw new NoSuchElementException();
                }
                there = false;
                return next;
            }
        };
    }

    private static final class Counter {
        private long read;
        private long doubtful;
        private final Map<Kind, Long> kinds = new TreeMap<>();
        private final Map<String, Long> orders = new LinkedHashMap<>();
        private final Map<String, Long> parts = new HashMap<>();
        private final Map<String, Long> countries = new HashMap<>();
        private final Map<String, Long> states = new HashMap<>();
        private final Map<Doubt, Long> doubts = new TreeMap<>();
        private final Map<String, Long> doubtfulByShape = new HashMap<>();

        ColumnReadings count(Iterable<String> values, Function<String, Reading> splitter, ColumnSurvey column) {
            values.forEach(value -> count(splitter.apply(value)));
            List<ShapeReading> shapes = new ArrayList<>();
            for (ColumnSurvey.Shape shape : column.shapes()) {
                shapes.add(new ShapeReading(
                        shape,
                        labelled(splitter.apply(shape.example())),
                        doubtfulByShape.getOrDefault(shape.shape(), 0L)));
            }
            return new ColumnReadings(
                    read,
                    doubtful,
                    kinds,
                    orders,
                    most(parts),
                    most(countries),
                    most(states),
                    byCount(doubts),
                    List.copyOf(shapes));
        }

        private void count(Reading reading) {
            kinds.merge(reading.kind(), 1L, Long::sum);
            if (reading.kind() == Kind.BLANK) {
                return;
            }
            read++;
            for (Part part : reading.parts()) {
                if (!part.key().isFiner()) {
                    parts.merge(part.key().key(), 1L, Long::sum);
                }
                if (part.key() == AddressPart.STATE && states.size() < MOST_STATES) {
                    states.merge(part.text(), 1L, Long::sum);
                }
            }
            if (!reading.country().isEmpty()) {
                countries.merge(reading.country(), 1L, Long::sum);
            }
            if (!reading.doubts().isEmpty()) {
                doubtful++;
                doubtfulByShape.merge(ValueShape.of(reading.source().strip()), 1L, Long::sum);
            }
            reading.doubts().forEach(doubt -> doubts.merge(doubt, 1L, Long::sum));
        }

        private static String labelled(Reading reading) {
            return reading.parts().stream()
                    .filter(part -> !part.key().isFiner())
                    .map(part -> part.key().key() + " " + part.text())
                    .collect(Collectors.joining(" | "));
        }

        private static Map<Doubt, Long> byCount(Map<Doubt, Long> counts) {
            Map<Doubt, Long> sorted = new LinkedHashMap<>();
            counts.entrySet().stream()
                    .sorted(Map.Entry.<Doubt, Long>comparingByValue()
                            .reversed()
                            .thenComparing(Map.Entry.comparingByKey()))
                    .forEach(entry -> sorted.put(entry.getKey(), entry.getValue()));
            return sorted;
        }

        private static Map<String, Long> most(Map<String, Long> counts) {
            Map<String, Long> most = new LinkedHashMap<>();
            counts.entrySet().stream()
                    .sorted(Map.Entry.<String, Long>comparingByValue(Comparator.reverseOrder())
                            .thenComparing(Map.Entry.comparingByKey()))
                    .limit(SHOWN)
                    .forEach(entry -> most.put(entry.getKey(), entry.getValue()));
            return most;
        }
    }
}
