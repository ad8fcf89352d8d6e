package io.inkwellsplit.table;

import java.util.List;

/** Where rows go. */
public interface RowSink {
    /**
     * Takes the titles of the columns, before any row.
     *
     * @param titles the titles
     */
    void header(List<String> titles);

    /**
     * Takes the titles of the columns, before any row, and those of the input.
     *
     * @param titles as for {@link #header(List)}
     * @param cameIn the titles of the columns that came in
     */
    default void header(List<String> titles, List<String> cameIn) {
        header(titles);
    }

    /**
     * Takes a row.
     *
     * @param cells its cells
     */
    void row(List<String> cells);

    /**
     * Takes a row of which it is known what came in for it.
     *
     * @param cells as for {@link #row(List)}
     * @param from the row of the input that it was made from
     */
    default void row(List<String> cells, Row from) {
        row(cells);
    }

    /**
     * Takes a row that could not be worked on, as it was read, and why.
     *
     * @param row the row, as it was read
     * @param reason why, in a sentence
     */
    void setAside(Row row, String reason);

    /** Says that all rows have come; only now may the output become visible. */
    void finish();
}
