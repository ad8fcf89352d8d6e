package io.inkwellsplit.cli;

import java.util.ArrayList;
import java.util.List;
import picocli.CommandLine;
import picocli.CommandLine.ParameterException;
import picocli.CommandLine.ParseResult;

/** Several commands on one table, with the word {@code then} between them: their steps make one run. */
final class Chain {
    private static final String THEN = "then";

    private Chain() {}

    /** Returns whether arguments are several commands; a {@code then} that no command follows is a value like any other. */
    static boolean isOne(CommandLine line, String... args) {
        return segments(line, args).size() > 1;
    }

    private static List<List<String>> segments(CommandLine line, String... args) {
        List<List<String>> segments = new ArrayList<>(List.of(new ArrayList<>()));
        for (int i = 0; i < args.length; i++) {
            boolean next = args[i].equals(THEN)
                    && i > 0
                    && i + 1 < args.length
                    && line.getSubcommands().containsKey(args[i + 1]);
            if (next) {
                segments.add(new ArrayList<>());
            } else {
                segments.get(segments.size() - 1).add(args[i]);
            }
        }
        return segments;
    }

    /** Runs the commands; returns the exit code. */
    static int execute(CommandLine line, String... args) {
        List<List<String>> segments = segments(line, args);
        String[] first = segments.get(0).toArray(String[]::new);
        List<TableCommand> following = new ArrayList<>();
        try {
            if (!(parsed(line, first) instanceof TableCommand head) || head.output.isGiven()) {
                throw new ParameterException(
                        line, "The first of several commands works on a table, and the last one names the output");
            }
            for (int i = 1; i < segments.size(); i++) {
                // Each is parsed anew, so that options of the same command do not mix.
                CommandLine own = Main.commandLine(line.getOut(), line.getErr());
                TableCommand next = next(own, segments.get(i).toArray(String[]::new));
                if (i < segments.size() - 1 && next.output.isGiven()) {
                    throw new ParameterException(own, "Only the last of several commands names the output");
                }
                following.add(next);
            }
        } catch (ParameterException e) {
            return Main.badSetting(e, args);
        }
        line.setExecutionStrategy(parse -> {
            CommandLine command = parse.subcommand().commandSpec().commandLine();
            TableCommand head = command.getCommand();
            following.forEach(head::follow);
            return new CommandLine.RunLast().execute(parse);
        });
        return line.execute(first);
    }

    private static Object parsed(CommandLine line, String... args) {
        ParseResult parse = line.parseArgs(args);
        return parse.hasSubcommand() ? parse.subcommand().commandSpec().userObject() : line;
    }

    private static TableCommand next(CommandLine line, String... args) {
        ParseResult parse = line.parseArgs(args);
        ParseResult sub = parse.subcommand();
        if (!(sub.commandSpec().userObject() instanceof TableCommand command)) {
            throw new ParameterException(line, args[0] + " works on no table, and cannot follow another command");
        }
        if (!sub.matchedPositionals().isEmpty()) {
            throw new ParameterException(line, args[0] + " follows another command and takes its table; name no file");
        }
        return command;
    }
}
