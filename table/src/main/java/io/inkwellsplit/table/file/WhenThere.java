package io.inkwellsplit.table.file;

/** What to do when a file that is to be written is there already. */
public enum WhenThere {
    REFUSE,
    REPLACE
}
