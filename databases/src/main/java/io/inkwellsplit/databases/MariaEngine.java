package io.inkwellsplit.databases;

import io.inkwellsplit.table.ColumnType.Kind;
import java.sql.Connection;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.ArrayList;
import java.util.List;

/** MariaDB, and others that speak its language: making a table ends a transaction, two are renamed at one stroke. */
final class MariaEngine extends Engine {
    private static final String WAIT = "set session lock_wait_timeout = 10, innodb_lock_wait_timeout = 10";
    private static final String LEFT =
            "select table_name from information_schema.tables where table_schema = database() "
                    + "and table_name like 'inkwell\\\\_part\\\\_%' and is_free_lock(table_name)";

    MariaEngine(String product) {
        super(product, "`");
    }

    /** The scheme of the language; the driver has to be allowed to take it. */
    @Override
    String urlForOthers(String url) {
        String scheme = "jdbc:mariadb:";
        return url.startsWith(scheme)
                ? "jdbc:mysql:" + url.substring(scheme.length()) + (url.contains("?") ? "&" : "?") + "permitMysqlScheme"
                : url;
    }

    @Override
    void startReading(Connection connection) throws SQLException {
        wait(connection);
        super.startReading(connection);
    }

    /** Also drops what killed runs have left: tables whose lock nobody holds. */
    @Override
    void startWriting(Connection connection) throws SQLException {
        wait(connection);
        List<String> left = new ArrayList<>();
        try (Statement statement = connection.createStatement()) {
            try (ResultSet rows = statement.executeQuery(LEFT)) {
                while (rows.next()) {
                    left.add(rows.getString(1));
                }
            }
            for (String one : left) {
                statement.execute("drop table if exists " + quoted(one));
            }
        }
    }

    private static void wait(Connection connection) throws SQLException {
        try (Statement statement = connection.createStatement()) {
            statement.execute(WAIT);
        }
    }

    @Override
    String declared(Kind kind) {
        return kind == Kind.TEXT ? "longtext" : super.declared(kind);
    }

    /** The lock of that name goes with the connection, however the program ends. */
    @Override
    void making(Connection connection, TableName part) throws SQLException {
        try (PreparedStatement lock = connection.prepareStatement("select get_lock(?, 0)")) {
            lock.setString(1, part.table());
            lock.executeQuery().close();
        }
    }

    @Override
    void takePlace(Statement statement, Database database, TableName part, TableName place, boolean isThere)
            throws SQLException {
        String old = database.quoted(part.called(part.table() + "_old"));
        String name = database.quoted(place);
        String swap =
                "rename table " + (isThere ? name + " to " + old + ", " : "") + database.quoted(part) + " to " + name;
        statement.execute(swap);
        if (isThere) {
            statement.execute("drop table " + old);
        }
    }
}
