package io.inkwellsplit.table.step;

import java.util.List;
import java.util.function.Function;

/** A step that only brings rows into an order; rows of one key stay as they came. */
public interface Sorting extends Keyed {
    /** {@return what makes keys as {@link #key} does, for another thread} */
    Function<List<String>, byte[]> keys();

    /**
     * Takes a row whose key is known, as {@code push} takes one whose key is not; it is passed on by {@code end}.
     *
     * @param key its key; not copied
     * @param cells its cells
     */
    void take(byte[] key, List<String> cells);
}
