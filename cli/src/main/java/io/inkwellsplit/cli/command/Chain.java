package io.inkwellsplit.cli.command;

import io.inkwellsplit.cli.terminal.Surroundings;
import io.inkwellsplit.table.job.Job;
import io.inkwellsplit.table.job.JobStep;
import java.util.ArrayList;
import java.util.List;
import picocli.CommandLine;
import picocli.CommandLine.ParameterException;
import picocli.CommandLine.ParseResult;

/** Several commands on one table, with the word {@code next} between them: their steps make one job. */
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
    static int execute(Surroundings surroundings, List<List<String>> segments) {
        List<StepCommand> commands = new ArrayList<>();
        List<JobStep> steps = new ArrayList<>();
        try {
            for (int i = 0; i < segments.size(); i++) {
                // Each is parsed anew, so that options of the same command do not mix.
                CommandLine line = Commands.line(surroundings);
                ParseResult parse = line.parseArgs(segments.get(i).toArray(String[]::new));
                if (CommandLine.printHelpIfRequested(parse)) {
                    return ExitCodes.DONE;
                }
                StepCommand command = command(line, parse, i);
                if (i < segments.size() - 1 && command.hasOutput()) {
                    throw new ParameterException(line, "Only the last of several commands names the output");
                }
                commands.add(command);
                steps.add(command.step());
            }
            StepCommand last = commands.get(commands.size() - 1);
            Job job = Job.of(commands.get(0).input(), steps, last.output());
            return last.session().run(job);
        } catch (ParameterException e) {
            return Failures.badSetting(e, segments.get(0).toArray(String[]::new));
        } catch (RuntimeException e) {
            return Failures.failed(e, surroundings.err());
        }
    }

    private static StepCommand command(CommandLine line, ParseResult parse, int index) {
        ParseResult sub = parse.hasSubcommand() ? parse.subcommand() : parse;
        String name = sub.commandSpec().name();
        if (!(sub.commandSpec().userObject() instanceof StepCommand command)) {
            throw new ParameterException(line, name + " works on no table, and cannot stand among several commands");
        }
        if (index > 0 && !sub.matchedPositionals().isEmpty()) {
            throw new ParameterException(line, name + " follows another command and takes its table; name no file");
        }
        return command;
    }
}
