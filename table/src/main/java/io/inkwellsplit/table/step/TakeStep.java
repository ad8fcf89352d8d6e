package io.inkwellsplit.table.step;

import io.inkwellsplit.piece.Take;
import java.util.List;

/** Takes one piece out of a column into a new column behind it. */
public final class TakeStep implements Step {
    private final String column;
    private final Take take;
    private final String title;

    private TakeStep(String column, Take take, String title) {
        this.column = column;
        this.take = take;
        this.title = title;
    }

    /**
     * Takes from a column; the new one is called after it, with {@code taken} behind.
     *
     * @param column the column's title, or its number from 1
     * @param take what is taken
     * @return the step
     */
    public static TakeStep of(String column, Take take) {
        return new TakeStep(column, take, "");
    }

    /**
     * Gives the new column a title.
     *
     * @param wanted the title
     * @return this step
     */
    public TakeStep titled(String wanted) {
        return new TakeStep(column, take, wanted);
    }

    @Override
    public RowWise bind(List<String> header) {
        int index = Columns.find(header, column);
        List<String> titles = List.of(title.isEmpty() ? header.get(index) + " taken" : title);
        return AddedColumns.behind(header, index, titles, cells -> List.of(take.from(cells.get(index))));
    }
}
