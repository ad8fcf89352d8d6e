package io.inkwellsplit.table;

import io.inkwellsplit.reading.PartKey;
import io.inkwellsplit.reading.Reading;

/**
 * Looks on while columns are split. What takes long is done by the thread that has read a value; what is counted or kept is
 * done by one thread, in the order of the values.
 */
public interface ReadingWatch {
    /** What is done with a value that nobody has to know of. */
    Runnable NOTHING = () -> {};

    /**
     * {@return what is done when the turn of a value comes, blank ones included} Several threads may ask at the same time; one
     * of them runs what it returns.
     *
     * @param column the column's title, or its number from 1
     * @param reading how it was read
     * @param ways tells in which ways it was weighed
     */
    Runnable seen(String column, Reading<PartKey> reading, Ways ways);

    /** Forgets what was done: the rows went through only so that later steps could learn. */
    void restart();
}
