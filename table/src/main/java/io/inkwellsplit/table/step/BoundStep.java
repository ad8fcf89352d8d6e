package io.inkwellsplit.table.step;

import java.util.List;
import java.util.Map;

/** A step at work on one table. */
public interface BoundStep {
    /** Returns the titles of the columns that go out. */
    List<String> header();

    /** Returns what columns that the step adds mean, in a sentence, by their titles; those that need no word are left out. */
    default Map<String, String> meanings() {
        return Map.of();
    }

    /** Returns whether the step must see every row before it can work on the first. */
    default boolean learns() {
        return false;
    }

    /** Sees a row, before any is worked on; called only where {@link #learns}. */
    default void observe(List<String> cells) {}

    /** Returns the row that goes out for one that comes in, which has as many cells as the header had. */
    List<String> apply(List<String> cells);
}
