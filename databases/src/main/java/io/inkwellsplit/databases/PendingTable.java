package io.inkwellsplit.databases;

import io.inkwellsplit.table.ColumnType;
import io.inkwellsplit.table.TableException;
import io.inkwellsplit.table.TableException.Problem;
import io.inkwellsplit.table.file.Deliverable;
import io.inkwellsplit.table.file.WhenThere;
import java.security.SecureRandom;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.HexFormat;
import java.util.List;
import java.util.Optional;

/**
 * A table that is made under another name, in a transaction, and takes its own when all else has appeared. Where a database
 * ends the transaction when a table is made, one that was not finished is dropped.
 */
final class PendingTable implements Deliverable {
    private static final String PART = "inkwell_part_";

    private final Database database;
    private final TableName place;
    private final TableName part;
    private final boolean isThere;
    private boolean made;
    private boolean madeByOthers;
    private boolean ended;

    /** @throws TableException if there is a table of the name and it may not be replaced, or none may be made */
    PendingTable(Database database, String table, WhenThere whenThere) {
        this.database = database;
        String called = database.called(table);
        if (table.isEmpty()) {
            throw new TableException(
                    Problem.OUTPUT,
                    database.name() + " holds tables; name the one to write behind a #: " + database.name()
                            + "#patrons_split.");
        }
        if (database.isQuery(table)) {
            throw new TableException(Problem.OUTPUT, called + " is a query, which is read only; give another name.");
        }
        Optional<TableName> there = database.toReplace(table);
        this.isThere = there.isPresent();
        this.place = there.orElseGet(() -> named(table));
        this.part = place.called(PART + HexFormat.of().formatHex(random()));
        if (isThere && whenThere == WhenThere.REFUSE) {
            throw new TableException(
                    Problem.OUTPUT, called + " is there already; give --replace to replace it, or another name.");
        }
        if (isThere && database.isRead(place)) {
            throw new TableException(
                    Problem.SETTING,
                    called + " is the table that is read, and an input is never written; give another name.");
        }
        if (place.isView()) {
            throw new TableException(Problem.OUTPUT, called + " is a view, and no table; give another name.");
        }
        try {
            database.engine().startWriting(database.connection());
        } catch (SQLException e) {
            throw Trouble.writing(called, e);
        }
    }

    private static byte[] random() {
        byte[] bytes = new byte[8];
        new SecureRandom().nextBytes(bytes);
        return bytes;
    }

    /** {@code festival.patrons} is a table in a schema, where the database has schemas. */
    private TableName named(String table) {
        int dot = table.indexOf('.');
        boolean schema = dot > 0 && database.engine() instanceof PostgresEngine;
        return schema
                ? new TableName(table.substring(0, dot), table.substring(dot + 1), false, false)
                : new TableName("", table, true, false);
    }

    @Override
    public String named() {
        return database.called(place.written());
    }

    /** Makes the table, and returns what puts rows into it. */
    RowWriter make(List<String> titles, List<ColumnType> types) {
        StringBuilder columns = new StringBuilder();
        for (int i = 0; i < titles.size(); i++) {
            columns.append(i == 0 ? "" : ", ")
                    .append(database.engine().quoted(titles.get(i)))
                    .append(' ')
                    .append(database.engine().declared(types.get(i)));
        }
        try (Statement statement = database.connection().createStatement()) {
            database.engine().making(database.connection(), part);
            statement.execute("create table " + database.quoted(part) + " (" + columns + ")");
            made = true;
            return database.engine().writer(database.connection(), database.quoted(part), database.quotedAll(titles));
        } catch (SQLException e) {
            throw Trouble.writing(named(), e);
        }
    }

    /** Leaves it to others to make the table, over connections of their own; returns the name it has until it appears. */
    String shared() {
        try {
            database.engine().making(database.connection(), part);
            database.connection().commit();
            madeByOthers = true;
            return database.quoted(part);
        } catch (SQLException e) {
            throw Trouble.writing(named(), e);
        }
    }

    @Override
    public void appear() {
        try (Statement statement = database.connection().createStatement()) {
            database.engine().takePlace(statement, database, part, place, isThere);
            database.connection().commit();
            ended = true;
        } catch (SQLException e) {
            throw Trouble.writing(named(), e);
        }
        database.close();
    }

    @Override
    public void discard() {
        if (ended) {
            return;
        }
        ended = true;
        try {
            database.connection().rollback();
            if (madeByOthers || made && !database.engine().makesTablesInTransactions()) {
                try (Statement statement = database.connection().createStatement()) {
                    statement.execute("drop table if exists " + database.quoted(part));
                    database.connection().commit();
                }
            }
        } catch (SQLException e) {
            // The connection is lost: the database has thrown away what was not committed.
            return;
        } finally {
            database.discard();
        }
    }
}
