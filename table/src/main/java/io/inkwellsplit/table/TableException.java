package io.inkwellsplit.table;

/**
 * A table that cannot be read, worked on or written.
 *
 * <p>The message is a sentence for the user: what was wrong, where, and what to do. It holds no value of a cell.
 */
public final class TableException extends RuntimeException {
    /** What a run stumbled over. */
    public enum Problem {
        /** A setting: an unknown column, a broken pattern. */
        SETTING,
        /** The input: missing, empty, of another encoding, broken. */
        INPUT,
        /** The output: it exists already, or cannot be written. */
        OUTPUT,
        /** The reader of the output has closed it. */
        CLOSED
    }

    private final Problem problem;

    /**
     * Makes one.
     *
     * @param problem what kind of trouble it is
     * @param message a sentence for the user
     */
    public TableException(Problem problem, String message) {
        super(message);
        this.problem = problem;
    }

    /**
     * Makes one.
     *
     * @param problem what kind of trouble it is
     * @param message a sentence for the user
     * @param cause what lies behind it
     */
    public TableException(Problem problem, String message, Throwable cause) {
        super(message, cause);
        this.problem = problem;
    }

    /** {@return what kind of trouble it is} */
    public Problem problem() {
        return problem;
    }
}
