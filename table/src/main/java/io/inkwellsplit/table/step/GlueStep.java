package io.inkwellsplit.table.step;

import io.inkwellsplit.piece.Glue;
import java.util.List;

/** Glues columns together into a new column behind the last of them. */
public final class GlueStep implements Step {
    private final Glue glue;
    private final String title;
    private final List<String> columns;

    private GlueStep(Glue glue, String title, List<String> columns) {
        this.glue = glue;
        this.title = title;
        this.columns = columns;
    }

    /** Glues columns in the order in which they are given. */
    public static GlueStep of(String title, Glue glue, String... columns) {
        if (columns.length == 0) {
            throw Settings.refuse("No column was given to glue.");
        }
        return new GlueStep(glue, title, List.of(columns));
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
                cells -> List.of(glue.join(indexes.stream().map(cells::get).toList())));
    }
}
