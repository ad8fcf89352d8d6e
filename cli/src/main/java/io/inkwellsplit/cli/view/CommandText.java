package io.inkwellsplit.cli.view;

import io.inkwellsplit.table.job.Job;
import io.inkwellsplit.table.job.JobStep;
import io.inkwellsplit.table.kind.Values;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** Writes commands as a person would type them. */
public final class CommandText {
    private CommandText() {}

    /** Returns a line for a shell. */
    public static String of(List<String> args) {
        return Stream.concat(Stream.of("inkwell"), args.stream())
                .map(arg -> arg.matches("[-\\w./=,]+") ? arg : '"' + arg.replace("\"", "\\\"") + '"')
                .collect(Collectors.joining(" "));
    }

    /** Returns a line for a command as it was given, with files told from a folder. */
    public static String of(List<String> args, Path folder) {
        return of(args.stream().map(arg -> told(arg, folder)).toList());
    }

    /** Returns a job as commands in one line, with files told from a folder. What changes nothing in what is made is left out. */
    public static String of(Job job, Path folder) {
        List<String> all = new ArrayList<>();
        for (JobStep step : job.steps()) {
            all.addAll(
                    all.isEmpty()
                            ? List.of(step.kind().name())
                            : List.of("next", step.kind().name()));
            if (all.size() == 1) {
                job.input().texts("file").forEach(file -> all.add(told(file, folder)));
                options(job.input(), folder, all);
            }
            options(step.values(), folder, all);
        }
        options(job.output(), folder, all);
        return of(all);
    }

    private static void options(Values values, Path folder, List<String> all) {
        for (Values.Given given : values.given()) {
            boolean beside = given.name().equals("replace") || given.value().equals("false");
            boolean input = given.name().equals("file") && values.isDeclared("no-header");
            if (beside || input) {
                continue;
            }
            all.add("--" + (given.name().equals("file") ? "out" : given.name()));
            if (!values.isFlag(given.name())) {
                all.add(told(given.value(), folder));
            }
        }
    }

    /** A whole path tells of the machine alone; what counts is where the file is seen from here. */
    static String told(String arg, Path folder) {
        Path path = Path.of(arg);
        return path.isAbsolute() && folder.getRoot().equals(path.getRoot())
                ? folder.relativize(path.normalize()).toString()
                : arg;
    }
}
