package io.inkwellsplit.databases;

import io.inkwellsplit.table.TableException;
import io.inkwellsplit.table.TableException.Problem;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.SQLException;
import java.util.HashMap;
import java.util.Map;
import org.sqlite.SQLiteConfig;

/**
 * The connections to files of SQLite. Who reads and who writes the same file share one, as a reader of its own would keep
 * the writer from ending.
 */
final class SqliteFile {
    private static final int MILLIS_TO_WAIT = 10_000;
    private static final Map<Path, SqliteFile> OPEN = new HashMap<>();

    private final Path real;
    private final Connection connection;
    private int users;

    private SqliteFile(Path real, Connection connection) {
        this.real = real;
        this.connection = connection;
    }

    /** @throws TableException if there is no such file and nothing is to be written, or it cannot be opened */
    static Database open(Path file, boolean toWrite) {
        boolean isNew = !Files.exists(file);
        if (isNew && !toWrite) {
            throw new TableException(Problem.INPUT, "There is no file " + file + "; check the name and the folder.");
        }
        synchronized (OPEN) {
            try {
                if (isNew) {
                    Files.createFile(file);
                }
                Path real = file.toRealPath();
                SqliteFile shared = OPEN.get(real);
                if (shared == null) {
                    shared = new SqliteFile(real, connection(real));
                    OPEN.put(real, shared);
                }
                shared.users++;
                Runnable close = shared::close;
                Runnable discard = () -> removed(file, isNew);
                return new Database(
                        file.toString(), shared.connection, new SqliteEngine(), Map.of(), once(close), discard);
            } catch (IOException e) {
                throw new TableException(toWrite ? Problem.OUTPUT : Problem.INPUT, file + " cannot be opened.", e);
            } catch (SQLException e) {
                removed(file, isNew);
                throw Trouble.connecting(file.toString(), e);
            }
        }
    }

    private static Connection connection(Path real) throws SQLException {
        SQLiteConfig config = new SQLiteConfig();
        config.setBusyTimeout(MILLIS_TO_WAIT);
        config.setReadOnly(!Files.isWritable(real));
        Connection connection = config.createConnection("jdbc:sqlite:" + real);
        connection.setAutoCommit(false);
        return connection;
    }

    private static Runnable once(Runnable action) {
        boolean[] done = new boolean[1];
        return () -> {
            if (!done[0]) {
                done[0] = true;
                action.run();
            }
        };
    }

    private static void removed(Path file, boolean isNew) {
        try {
            if (isNew) {
                Files.deleteIfExists(file);
                // What SQLite keeps beside a file whose writer could not end.
                Files.deleteIfExists(file.resolveSibling(file.getFileName() + "-journal"));
            }
        } catch (IOException e) {
            // An empty database stays, which does no harm.
            return;
        }
    }

    private void close() {
        synchronized (OPEN) {
            users--;
            if (users > 0) {
                return;
            }
            OPEN.remove(real);
        }
        try {
            connection.rollback();
            connection.close();
        } catch (SQLException e) {
            // Nothing was kept that was not committed.
            return;
        }
    }
}
