package io.inkwellsplit.table;

import java.io.Closeable;
import java.nio.file.Path;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** A sink that writes a file: whole when {@link #finish} is called, or not at all. */
public interface TableOutput extends RowSink, Closeable {
    /** {@return the file of the rows that were set aside; null if there were none} */
    @Nullable Path asideFile();

    /** {@return what is to be said of what was written, in sentences for the summary} */
    default List<String> notes() {
        return List.of();
    }

    /** Throws away what was not finished. */
    @Override
    void close();
}
