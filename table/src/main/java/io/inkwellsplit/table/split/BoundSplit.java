package io.inkwellsplit.table.split;

import io.inkwellsplit.table.correct.Corrections;
import io.inkwellsplit.table.split.SplitStep.Learning;
import io.inkwellsplit.table.step.BoundStep;
import io.inkwellsplit.table.step.RowWise;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.DataInputStream;
import java.io.DataOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.BitSet;
import java.util.Collections;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.atomic.AtomicLong;
import java.util.function.Consumer;
import java.util.function.Predicate;

/** A {@link SplitStep} at work on one table. */
public final class BoundSplit implements RowWise {
    /** Where every row is split. */
    static final Predicate<List<String>> ALL_ROWS = cells -> true;

    private static final int NEXT = 31;
    /** Of the rows that a table is said to have, so many it surely has. */
    private static final double SURELY = 0.7;

    private final List<SplitColumn> columns;
    private final Learning learning;
    private final Corrections corrections;
    private final List<String> source;
    private final List<String> header = new ArrayList<>();
    private final Predicate<List<String>> only;
    /** Which columns of the source go out, by their places. */
    private final BitSet kept;
    /** How many rows were learned from, or might have been; by this step and its forks together. */
    private final AtomicLong seen;

    private int lowest;

    BoundSplit(
            List<String> source,
            List<SplitColumn> columns,
            Learning learning,
            Corrections corrections,
            Predicate<List<String>> only,
            BitSet kept,
            AtomicLong seen) {
        this.seen = seen;
        this.only = only;
        this.kept = kept;
        this.corrections = corrections;
        this.source = source;
        this.columns = columns;
        this.learning = learning;
        int next = 0;
        for (int i = 0; i < source.size(); i++) {
            if (kept.get(i)) {
                header.add(source.get(i));
            }
            if (next < columns.size() && columns.get(next).index() == i) {
                header.addAll(columns.get(next).titles());
                next++;
            }
        }
    }

    @Override
    public List<String> header() {
        return header;
    }

    /**
     * {@return for each column that goes out, the place of the one that came in, from 0; -1 for a part}
     */
    public List<Integer> origins() {
        List<Integer> origins = new ArrayList<>();
        int next = 0;
        for (int i = 0; i < source.size(); i++) {
            if (kept.get(i)) {
                origins.add(i);
            }
            if (next < columns.size() && columns.get(next).index() == i) {
                origins.addAll(Collections.nCopies(columns.get(next).titles().size(), -1));
                next++;
            }
        }
        return origins;
    }

    @Override
    public Map<String, String> meanings() {
        Map<String, String> meanings = new HashMap<>();
        columns.forEach(column -> meanings.putAll(column.meanings()));
        return meanings;
    }

    @Override
    public boolean learns() {
        return learning == Learning.FROM_COLUMN;
    }

    /** Of what a long table's rows say at first most would be forgotten in the end; it is left out from the start. */
    @Override
    public void startLearning(long rowsAbout) {
        seen.set(0);
        columns.forEach(column -> column.forgetBelow(Levels.COUNT));
        // How many of the rows are split is not known beforehand where only some are.
        lowest = only == ALL_ROWS ? Levels.lowest((long) (SURELY * rowsAbout)) : 0;
    }

    @Override
    public boolean mustLearnAgain() {
        return Levels.lowest(seen.get()) < lowest;
    }

    @Override
    public void observe(List<String> cells) {
        if (!only.test(cells)) {
            return;
        }
        if (Levels.lowest(seen.incrementAndGet()) > lowest) {
            forgetLevels();
        }
        long number = 0;
        for (SplitColumn column : columns) {
            number = number * NEXT + column.value(cells).hashCode();
        }
        int level = Levels.of(number);
        if (level >= lowest) {
            for (SplitColumn column : columns) {
                column.observe(column.value(cells), level);
            }
        }
    }

    /** As more rows come, those of low levels are too many to be learned from. */
    private void forgetLevels() {
        lowest = Math.max(lowest, Levels.lowest(seen.get()));
        columns.forEach(column -> column.forgetBelow(lowest));
    }

    @Override
    public void endLearning() {
        columns.forEach(column -> column.settle(Levels.lowest(seen.get())));
    }

    /**
     * {@return what was learned from the rows that were observed so far, for another process; of bounded size}
     */
    public byte[] learned() {
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        try (DataOutputStream to = new DataOutputStream(bytes)) {
            to.writeLong(seen.get());
            for (SplitColumn column : columns) {
                column.writeLearned(to);
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return bytes.toByteArray();
    }

    /**
     * Adds what other rows have taught, before {@link #endLearning}; the order makes no difference.
     *
     * @param learned what {@link #learned} gave, of the same step on the same columns
     */
    public void joinLearned(byte[] learned) {
        try (DataInputStream from = new DataInputStream(new ByteArrayInputStream(learned))) {
            seen.addAndGet(from.readLong());
            for (SplitColumn column : columns) {
                column.readLearned(from);
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        forgetLevels();
    }

    @Override
    public void ahead(List<List<String>> rows) {
        List<List<String>> split =
                only == ALL_ROWS ? rows : rows.stream().filter(only).toList();
        columns.forEach(column -> column.ahead(split));
    }

    @Override
    public List<String> apply(List<String> cells) {
        List<String> out = new ArrayList<>(header.size());
        boolean wanted = only.test(cells);
        int next = 0;
        for (int i = 0; i < cells.size(); i++) {
            if (kept.get(i)) {
                out.add(cells.get(i));
            }
            if (next < columns.size() && columns.get(next).index() == i) {
                SplitColumn column = columns.get(next);
                if (wanted) {
                    column.split(cells, out);
                } else {
                    out.addAll(Collections.nCopies(column.titles().size(), ""));
                }
                next++;
            }
        }
        return out;
    }

    /** A row of its own for each person of the column that is so split. */
    @Override
    public void push(List<String> cells, Consumer<List<String>> out) {
        SplitColumn people =
                columns.stream().filter(SplitColumn::isEachPerson).findFirst().orElse(null);
        if (people == null || !only.test(cells)) {
            out.accept(apply(cells));
            return;
        }
        List<List<List<String>>> parts = new ArrayList<>();
        for (SplitColumn column : columns) {
            parts.add(column.split(cells));
        }
        int rows = parts.get(columns.indexOf(people)).size();
        for (int r = 0; r < rows; r++) {
            List<String> row = new ArrayList<>(header.size());
            int next = 0;
            for (int i = 0; i < cells.size(); i++) {
                if (kept.get(i)) {
                    row.add(cells.get(i));
                }
                if (next < columns.size() && columns.get(next).index() == i) {
                    List<List<String>> own = parts.get(next);
                    row.addAll(own.get(columns.get(next) == people ? r : 0));
                    next++;
                }
            }
            out.accept(row);
        }
    }

    /** Rows of several people come one after the other. */
    @Override
    public Optional<RowWise> fork() {
        if (columns.stream().anyMatch(SplitColumn::isEachPerson)) {
            return Optional.empty();
        }
        return Optional.of(with(columns.stream().map(SplitColumn::fork).toList(), new AtomicLong()));
    }

    @Override
    public Runnable toTell() {
        List<Runnable> all = columns.stream().map(SplitColumn::toTell).toList();
        return () -> all.forEach(Runnable::run);
    }

    @Override
    public Map<String, Long> counts() {
        Map<String, Long> counts = new HashMap<>();
        for (int i = 0; i < columns.size(); i++) {
            String column = i + " ";
            columns.get(i).counts().forEach((name, count) -> counts.put(column + name, count));
        }
        return counts;
    }

    @Override
    public void addCounts(Map<String, Long> counts) {
        for (int i = 0; i < columns.size(); i++) {
            String column = i + " ";
            Map<String, Long> own = new HashMap<>();
            counts.forEach((name, count) -> {
                if (name.startsWith(column)) {
                    own.put(name.substring(column.length()), count);
                }
            });
            columns.get(i).addCounts(own);
        }
    }

    @Override
    public Optional<BoundStep> forkToLearn() {
        BoundSplit fork = with(columns.stream().map(SplitColumn::forkToLearn).toList(), seen);
        fork.lowest = lowest;
        return Optional.of(fork);
    }

    @Override
    public void joinLearned(BoundStep fork) {
        for (int i = 0; i < columns.size(); i++) {
            columns.get(i).joinLearned(((BoundSplit) fork).columns.get(i));
        }
        forgetLevels();
    }

    private BoundSplit with(List<SplitColumn> forks, AtomicLong counter) {
        return new BoundSplit(source, forks, learning, corrections, only, kept, counter);
    }

    @Override
    public void restart() {
        columns.forEach(SplitColumn::restart);
    }

    @Override
    public List<String> report() {
        List<String> lines = new ArrayList<>();
        columns.forEach(column -> lines.addAll(column.report()));
        corrections.contradictions().forEach(one -> lines.add(corrections.file() + ": " + one));
        List<Long> unused = new ArrayList<>(corrections.lines());
        unused.removeIf(line -> columns.stream()
                .anyMatch(column -> column.corrections().lines().contains(line)
                        && !column.corrections().unused().contains(line)));
        unused.forEach(line -> lines.add(corrections.file() + ": line " + line + " matches nothing any more"));
        return lines;
    }

    /** {@return the columns that are split, from left to right, with what they have counted so far} */
    public List<SplitColumn> columns() {
        return columns;
    }
}
