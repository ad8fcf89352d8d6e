package io.inkwellsplit.cli;

import io.inkwellsplit.cli.command.Commands;
import io.inkwellsplit.cli.command.ExitCodes;
import io.inkwellsplit.cli.command.Failures;
import io.inkwellsplit.cli.terminal.StandardOutput;
import io.inkwellsplit.cli.terminal.Surroundings;
import io.inkwellsplit.cli.terminal.VisibleWriter;
import java.io.OutputStream;
import java.io.OutputStreamWriter;
import java.io.PrintWriter;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import picocli.CommandLine.Help;

/** The command {@code inkwell}, started by the machine. */
public final class Main {
    private Main() {}

    /** Runs a command and ends the program with its exit code. */
    public static void main(String[] args) {
        WarmUp.start(args);
        StandardOutput standard = new StandardOutput();
        PrintWriter out = visible(standard);
        PrintWriter err = visible(System.err);
        Surroundings surroundings = new Surroundings(Path.of(""), System.in, standard, out, err);
        System.exit(written(standard, out, err, Commands.run(surroundings, args)));
    }

    private static PrintWriter visible(OutputStream to) {
        boolean weights = Help.Ansi.AUTO.enabled();
        return new PrintWriter(new VisibleWriter(new OutputStreamWriter(to, StandardCharsets.UTF_8), weights), true);
    }

    /** Returns the exit code; what was said to nobody has failed, whatever else was done. */
    static int written(StandardOutput standard, PrintWriter out, PrintWriter err, int code) {
        out.flush();
        if (standard.failure().isEmpty() || code != ExitCodes.DONE && code != ExitCodes.SET_ASIDE) {
            return code;
        }
        return Failures.failed(standard.failure().get(), err);
    }
}
