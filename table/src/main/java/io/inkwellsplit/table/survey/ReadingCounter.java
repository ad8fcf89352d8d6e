package io.inkwellsplit.table.survey;

import io.inkwellsplit.reading.AddressPart;
import io.inkwellsplit.reading.Doubt;
import io.inkwellsplit.reading.Kind;
import io.inkwellsplit.reading.NamePart;
import io.inkwellsplit.reading.Part;
import io.inkwellsplit.reading.PartKey;
import io.inkwellsplit.reading.Reading;
import io.inkwellsplit.reading.Span;
import io.inkwellsplit.table.survey.ColumnReadings.Band;
import io.inkwellsplit.table.survey.ColumnReadings.Mark;
import io.inkwellsplit.table.survey.ColumnReadings.Sample;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;

/** Counts how the values of one column are read; its size is bounded. */
public final class ReadingCounter {
    private static final int SHOWN = 12;
    private static final int COMMON_SHOWN = 8;
    /** Of so many different texts of a part each is counted; those that come later are not. */
    private static final int MOST_TEXTS = 5_000;

    private static final int SAMPLES_OF_A_DOUBT = 2;
    /** Where one band of confidence ends and the next begins: finer towards 1, where most values are. */
    private static final double[] EDGES = {0.5, 0.8, 0.9, 0.95, 0.98, 0.99, 0.999};

    private long read;
    private long blank;
    private long doubtful;
    private final Map<Kind, Long> kinds = new TreeMap<>();
    private final Map<String, Long> orders = new LinkedHashMap<>();
    private final Map<String, Long> parts = new HashMap<>();
    private final Map<String, Long> countries = new HashMap<>();
    private final Map<Doubt, Long> doubts = new TreeMap<>();
    private final Map<String, Map<String, Long>> texts = new TreeMap<>();
    private final Map<String, Long> layers = new HashMap<>();
    private final Looks shapes = new Looks();
    private final Looks layouts = new Looks();
    private final Map<Doubt, List<Reading<PartKey>>> doubted = new TreeMap<>();
    private final long[] values = new long[EDGES.length + 1];
    private final long[] doubtfulValues = new long[EDGES.length + 1];

    /** Starts with nothing seen. */
    public ReadingCounter() {}

    /**
     * A reading and how it looks.
     *
     * @param reading how a value was read
     * @param parts its plain parts; none of a blank
     * @param shape the value's shape
     * @param layout the reading's layout
     */
    public record Look(Reading<PartKey> reading, List<Part<PartKey>> parts, String shape, String layout) {}

    /**
     * {@return how a reading looks} Any thread may ask.
     *
     * @param reading how a value was read
     */
    public static Look look(Reading<PartKey> reading) {
        if (reading.kind() == Kind.BLANK) {
            return new Look(reading, List.of(), "", "");
        }
        List<Part<PartKey>> parts = reading.plainParts();
        return new Look(reading, parts, ValueShape.of(reading.source().strip()), ValueLayout.of(parts));
    }

    /**
     * Takes a value as it was read.
     *
     * @param look how it was read and how that looks
     */
    public void add(Look look) {
        Reading<PartKey> reading = look.reading;
        kinds.merge(reading.kind(), 1L, Long::sum);
        if (reading.kind() == Kind.BLANK) {
            blank++;
            return;
        }
        read++;
        for (Part<PartKey> part : look.parts) {
            (part.key().isLayer() ? layers : parts).merge(part.key().key(), 1L, Long::sum);
            count(part);
        }
        if (!reading.country().isEmpty()) {
            countries.merge(reading.country(), 1L, Long::sum);
        }
        shapes.add(look.shape, reading);
        layouts.add(look.layout, reading);
        int band = band(reading.confidence());
        values[band]++;
        if (reading.doubts().isEmpty()) {
            order(reading.kind(), look.parts).ifPresent(order -> orders.merge(order, 1L, Long::sum));
            return;
        }
        doubtful++;
        doubtfulValues[band]++;
        for (Doubt doubt : reading.doubts()) {
            doubts.merge(doubt, 1L, Long::sum);
            List<Reading<PartKey>> some = doubted.computeIfAbsent(doubt, key -> new ArrayList<>());
            if (some.size() < SAMPLES_OF_A_DOUBT) {
                some.add(reading);
            }
        }
    }

    private void count(Part<PartKey> part) {
        Map<String, Long> counts = texts.computeIfAbsent(part.key().key(), key -> new HashMap<>());
        if (counts.size() < MOST_TEXTS || counts.containsKey(part.text())) {
            counts.merge(part.text(), 1L, Long::sum);
        }
    }

    private static Optional<String> order(Kind kind, List<Part<PartKey>> parts) {
        int first = start(parts, NamePart.FIRST);
        int last = start(parts, NamePart.LAST);
        if (kind != Kind.PERSON || first < 0 || last < 0) {
            return Optional.empty();
        }
        boolean givenFirst = first < last;
        return Optional.of(givenFirst ? "given name first" : "family name first");
    }

    /** Returns where a part begins; below 0 where there is none. */
    private static int start(List<Part<PartKey>> parts, PartKey key) {
        for (Part<PartKey> part : parts) {
            if (part.key() == key) {
                return part.spans().get(0).start();
            }
        }
        return -1;
    }

    private static int band(double confidence) {
        int band = 0;
        while (band < EDGES.length && confidence >= EDGES[band]) {
            band++;
        }
        return band;
    }

    /** {@return what was counted} */
    public ColumnReadings counted() {
        Map<String, Map<String, Long>> common = new LinkedHashMap<>();
        Map<String, Long> found = most(parts, parts.size());
        Map<String, Long> all = new HashMap<>(parts);
        all.putAll(layers);
        most(all, all.size())
                .keySet()
                .forEach(key -> common.put(key, most(texts.getOrDefault(key, Map.of()), COMMON_SHOWN)));
        return new ColumnReadings(
                read,
                blank,
                doubtful,
                kinds,
                most(orders, orders.size()),
                found,
                most(layers, layers.size()),
                most(countries, SHOWN),
                most(texts.getOrDefault(AddressPart.STATE.key(), Map.of()), SHOWN),
                most(doubts, doubts.size()),
                shapes.most(SHOWN, read),
                layouts.most(SHOWN, read),
                bands(),
                common,
                samples());
    }

    private List<Band> bands() {
        List<Band> bands = new ArrayList<>();
        for (int i = 0; i < values.length; i++) {
            bands.add(new Band(
                    i == 0 ? 0 : EDGES[i - 1], i == EDGES.length ? 1 : EDGES[i], values[i], doubtfulValues[i]));
        }
        return bands;
    }

    private List<Sample> samples() {
        Set<Reading<PartKey>> readings = new LinkedHashSet<>(layouts.examples(SHOWN));
        readings.addAll(shapes.examples(SHOWN));
        doubted.values().forEach(readings::addAll);
        return readings.stream().map(ReadingCounter::sample).toList();
    }

    private static Sample sample(Reading<PartKey> reading) {
        List<Mark> marks = new ArrayList<>();
        for (Part<PartKey> part : reading.parts()) {
            if (!part.key().isFiner()) {
                for (Span span : part.spans()) {
                    marks.add(new Mark(part.key().key(), span.start(), span.end()));
                }
            }
        }
        marks.sort(Comparator.comparingInt(Mark::start));
        return new Sample(
                reading.source(),
                reading.kind().key(),
                reading.confidence(),
                List.copyOf(marks),
                reading.doubts().stream().map(Doubt::code).toList());
    }

    /** The most frequent ones first; of those that are as frequent, the first by their own order. */
    private static <K extends Comparable<? super K>> Map<K, Long> most(Map<K, Long> counts, int number) {
        Map<K, Long> most = new LinkedHashMap<>();
        counts.entrySet().stream()
                .sorted(Map.Entry.<K, Long>comparingByValue(Comparator.reverseOrder())
                        .thenComparing(Map.Entry.comparingByKey()))
                .limit(number)
                .forEach(entry -> most.put(entry.getKey(), entry.getValue()));
        return most;
    }
}
