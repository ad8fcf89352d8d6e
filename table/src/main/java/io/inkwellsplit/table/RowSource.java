package io.inkwellsplit.table;

import java.util.Iterator;
import java.util.List;

/** Where rows come from: a header and one pass over the rows. */
public interface RowSource {
    /** Returns the titles of the columns. */
    List<String> header();

    /** Returns the rows; they can be gone through once. Rows may have more or fewer cells than the header. */
    Iterator<Row> rows();
}
