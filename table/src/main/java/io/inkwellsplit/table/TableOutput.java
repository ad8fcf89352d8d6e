package io.inkwellsplit.table;

import java.io.Closeable;
import java.nio.file.Path;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** A sink that writes a file: whole when {@link #finish} is called, or not at all. */
public interface TableOutput extends RowSink, Closeable {
    /** {@return the file of the rows that were set aside; null if there were none} */
    @Nullable Path asideFile();

    /**
     * Starts a further table in the same file, behind all rows of this one and before {@link #finish}; the one before it
     * ends with that.
     *
     * @param name its name, which was told beforehand
     * @return what takes its rows; finishing it does nothing more
     * @throws UnsupportedOperationException if a file of this form holds one table only
     */
    default RowSink follow(String name) {
        throw new UnsupportedOperationException("a file of this form holds one table only");
    }

    /** {@return what is to be said of what was written, in sentences for the summary} */
    default List<String> notes() {
        return List.of();
    }

    /** Throws away what was not finished. */
    @Override
    void close();
}
