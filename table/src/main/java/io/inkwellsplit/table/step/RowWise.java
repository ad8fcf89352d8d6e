package io.inkwellsplit.table.step;

import java.util.List;
import java.util.function.Consumer;

/** A step at work that makes one row of each. */
public interface RowWise extends BoundStep {
    /** Returns the row that goes out for one that comes in, which has as many cells as the header had. */
    List<String> apply(List<String> cells);

    @Override
    default void push(List<String> cells, Consumer<List<String>> out) {
        out.accept(apply(cells));
    }
}
