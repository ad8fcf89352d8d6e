package io.inkwellsplit.table;

import java.util.List;

/** Where rows go. */
public interface RowSink {
    /** Takes the titles of the columns, before any row. */
    void header(List<String> titles);

    void row(List<String> cells);

    /** Takes a row that could not be worked on, as it was read, and why. */
    void setAside(Row row, String reason);

    /** Says that all rows have come; only now may the output become visible. */
    void finish();
}
