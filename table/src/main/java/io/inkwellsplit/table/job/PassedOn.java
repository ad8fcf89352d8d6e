package io.inkwellsplit.table.job;

import io.inkwellsplit.table.Row;
import io.inkwellsplit.table.RowSink;
import java.util.List;

/** Passes everything on to another sink; whoever stands between overrides what is done otherwise. */
abstract class PassedOn implements RowSink {
    private final RowSink sink;

    PassedOn(RowSink sink) {
        this.sink = sink;
    }

    @Override
    public final void header(List<String> titles) {
        header(titles, List.of());
    }

    @Override
    public void header(List<String> titles, List<String> cameIn) {
        sink.header(titles, cameIn);
    }

    @Override
    public void row(List<String> cells) {
        sink.row(cells);
    }

    @Override
    public void row(List<String> cells, Row from) {
        sink.row(cells, from);
    }

    @Override
    public void setAside(Row row, String reason) {
        sink.setAside(row, reason);
    }

    @Override
    public void finish() {
        sink.finish();
    }
}
