package io.inkwellsplit.table.step;

import io.inkwellsplit.piece.Combining;
import io.inkwellsplit.table.Settings;
import java.util.List;

/** Combines columns into a new column behind the last of them. */
public final class CombineStep implements Step {
    private final Combining combining;
    private final String title;
    private final List<String> columns;

    private CombineStep(Combining combining, String title, List<String> columns) {
        this.combining = combining;
        this.title = title;
        this.columns = columns;
    }

    /**
     * Combines columns in the order in which they are given.
     *
     * @param title the title of the new column
     * @param combining how they are joined
     * @param columns the columns' titles, or their numbers from 1
     * @return the step
     */
    public static CombineStep of(String title, Combining combining, String... columns) {
        if (columns.length == 0) {
            throw Settings.refuse("No column was given to combine.");
        }
        return new CombineStep(combining, title, List.of(columns));
    }

    @Override
    public RowWise bind(List<String> header) {
        List<Integer> indexes =
                columns.stream().map(column -> Columns.find(header, column)).toList();
        int behind = indexes.stream().mapToInt(Integer::intValue).max().orElse(0);
        return AddedColumns.behind(
                header,
                behind,
                List.of(title),
                cells -> List.of(combining.join(indexes.stream().map(cells::get).toList())));
    }
}
