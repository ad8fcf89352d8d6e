package io.inkwellsplit.cli;

import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import picocli.CommandLine.ParseResult;

/** Writes commands as a person would type them. */
final class CommandText {
    /** What changes nothing in what is made. */
    private static final Set<String> BESIDE = Set.of("--replace", "--quiet", "-q", "--json");

    private CommandText() {}

    /** Returns a line for a shell. */
    static String of(List<String> args) {
        return Stream.concat(Stream.of("inkwell"), args.stream())
                .map(arg -> arg.matches("[-\\w./=,]+") ? arg : '"' + arg.replace("\"", "\\\"") + '"')
                .collect(Collectors.joining(" "));
    }

    /** Returns a line for several commands in one run, with files told from a folder. */
    static String of(List<ParseResult> commands, Path folder) {
        List<String> all = new ArrayList<>();
        for (ParseResult command : commands) {
            if (!all.isEmpty()) {
                all.add("next");
            }
            all.add(command.commandSpec().name());
            command.originalArgs().stream()
                    .filter(arg -> !arg.equals(command.commandSpec().name()) && !BESIDE.contains(arg))
                    .forEach(arg -> all.add(told(arg, folder)));
        }
        return of(all);
    }

    /** A whole path tells of the machine alone; what counts is where the file is seen from here. */
    private static String told(String arg, Path folder) {
        int value = arg.startsWith("--") ? arg.indexOf('=') + 1 : 0;
        Path path = Path.of(arg.substring(value));
        return path.isAbsolute() && folder.getRoot().equals(path.getRoot())
                ? arg.substring(0, value) + folder.relativize(path.normalize())
                : arg;
    }
}
