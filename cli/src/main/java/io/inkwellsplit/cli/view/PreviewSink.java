package io.inkwellsplit.cli.view;

import io.inkwellsplit.table.Row;
import io.inkwellsplit.table.RowSink;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/** Keeps some rows for a preview, and passes all on where there is an output behind it. */
public final class PreviewSink implements RowSink {
    private final ShownRows shown;
    private List<String> titles = List.of();
    private final List<String> asides = new ArrayList<>();
    private Optional<RowSink> behind = Optional.empty();

    /** Keeps the first rows. */
    public PreviewSink() {
        this(new ShownRows(ShownRows.USUAL, ShownRows.Which.FIRST));
    }

    /** Keeps those rows. */
    public PreviewSink(ShownRows shown) {
        this.shown = shown;
    }

    /** Puts it before an output. */
    public PreviewSink before(RowSink output) {
        behind = Optional.of(output);
        return this;
    }

    @Override
    public void header(List<String> columns) {
        header(columns, List.of());
    }

    @Override
    public void header(List<String> columns, List<String> cameIn) {
        titles = columns;
        shown.header(columns, cameIn);
        behind.ifPresent(output -> output.header(columns, cameIn));
    }

    @Override
    public void row(List<String> cells) {
        shown.row(cells);
        behind.ifPresent(output -> output.row(cells));
    }

    @Override
    public void row(List<String> cells, Row from) {
        shown.row(cells, from);
        behind.ifPresent(output -> output.row(cells, from));
    }

    /** Returns the columns, by their place, whose cells were changed in a row that is shown because of that. */
    public Set<Integer> changed() {
        return shown.changed();
    }

    @Override
    public void setAside(Row row, String reason) {
        if (asides.size() < ShownRows.USUAL) {
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
        return shown.rows();
    }

    /** Returns where the first rows are that would be set aside, and why. */
    public List<String> asides() {
        return asides;
    }
}
