package io.inkwellsplit.table;

import java.util.Iterator;
import java.util.List;

/** Where rows come from: a header and the rows, which can be gone through more than once. */
public interface RowSource {
    /** {@return the titles of the columns} */
    List<String> header();

    /**
     * Starts over and returns the rows from the first one on; an earlier pass must not be gone on with. Rows may have more or fewer cells than the header.
     *
     * @return the rows
     */
    Iterator<Row> rows();
}
