package io.inkwellsplit.table;

import java.util.Iterator;
import java.util.List;
import java.util.stream.IntStream;

/** Where rows come from: a header and the rows, which can be gone through more than once. */
public interface RowSource {
    /** {@return the titles of the columns} */
    List<String> header();

    /**
     * {@return the titles of a table that has none: {@code Column 1}, {@code Column 2} …}
     *
     * @param columns how many columns it has
     */
    static List<String> numberedTitles(int columns) {
        return IntStream.rangeClosed(1, columns).mapToObj(i -> "Column " + i).toList();
    }

    /**
     * Starts over and returns the rows from the first one on; an earlier pass must not be gone on with. Rows may have more or fewer cells than the header.
     *
     * @return the rows
     */
    Iterator<Row> rows();

    /**
     * {@return about how many rows there are, as far as that is known without going through them; 0 where it is not} It may be
     * wrong: what comes out never depends on it.
     */
    default long rowsAbout() {
        return 0;
    }
}
