package io.inkwellsplit.cli;

import io.inkwellsplit.table.TableException;

/** What the program tells the shell; listed in {@code docs/reference.md}. */
final class ExitCodes {
    static final int DONE = 0;
    /** A fault of the program itself. */
    static final int FAULT = 1;
    /** A command, an option, a column or a pattern that cannot be used. */
    static final int SETTING = 2;
    /** The run went through, but some rows were set aside. */
    static final int SET_ASIDE = 3;

    static final int INPUT = 4;
    static final int OUTPUT = 5;
    static final int CLOSED = 6;

    private ExitCodes() {}

    static int of(TableException.Problem problem) {
        return switch (problem) {
            case SETTING -> SETTING;
            case INPUT -> INPUT;
            case OUTPUT -> OUTPUT;
            case CLOSED -> CLOSED;
        };
    }
}
