package io.inkwellsplit.table.csv;

/** What is done with cells that a spreadsheet program would take for a formula. */
public enum Formulas {
    /** They are written as they are, and counted. */
    COUNT,
    /** They are counted, and written with a {@code '} before them, which makes them text. */
    GUARD
}
