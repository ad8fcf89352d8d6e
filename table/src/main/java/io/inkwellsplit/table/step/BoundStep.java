package io.inkwellsplit.table.step;

import java.util.List;

/** A step at work on one table. */
public interface BoundStep {
    /** Returns the titles of the columns that go out. */
    List<String> header();

    /** Returns whether the step must see every row before it can work on the first. */
    default boolean learns() {
        return false;
    }

    /** Sees a row, before any is worked on; called only where {@link #learns}. */
    default void observe(List<String> cells) {}

    /** Returns the row that goes out for one that comes in, which has as many cells as the header had. */
    List<String> apply(List<String> cells);
}
