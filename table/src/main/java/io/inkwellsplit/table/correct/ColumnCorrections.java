package io.inkwellsplit.table.correct;

import io.inkwellsplit.address.AddressEvidence;
import io.inkwellsplit.name.NameEvidence;
import io.inkwellsplit.reading.AddressPart;
import io.inkwellsplit.reading.Alternative;
import io.inkwellsplit.reading.Doubt;
import io.inkwellsplit.reading.Kind;
import io.inkwellsplit.reading.NamePart;
import io.inkwellsplit.reading.Part;
import io.inkwellsplit.reading.PartKey;
import io.inkwellsplit.reading.Reading;
import io.inkwellsplit.reading.Span;
import io.inkwellsplit.table.Ways;
import io.inkwellsplit.table.correct.Correction.Scope;
import io.inkwellsplit.table.survey.ValueShape;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;

/** The corrections of one column: they teach it, and stand above what is read. */
public final class ColumnCorrections {
    /** A word that a person speaks for counts as much as so many values of the column. */
    private static final int TEACHES_WORD = 50;

    private static final int TEACHES_VALUE = 5;

    /** A reading that is so likely among those that a person has left is no close call any more. */
    private static final double SETTLES = 0.98;

    private static final String SECOND = "second_";

    private static final String CORRECTED = "corrected";
    private static final String LINE = "line ";
    private static final Set<PartKey> MAY_BE_SUGGESTED =
            Set.of(AddressPart.POSTCODE, AddressPart.STATE, AddressPart.CITY);

    private final CorrectedReading made;
    private final Map<String, Correction> values = new HashMap<>();
    private final Map<String, Correction> shapes = new HashMap<>();
    private final List<Correction> words = new ArrayList<>();
    private final Map<Correction, Long> matched = new LinkedHashMap<>();
    private long corrected;

    ColumnCorrections(CorrectedReading made, List<Correction> corrections) {
        this.made = made;
        for (Correction correction : corrections) {
            matched.put(correction, 0L);
            switch (correction.scope()) {
                case VALUE -> values.putIfAbsent(Correction.plain(correction.text()), correction);
                case SHAPE -> shapes.putIfAbsent(correction.text(), correction);
                case WORD -> words.add(correction);
            }
        }
    }

    private ColumnCorrections(ColumnCorrections from) {
        this.made = from.made;
        this.values.putAll(from.values);
        this.shapes.putAll(from.shapes);
        this.words.addAll(from.words);
        from.matched.keySet().forEach(correction -> matched.put(correction, 0L));
    }

    /** {@return the same corrections, counting anew; for another thread} */
    public ColumnCorrections fork() {
        return new ColumnCorrections(this);
    }

    /** {@return how many values were corrected, and how often each line of the file has matched, by names of its own} */
    public Map<String, Long> counts() {
        Map<String, Long> counts = new HashMap<>();
        counts.put(CORRECTED, corrected);
        matched.forEach((correction, count) -> {
            if (count > 0) {
                counts.put(LINE + correction.line(), count);
            }
        });
        return counts;
    }

    /**
     * Adds what the same corrections have counted on other values.
     *
     * @param counts what {@code counts} gave
     */
    public void addCounts(Map<String, Long> counts) {
        corrected += counts.getOrDefault(CORRECTED, 0L);
        matched.replaceAll((correction, count) -> count + counts.getOrDefault(LINE + correction.line(), 0L));
    }

    /** {@return whether there is nothing to correct} */
    public boolean isEmpty() {
        return matched.isEmpty();
    }

    /**
     * Teaches a column of names.
     *
     * @param evidence what the column says
     */
    public void teach(NameEvidence evidence) {
        words.forEach(word -> made.key(word.is())
                .filter(NamePart.class::isInstance)
                .ifPresent(role -> evidence.teach(word.text(), (NamePart) role, TEACHES_WORD)));
        values.values().forEach(value -> parts(value)
                .forEach((key, text) -> evidence.teach(text, (NamePart) key, TEACHES_VALUE)));
    }

    /**
     * Teaches a column of addresses.
     *
     * @param evidence what the column says
     */
    public void teach(AddressEvidence evidence) {
        words.forEach(word -> made.key(word.is())
                .filter(AddressPart.class::isInstance)
                .ifPresent(part -> evidence.teach(word.text(), (AddressPart) part, TEACHES_WORD)));
        values.values().forEach(value -> parts(value)
                .forEach((key, text) -> evidence.teach(text, (AddressPart) key, TEACHES_VALUE)));
    }

    /**
     * Reads a value: as a correction says, or as the column's reader does.
     *
     * @param value the value
     * @param reader reads a value that no correction is for
     * @param ways tells in which ways the reader weighed a value
     * @return the reading
     */
    public Reading<PartKey> read(String value, Function<String, Reading<PartKey>> reader, Ways ways) {
        Correction whole = values.get(Correction.plain(value));
        if (whole != null) {
            Optional<Reading<PartKey>> reading = made.of(reader.apply(value), parts(whole), ways);
            if (reading.isPresent()) {
                return counted(whole, reading.get());
            }
        }
        Correction shape = shapes.isEmpty() ? null : shapes.get(ValueShape.of(value.strip()));
        if (shape != null) {
            Optional<Reading<PartKey>> reading = made.of(reader.apply(value), byShape(value, shape.is()), ways);
            if (reading.isPresent()) {
                return counted(shape, reading.get());
            }
        }
        Reading<PartKey> reading = reader.apply(value);
        for (Correction word : words) {
            reading = withWord(reading, word, ways);
        }
        return reading;
    }

    private Reading<PartKey> counted(Correction correction, Reading<PartKey> reading) {
        matched.merge(correction, 1L, Long::sum);
        corrected++;
        return reading;
    }

    private Reading<PartKey> withWord(Reading<PartKey> reading, Correction word, Ways ways) {
        Optional<Span> place = find(reading.source(), word.text());
        Optional<PartKey> key = made.key(word.is());
        if (place.isEmpty() || key.isEmpty()) {
            return reading;
        }
        if (holds(reading.parts(), key.get(), place.get())) {
            double sure = amongThoseWith(reading, key.get(), place.get(), ways);
            if (sure < SETTLES) {
                matched.merge(word, 1L, Long::sum);
                return reading;
            }
            return counted(word, made.surer(reading, sure));
        }
        if (standsAround(reading, place.get())) {
            return reading;
        }
        for (Alternative<PartKey> alternative : ways.of(reading.source())) {
            if (holds(alternative.parts(), key.get(), place.get())) {
                return counted(word, made.of(reading, alternative));
            }
        }
        return counted(word, made.with(reading, key.get(), place.get()));
    }

    /**
     * Returns a reading that agrees with what columns say which are apart already: a city that has a column of its own is the
     * city, whatever it looks like.
     *
     * @param reading the reading
     * @param told where parts stand in the value, as their columns tell
     * @param ways tells in which ways the value was weighed
     * @return the reading itself, where it agrees
     */
    public Reading<PartKey> believing(Reading<PartKey> reading, Map<PartKey, Span> told, Ways ways) {
        if (reading.kind() != Kind.PERSON && reading.kind() != Kind.ADDRESS) {
            return reading;
        }
        Reading<PartKey> believed = reading;
        for (Map.Entry<PartKey, Span> one : told.entrySet()) {
            if (!agrees(believed.parts(), one.getKey(), one.getValue())) {
                Reading<PartKey> before = believed;
                believed = ways.of(reading.source()).stream()
                        .filter(way -> told.entrySet().stream()
                                .allMatch(each -> agrees(way.parts(), each.getKey(), each.getValue())))
                        .findFirst()
                        .map(way -> made.of(before, way))
                        .orElseGet(() -> alone(before, one.getKey(), one.getValue()));
            }
        }
        return believed;
    }

    /** A first name may have a middle name behind it in its column, and a city its region. */
    private static boolean agrees(List<Part<PartKey>> parts, PartKey key, Span told) {
        return parts.stream()
                .filter(part -> part.key() == key)
                .flatMap(part -> part.spans().stream())
                .anyMatch(span -> span.overlaps(told));
    }

    /** Takes what was taken for a part elsewhere out of it. */
    private Reading<PartKey> alone(Reading<PartKey> reading, PartKey key, Span told) {
        Reading<PartKey> changed = reading;
        PartKey unplaced = made.key("unplaced").orElseThrow();
        for (Part<PartKey> part : reading.parts()) {
            for (Span span : part.key() == key ? part.spans() : List.<Span>of()) {
                changed = span.overlaps(told) ? changed : made.with(changed, unplaced, span);
            }
        }
        return made.with(changed, key, told);
    }

    /** Whether words are in a remark or an organisation: there they say nothing of the name or the place itself. */
    private static boolean standsAround(Reading<PartKey> reading, Span words) {
        return reading.parts().stream()
                .filter(part -> part.key().isLayer() || part.key() == NamePart.ORGANISATION)
                .flatMap(part -> part.spans().stream())
                .anyMatch(span -> span.start() <= words.start() && words.end() <= span.end());
    }

    /** How likely a close reading is once the ways are out that contradict a person; 0 where it was no close call. */
    private static double amongThoseWith(Reading<PartKey> reading, PartKey key, Span words, Ways ways) {
        if (reading.doubts().stream().noneMatch(Doubt::isClose)) {
            return 0;
        }
        double[] likely = ways.of(reading.source()).stream()
                .filter(way -> holds(way.parts(), key, words))
                .mapToDouble(Alternative::share)
                .toArray();
        return likely.length == 0 ? 0 : likely[0] / Arrays.stream(likely).sum();
    }

    /** Whether a part holds some words in one of its pieces; a first name is one in the second person of a couple, too. */
    private static boolean holds(List<Part<PartKey>> parts, PartKey key, Span words) {
        return parts.stream()
                .filter(part -> part.key() == key || part.key().key().equals(SECOND + key.key()))
                .flatMap(part -> part.spans().stream())
                .anyMatch(span -> span.start() <= words.start() && words.end() <= span.end());
    }

    private static Optional<Span> find(String source, String words) {
        String text = source.toLowerCase(Locale.ROOT);
        String wanted = words.toLowerCase(Locale.ROOT);
        if (text.length() != source.length()) {
            return Optional.empty();
        }
        for (int at = text.indexOf(wanted); at >= 0; at = text.indexOf(wanted, at + 1)) {
            int end = at + wanted.length();
            boolean starts = at == 0 || !Character.isLetterOrDigit(text.charAt(at - 1));
            boolean ends = end == text.length() || !Character.isLetterOrDigit(text.charAt(end));
            if (starts && ends) {
                return Optional.of(new Span(at, end));
            }
        }
        return Optional.empty();
    }

    private Map<PartKey, String> parts(Correction value) {
        Map<PartKey, String> parts = new LinkedHashMap<>();
        value.parts().forEach(part -> made.key(part.getKey()).ifPresent(key -> parts.put(key, part.getValue())));
        return parts;
    }

    /** Returns parts from a part for each word: {@code last first middle}; {@code -} stands for none. */
    private Map<PartKey, String> byShape(String value, String is) {
        String[] roles = is.strip().split("\\s+");
        String[] pieces = value.strip().split("[\\s,]+");
        Map<PartKey, String> parts = new LinkedHashMap<>();
        for (int i = 0; i < Math.min(roles.length, pieces.length); i++) {
            String piece = pieces[i];
            made.key(roles[i]).ifPresent(key -> parts.merge(key, piece, (a, b) -> a + " " + b));
        }
        return parts;
    }

    /** {@return how many values a correction has changed} */
    public long corrected() {
        return corrected;
    }

    /** Forgets what was counted. */
    public void restart() {
        matched.replaceAll((correction, count) -> 0L);
        corrected = 0;
    }

    /** {@return the lines of the file that are for this column} */
    public List<Long> lines() {
        return matched.keySet().stream().map(Correction::line).toList();
    }

    /** {@return the lines of the file whose corrections have matched nothing} */
    public List<Long> unused() {
        return matched.entrySet().stream()
                .filter(entry -> entry.getValue() == 0)
                .map(entry -> entry.getKey().line())
                .toList();
    }

    /** Whether a correction of a whole value fits it. */
    boolean fits(Correction correction) {
        if (correction.scope() != Scope.VALUE) {
            return true;
        }
        Map<PartKey, String> standing = parts(correction);
        // What was suggested need not stand in the value; whether it was shows when the value is read.
        boolean rest = standing.keySet().removeAll(MAY_BE_SUGGESTED) && !standing.isEmpty();
        return rest && made.of(correction.text(), standing).isPresent()
                || made.of(correction.text(), parts(correction)).isPresent();
    }
}
