package io.inkwellsplit.table.step;

import io.inkwellsplit.pattern.ListPhrase;
import io.inkwellsplit.table.Settings;
import io.inkwellsplit.table.sort.RowSorter;
import io.inkwellsplit.table.sort.SortKey;
import io.inkwellsplit.table.sort.SortKey.Direction;
import java.io.ByteArrayOutputStream;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Consumer;

/**
 * Joins a column down the rows of each group into one text: a row for each group, with the columns it is grouped by, the
 * text, and how many rows it has. Groups come in the alphabetical order of what they are grouped by; without any
 * such column, all rows are one group. Blank values are left out.
 */
public final class GroupStep implements Step {
    private final List<String> by;
    private final String column;
    private final Optional<String> separator;
    private final Locale locale;
    private final boolean sorted;
    private final boolean distinct;
    private final int most;

    private GroupStep(
            List<String> by,
            String column,
            Optional<String> separator,
            Locale locale,
            boolean sorted,
            boolean distinct,
            int most) {
        this.by = by;
        this.column = column;
        this.separator = separator;
        this.locale = locale;
        this.sorted = sorted;
        this.distinct = distinct;
        this.most = most;
    }

    /**
     * Joins a column as a phrase of a language: {@code Alto, Bass and Tenor}.
     *
     * @param column the column's title, or its number from 1
     * @param locale the language
     * @param by the columns by which rows belong together
     * @return the step
     */
    public static GroupStep phrase(String column, Locale locale, String... by) {
        return new GroupStep(List.of(by), column, Optional.empty(), locale, false, false, Integer.MAX_VALUE);
    }

    /**
     * Joins a column with a separator.
     *
     * @param column the column's title, or its number from 1
     * @param separator what stands between two texts
     * @param by the columns by which rows belong together
     * @return the step
     */
    public static GroupStep joined(String column, String separator, String... by) {
        return new GroupStep(List.of(by), column, Optional.of(separator), Locale.ROOT, false, false, Integer.MAX_VALUE);
    }

    /**
     * Sorts the texts of a group.
     *
     * @return this step
     */
    public GroupStep sorted() {
        return new GroupStep(by, column, separator, locale, true, distinct, most);
    }

    /**
     * Leaves repeats out.
     *
     * @return this step
     */
    public GroupStep distinct() {
        return new GroupStep(by, column, separator, locale, sorted, true, most);
    }

    /**
     * Writes out so many texts, and how many more there are.
     *
     * @param texts how many, from 1
     * @return this step
     * @throws io.inkwellsplit.table.TableException if it is under 1
     */
    public GroupStep atMost(int texts) {
        if (texts < 1) {
            throw Settings.refuse("The number of texts to write out is " + texts + "; give 1 or more.");
        }
        return new GroupStep(by, column, separator, locale, sorted, distinct, texts);
    }

    @Override
    public BoundStep bind(List<String> header) {
        return new Bound(header);
    }

    private final class Bound implements Gathering {
        private final List<Integer> groups;
        private final int joined;
        private final List<String> header;
        private final RowSorter sorter = new RowSorter();
        private final SortKey alphabet = SortKey.text(locale);
        private List<String> current = List.of();
        private byte[] currentKey = {};
        private final List<String> texts = new ArrayList<>();
        private long rows;

        Bound(List<String> source) {
            groups = by.stream().map(each -> Columns.find(source, each)).toList();
            joined = Columns.find(source, column);
            List<String> titles = new ArrayList<>();
            groups.forEach(index -> titles.add(source.get(index)));
            titles.add(source.get(joined) + " together");
            titles.add("Rows");
            header = List.copyOf(titles);
        }

        @Override
        public List<String> header() {
            return header;
        }

        @Override
        public byte[] key(List<String> cells) {
            ByteArrayOutputStream key = new ByteArrayOutputStream();
            for (int index : groups) {
                alphabet.add(cells.get(index), Direction.RISING, key);
            }
            key.writeBytes(Keys.exact(cells, groups));
            return key.toByteArray();
        }

        @Override
        public void push(List<String> cells, Consumer<List<String>> out) {
            ByteArrayOutputStream key = new ByteArrayOutputStream();
            key.writeBytes(key(cells));
            int length = key.size();
            if (sorted) {
                alphabet.add(cells.get(joined), Direction.RISING, key);
            }
            // The length of the group's own key stands at the end, where it decides nothing.
            key.write(length >>> 16);
            key.write(length >>> 8);
            key.write(length);
            List<String> kept = new ArrayList<>();
            groups.forEach(index -> kept.add(cells.get(index)));
            kept.add(cells.get(joined));
            sorter.add(key.toByteArray(), kept);
        }

        @Override
        public void end(Consumer<List<String>> out) {
            sorter.drain((key, cells) -> {
                int end = key.length - 3;
                int length = (key[end] & 0xff) << 16 | (key[end + 1] & 0xff) << 8 | key[end + 2] & 0xff;
                byte[] group = Arrays.copyOf(key, length);
                if (rows > 0 && !Arrays.equals(group, currentKey)) {
                    pass(out);
                }
                currentKey = group;
                current = cells;
                rows++;
                String text = cells.get(cells.size() - 1);
                if (!text.isBlank()) {
                    texts.add(text);
                }
            });
            if (rows > 0) {
                pass(out);
            }
        }

        private void pass(Consumer<List<String>> out) {
            List<String> wanted = distinct ? texts.stream().distinct().toList() : List.copyOf(texts);
            List<String> row = new ArrayList<>(current.subList(0, current.size() - 1));
            row.add(
                    separator.isEmpty()
                            ? ListPhrase.in(locale).of(wanted, most)
                            : String.join(separator.get(), wanted.subList(0, Math.min(most, wanted.size())))
                                    + (wanted.size() > most
                                            ? separator.get() + "… " + (wanted.size() - most) + " more"
                                            : ""));
            row.add(Long.toString(rows));
            out.accept(row);
            texts.clear();
            rows = 0;
        }
    }
}
