package io.inkwellsplit.cli;

/** What is known of the terminal. */
final class Terminal {
    private static final int DEFAULT_WIDTH = 100;
    private static final int MIN_WIDTH = 40;

    private Terminal() {}

    /** Returns the number of columns, as the shell or the launcher tells it. */
    static int width() {
        String columns = System.getenv("COLUMNS");
        if (columns != null && columns.matches("[0-9]{1,4}")) {
            return Math.max(MIN_WIDTH, Integer.parseInt(columns));
        }
        return DEFAULT_WIDTH;
    }
}
