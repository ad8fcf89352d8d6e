package io.inkwellsplit.table.survey;

import io.inkwellsplit.table.Row;
import io.inkwellsplit.table.RowSource;
import java.util.ArrayList;
import java.util.Iterator;
import java.util.List;

/**
 * What every column of a table looks like.
 *
 * @param rows how many rows there are
 * @param ragged how many of them have more or fewer cells than the header, and are left out of the counts
 * @param columns the columns, from left to right
 */
public record Survey(long rows, long ragged, List<ColumnSurvey> columns) {
    /**
     * Looks at a table, once, row by row; memory does not grow with it.
     *
     * @param source the table
     * @return what the table holds
     */
    public static Survey of(RowSource source) {
        List<String> header = source.header();
        List<ColumnCounter> counters = new ArrayList<>();
        for (int i = 0; i < header.size(); i++) {
            counters.add(new ColumnCounter(i, header.get(i)));
        }
        long rows = 0;
        long ragged = 0;
        try (ColumnThreads threads = new ColumnThreads(counters)) {
            for (Iterator<Row> iterator = source.rows(); iterator.hasNext(); ) {
                List<String> cells = iterator.next().cells();
                rows++;
                if (cells.size() == header.size()) {
                    threads.add(cells);
                } else {
                    ragged++;
                }
            }
            threads.finish();
        }
        return new Survey(
                rows, ragged, counters.stream().map(ColumnCounter::survey).toList());
    }

    /**
     * {@return the columns that hold something}
     *
     * @param what what is looked for
     */
    public List<ColumnSurvey> holding(Holds what) {
        return columns.stream().filter(column -> column.holds() == what).toList();
    }
}
