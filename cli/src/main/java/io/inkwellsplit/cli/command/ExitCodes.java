package io.inkwellsplit.cli.command;

import io.inkwellsplit.table.TableException;

/** What the program tells the shell; listed in {@code docs/reference.md}. */
public final class ExitCodes {
    public static final int DONE = 0;
    /** A fault of the program itself. */
    public static final int FAULT = 1;
    /** A command, an option, a column or a pattern that cannot be used. */
    public static final int SETTING = 2;
    /** The run went through, but some rows were set aside. */
    public static final int SET_ASIDE = 3;

    public static final int INPUT = 4;
    public static final int OUTPUT = 5;
    public static final int CLOSED = 6;
    /** A run that was done again for a check has come out otherwise. */
    public static final int OTHERWISE = 7;

    private ExitCodes() {}

    public static int of(TableException.Problem problem) {
        return switch (problem) {
            case SETTING -> SETTING;
            case INPUT -> INPUT;
            case OUTPUT -> OUTPUT;
            case CLOSED -> CLOSED;
        };
    }
}
