package io.inkwellsplit.databases;

import io.inkwellsplit.table.ColumnType;
import io.inkwellsplit.table.ColumnType.Kind;
import java.sql.Connection;
import java.sql.DatabaseMetaData;
import java.sql.ResultSet;
import java.sql.ResultSetMetaData;
import java.sql.SQLException;
import java.sql.Statement;
import java.sql.Types;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/** What is particular to a kind of database; this one holds for any that has a driver. Immutable. */
class Engine {
    private static final int ROWS_AT_ONCE = 1_000;
    private static final Set<Integer> BYTES = Set.of(Types.BINARY, Types.VARBINARY, Types.LONGVARBINARY, Types.BLOB);
    private static final String H2 = "H2";
    /** What the databases take that have a limit for plain texts. */
    private static final int LONGEST_TEXT = 4_000;

    private static final Set<String> SYSTEM_SCHEMAS =
            Set.of("information_schema", "INFORMATION_SCHEMA", "pg_catalog", "sys", "SYS");

    private final String product;
    private final String quote;

    Engine(String product, String quote) {
        this.product = product;
        this.quote = quote;
    }

    static Engine of(Connection connection) throws SQLException {
        DatabaseMetaData data = connection.getMetaData();
        String quote = data.getIdentifierQuoteString().strip();
        return switch (data.getDatabaseProductName()) {
            case SqliteEngine.NAME -> new SqliteEngine();
            case PostgresEngine.NAME -> new PostgresEngine();
            case "MariaDB", "MySQL" -> new MariaEngine(data.getDatabaseProductName());
            default -> new Engine(data.getDatabaseProductName(), quote);
        };
    }

    /** Returns what the database is called. */
    final String product() {
        return product;
    }

    /** Returns a name in the database's quotes; it may hold anything, these quotes too. */
    final String quoted(String name) {
        return quote.isEmpty() ? name : quote + name.replace(quote, quote + quote) + quote;
    }

    /** Readies a connection to read the same rows as often as it is asked. */
    void startReading(Connection connection) throws SQLException {
        connection.setTransactionIsolation(Connection.TRANSACTION_REPEATABLE_READ);
    }

    void startWriting(Connection connection) throws SQLException {
        connection.setAutoCommit(false);
    }

    /** Returns how many rows the database is asked for at once. */
    int rowsAtOnce() {
        return ROWS_AT_ONCE;
    }

    /** Returns all tables and views but the system's own. */
    List<TableName> tables(Connection connection) throws SQLException {
        List<TableName> tables = new ArrayList<>();
        String usual = connection.getSchema();
        try (ResultSet rows = connection.getMetaData().getTables(connection.getCatalog(), null, "%", null)) {
            while (rows.next()) {
                String type = String.valueOf(rows.getString("TABLE_TYPE"));
                String schema = rows.getString("TABLE_SCHEM");
                boolean own = (type.contains("TABLE") || type.contains("VIEW"))
                        && !type.startsWith("SYSTEM")
                        && !SYSTEM_SCHEMAS.contains(String.valueOf(schema));
                if (own) {
                    boolean isUsual = schema == null || schema.equals(usual);
                    tables.add(new TableName(
                            schema == null ? "" : schema,
                            rows.getString("TABLE_NAME"),
                            isUsual,
                            type.contains("VIEW")));
                }
            }
        }
        return tables;
    }

    /** Returns the text of a value; null where there is none. */
    @Nullable String text(ResultSet row, int column) throws SQLException {
        String text = row.getString(column);
        if (text != null && BYTES.contains(row.getMetaData().getColumnType(column))) {
            throw new BytesInCell();
        }
        return text;
    }

    /** Returns what a column of a query holds. */
    ColumnType type(ResultSetMetaData data, int column) throws SQLException {
        String declared = data.getColumnTypeName(column);
        int type = data.getColumnType(column);
        boolean sized = type == Types.VARCHAR || type == Types.CHAR || type == Types.NUMERIC || type == Types.DECIMAL;
        int size = data.getPrecision(column);
        if (sized && size > 0 && size < Integer.MAX_VALUE && declared.indexOf('(') < 0) {
            boolean number = type == Types.NUMERIC || type == Types.DECIMAL;
            declared += "(" + size + (number ? "," + data.getScale(column) : "") + ")";
        }
        return new ColumnType(kind(type), declared, product);
    }

    private static Kind kind(int type) {
        return switch (type) {
            case Types.TINYINT, Types.SMALLINT, Types.INTEGER, Types.BIGINT -> Kind.WHOLE_NUMBER;
            case Types.REAL, Types.FLOAT, Types.DOUBLE, Types.NUMERIC, Types.DECIMAL -> Kind.NUMBER;
            case Types.BIT, Types.BOOLEAN -> Kind.TRUTH;
            case Types.DATE -> Kind.DATE;
            case Types.TIME, Types.TIME_WITH_TIMEZONE -> Kind.TIME;
            case Types.TIMESTAMP, Types.TIMESTAMP_WITH_TIMEZONE -> Kind.MOMENT;
            default -> Kind.TEXT;
        };
    }

    /** Returns how a column is declared that is to hold what another does, of this database or of another one. */
    String declared(ColumnType type) {
        if (type.system().equals(product)) {
            return type.declared();
        }
        // Columns of SQLite may hold anything, whatever they are declared as.
        // A number of a file may have more digits than a column that is declared so.
        boolean any = type.system().equals(SqliteEngine.NAME) || type.system().isEmpty() && type.kind() == Kind.NUMBER;
        boolean sure = !any || type.kind() == Kind.WHOLE_NUMBER;
        return sure ? declared(type.kind()) : declared(Kind.TEXT);
    }

    /** In the words of ISO/IEC 9075; not every database knows a text without a greatest length. */
    String declared(Kind kind) {
        return switch (kind) {
            case TEXT -> product.equals(H2) ? "varchar" : "varchar(" + LONGEST_TEXT + ")";
            case WHOLE_NUMBER -> "bigint";
            case NUMBER -> "decimal(38,10)";
            case TRUTH -> "boolean";
            case DATE -> "date";
            case TIME -> "time";
            case MOMENT -> "timestamp";
        };
    }

    /**
     * Returns the URL by which other programs know the language of the database; from one they do not know they would take the
     * wrong quotes.
     */
    String urlForOthers(String url) {
        return url;
    }

    /** Is told of a table that is about to be made, under the name it has until it takes its place. */
    void making(Connection connection, TableName part) throws SQLException {
        // Where nobody can tell which run a table belongs to, one that was left by a killed run stays.
    }

    /** Returns whether two tables may have names that differ in capitals alone. */
    boolean tellsCapitals() {
        return true;
    }

    /** Returns whether a table that was made goes again when its transaction does not end. */
    boolean makesTablesInTransactions() {
        return false;
    }

    /** Returns what writes rows into a table, which is there. */
    RowWriter writer(Connection connection, String table, List<String> columns) throws SQLException {
        return new BatchWriter(connection, table, columns);
    }

    /** Gives a table the name of another, which goes. */
    void takePlace(Statement statement, Database database, TableName part, TableName place, boolean isThere)
            throws SQLException {
        if (isThere) {
            statement.execute("drop table " + database.quoted(place));
        }
        statement.execute("alter table " + database.quoted(part) + " rename to " + quoted(place.table()));
    }
}
