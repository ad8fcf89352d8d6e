package io.inkwellsplit.databases;

import io.inkwellsplit.table.NoValue;
import java.nio.charset.StandardCharsets;
import java.sql.Connection;
import java.sql.SQLException;
import java.util.List;
import org.postgresql.PGConnection;
import org.postgresql.copy.CopyIn;

/** Sends rows in the text form of PostgreSQL's {@code copy}, as its documentation describes it. */
final class CopyWriter implements RowWriter {
    private static final int HELD = 1 << 16;

    private final CopyIn copy;
    private final StringBuilder text = new StringBuilder(HELD);

    CopyWriter(Connection connection, String table, List<String> columns) throws SQLException {
        copy = connection
                .unwrap(PGConnection.class)
                .getCopyAPI()
                .copyIn("copy " + table + " (" + String.join(", ", columns) + ") from stdin");
    }

    @Override
    public void row(List<String> cells) throws SQLException {
        for (int i = 0; i < cells.size(); i++) {
            if (i > 0) {
                text.append('\t');
            }
            add(cells.get(i));
        }
        text.append('\n');
        if (text.length() > HELD) {
            send();
        }
    }

    private void add(String cell) {
        if (NoValue.is(cell)) {
            text.append("\\N");
            return;
        }
        for (int i = 0; i < cell.length(); i++) {
            char c = cell.charAt(i);
            switch (c) {
                case '\\' -> text.append("\\\\");
                case '\t' -> text.append("\\t");
                case '\n' -> text.append("\\n");
                case '\r' -> text.append("\\r");
                default -> text.append(c);
            }
        }
    }

    private void send() throws SQLException {
        byte[] bytes = text.toString().getBytes(StandardCharsets.UTF_8);
        text.setLength(0);
        copy.writeToCopy(bytes, 0, bytes.length);
    }

    @Override
    public void end() throws SQLException {
        if (copy.isActive()) {
            send();
            copy.endCopy();
        }
    }

    @Override
    public void close() {
        try {
            if (copy.isActive()) {
                copy.cancelCopy();
            }
        } catch (SQLException e) {
            // The connection is lost, and what was copied with it.
            return;
        }
    }
}
