package io.inkwellsplit.table.step;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;

/** A step at work that makes one row of each, or leaves it out. */
public interface RowWise extends BoundStep {
    /** What {@link #apply} returns of a row that is left out: this very list. */
    List<String> LEFT_OUT = Collections.unmodifiableList(new ArrayList<>());

    /**
     * {@return the row that goes out for one that comes in, which has as many cells as the header had; or {@link #LEFT_OUT}}
     *
     * @param cells the cells, one for each title of the header
     */
    List<String> apply(List<String> cells);

    /**
     * {@return a step that works in the same way on other rows at the same time: this one where it counts nothing, or one
     * that counts by itself} None where rows must come one after the other.
     */
    default Optional<RowWise> fork() {
        return Optional.empty();
    }

    /**
     * Is told which rows come to {@link #apply} next, in this order, so that it can do what is alike in them together: a
     * thread that does one thing at a time finds its words in the nearest memory.
     *
     * @param rows the cells of each row
     */
    default void ahead(List<List<String>> rows) {}

    /**
     * {@return what those who look on are to be told of the rows since the last call} A fork keeps that back, as they are
     * told by one thread, in the order of the rows.
     */
    default Runnable toTell() {
        return () -> {};
    }

    /**
     * Adds what a fork has counted.
     *
     * @param fork what was made by {@code fork}
     */
    default void join(RowWise fork) {
        addCounts(fork.counts());
    }

    @Override
    default boolean isRowByRow() {
        return true;
    }

    @Override
    default void push(List<String> cells, Consumer<List<String>> out) {
        List<String> row = apply(cells);
        if (row != LEFT_OUT) {
            out.accept(row);
        }
    }
}
