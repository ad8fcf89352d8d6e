package io.inkwellsplit.table;

import io.inkwellsplit.reading.PartKey;
import io.inkwellsplit.reading.Reading;

/** Looks on while columns are split, value by value in their order; blank values included. */
public interface ReadingWatch {
    /**
     * Takes a value of a column, by its title, as it was read.
     *
     * @param column the column's title, or its number from 1
     * @param reading how it was read
     * @param ways tells in which ways it was weighed
     */
    void add(String column, Reading<PartKey> reading, Ways ways);

    /** Forgets what was added: the rows went through only so that later steps could learn. */
    void restart();
}
