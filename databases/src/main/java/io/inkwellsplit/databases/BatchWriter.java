package io.inkwellsplit.databases;

import io.inkwellsplit.table.NoValue;
import java.sql.Connection;
import java.sql.PreparedStatement;
import java.sql.SQLException;
import java.sql.Types;
import java.util.Collections;
import java.util.List;

/** Inserts many rows at once; values are parameters. */
final class BatchWriter implements RowWriter {
    private static final int ROWS_AT_ONCE = 1_000;

    private final PreparedStatement insert;
    private int held;

    BatchWriter(Connection connection, String table, List<String> columns) throws SQLException {
        String marks = String.join(", ", Collections.nCopies(columns.size(), "?"));
        insert = connection.prepareStatement(
                "insert into " + table + " (" + String.join(", ", columns) + ") values (" + marks + ")");
    }

    @Override
    public void row(List<String> cells) throws SQLException {
        for (int i = 0; i < cells.size(); i++) {
            if (NoValue.is(cells.get(i))) {
                insert.setNull(i + 1, Types.VARCHAR);
            } else {
                insert.setString(i + 1, cells.get(i));
            }
        }
        insert.addBatch();
        if (++held == ROWS_AT_ONCE) {
            end();
        }
    }

    @Override
    public void end() throws SQLException {
        if (held > 0) {
            insert.executeBatch();
            held = 0;
        }
    }

    @Override
    public void close() {
        try {
            insert.close();
        } catch (SQLException e) {
            // The connection is lost, and the statement with it.
            return;
        }
    }
}
