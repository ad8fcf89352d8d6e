package io.inkwellsplit.table.step;

import java.util.List;

/** Makes a text from the cells of a row. */
interface RowText {
    /** Returns the text; empty where there is none. */
    String of(List<String> cells);
}
