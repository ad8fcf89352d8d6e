package io.inkwellsplit.table.split;

import io.inkwellsplit.reading.PartKey;
import io.inkwellsplit.reading.Reading;
import io.inkwellsplit.table.Ways;
import io.inkwellsplit.table.correct.ColumnCorrections;
import java.util.List;

/** Reads the values of one column, after it has seen what the column says. */
interface ColumnReader {
    /** Takes a value into account; called for every value of the column before any is read, or for none. */
    void observe(String value);

    /** Adds what another reader of the same kind has seen. */
    void merge(ColumnReader other);

    /** Teaches the column what a person has said of it; called before any value is read. */
    void teach(ColumnCorrections corrections);

    /** Reads a value. */
    Reading<PartKey> read(String value);

    /** Returns one reading of each person that a reading names; the reading itself where it names no two. */
    default List<Reading<PartKey>> people(Reading<PartKey> reading) {
        return List.of(reading);
    }

    /** Returns what tells the ways in which values were weighed. */
    Ways ways();
}
