package io.inkwellsplit.databases;

/**
 * The cell for what a database has no value for. It is empty like any empty cell, and told from an empty text by being this
 * one object; a step that makes a cell anew makes an empty text of it.
 */
final class Null {
    @SuppressWarnings("StringOperationCanBeSimplified") // Another empty text than all others.
    static final String CELL = new String("");

    private Null() {}

    @SuppressWarnings({"StringEquality", "ReferenceEquality"})
    static boolean is(String cell) {
        return cell == CELL;
    }
}
