package io.inkwellsplit.table;

import io.inkwellsplit.table.run.Run;
import io.inkwellsplit.table.step.Step;
import java.util.ArrayList;
import java.util.Iterator;
import java.util.List;

/** A small table written with pipes, and what steps make of it. */
public final class TestTable {
    private TestTable() {}

    /** Returns a table whose first line is the header. */
    public static RowSource of(String table) {
        List<List<String>> lines = table.strip()
                .lines()
                .map(line -> List.of(line.split("\\|", -1)))
                .toList();
        return new RowSource() {
            @Override
            public List<String> header() {
                return lines.get(0);
            }

            @Override
            public Iterator<Row> rows() {
                List<Row> rows = new ArrayList<>();
                for (int i = 1; i < lines.size(); i++) {
                    rows.add(new Row(i, i + 1, lines.get(i)));
                }
                return rows.iterator();
            }
        };
    }

    /** A sink that writes rows with pipes between cells and slashes between rows. */
    public static final class Sink implements RowSink {
        private final List<String> lines = new ArrayList<>();

        /** Starts empty. */
        public Sink() {}

        @Override
        public void header(List<String> titles) {
            lines.add(String.join("|", titles));
        }

        @Override
        public void row(List<String> cells) {
            lines.add(String.join("|", cells));
        }

        @Override
        public void setAside(Row row, String reason) {
            lines.add("aside " + row.number() + ": " + reason);
        }

        @Override
        public void finish() {}

        @Override
        public String toString() {
            return String.join("/", lines);
        }
    }

    /** Returns what steps make of a table. */
    public static String run(String table, Step... steps) {
        Sink sink = new Sink();
        Run.of(of(table), List.of(steps)).into(sink);
        return sink.toString();
    }
}
