package io.inkwellsplit.table;

import java.util.Iterator;
import java.util.List;
import java.util.NoSuchElementException;

/** The values of one column, given by its index; rows with too many or too few cells are left out. */
public final class ColumnValues implements Iterator<String> {
    private final Iterator<Row> rows;
    private final int width;
    private final int index;
    private String next = "";
    private boolean there;

    /**
     * Looks at a column of a table.
     *
     * @param source the table
     * @param index the column's index, from 0
     */
    public ColumnValues(RowSource source, int index) {
        this.rows = source.rows();
        this.width = source.header().size();
        this.index = index;
    }

    @Override
    public boolean hasNext() {
        while (!there && rows.hasNext()) {
            List<String> cells = rows.next().cells();
            if (cells.size() == width) {
                next = cells.get(index);
                there = true;
            }
        }
        return there;
    }

    @Override
    public String next() {
        if (!hasNext()) {
            throw new NoSuchElementException();
        }
        there = false;
        return next;
    }
}
