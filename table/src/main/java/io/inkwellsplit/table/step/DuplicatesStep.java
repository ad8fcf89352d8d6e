package io.inkwellsplit.table.step;

import io.inkwellsplit.table.Settings;
import io.inkwellsplit.table.sort.RowSorter;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.function.Consumer;

/**
 * Finds rows that are likely the same by some columns. The first column must be alike but for case, accents, blanks and
 * signs; in each other one, two values may also be a name and its initial, a value and nothing, or differ in one letter
 * where they have five or more. Only rows that have a likely double come out, group by group, each with the number
 * of its group and whether it is the same or likely.
 */
public final class DuplicatesStep implements Step {
    /** Rows that share the first column are compared with so many neighbours, so that time stays within bounds. */
    private static final int NEIGHBOURS = 300;

    private static final int LONG_ENOUGH = 5;

    private final List<String> columns;

    private DuplicatesStep(List<String> columns) {
        this.columns = columns;
    }

    /**
     * Compares rows by columns; the first one should tell most, such as the last name.
     *
     * @param columns the columns' titles, or their numbers from 1
     * @return the step
     */
    public static DuplicatesStep by(String... columns) {
        if (columns.length == 0) {
            throw Settings.refuse("No column was given to compare rows by.");
        }
        return new DuplicatesStep(List.of(columns));
    }

    @Override
    public BoundStep bind(List<String> header) {
        return new Bound(header);
    }

    private final class Bound implements Gathering {
        private static final String GROUPS = "groups";
        private static final String DOUBLES = "doubles";

        private final List<Integer> indexes;
        private final List<String> header;
        private final RowSorter sorter = new RowSorter();
        private final List<List<String>> block = new ArrayList<>();
        private byte[] blockKey = {};
        private long groups;
        /** How many groups have smaller numbers elsewhere. */
        private long before;

        private long doubles;

        Bound(List<String> source) {
            indexes =
                    columns.stream().map(column -> Columns.find(source, column)).toList();
            header = AddedColumns.inserted(source, source.size() - 1, List.of("Duplicate group", "Likeness"));
        }

        @Override
        public List<String> header() {
            return header;
        }

        @Override
        public byte[] key(List<String> cells) {
            return Keys.folded(cells.get(indexes.get(0))).getBytes(StandardCharsets.UTF_8);
        }

        @Override
        public void push(List<String> cells, Consumer<List<String>> out) {
            byte[] key = key(cells);
            if (key.length > 0) {
                sorter.add(key, cells);
            }
        }

        @Override
        public boolean numbers() {
            return true;
        }

        @Override
        public long numbered() {
            return groups;
        }

        @Override
        public void numberBehind(long earlier) {
            before = earlier;
        }

        @Override
        public void end(Consumer<List<String>> out) {
            sorter.drain((key, cells) -> {
                if (!Arrays.equals(key, blockKey)) {
                    pass(out);
                    blockKey = key;
                }
                block.add(cells);
            });
            pass(out);
        }

        private void pass(Consumer<List<String>> out) {
            List<List<String>> folded = block.stream()
                    .map(cells -> indexes.stream()
                            .map(index -> Keys.folded(cells.get(index)))
                            .toList())
                    .toList();
            int[] roots = new int[block.size()];
            for (int i = 0; i < roots.length; i++) {
                roots[i] = i;
                for (int j = Math.max(0, i - NEIGHBOURS); j < i; j++) {
                    if (alike(folded.get(j), folded.get(i))) {
                        roots[root(roots, i)] = root(roots, j);
                    }
                }
            }
            Map<Integer, List<Integer>> found = new TreeMap<>();
            for (int i = 0; i < roots.length; i++) {
                found.computeIfAbsent(root(roots, i), r -> new ArrayList<>()).add(i);
            }
            found.values().stream().filter(group -> group.size() > 1).forEach(group -> {
                groups++;
                doubles += group.size();
                boolean same = group.stream().map(folded::get).distinct().count() == 1;
                for (int row : group) {
                    List<String> cells = new ArrayList<>(block.get(row));
                    cells.add(Long.toString(before + groups));
                    cells.add(same ? "same" : "likely");
                    out.accept(cells);
                }
            });
            block.clear();
        }

        @Override
        public Map<String, Long> counts() {
            return Map.of(GROUPS, groups, DOUBLES, doubles);
        }

        @Override
        public void addCounts(Map<String, Long> counts) {
            groups += counts.getOrDefault(GROUPS, 0L);
            doubles += counts.getOrDefault(DOUBLES, 0L);
        }

        @Override
        public void restart() {
            groups = 0;
            doubles = 0;
        }

        @Override
        public List<String> report() {
            return List.of("Likely duplicates: rows " + doubles + ", groups " + groups);
        }
    }

    private static int root(int[] roots, int of) {
        int i = of;
        while (roots[i] != i) {
            roots[i] = roots[roots[i]];
            i = roots[i];
        }
        return i;
    }

    private static boolean alike(List<String> one, List<String> other) {
        for (int i = 1; i < one.size(); i++) {
            if (!alike(one.get(i), other.get(i))) {
                return false;
            }
        }
        return true;
    }

    private static boolean alike(String one, String other) {
        String shorter = one.length() <= other.length() ? one : other;
        String longer = shorter.equals(one) ? other : one;
        boolean initial = shorter.length() == 1 && longer.startsWith(shorter);
        return shorter.isEmpty()
                || shorter.equals(longer)
                || initial
                || shorter.length() >= LONG_ENOUGH && differInOneLetter(shorter, longer);
    }

    /** One letter changed, left out, or put in. */
    private static boolean differInOneLetter(String shorter, String longer) {
        if (longer.length() - shorter.length() > 1) {
            return false;
        }
        int same = 0;
        while (same < shorter.length() && shorter.charAt(same) == longer.charAt(same)) {
            same++;
        }
        int skip = longer.length() > shorter.length() ? 0 : 1;
        return shorter.substring(Math.min(shorter.length(), same + skip)).equals(longer.substring(same + 1));
    }
}
