package io.inkwellsplit.table.compare;

import io.inkwellsplit.table.Row;
import io.inkwellsplit.table.RowSink;
import io.inkwellsplit.table.RowSource;
import io.inkwellsplit.table.TableException;
import io.inkwellsplit.table.TableException.Problem;
import io.inkwellsplit.table.sort.RowSorter;
import io.inkwellsplit.table.sort.SortKey;
import io.inkwellsplit.table.sort.SortKey.Direction;
import io.inkwellsplit.table.split.SplitBlock;
import io.inkwellsplit.table.step.Columns;
import java.io.ByteArrayOutputStream;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.Iterator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;

/**
 * What differs between two tables: rows that are new, rows that are gone, and cells that have changed. Rows belong together
 * by the columns they are told apart by; of several that are alike there, the first belongs to the first. Columns are
 * compared by their titles; one that only one table has is not. Where a column was split, the table says why its parts
 * have changed; rows in which nothing but a confidence has moved are the same. Larger tables than memory are spilled to disk.
 */
public final class Comparison {
    private final RowSource before;
    private final RowSource now;
    private final List<String> by;
    private final List<String> titles = new ArrayList<>();
    private final List<Integer> beforeIndexes = new ArrayList<>();
    private final List<Integer> nowIndexes = new ArrayList<>();
    private final Why why;
    private long same;
    private long changed;
    private long added;
    private long gone;

    private Comparison(RowSource before, RowSource now, List<String> by) {
        this.before = before;
        this.now = now;
        this.by = List.copyOf(by);
        for (String title : now.header()) {
            if (before.header().contains(title) && !titles.contains(title)) {
                titles.add(title);
                beforeIndexes.add(before.header().indexOf(title));
                nowIndexes.add(now.header().indexOf(title));
            }
        }
        this.why = new Why(before, now, titles, by.size());
    }

    /**
     * Prepares a comparison.
     *
     * @param before the table as it was
     * @param now the table as it is
     * @param by the columns by which rows are told apart, in both tables, by title or number
     * @return the comparison; nothing is compared yet
     * @throws TableException if there is none, or a table lacks it
     */
    public static Comparison of(RowSource before, RowSource now, List<String> by) {
        if (by.isEmpty()) {
            throw new TableException(Problem.SETTING, "No column was given to tell rows apart by.");
        }
        by.forEach(column -> {
            Columns.find(before.header(), column);
            Columns.find(now.header(), column);
        });
        return new Comparison(before, now, by);
    }

    /**
     * Writes a row for each row that is new or gone, and for each cell that has changed; all else is the same.
     *
     * @param sink what takes the rows
     */
    public void writeTo(RowSink sink) {
        RowSorter sorter = new RowSorter();
        add(before, 0, beforeIndexes, sorter);
        add(now, 1, nowIndexes, sorter);
        List<String> header = new ArrayList<>();
        by.forEach(column -> header.add(now.header().get(Columns.find(now.header(), column))));
        header.addAll(List.of("What", "Changed column", "Before", "Now", "Why"));
        sink.header(header);
        Group group = new Group(sink);
        sorter.drain(group::row);
        group.pass();
        sink.finish();
    }

    private void add(RowSource source, int side, List<Integer> indexes, RowSorter sorter) {
        SortKey exact = SortKey.exact();
        List<Integer> keys =
                by.stream().map(column -> Columns.find(source.header(), column)).toList();
        int width = source.header().size();
        for (Iterator<Row> rows = source.rows(); rows.hasNext(); ) {
            List<String> cells = rows.next().cells();
            if (cells.size() == width) {
                ByteArrayOutputStream key = new ByteArrayOutputStream();
                keys.forEach(index -> exact.add(cells.get(index), Direction.RISING, key));
                key.write(side);
                List<String> kept = new ArrayList<>();
                keys.forEach(index -> kept.add(cells.get(index)));
                indexes.forEach(index -> kept.add(cells.get(index)));
                sorter.add(key.toByteArray(), kept);
            }
        }
    }

    /** The rows of both tables that belong together. */
    private final class Group {
        private final RowSink sink;
        private final List<List<String>> old = new ArrayList<>();
        private final List<List<String>> young = new ArrayList<>();
        private byte[] key = {};

        Group(RowSink sink) {
            this.sink = sink;
        }

        void row(byte[] sideKey, List<String> cells) {
            byte[] own = Arrays.copyOf(sideKey, sideKey.length - 1);
            if (!Arrays.equals(own, key)) {
                pass();
                key = own;
            }
            (sideKey[sideKey.length - 1] == 0 ? old : young).add(cells);
        }

        void pass() {
            for (int i = 0; i < Math.max(old.size(), young.size()); i++) {
                if (i >= old.size()) {
                    added++;
                    out(young.get(i), "new", "", "", "", "");
                } else if (i >= young.size()) {
                    gone++;
                    out(old.get(i), "gone", "", "", "", "");
                } else {
                    compare(old.get(i), young.get(i));
                }
            }
            old.clear();
            young.clear();
        }

        private void compare(List<String> one, List<String> other) {
            List<Integer> differing = IntStream.range(0, titles.size())
                    .filter(i -> !one.get(by.size() + i).equals(other.get(by.size() + i)))
                    .boxed()
                    .toList();
            if (differing.stream().allMatch(why::isConfidence)) {
                same++;
                return;
            }
            changed++;
            Map<SplitBlock, String> reasons = new HashMap<>();
            for (int i : differing) {
                if (why.isConfidence(i)) {
                    continue;
                }
                out(
                        other,
                        "changed",
                        titles.get(i),
                        one.get(by.size() + i),
                        other.get(by.size() + i),
                        why.of(i, one, other, reasons));
            }
        }

        private void out(List<String> cells, String... what) {
            List<String> row = new ArrayList<>(cells.subList(0, by.size()));
            row.addAll(List.of(what));
            sink.row(row);
        }
    }

    /** {@return how many rows are the same, have changed, are new and are gone} */
    public Map<String, Long> counts() {
        Map<String, Long> counts = new LinkedHashMap<>();
        counts.put("same", same);
        counts.put("changed", changed);
        counts.put("new", added);
        counts.put("gone", gone);
        return counts;
    }

    /**
     * {@return why columns that were split have other parts or doubts, with the number of rows, the most frequent first}
     */
    public Map<String, Long> reasons() {
        return why.counts();
    }
}
