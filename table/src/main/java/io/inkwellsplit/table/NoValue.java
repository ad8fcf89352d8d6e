package io.inkwellsplit.table;

/**
 * The cell for what a database, a record or a column has no value for. It is empty like any empty cell, and told from an empty
 * text by being this one object; a step that makes a cell anew makes an empty text of it.
 */
public final class NoValue {
    /** The cell. */
    @SuppressWarnings("StringOperationCanBeSimplified") // Another empty text than all others.
    public static final String CELL = new String("");

    private NoValue() {}

    /**
     * {@return whether a cell has no value}
     *
     * @param cell the cell
     */
    @SuppressWarnings({"StringEquality", "ReferenceEquality"})
    public static boolean is(String cell) {
        return cell == CELL;
    }
}
