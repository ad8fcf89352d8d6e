package io.inkwellsplit.table.sort;

import io.inkwellsplit.table.file.Spool;
import java.io.BufferedInputStream;
import java.io.DataInputStream;
import java.io.DataOutputStream;
import java.io.EOFException;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.PriorityQueue;

/**
 * Sorts rows by keys; rows of the same key keep their order. What does not fit into memory goes to temporary files that
 * their owner alone can read, and that are deleted when they have been read.
 */
public final class RowSorter {
    /** Of a heap of 256 MB, a good sixth: rows take about three times their characters. */
    private static final long MOST_BYTES = 16L << 20;

    private static final int BUFFER = 1 << 16;
    private static final int ROW_OVERHEAD = 64;

    private final long mostBytes;
    private final List<Entry> entries = new ArrayList<>();
    private final List<Spool> spilled = new ArrayList<>();
    private long bytes;

    /** A row with its key. */
    private record Entry(byte[] key, List<String> cells) {}

    /** Takes the rows in their order. */
    public interface Target {
        /**
         * Takes a row and its key, which is not to be changed.
         *
         * @param key its key
         * @param cells its cells
         */
        void row(byte[] key, List<String> cells);
    }

    /** Makes a sorter without rows. */
    public RowSorter() {
        this(MOST_BYTES);
    }

    /** @param mostBytes how much of keys and cells is held in memory, roughly, before it is spilled */
    RowSorter(long mostBytes) {
        this.mostBytes = mostBytes;
    }

    /**
     * Adds a row.
     *
     * @param key its key; not copied
     * @param cells its cells
     */
    public void add(byte[] key, List<String> cells) {
        entries.add(new Entry(key, List.copyOf(cells)));
        bytes += key.length + ROW_OVERHEAD;
        for (String cell : cells) {
            bytes += cell.length();
        }
        if (bytes > mostBytes) {
            spill();
        }
    }

    private void spill() {
        // The sort is stable, and so is the merge: an earlier file goes first.
        entries.sort(BY_KEY);
        Spool spool = Spool.create();
        spilled.add(spool);
        try (DataOutputStream out = new DataOutputStream(spool.writer())) {
            for (Entry entry : entries) {
                write(out, entry.key);
                out.writeInt(entry.cells.size());
                for (String cell : entry.cells) {
                    write(out, cell.getBytes(StandardCharsets.UTF_8));
                }
            }
        } catch (IOException e) {
            throw Spool.full(e);
        }
        entries.clear();
        bytes = 0;
    }

    private static void write(DataOutputStream out, byte[] bytes) throws IOException {
        out.writeInt(bytes.length);
        out.write(bytes);
    }

    private static final Comparator<Entry> BY_KEY = (a, b) -> Arrays.compareUnsigned(a.key, b.key);

    /**
     * Gives all rows in their order, and forgets them.
     *
     * @param to what takes them
     */
    public void drain(Target to) {
        entries.sort(BY_KEY);
        if (spilled.isEmpty()) {
            entries.forEach(entry -> to.row(entry.key, entry.cells));
            entries.clear();
            bytes = 0;
            return;
        }
        spill();
        merge(to);
    }

    private void merge(Target to) {
        PriorityQueue<Run> runs = new PriorityQueue<>();
        try {
            for (int i = 0; i < spilled.size(); i++) {
                Run run = new Run(spilled.get(i), i);
                if (run.next()) {
                    runs.add(run);
                }
            }
            while (!runs.isEmpty()) {
                Run run = runs.remove();
                to.row(run.entry.key, run.entry.cells);
                if (run.next()) {
                    runs.add(run);
                }
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        } finally {
            spilled.clear();
        }
    }

    /** A temporary file that is being read. */
    private static final class Run implements Comparable<Run> {
        private final Spool file;
        private final int number;
        private final DataInputStream in;
        private Entry entry = new Entry(new byte[0], List.of());

        Run(Spool file, int number) {
            this.file = file;
            this.number = number;
            this.in = new DataInputStream(new BufferedInputStream(file.reader(), BUFFER));
        }

        /** Reads the next row; closes the file, which is gone then, when there is none. */
        boolean next() throws IOException {
            try {
                byte[] key = in.readNBytes(in.readInt());
                String[] cells = new String[in.readInt()];
                for (int i = 0; i < cells.length; i++) {
                    cells[i] = new String(in.readNBytes(in.readInt()), StandardCharsets.UTF_8);
                }
                entry = new Entry(key, List.of(cells));
                return true;
            } catch (EOFException e) {
                file.close();
                return false;
            }
        }

        @Override
        public int compareTo(Run other) {
            int byKey = BY_KEY.compare(entry, other.entry);
            return byKey != 0 ? byKey : Integer.compare(number, other.number);
        }

        @Override
        public boolean equals(Object other) {
            return this == other;
        }

        @Override
        public int hashCode() {
            return number;
        }
    }
}
