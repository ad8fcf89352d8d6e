package io.inkwellsplit.databases;

import io.inkwellsplit.table.ColumnType;
import io.inkwellsplit.table.ColumnType.Kind;
import java.sql.Connection;
import java.sql.ResultSet;
import java.sql.ResultSetMetaData;
import java.sql.SQLException;
import java.util.Locale;
import org.jspecify.annotations.Nullable;

/** SQLite: a table is made, filled and renamed in one transaction; a column is declared, and may hold anything. */
final class SqliteEngine extends Engine {
    static final String NAME = "SQLite";
    private static final double WHOLE = 1e15;

    SqliteEngine() {
        super(NAME, "\"");
    }

    @Override
    void startReading(Connection connection) {
        // A transaction sees the same rows from its first statement on.
    }

    /** Numbers with all their digits, as the driver's text of them leaves some away. */
    @Override
    @Nullable String text(ResultSet row, int column) throws SQLException {
        Object value = row.getObject(column);
        if (value instanceof byte[]) {
            throw new BytesInCell();
        }
        if (value instanceof Double number && number == Math.rint(number) && Math.abs(number) < WHOLE) {
            return number.longValue() + ".0";
        }
        return value == null ? null : value.toString();
    }

    /** By the rules of affinity in SQLite's documentation of its types. */
    @Override
    ColumnType type(ResultSetMetaData data, int column) throws SQLException {
        String declared = data.getColumnTypeName(column);
        String type = declared == null ? "" : declared.toUpperCase(Locale.ROOT);
        boolean real = type.contains("REAL") || type.contains("FLOA") || type.contains("DOUB");
        Kind kind = type.contains("INT")
                ? Kind.WHOLE_NUMBER
                : type.contains("CHAR") || type.contains("CLOB") || type.contains("TEXT")
                        ? Kind.TEXT
                        : real ? Kind.NUMBER : Kind.TEXT;
        return new ColumnType(kind, declared == null ? "" : declared, NAME);
    }

    @Override
    String declared(Kind kind) {
        return switch (kind) {
            case TEXT -> "TEXT";
            case WHOLE_NUMBER -> "INTEGER";
            case NUMBER -> "NUMERIC";
            case TRUTH, DATE, TIME, MOMENT -> "TEXT";
        };
    }

    @Override
    boolean makesTablesInTransactions() {
        return true;
    }

    @Override
    boolean tellsCapitals() {
        return false;
    }
}
