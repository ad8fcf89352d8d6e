package io.inkwellsplit.table.split;

import io.inkwellsplit.address.AddressStandard;
import io.inkwellsplit.reading.Doubt;
import io.inkwellsplit.reading.Kind;
import io.inkwellsplit.reading.PartKey;
import io.inkwellsplit.reading.Reading;
import io.inkwellsplit.table.ReadingWatch;
import io.inkwellsplit.table.correct.ColumnCorrections;
import io.inkwellsplit.table.correct.Corrections;
import io.inkwellsplit.table.part.PartTitles;
import io.inkwellsplit.table.split.SplitStep.Checks;
import java.io.DataInput;
import java.io.DataOutput;
import java.io.IOException;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.function.Supplier;

/** One column being split: its new columns, and what has been counted. */
public final class SplitColumn {
    private static final String READ = "read";
    private static final String BLANK = "blank";
    private static final String DOUBTFUL = "doubtful";

    private final SourceCells from;
    private final String source;
    private final Subject subject;
    private final PartCells cells;
    private final Supplier<ColumnReader<?, ?>> newReader;
    private final ColumnReader<?, ?> reader;
    private final ColumnCorrections corrections;
    private final List<ReadingWatch> watches;
    private final Telling telling;
    private final boolean eachPerson;
    private List<Runnable> untold = new ArrayList<>();
    /** Of the rows that come next; empty where each is read in its turn. */
    private final Deque<Ahead> ahead = new ArrayDeque<>();

    private final List<String> titles = new ArrayList<>();
    private final List<String> plainTitles = new ArrayList<>();
    private final Map<String, String> meanings = new HashMap<>();
    private final Map<Doubt, Long> doubts = new TreeMap<>();
    private long read;
    private long blank;
    private long doubtful;

    /** When those who look on are told of a reading. */
    private enum Telling {
        AT_ONCE,
        /** When they are asked for, as another thread tells them. */
        LATER
    }

    SplitColumn(
            SourceCells from,
            Subject subject,
            List<String> keys,
            PartTitles vocabulary,
            Checks checks,
            Splitters splitters,
            AddressStandard standard,
            Corrections corrections,
            List<ReadingWatch> watches,
            boolean eachPerson,
            List<String> taken) {
        this.eachPerson = eachPerson;
        this.watches = watches;
        this.telling = Telling.AT_ONCE;
        this.from = from;
        this.source = from.title();
        this.subject = subject;
        this.cells = new PartCells(subject, keys, vocabulary, checks, standard, eachPerson);
        this.newReader = () -> subject.reader(splitters);
        this.reader = newReader.get();
        this.corrections = subject.corrections(corrections, source);
        if (!this.corrections.isEmpty()) {
            reader.teach(this.corrections);
        }
        cells.columns()
                .forEach(column -> addTitle(vocabulary.under(column.title(), from.inFront()), column.key(), taken));
    }

    /** Copies the settings of another one; what is counted starts at nothing. */
    private SplitColumn(SplitColumn from, ColumnReader<?, ?> reader) {
        this.telling = Telling.LATER;
        this.eachPerson = from.eachPerson;
        this.from = from.from;
        this.source = from.source;
        this.subject = from.subject;
        this.cells = from.cells;
        this.reader = reader;
        this.newReader = from.newReader;
        this.corrections = from.corrections.fork();
        this.watches = from.watches;
        this.titles.addAll(from.titles);
        this.plainTitles.addAll(from.plainTitles);
        this.meanings.putAll(from.meanings);
    }

    /** Returns one that reads in the light of the same column and counts by itself. */
    SplitColumn fork() {
        return new SplitColumn(this, reader);
    }

    /** Returns one that learns by itself. */
    SplitColumn forkToLearn() {
        return new SplitColumn(this, newReader.get());
    }

    /** Returns what was counted, by names. */
    Map<String, Long> counts() {
        Map<String, Long> counts = new HashMap<>(corrections.counts());
        counts.put(READ, read);
        counts.put(BLANK, blank);
        counts.put(DOUBTFUL, doubtful);
        doubts.forEach((doubt, count) -> counts.put(doubt.name(), count));
        return counts;
    }

    /** Adds what the same column has counted on other rows. */
    void addCounts(Map<String, Long> counts) {
        read += counts.getOrDefault(READ, 0L);
        blank += counts.getOrDefault(BLANK, 0L);
        doubtful += counts.getOrDefault(DOUBTFUL, 0L);
        corrections.addCounts(counts);
        for (Doubt doubt : Doubt.values()) {
            if (counts.containsKey(doubt.name())) {
                doubts.merge(doubt, counts.get(doubt.name()), Long::sum);
            }
        }
    }

    void joinLearned(SplitColumn fork) {
        reader.merge(fork.reader);
    }

    /** Returns what tells those who look on of the readings since the last call. */
    Runnable toTell() {
        List<Runnable> all = untold;
        untold = new ArrayList<>();
        return () -> all.forEach(Runnable::run);
    }

    private void tell(Reading<PartKey> reading) {
        for (ReadingWatch watch : watches) {
            Runnable seen = watch.seen(source, reading, reader.ways());
            if (telling == Telling.AT_ONCE) {
                seen.run();
            } else if (seen != ReadingWatch.NOTHING) {
                untold.add(seen);
            }
        }
    }

    /** A title that is taken gets the source column's title in front, and a number where even that is taken. */
    private void addTitle(String wanted, String key, List<String> taken) {
        String title = wanted;
        if (taken.contains(title)) {
            title = from.inFront() + " " + wanted;
        }
        for (int i = 2; taken.contains(title); i++) {
            title = from.inFront() + " " + wanted + " " + i;
        }
        taken.add(title);
        plainTitles.add(wanted);
        titles.add(title);
        meanings.put(title, PartTitles.meaning(key));
    }

    /** Returns what each new column means, by its title. */
    Map<String, String> meanings() {
        return meanings;
    }

    /** Returns the place behind which the new columns stand. */
    int index() {
        return from.last();
    }

    /** Returns the value of a row: a cell, or several that belong together. */
    String value(List<String> cells) {
        return from.value(cells);
    }

    /** {@return the titles of the new columns} */
    public List<String> titles() {
        return titles;
    }

    /** {@return the titles of the new columns as they would be if none were taken; for views of this column alone} */
    public List<String> plainTitles() {
        return plainTitles;
    }

    /** {@return the titles of the columns that are read, one or several that make one value} */
    public List<String> sources() {
        return from.titles();
    }

    /** {@return the title of the column that is split; of several, all of them with a plus between} */
    public String source() {
        return source;
    }

    /** {@return whether it holds names or addresses} */
    public Subject subject() {
        return subject;
    }

    void observe(String value, int level) {
        reader.observe(value, level);
    }

    void forgetBelow(int level) {
        reader.forgetBelow(level);
    }

    void settle(int level) {
        reader.settle(level);
    }

    void writeLearned(DataOutput to) throws IOException {
        reader.write(to);
    }

    void readLearned(DataInput from) throws IOException {
        reader.read(from);
    }

    /** Returns whether every person of a cell gets a row. */
    boolean isEachPerson() {
        return eachPerson;
    }

    /** Returns the cells of the rows that a value makes: one, or one for each person. */
    List<List<String>> split(List<String> source) {
        Reading<PartKey> reading = read(source);
        List<Reading<PartKey>> people = eachPerson ? reader.people(reading) : List.of(reading);
        List<List<String>> rows = new ArrayList<>();
        for (int i = 0; i < people.size(); i++) {
            List<String> row = new ArrayList<>();
            cells.add(people.get(i), i + 1, reader.ways(), row);
            rows.add(row);
        }
        return rows;
    }

    void split(List<String> row, List<String> out) {
        cells.add(read(row), 1, reader.ways(), out);
    }

    /**
     * {@return how a value is read in the light of the column and its corrections} Nothing is counted.
     *
     * @param cells the cells that make the value, one for each of {@link #sources()}
     */
    public Reading<PartKey> reading(List<String> cells) {
        String value = from.joined(cells);
        return corrections.isEmpty() ? reader.read(value) : corrections.fork().read(value, reader::read, reader.ways());
    }

    /** A value that was read before its turn. */
    private record Ahead(String value, Reading<PartKey> reading) {}

    /** Reads the values of rows that come next; one that cannot be read is left to its turn. */
    void ahead(List<List<String>> rows) {
        ahead.clear();
        if (!corrections.isEmpty()) {
            return;
        }
        for (List<String> row : rows) {
            try {
                String value = from.value(row);
                ahead.add(new Ahead(value, reader.read(value)));
            } catch (RuntimeException | StackOverflowError e) {
                return;
            }
        }
    }

    private Reading<PartKey> reading(String value) {
        Ahead next = ahead.poll();
        return next != null && next.value.equals(value) ? next.reading : reader.read(value);
    }

    private Reading<PartKey> read(List<String> row) {
        String value = from.value(row);
        Reading<PartKey> reading =
                corrections.isEmpty() ? reading(value) : corrections.read(value, reader::read, reader.ways());
        reading = corrections.believing(reading, from.told(row), reader.ways());
        count(reading);
        tell(reading);
        return reading;
    }

    void restart() {
        corrections.restart();
        watches.forEach(ReadingWatch::restart);
        doubts.clear();
        read = 0;
        blank = 0;
        doubtful = 0;
    }

    private void count(Reading<PartKey> reading) {
        if (reading.kind() == Kind.BLANK) {
            blank++;
            return;
        }
        read++;
        if (!reading.doubts().isEmpty()) {
            doubtful++;
            for (Doubt doubt : reading.doubts()) {
                doubts.merge(doubt, 1L, Long::sum);
            }
        }
    }

    /** {@return how many values that are not blank were read} */
    public long read() {
        return read;
    }

    /** {@return how many values were blank, or words for nothing} */
    public long blank() {
        return blank;
    }

    /** {@return how many of the values read have a doubt} */
    public long doubtful() {
        return doubtful;
    }

    /** {@return how many values have each doubt} */
    public Map<Doubt, Long> doubts() {
        return Map.copyOf(doubts);
    }

    /** {@return how many values a correction has changed} */
    public long corrected() {
        return corrections.corrected();
    }

    /** Returns the corrections of this column, with what they have matched so far. */
    ColumnCorrections corrections() {
        return corrections;
    }

    /** Returns what was read, in sentences. */
    List<String> report() {
        List<String> lines = new ArrayList<>();
        lines.add(source + ": " + (read - doubtful) + " read with confidence, " + doubtful + " doubtful"
                + (blank > 0 ? ", " + blank + " blank" : "")
                + (corrections.corrected() > 0 ? ", " + corrections.corrected() + " corrected" : ""));
        doubts.entrySet().stream()
                .sorted(Map.Entry.<Doubt, Long>comparingByValue().reversed().thenComparing(Map.Entry.comparingByKey()))
                .forEach(doubt -> lines.add("  " + doubt.getValue() + " "
                        + doubt.getKey().code() + ": " + doubt.getKey().sentence()));
        return lines;
    }
}
