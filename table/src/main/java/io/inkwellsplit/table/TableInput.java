package io.inkwellsplit.table;

import java.io.Closeable;
import java.util.List;
import java.util.Map;

/** A table that is read from somewhere, and gives that back when it is closed. Confined to one thread. */
public interface TableInput extends RowSource, Closeable {
    /** {@return how text beside it is written: an output of the same kind, or the rows that are set aside} */
    Dialect dialect();

    /** {@return what is to be said of how it was read, in sentences} */
    default List<String> notes() {
        return List.of();
    }

    /** {@return the names of all tables in its file, where a file of this form holds several; empty elsewhere} */
    default List<String> tables() {
        return List.of();
    }

    /** {@return whether its columns have names of their own, as in a database; elsewhere a first row may be taken for titles} */
    default boolean hasNamedColumns() {
        return false;
    }

    /** {@return what its columns hold, by their titles; empty where that is not known, as in text; the table may be gone through for it} */
    default Map<String, ColumnType> types() {
        return Map.of();
    }

    /** {@return what its columns mean, by their titles, where a file of this form says so; empty elsewhere} */
    default Map<String, String> meanings() {
        return Map.of();
    }

    /** Gives back what it holds; nothing that was read is lost by it. */
    @Override
    void close();
}
