package io.inkwellsplit.table.step;

import io.inkwellsplit.table.TableException;
import io.inkwellsplit.table.TableException.Problem;
import java.io.IOException;
import java.nio.file.Path;
import java.util.function.Supplier;

/** Turns the refusal of a setting by the core into a sentence for the user. */
final class Settings {
    private Settings() {}

    /** @throws TableException if the core refuses the setting */
    static <T> T checked(Supplier<T> setting) {
        try {
            return setting.get();
        } catch (IllegalArgumentException e) {
            throw refused(e);
        }
    }

    static TableException refused(RuntimeException e) {
        String message = String.valueOf(e.getMessage());
        boolean ends = message.endsWith("?") || message.endsWith(".");
        return new TableException(Problem.SETTING, message + (ends ? "" : "."), e);
    }

    static TableException unreadable(String what, Path file, IOException why) {
        return new TableException(Problem.INPUT, "There is no " + what + " " + file + ", or it cannot be read.", why);
    }

    static TableException refuse(String sentence) {
        return new TableException(Problem.SETTING, sentence);
    }
}
