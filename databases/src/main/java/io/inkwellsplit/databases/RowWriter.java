package io.inkwellsplit.databases;

import java.sql.SQLException;
import java.util.List;

/** Puts rows into a table. */
interface RowWriter extends AutoCloseable {
    /**
     * Takes a row.
     *
     * @param cells its cells; {@link Null#CELL} and null are no value
     */
    void row(List<String> cells) throws SQLException;

    /** Sends what is held back. */
    void end() throws SQLException;

    /** Gives up what was not ended. */
    @Override
    void close();
}
