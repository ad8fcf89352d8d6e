package io.inkwellsplit.sheets;

import io.inkwellsplit.table.ColumnType.Kind;
import java.io.Closeable;
import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/** The rows of one sheet from the first one on, blank ones in the middle among them. */
interface SheetRows extends Closeable {
    /** ECMA-376, 18.18.11. */
    Set<String> ERRORS = Set.of("#NULL!", "#DIV/0!", "#VALUE!", "#REF!", "#NAME?", "#NUM!", "#N/A");

    /** Returns the next row, without blanks at its right; null behind the last one that has something in it. */
    @Nullable List<String> next();

    /** Returns what the cells of the last row are that came; text that says an error is none. */
    List<Kind> kinds();

    /** Returns whether a text is what a spreadsheet program shows where a formula has no value. */
    static boolean isError(String text) {
        return text.startsWith("#") && ERRORS.contains(text);
    }

    @Override
    void close();
}
