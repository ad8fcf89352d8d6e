package io.inkwellsplit.table.step;

import io.inkwellsplit.table.Settings;
import io.inkwellsplit.table.sort.RowSorter;
import io.inkwellsplit.table.sort.SortKey;
import io.inkwellsplit.table.sort.SortKey.Direction;
import java.io.ByteArrayOutputStream;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.function.Consumer;
import java.util.function.Function;

/** Sorts rows by columns, by the alphabet of a language or by numbers; equal rows keep their order. */
public final class SortStep implements Step {
    private final List<By> columns;
    private final Locale locale;
    private final Blanks blanks;

    /** What a column is compared as. */
    public enum As {
        /** By the alphabet. */
        TEXT,
        /** By size. */
        NUMBER
    }

    private record By(String column, As as, Direction direction) {}

    private SortStep(List<By> columns, Locale locale, Blanks blanks) {
        this.columns = columns;
        this.locale = locale;
        this.blanks = blanks;
    }

    /** Where blank cells come, whatever the direction. */
    public enum Blanks {
        /** Before all others. */
        FIRST,
        /** Behind all others. */
        LAST,
        /** As the alphabet has them: first where it rises; among numbers, last. */
        AS_TEXT
    }

    /**
     * Sorts by the alphabet of a language; columns are added one after the other.
     *
     * @param locale the language
     * @return the step
     */
    public static SortStep in(Locale locale) {
        return new SortStep(List.of(), locale, Blanks.AS_TEXT);
    }

    /**
     * Adds a column that decides where the ones before it are alike.
     *
     * @param column its title, or its number from 1
     * @param as what it is sorted as
     * @param direction rising or falling
     * @return this step
     */
    public SortStep by(String column, As as, Direction direction) {
        List<By> more = new ArrayList<>(columns);
        more.add(new By(column, as, direction));
        return new SortStep(List.copyOf(more), locale, blanks);
    }

    /**
     * {@return this step, with blank cells there}
     *
     * @param where where they come
     */
    public SortStep blanks(Blanks where) {
        return new SortStep(columns, locale, where);
    }

    @Override
    public BoundStep bind(List<String> header) {
        if (columns.isEmpty()) {
            throw Settings.refuse("No column was given to sort by.");
        }
        return new Bound(header);
    }

    private final class Bound implements Sorting {
        private final List<String> header;
        private final List<Integer> indexes;
        private final List<SortKey> keys;
        private final RowSorter sorter = new RowSorter();

        Bound(List<String> header) {
            this.header = header;
            this.indexes =
                    columns.stream().map(by -> Columns.find(header, by.column)).toList();
            this.keys = columns.stream()
                    .map(by -> by.as == As.NUMBER ? SortKey.number(locale) : SortKey.text(locale))
                    .toList();
        }

        @Override
        public List<String> header() {
            return header;
        }

        @Override
        public void push(List<String> cells, Consumer<List<String>> out) {
            take(key(cells), cells);
        }

        @Override
        public void take(byte[] key, List<String> cells) {
            sorter.add(key, cells);
        }

        /** Alphabets let one thread alone ask them. */
        @Override
        public Function<List<String>, byte[]> keys() {
            return new Bound(header)::key;
        }

        @Override
        public byte[] key(List<String> cells) {
            ByteArrayOutputStream key = new ByteArrayOutputStream();
            for (int i = 0; i < indexes.size(); i++) {
                String cell = cells.get(indexes.get(i));
                if (blanks != Blanks.AS_TEXT) {
                    boolean ahead = cell.isBlank() == (blanks == Blanks.FIRST);
                    key.write(ahead ? 0 : 1);
                }
                keys.get(i).add(cell, columns.get(i).direction, key);
            }
            return key.toByteArray();
        }

        @Override
        public void end(Consumer<List<String>> out) {
            sorter.drain((key, cells) -> out.accept(cells));
        }
    }
}
