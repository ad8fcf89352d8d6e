package io.inkwellsplit.databases;

import io.inkwellsplit.table.TableException;
import io.inkwellsplit.table.TableException.Problem;
import java.io.IOException;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.SQLException;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.stream.Collectors;

/** A database that is connected to, by the file that leads to it. Confined to one thread. */
final class Database implements AutoCloseable {
    private static final int MOST_TOLD = 10;

    private final String name;
    private final Connection connection;
    private final Engine engine;
    private final Map<String, String> queries;
    private final Runnable onClose;
    private final Runnable onDiscard;
    private final Path place;
    private String reads = "";

    /** The tables that are read at this time, by the files that lead to them: a reader need not have named its table. */
    private static final Set<String> READ = ConcurrentHashMap.newKeySet();

    /**
     * What is read.
     *
     * @param called what messages call it
     * @param query the query
     */
    record Source(String called, String query) {}

    Database(
            String name,
            Connection connection,
            Engine engine,
            Map<String, String> queries,
            Runnable onClose,
            Runnable onDiscard) {
        this.name = name;
        this.place = real(name);
        this.connection = connection;
        this.engine = engine;
        this.queries = queries;
        this.onClose = onClose;
        this.onDiscard = onDiscard;
    }

    /** Returns a database with a connection of its own. */
    static Database of(String name, Connection connection, Map<String, String> queries) throws SQLException {
        Engine engine = Engine.of(connection);
        connection.setAutoCommit(false);
        return new Database(name, connection, engine, queries, () -> closed(connection), () -> {});
    }

    private static Path real(String name) {
        try {
            return Path.of(name).toRealPath();
        } catch (IOException e) {
            return Path.of(name).toAbsolutePath();
        }
    }

    private static void closed(Connection connection) {
        try {
            if (!connection.isClosed()) {
                connection.rollback();
            }
            connection.close();
        } catch (SQLException e) {
            // A connection that is lost is closed already, and nothing was kept.
            return;
        }
    }

    String name() {
        return name;
    }

    String called(String table) {
        return name + "#" + table;
    }

    Connection connection() {
        return connection;
    }

    Engine engine() {
        return engine;
    }

    /** Readies it to be read in one snapshot; before anything else is asked of it. */
    Database reading() {
        try {
            engine.startReading(connection);
            return this;
        } catch (SQLException e) {
            throw Trouble.connecting(name, e);
        }
    }

    /** Returns what is to be read: a query of that name, or else a table; the only table where no name is given. */
    Source toRead(String table) {
        if (queries.containsKey(table)) {
            return new Source(called(table), queries.get(table));
        }
        try {
            List<TableName> all = engine.tables(connection);
            if (table.isEmpty() && all.size() != 1) {
                throw new TableException(
                        Problem.INPUT,
                        name + " " + told(all) + "; name one behind a #: "
                                + called(all.isEmpty() ? "TABLE" : all.get(0).written()) + ".");
            }
            TableName found = table.isEmpty()
                    ? all.get(0)
                    : find(all, table)
                            .orElseThrow(() -> new TableException(
                                    Problem.INPUT, name + " has no table " + table + "; it " + told(all) + "."));
            if (READ.add(key(found))) {
                reads = key(found);
            }
            return new Source(called(found.written()), "select * from " + quoted(found));
        } catch (SQLException e) {
            throw Trouble.reading(name, e);
        }
    }

    private String key(TableName table) {
        return place + "#" + table.schema() + "#" + table.table();
    }

    /** Returns whether a table is one that is read at this time. */
    boolean isRead(TableName table) {
        return READ.contains(key(table));
    }

    private static String told(List<TableName> all) {
        String names = all.stream().limit(MOST_TOLD).map(TableName::written).collect(Collectors.joining(", "));
        return all.isEmpty()
                ? "holds no table"
                : "holds the " + (all.size() == 1 ? "table " : "tables ") + names
                        + (all.size() > MOST_TOLD ? " …" : "");
    }

    /** Returns the table that is meant to be read: written so, or else the only one that differs in capitals alone. */
    private static Optional<TableName> find(List<TableName> all, String written) {
        return exactly(all, written).or(() -> butForCapitals(all, written));
    }

    private static Optional<TableName> exactly(List<TableName> all, String written) {
        return all.stream()
                .filter(one -> one.isUsual() && one.table().equals(written)
                        || (one.schema() + "." + one.table()).equals(written))
                .findFirst();
    }

    /** A table of another schema is only meant where that is named. */
    private static Optional<TableName> butForCapitals(List<TableName> all, String written) {
        String small = written.toLowerCase(Locale.ROOT);
        List<TableName> alike = all.stream()
                .filter(one ->
                        one.isUsual() && one.table().toLowerCase(Locale.ROOT).equals(small))
                .toList();
        return alike.size() == 1 ? Optional.of(alike.get(0)) : Optional.empty();
    }

    /** Returns the table that would be replaced by one of a name: none that the database tells from it. */
    Optional<TableName> toReplace(String written) {
        try {
            List<TableName> all = engine.tables(connection);
            return exactly(all, written)
                    .or(() -> engine.tellsCapitals() ? Optional.empty() : butForCapitals(all, written));
        } catch (SQLException e) {
            throw Trouble.writing(called(written), e);
        }
    }

    boolean isQuery(String table) {
        return queries.containsKey(table);
    }

    /** Returns names in the database's quotes. */
    List<String> quotedAll(List<String> titles) {
        List<String> quoted = new ArrayList<>();
        titles.forEach(title -> quoted.add(engine.quoted(title)));
        return quoted;
    }

    String quoted(TableName table) {
        return table.schema().isEmpty()
                ? engine.quoted(table.table())
                : engine.quoted(table.schema()) + "." + engine.quoted(table.table());
    }

    /** Throws away what was not committed, and what was made for it. */
    void discard() {
        close();
        onDiscard.run();
    }

    @Override
    public void close() {
        READ.remove(reads);
        reads = "";
        onClose.run();
    }
}
