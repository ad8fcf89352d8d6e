package io.inkwellsplit.databases;

import io.inkwellsplit.table.TableException;
import io.inkwellsplit.table.TableException.Problem;
import io.inkwellsplit.table.file.TableInFile;
import io.inkwellsplit.table.file.WhenThere;
import java.nio.file.Path;
import java.util.Locale;
import java.util.Properties;

/**
 * A table that a connection file leads to, for an engine that reads and writes it over connections of its own, maybe from several
 * machines. What is written takes its name, or the place of an older table, only when {@link #appear} is called. Confined to one
 * thread.
 */
public final class SharedTable implements AutoCloseable {
    private final ConnectionFile file;
    private final String url;
    private final String text;
    private final Runnable onAppear;
    private final Runnable onClose;

    private SharedTable(ConnectionFile file, Database database, String text, Runnable onAppear, Runnable onClose) {
        this.file = file;
        this.url = database.engine().urlForOthers(file.url());
        this.text = text;
        this.onAppear = onAppear;
        this.onClose = onClose;
    }

    /**
     * {@return whether a connection file is named, with or without a table}
     *
     * @param named the name as people write it
     */
    public static boolean isNamed(String named) {
        String name = String.valueOf(TableInFile.of(Path.of(named)).file()).toLowerCase(Locale.ROOT);
        return ConnectionFormat.ENDINGS.stream().anyMatch(name::endsWith);
    }

    /**
     * {@return a table or a query to be read}
     *
     * @param named the connection file, and behind a {@code #} the table or query
     * @throws TableException if there is none, or the database cannot be reached
     */
    public static SharedTable toRead(Path named) {
        TableInFile place = TableInFile.of(named);
        ConnectionFile file = shared(place);
        Database database = file.connect();
        try {
            String query = database.reading().toRead(place.table()).query();
            // Until it is closed, the table counts as one that is read, and nobody writes into it.
            return new SharedTable(file, database, "(" + query + ") inkwell_read", () -> {}, database::close);
        } catch (RuntimeException e) {
            database.close();
            throw e;
        }
    }

    /**
     * {@return a table to be written: {@link #text} is its name until it appears}
     *
     * @param named the connection file, and behind a {@code #} the table
     * @param whenThere what becomes of one that is there already
     * @throws TableException if there is one and it may not be replaced, or the database cannot be reached
     */
    public static SharedTable toWrite(Path named, WhenThere whenThere) {
        TableInFile place = TableInFile.of(named);
        ConnectionFile file = shared(place);
        Database database = file.connect();
        try {
            PendingTable table = new PendingTable(database, place.table(), whenThere);
            return new SharedTable(file, database, table.shared(), table::appear, table::discard);
        } catch (RuntimeException e) {
            database.close();
            throw e;
        }
    }

    private static ConnectionFile shared(TableInFile place) {
        ConnectionFile file = ConnectionFile.read(place.file());
        if (file.driver() != null) {
            throw new TableException(
                    Problem.SETTING,
                    place.file() + " names a driver, which other machines do not have; "
                            + "give its jar to the engine, with --jars, and leave it out there.");
        }
        return file;
    }

    /** {@return the URL of the database, in a form by which an engine knows its language} */
    public String url() {
        return url;
    }

    /** {@return user and password, as a connection takes them; not to be shown} */
    public Properties settings() {
        return file.settings();
    }

    /** {@return what stands for the table in SQL, behind {@code from} or {@code insert into}} */
    public String text() {
        return text;
    }

    /** Gives what was written its name; once. */
    public void appear() {
        onAppear.run();
    }

    /** Throws away what was written and has not appeared; ends a table's being read. */
    @Override
    public void close() {
        onClose.run();
    }
}
