package io.inkwellsplit.table;

import io.inkwellsplit.reading.Reading;

/** Looks on while columns are split, value by value in their order; blank values included. */
public interface ReadingWatch {
    /** Takes a value of a column, by its title, as it was read. */
    void add(String column, Reading reading);

    /** Forgets what was added: the rows went through only so that later steps could learn. */
    void restart();
}
