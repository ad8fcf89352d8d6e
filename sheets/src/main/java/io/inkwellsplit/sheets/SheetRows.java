package io.inkwellsplit.sheets;

import java.io.Closeable;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** The rows of one sheet from the first one on, blank ones in the middle among them. */
interface SheetRows extends Closeable {
    /** Returns the next row, without blanks at its right; null behind the last one that has something in it. */
    @Nullable List<String> next();

    @Override
    void close();
}
