package io.inkwellsplit.table.step;

import io.inkwellsplit.address.AddressPart;
import io.inkwellsplit.address.AddressStandard;
import io.inkwellsplit.reading.Doubt;
import io.inkwellsplit.reading.Kind;
import io.inkwellsplit.reading.PartKey;
import io.inkwellsplit.reading.Reading;
import io.inkwellsplit.table.ReadingWatch;
import io.inkwellsplit.table.correct.ColumnCorrections;
import io.inkwellsplit.table.correct.Corrections;
import io.inkwellsplit.table.step.PartTitles.Extra;
import io.inkwellsplit.table.step.SplitStep.Checks;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.TreeMap;
import java.util.function.Supplier;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;

/** One column being split: its new columns, and what has been counted. */
public final class SplitColumn {
    /** Every confidence with its three digits: formatting one takes longer than reading a name. */
    private static final String[] CONFIDENCES = IntStream.rangeClosed(0, 1000)
            .mapToObj(thousandths -> String.format(Locale.ROOT, "%.3f", thousandths / 1000.0))
            .toArray(String[]::new);

    private final int index;
    private final String source;
    private final Subject subject;
    private final List<PartKey> parts = new ArrayList<>();
    /** The parts that have no column of their own, and repeat no other. */
    private final PartKey[] remarked;

    private final boolean kind;
    private final boolean remarks;
    private final boolean checks;
    private final PartTitles vocabulary;
    private final Supplier<ColumnReader> newReader;
    private final ColumnReader reader;
    private final AddressStandard standard;
    private final ColumnCorrections corrections;
    private final List<ReadingWatch> watches;
    private final List<String> titles = new ArrayList<>();
    private final List<String> plainTitles = new ArrayList<>();
    private final Map<String, String> meanings = new HashMap<>();
    private final Map<Doubt, Long> doubts = new TreeMap<>();
    private long read;
    private long blank;
    private long doubtful;

    SplitColumn(
            int index,
            String source,
            Subject subject,
            List<String> keys,
            PartTitles vocabulary,
            Checks checks,
            OptionalDouble doubtBelow,
            Optional<String> country,
            AddressStandard standard,
            Corrections corrections,
            List<ReadingWatch> watches,
            List<String> taken) {
        this.watches = watches;
        this.index = index;
        this.source = source;
        this.subject = subject;
        this.vocabulary = vocabulary;
        this.standard = standard;
        this.checks = checks == Checks.SHOW;
        this.newReader = () -> subject.reader(doubtBelow, country);
        this.reader = newReader.get();
        this.corrections = subject.corrections(corrections, source);
        if (!this.corrections.isEmpty()) {
            reader.teach(this.corrections);
        }
        boolean all = keys.contains("all");
        boolean usual = keys.isEmpty();
        for (PartKey part : subject.allParts()) {
            if (all || (usual ? subject.usualParts().contains(part) : keys.contains(part.key()))) {
                parts.add(part);
            }
        }
        this.kind = all || keys.contains(Extra.KIND.key);
        this.remarks = !all;
        this.remarked = subject.allParts().stream()
                .filter(part -> !parts.contains(part) && !part.isFiner())
                .toArray(PartKey[]::new);
        if (kind) {
            addTitle(vocabulary.of(Extra.KIND), Extra.KIND.key, taken);
        }
        parts.forEach(part -> addTitle(vocabulary.of(part), part.key(), taken));
        if (remarks) {
            addTitle(vocabulary.of(Extra.REMARKS), Extra.REMARKS.key, taken);
        }
        if (this.checks) {
            addTitle(vocabulary.of(Extra.CONFIDENCE), Extra.CONFIDENCE.key, taken);
            addTitle(vocabulary.of(Extra.DOUBTS), Extra.DOUBTS.key, taken);
            if (subject == Subject.ADDRESS) {
                addTitle(vocabulary.of(Extra.SUGGESTIONS), Extra.SUGGESTIONS.key, taken);
            }
        }
    }

    /** Copies the settings of another one; what is counted starts at nothing. */
    private SplitColumn(SplitColumn from, ColumnReader reader) {
        this.index = from.index;
        this.source = from.source;
        this.subject = from.subject;
        this.parts.addAll(from.parts);
        this.remarked = from.remarked;
        this.kind = from.kind;
        this.remarks = from.remarks;
        this.checks = from.checks;
        this.vocabulary = from.vocabulary;
        this.reader = reader;
        this.newReader = from.newReader;
        this.standard = from.standard;
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

    void join(SplitColumn fork) {
        read += fork.read;
        blank += fork.blank;
        doubtful += fork.doubtful;
        corrections.join(fork.corrections);
        fork.doubts.forEach((doubt, count) -> doubts.merge(doubt, count, Long::sum));
    }

    void joinLearned(SplitColumn fork) {
        reader.merge(fork.reader);
    }

    /** Returns whether values must come one after the other: for those who look on. */
    boolean isInOrder() {
        return !watches.isEmpty();
    }

    /** A title that is taken gets the source column's title in front, and a number where even that is taken. */
    private void addTitle(String wanted, String key, List<String> taken) {
        String title = wanted;
        if (taken.contains(title)) {
            title = source + " " + wanted;
        }
        for (int i = 2; taken.contains(title); i++) {
            title = source + " " + wanted + " " + i;
        }
        taken.add(title);
        plainTitles.add(wanted);
        titles.add(title);
        meanings.put(title, TitleTable.meaning(key));
    }

    /** Returns what each new column means, by its title. */
    Map<String, String> meanings() {
        return meanings;
    }

    int index() {
        return index;
    }

    /** Returns the titles of the new columns. */
    public List<String> titles() {
        return titles;
    }

    /** Returns the titles of the new columns as they would be if none were taken; for views of this column alone. */
    public List<String> plainTitles() {
        return plainTitles;
    }

    /** Returns the title of the column that is split. */
    public String source() {
        return source;
    }

    public Subject subject() {
        return subject;
    }

    void observe(String value) {
        reader.observe(value);
    }

    void split(String value, List<String> out) {
        Reading reading = corrections.isEmpty() ? reader.read(value) : corrections.read(value, reader::read);
        count(reading);
        for (ReadingWatch watch : watches) {
            watch.add(source, reading);
        }
        if (kind) {
            out.add(reading.kind().key());
        }
        for (PartKey part : parts) {
            out.add(part instanceof AddressPart address ? standard.text(reading, address) : reading.text(part));
        }
        if (remarks) {
            out.add(remarks(reading));
        }
        if (checks) {
            boolean empty = reading.kind() == Kind.BLANK;
            out.add(empty ? "" : CONFIDENCES[(int) Math.round(reading.confidence() * (CONFIDENCES.length - 1))]);
            out.add(
                    reading.doubts().isEmpty()
                            ? ""
                            : reading.doubts().stream().map(Doubt::code).collect(Collectors.joining("; ")));
            if (subject == Subject.ADDRESS) {
                out.add(
                        reading.suggestions().isEmpty()
                                ? ""
                                : reading.suggestions().stream()
                                        .map(one -> one.part().key() + "=" + one.value())
                                        .collect(Collectors.joining("; ")));
            }
        }
    }

    void restart() {
        corrections.restart();
        watches.forEach(ReadingWatch::restart);
        doubts.clear();
        read = 0;
        blank = 0;
        doubtful = 0;
    }

    private void count(Reading reading) {
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

    /** What has no column of its own, labelled; finer parts repeat others and are left out. */
    private String remarks(Reading reading) {
        @Nullable StringBuilder text = null;
        if (!kind && reading.kind() != subject.expected() && reading.kind() != Kind.BLANK) {
            text = remark(null, vocabulary.of(Extra.KIND), reading.kind().key());
        }
        for (int i = 0; i < remarked.length; i++) {
            String value = reading.text(remarked[i]);
            if (!value.isEmpty()) {
                text = remark(text, vocabulary.of(remarked[i]), value);
            }
        }
        return text == null ? "" : text.toString();
    }

    private static StringBuilder remark(@Nullable StringBuilder text, String label, String value) {
        StringBuilder out = text == null ? new StringBuilder() : text.append("; ");
        return out.append(label).append(": ").append(value);
    }

    /** Returns how many values that are not blank were read. */
    public long read() {
        return read;
    }

    /** Returns how many values were blank, or words for nothing. */
    public long blank() {
        return blank;
    }

    /** Returns how many of the values read have a doubt. */
    public long doubtful() {
        return doubtful;
    }

    /** Returns how many values have each doubt. */
    public Map<Doubt, Long> doubts() {
        return Map.copyOf(doubts);
    }

    /** Returns how many values a correction has changed. */
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
