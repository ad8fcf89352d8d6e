package io.inkwellsplit.cli.terminal;

import java.io.Console;

/** What is known of the terminal. */
public final class Terminal {
    private static final int DEFAULT_WIDTH = 100;
    private static final int MIN_WIDTH = 40;

    private Terminal() {}

    /** Returns whether a person looks at what is written to the standard streams. */
    public static boolean isWatched() {
        Console console = System.console();
        if (console == null) {
            return false;
        }
        try {
            // From JDK 22 on there is always a console, and it says itself whether it is one.
            return (boolean) Console.class.getMethod("isTerminal").invoke(console);
        } catch (ReflectiveOperationException e) {
            return true;
        }
    }

    /** Breaks a line between words where it is too long for the terminal; what follows stands further in. */
    public static String wrapped(String line) {
        StringBuilder out = new StringBuilder();
        int column = 0;
        for (String word : line.split(" ")) {
            if (column > 0 && column + 1 + word.length() > width()) {
                out.append(System.lineSeparator()).append("   ");
                column = 3;
            }
            if (out.length() > 0) {
                out.append(' ');
                column++;
            }
            out.append(word);
            column += word.length();
        }
        return out.toString();
    }

    /** Returns the number of columns, as the shell or the launcher tells it. */
    public static int width() {
        String columns = System.getenv("COLUMNS");
        if (columns != null && columns.matches("[0-9]{1,4}")) {
            return Math.max(MIN_WIDTH, Integer.parseInt(columns));
        }
        return DEFAULT_WIDTH;
    }
}
