package io.inkwellsplit.table.part;

import java.util.List;

/** Makes a text from the cells of a row. Confined to one thread. */
public interface RowText {
    /**
     * {@return the text; empty where there is none}
     *
     * @param cells the cells of the row
     */
    String of(List<String> cells);
}
