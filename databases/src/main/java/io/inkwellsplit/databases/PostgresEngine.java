package io.inkwellsplit.databases;

import io.inkwellsplit.table.ColumnType;
import io.inkwellsplit.table.ColumnType.Kind;
import java.sql.Connection;
import java.sql.ResultSet;
import java.sql.ResultSetMetaData;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/** PostgreSQL: rows come through a cursor in one snapshot, and go in by the database's own copying. */
final class PostgresEngine extends Engine {
    static final String NAME = "PostgreSQL";
    /** What the driver calls a column that counts by itself is no type. */
    private static final Map<String, String> COUNTING =
            Map.of("serial", "int4", "bigserial", "int8", "smallserial", "int2");

    PostgresEngine() {
        super(NAME, "\"");
    }

    @Override
    void startReading(Connection connection) throws SQLException {
        connection.setReadOnly(true);
        connection.setTransactionIsolation(Connection.TRANSACTION_REPEATABLE_READ);
        try (Statement statement = connection.createStatement()) {
            statement.execute("set lock_timeout = '10s'");
            // Several readers of one table would each begin somewhere else, so that rows came in another order.
            statement.execute("set synchronize_seqscans = off");
        }
    }

    @Override
    void startWriting(Connection connection) throws SQLException {
        try (Statement statement = connection.createStatement()) {
            statement.execute("set lock_timeout = '10s'");
        }
    }

    @Override
    ColumnType type(ResultSetMetaData data, int column) throws SQLException {
        ColumnType type = super.type(data, column);
        String declared = type.declared();
        String plain = COUNTING.getOrDefault(declared, declared);
        return new ColumnType(type.kind(), plain.replaceFirst("^bpchar", "character"), NAME);
    }

    /** Bytes too have a text, from which they come back as they were. */
    @Override
    @Nullable String text(ResultSet row, int column) throws SQLException {
        return row.getString(column);
    }

    @Override
    String declared(Kind kind) {
        return switch (kind) {
            case TEXT -> "text";
            case NUMBER -> "numeric";
            default -> super.declared(kind);
        };
    }

    @Override
    RowWriter writer(Connection connection, String table, List<String> columns) throws SQLException {
        return new CopyWriter(connection, table, columns);
    }

    @Override
    boolean makesTablesInTransactions() {
        return true;
    }
}
