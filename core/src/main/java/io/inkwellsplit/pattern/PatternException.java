package io.inkwellsplit.pattern;

/** A pattern that cannot be used; the message says what is wrong, where, and how to mend it. */
public final class PatternException extends IllegalArgumentException {
    private final int position;

    PatternException(String message, int position) {
        super(message);
        this.position = position;
    }

    /** {@return where in the pattern the trouble is, as a {@code char} index from 0} */
    public int position() {
        return position;
    }
}
