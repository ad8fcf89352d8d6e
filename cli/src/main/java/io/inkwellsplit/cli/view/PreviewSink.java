package io.inkwellsplit.cli.view;

import io.inkwellsplit.table.Row;
import io.inkwellsplit.table.RowSink;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** Keeps the first rows for a preview, and passes all on where there is an output behind it. */
public final class PreviewSink implements RowSink {
    private static final int ROWS = 10;

    private final List<List<String>> first = new ArrayList<>();
    private List<String> titles = List.of();
    private final List<String> asides = new ArrayList<>();
    private Optional<RowSink> behind = Optional.empty();

    /** Puts it before an output. */
    public PreviewSink before(RowSink output) {
        behind = Optional.of(output);
        return this;
    }

    @Override
    public void header(List<String> columns) {
        titles = columns;
        behind.ifPresent(output -> output.header(columns));
    }

    @Override
    public void row(List<String> cells) {
        if (first.size() < ROWS) {
            first.add(cells);
        }
        behind.ifPresent(output -> output.row(cells));
    }

    @Override
    public void setAside(Row row, String reason) {
        if (asides.size() < ROWS) {
            asides.add("row " + row.number() + " (line " + row.line() + "): " + reason);
        }
        behind.ifPresent(output -> output.setAside(row, reason));
    }

    @Override
    public void finish() {
        behind.ifPresent(RowSink::finish);
    }

    public List<String> titles() {
        return titles;
    }

    public List<List<String>> first() {
        return first;
    }

    /** Returns where the first rows are that would be set aside, and why. */
    public List<String> asides() {
        return asides;
    }
}
