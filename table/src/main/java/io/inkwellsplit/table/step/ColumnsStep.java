package io.inkwellsplit.table.step;

import io.inkwellsplit.table.Settings;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/** Moves, drops and renames columns. */
public final class ColumnsStep implements Step {
    private final List<String> first;
    private final List<String> last;
    private final List<String> only;
    private final List<String> drop;
    private final Map<String, String> rename;

    private ColumnsStep(
            List<String> first, List<String> last, List<String> only, List<String> drop, Map<String, String> rename) {
        this.first = first;
        this.last = last;
        this.only = only;
        this.drop = drop;
        this.rename = rename;
    }

    /** {@return a step that changes nothing yet} */
    public static ColumnsStep asTheyAre() {
        return new ColumnsStep(List.of(), List.of(), List.of(), List.of(), Map.of());
    }

    /**
     * Moves columns to the left, in this order.
     *
     * @param columns the columns' titles, or their numbers from 1
     * @return this step
     */
    public ColumnsStep first(List<String> columns) {
        return new ColumnsStep(List.copyOf(columns), last, only, drop, rename);
    }

    /**
     * Moves columns to the right, in this order.
     *
     * @param columns the columns' titles, or their numbers from 1
     * @return this step
     */
    public ColumnsStep last(List<String> columns) {
        return new ColumnsStep(first, List.copyOf(columns), only, drop, rename);
    }

    /**
     * Keeps these columns alone, in this order; none for all.
     *
     * @param columns the columns' titles, or their numbers from 1
     * @return this step
     */
    public ColumnsStep keep(List<String> columns) {
        return new ColumnsStep(first, last, List.copyOf(columns), drop, rename);
    }

    /**
     * Drops columns.
     *
     * @param columns the columns' titles, or their numbers from 1
     * @return this step
     */
    public ColumnsStep drop(List<String> columns) {
        return new ColumnsStep(first, last, only, List.copyOf(columns), rename);
    }

    /**
     * Gives columns other titles, by the titles they have.
     *
     * @param titles the new titles by the old ones
     * @return this step
     */
    public ColumnsStep rename(Map<String, String> titles) {
        return new ColumnsStep(first, last, only, drop, new LinkedHashMap<>(titles));
    }

    @Override
    public RowWise bind(List<String> header) {
        Set<Integer> order = new LinkedHashSet<>(indexes(header, first));
        List<Integer> atLast = indexes(header, last);
        List<Integer> kept = only.isEmpty() ? all(header) : indexes(header, only);
        kept.stream().filter(index -> !atLast.contains(index)).forEach(order::add);
        order.addAll(atLast);
        if (!only.isEmpty()) {
            order.retainAll(kept);
        }
        indexes(header, drop).forEach(order::remove);
        if (order.isEmpty()) {
            throw Settings.refuse("No column would be left.");
        }
        List<String> titles = new ArrayList<>(header);
        rename.forEach((from, to) -> titles.set(Columns.find(header, from), to));
        List<Integer> indexes = List.copyOf(order);
        List<String> out = indexes.stream().map(titles::get).toList();
        Set<String> seen = new HashSet<>();
        for (String title : out) {
            if (!seen.add(title) && rename.containsValue(title)) {
                throw Settings.refuse("The title \"" + title + "\" would stand over two columns; choose another one.");
            }
        }
        return new Bound(out, indexes);
    }

    private static List<Integer> all(List<String> header) {
        List<Integer> all = new ArrayList<>();
        for (int i = 0; i < header.size(); i++) {
            all.add(i);
        }
        return all;
    }

    private static List<Integer> indexes(List<String> header, List<String> columns) {
        return columns.stream().map(column -> Columns.find(header, column)).toList();
    }

    private record Bound(List<String> header, List<Integer> indexes) implements RowWise {
        @Override
        public Optional<RowWise> fork() {
            return Optional.of(this);
        }

        @Override
        public List<String> apply(List<String> cells) {
            List<String> out = new ArrayList<>(indexes.size());
            indexes.forEach(index -> out.add(cells.get(index)));
            return out;
        }
    }
}
