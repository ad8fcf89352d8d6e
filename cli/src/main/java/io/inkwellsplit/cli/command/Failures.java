package io.inkwellsplit.cli.command;

import io.inkwellsplit.table.TableException;
import java.io.PrintWriter;
import picocli.CommandLine;
import picocli.CommandLine.ParameterException;

/** Says what went wrong, in a sentence, and with which exit code. */
public final class Failures {
    private Failures() {}

    static int badSetting(ParameterException e, String[] args) {
        PrintWriter err = e.getCommandLine().getErr();
        String message = String.valueOf(e.getMessage());
        err.println(message.endsWith(".") ? message : message + ".");
        CommandLine.UnmatchedArgumentException.printSuggestions(e, err);
        err.println("See: " + e.getCommandLine().getCommandSpec().qualifiedName() + " --help");
        return ExitCodes.SETTING;
    }

    /** Says what went wrong; returns the exit code. */
    public static int failed(Exception e, PrintWriter err) {
        if (e instanceof TableException table) {
            err.println(table.getMessage());
            return ExitCodes.of(table.problem());
        }
        // Only the place is told, never a value: names and addresses are personal data.
        err.println("This is a fault of the program: " + e.getClass().getSimpleName() + " at "
                + (e.getStackTrace().length > 0 ? e.getStackTrace()[0] : "an unknown place")
                + ". Nothing was written.");
        return ExitCodes.FAULT;
    }
}
