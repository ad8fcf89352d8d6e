package io.inkwellsplit.table.step;

import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;

/** A step at work that makes one row of each. */
public interface RowWise extends BoundStep {
    /** Returns the row that goes out for one that comes in, which has as many cells as the header had. */
    List<String> apply(List<String> cells);

    /**
     * Returns a step that works in the same way on other rows at the same time: this one where it counts nothing, or one
     * that counts by itself. None where rows must come one after the other.
     */
    default Optional<RowWise> fork() {
        return Optional.empty();
    }

    /**
     * Returns what those who look on are to be told of the rows since the last call. A fork keeps that back, as they are
     * told by one thread, in the order of the rows.
     */
    default Runnable toTell() {
        return () -> {};
    }

    /** Adds what a fork has counted. */
    default void join(RowWise fork) {}

    @Override
    default void push(List<String> cells, Consumer<List<String>> out) {
        out.accept(apply(cells));
    }
}
