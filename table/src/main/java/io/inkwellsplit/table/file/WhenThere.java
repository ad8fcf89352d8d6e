package io.inkwellsplit.table.file;

/** What to do when a file that is to be written is there already. */
public enum WhenThere {
    /** It stays, and the run ends with a sentence. */
    REFUSE,
    /** It is replaced when the run has ended well. */
    REPLACE,
    /** It is replaced when the run has ended well, and kept beside the new one, with {@code .before} behind its name. */
    REPLACE_AND_KEEP
}
