package io.inkwellsplit.table.step;

import java.util.List;

/** A step that brings rows into the order of a key. */
public interface Keyed extends BoundStep {
    /**
     * {@return by what a row is put in its place: the smaller key comes first, byte by byte, each from 0 to 255}
     *
     * @param cells the cells, one for each title of the header
     */
    byte[] key(List<String> cells);
}
