package io.inkwellsplit.table.step;

import io.inkwellsplit.table.Settings;
import io.inkwellsplit.table.sort.RowSorter;
import java.nio.ByteBuffer;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.function.Consumer;

/** Counts the values of columns: a row for each value, or each set of values, the most frequent first. */
public final class CountStep implements Step {
    private final List<String> columns;

    private CountStep(List<String> columns) {
        this.columns = columns;
    }

    /**
     * Counts the values of one column, or the sets of values of several.
     *
     * @param columns the columns' titles, or their numbers from 1
     * @return the step
     */
    public static CountStep of(String... columns) {
        if (columns.length == 0) {
            throw Settings.refuse("No column was given to count.");
        }
        return new CountStep(List.of(columns));
    }

    @Override
    public BoundStep bind(List<String> header) {
        return new Bound(header);
    }

    private final class Bound implements Counting {
        private final List<Integer> indexes;
        private final List<String> header;
        private final RowSorter values = new RowSorter();
        private byte[] currentKey = {};
        private List<String> current = List.of();
        private long count;
        private long total;

        Bound(List<String> source) {
            indexes =
                    columns.stream().map(column -> Columns.find(source, column)).toList();
            List<String> titles = new ArrayList<>();
            indexes.forEach(index -> titles.add(source.get(index)));
            titles.add("Count");
            titles.add("Share");
            header = List.copyOf(titles);
        }

        @Override
        public List<String> header() {
            return header;
        }

        @Override
        public void push(List<String> cells, Consumer<List<String>> out) {
            total++;
            values.add(
                    Keys.exact(cells, indexes), indexes.stream().map(cells::get).toList());
        }

        @Override
        public void end(Consumer<List<String>> out) {
            RowSorter byCount = new RowSorter();
            values.drain((key, cells) -> {
                if (count > 0 && !Arrays.equals(key, currentKey)) {
                    pass(byCount);
                }
                currentKey = key;
                current = cells;
                count++;
            });
            if (count > 0) {
                pass(byCount);
            }
            byCount.drain((key, cells) -> out.accept(cells));
            total = 0;
        }

        private void pass(RowSorter byCount) {
            byCount.add(ByteBuffer.allocate(Long.BYTES).putLong(~count).array(), row(current, count, total));
            count = 0;
        }

        @Override
        public List<Integer> counted() {
            return indexes;
        }

        @Override
        public List<String> row(List<String> counted, long rows, long of) {
            List<String> row = new ArrayList<>(counted);
            row.add(Long.toString(rows));
            row.add(String.format(Locale.ROOT, "%.1f %%", 100.0 * rows / of));
            return row;
        }
    }
}
