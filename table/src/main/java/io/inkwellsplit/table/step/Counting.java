package io.inkwellsplit.table.step;

import java.util.List;

/**
 * A step that counts how often the values of some columns come together, for whoever can count by other means: the most
 * frequent come first, and of as many the smaller values, byte by byte in UTF-8.
 */
public interface Counting extends BoundStep {
    /** {@return the places of the columns whose values are counted, from 0, in their order} */
    List<Integer> counted();

    /**
     * {@return the row for some values}
     *
     * @param values the values, one for each column that is counted
     * @param count how many rows have them
     * @param total how many rows there are
     */
    List<String> row(List<String> values, long count, long total);
}
