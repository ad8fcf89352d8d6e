package io.inkwellsplit.cli;

import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.function.Consumer;
import org.jspecify.annotations.Nullable;
import picocli.CommandLine;
import picocli.CommandLine.ExecutionException;
import picocli.CommandLine.ParameterException;
import picocli.CommandLine.ParseResult;

/** Several commands on one table, with the word {@code next} between them: their steps make one run. */
final class Chain {
    private static final String NEXT = "next";

    private Chain() {}

    /** Returns the commands; a {@code next} that no command follows is a value like any other. */
    static List<List<String>> segments(CommandLine line, String... args) {
        List<List<String>> segments = new ArrayList<>(List.of(new ArrayList<>()));
        for (int i = 0; i < args.length; i++) {
            boolean follows = args[i].equals(NEXT)
                    && i > 0
                    && i + 1 < args.length
                    && line.getSubcommands().containsKey(args[i + 1]);
            if (follows) {
                segments.add(new ArrayList<>());
            } else {
                segments.get(segments.size() - 1).add(args[i]);
            }
        }
        return segments;
    }

    /** Runs the commands; returns the exit code. */
    static int execute(CommandLine line, List<List<String>> segments) {
        return execute(line, segments, head -> {});
    }

    /** Runs the commands, the first of which is told something before. */
    static int execute(CommandLine line, List<List<String>> segments, Consumer<TableCommand> told) {
        CommandLine bad = line;
        try {
            @Nullable TableCommand head = null;
            for (int i = 0; i < segments.size(); i++) {
                // Each is parsed anew, so that options of the same command do not mix.
                bad = Main.commandLine(line.getOut(), line.getErr());
                ParseResult parse = bad.parseArgs(segments.get(i).toArray(String[]::new));
                if (CommandLine.printHelpIfRequested(parse)) {
                    return ExitCodes.DONE;
                }
                TableCommand command = command(bad, parse, i);
                if (i < segments.size() - 1 && command.output.isGiven()) {
                    throw new ParameterException(bad, "Only the last of several commands names the output");
                }
                if (head == null) {
                    head = command;
                } else {
                    head.follow(command);
                }
            }
            told.accept(Objects.requireNonNull(head));
            return call(line, head);
        } catch (ParameterException e) {
            return Main.badSetting(e, segments.get(0).toArray(String[]::new));
        }
    }

    private static int call(CommandLine line, TableCommand head) {
        try {
            return head.call();
        } catch (ParameterException | ExecutionException e) {
            throw e;
        } catch (RuntimeException e) {
            return Main.failed(e, line, null);
        }
    }

    private static TableCommand command(CommandLine line, ParseResult parse, int index) {
        ParseResult sub = parse.hasSubcommand() ? parse.subcommand() : parse;
        String name = sub.commandSpec().name();
        if (!(sub.commandSpec().userObject() instanceof TableCommand command)) {
            throw new ParameterException(line, name + " works on no table, and cannot stand among several commands");
        }
        if (index > 0 && !sub.matchedPositionals().isEmpty()) {
            throw new ParameterException(line, name + " follows another command and takes its table; name no file");
        }
        return command;
    }
}
