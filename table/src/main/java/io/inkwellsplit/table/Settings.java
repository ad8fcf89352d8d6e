package io.inkwellsplit.table;

import io.inkwellsplit.table.TableException.Problem;
import java.io.IOException;
import java.nio.file.Path;
import java.util.function.Supplier;

/** Turns refusals into sentences for the user. Safe for use by several threads. */
public final class Settings {
    private Settings() {}

    /**
     * {@return what a setting gives}
     *
     * @param setting hands a setting to the core
     * @param <T> what comes of it
     * @throws TableException if the core refuses it
     */
    public static <T> T checked(Supplier<T> setting) {
        try {
            return setting.get();
        } catch (IllegalArgumentException e) {
            throw refused(e);
        }
    }

    /**
     * {@return what tells a user that a setting was refused}
     *
     * @param e why
     */
    public static TableException refused(RuntimeException e) {
        String message = String.valueOf(e.getMessage());
        boolean ends = message.endsWith("?") || message.endsWith(".");
        return new TableException(Problem.SETTING, message + (ends ? "" : "."), e);
    }

    /**
     * {@return what tells a user that a file is missing or cannot be read}
     *
     * @param what what the file is, such as {@code file of words}
     * @param file the file
     * @param why the failure
     */
    public static TableException unreadable(String what, Path file, IOException why) {
        return new TableException(Problem.INPUT, "There is no " + what + " " + file + ", or it cannot be read.", why);
    }

    /**
     * {@return what refuses a setting}
     *
     * @param sentence why, in a whole sentence
     */
    public static TableException refuse(String sentence) {
        return new TableException(Problem.SETTING, sentence);
    }
}
