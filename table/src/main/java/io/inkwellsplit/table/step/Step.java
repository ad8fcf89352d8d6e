package io.inkwellsplit.table.step;

import java.util.List;

/** One operation on a table. Immutable; it can be bound to any number of tables. */
public interface Step {
    /**
     * Fits the step to a table.
     *
     * @param header the titles of the columns that come in
     * @return this step
     * @throws io.inkwellsplit.table.TableException if the table lacks a column that the step needs
     */
    BoundStep bind(List<String> header);
}
