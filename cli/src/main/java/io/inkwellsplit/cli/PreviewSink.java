package io.inkwellsplit.cli;

import io.inkwellsplit.table.Row;
import io.inkwellsplit.table.RowSink;
import java.util.ArrayList;
import java.util.List;

/** Keeps the first rows for a preview and writes nothing. */
final class PreviewSink implements RowSink {
    private static final int ROWS = 10;

    private final List<List<String>> first = new ArrayList<>();
    private List<String> titles = List.of();
    private final List<String> asides = new ArrayList<>();

    @Override
    public void header(List<String> columns) {
        titles = columns;
    }

    @Override
    public void row(List<String> cells) {
        if (first.size() < ROWS) {
            first.add(cells);
        }
    }

    @Override
    public void setAside(Row row, String reason) {
        if (asides.size() < ROWS) {
            asides.add("row " + row.number() + " (line " + row.line() + "): " + reason);
        }
    }

    @Override
    public void finish() {}

    List<String> titles() {
        return titles;
    }

    List<List<String>> first() {
        return first;
    }

    /** Returns where the first rows are that would be set aside, and why. */
    List<String> asides() {
        return asides;
    }
}
