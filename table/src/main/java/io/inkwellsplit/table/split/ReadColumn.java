package io.inkwellsplit.table.split;

import io.inkwellsplit.table.Row;
import io.inkwellsplit.table.RowSink;
import io.inkwellsplit.table.RowSource;
import io.inkwellsplit.table.run.Run;
import io.inkwellsplit.table.step.Columns;
import io.inkwellsplit.table.survey.ColumnReadings;
import io.inkwellsplit.table.survey.ColumnSurvey;
import io.inkwellsplit.table.survey.Holds;
import io.inkwellsplit.table.survey.ReadingCounter;
import io.inkwellsplit.table.survey.RunWatch;
import java.util.List;

/** Reads a column as a split of it would, in the light of its values and by all cores, but only counts what it reads. */
public final class ReadColumn {
    private ReadColumn() {}

    /**
     * {@return how the values of a column of names or addresses are read} Rows with more or fewer cells than the header are
     * left out.
     *
     * @param source the table; it is gone through twice
     * @param column the column
     * @param splitters read the values; they learn from the column first
     * @throws IllegalArgumentException if it holds neither
     */
    public static ColumnReadings of(RowSource source, ColumnSurvey column, Splitters splitters) {
        RunWatch watch = new RunWatch();
        SplitStep.Builder split = SplitStep.builder().splitters(splitters).watch(watch);
        String wanted = name(source.header(), column);
        if (column.holds() == Holds.NAMES) {
            split.name(wanted);
        } else if (column.holds() == Holds.ADDRESSES) {
            split.address(wanted);
        } else {
            throw new IllegalArgumentException(
                    column.title() + " holds " + column.holds().key());
        }
        Run.of(source, List.of(split.build())).into(new Nowhere());
        return watch.counted().values().stream().findFirst().orElseGet(() -> new ReadingCounter().counted());
    }

    /** Several columns may have the same title. */
    private static String name(List<String> header, ColumnSurvey column) {
        boolean clear = header.indexOf(column.title()) == header.lastIndexOf(column.title())
                && Columns.find(header, column.title()) == column.index();
        return clear ? column.title() : Integer.toString(column.index() + 1);
    }

    /** Where rows go that only those who look on want. */
    private static final class Nowhere implements RowSink {
        @Override
        public void header(List<String> titles) {}

        @Override
        public void row(List<String> cells) {}

        @Override
        public void setAside(Row row, String reason) {}

        @Override
        public void finish() {}
    }
}
