package io.inkwellsplit.cli;

import io.inkwellsplit.table.TableException;
import io.inkwellsplit.table.TableException.Problem;
import io.inkwellsplit.table.file.FilePlan;
import io.inkwellsplit.table.file.WhenThere;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.Callable;
import org.jspecify.annotations.Nullable;
import picocli.CommandLine;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.ParameterException;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.ParseResult;
import picocli.CommandLine.Spec;

/** Runs a job. */
@Command(
        name = "run",
        description =
                "Does what a job file says: an input, steps and an output, in YAML. The same input and job give the "
                        + "same bytes.",
        mixinStandardHelpOptions = true)
final class RunCommand implements Callable<Integer> {
    @Parameters(paramLabel = "JOB", description = "The job file.")
    Path job = Path.of("");

    @Option(names = "--input", paramLabel = "FILE", description = "Read this table instead of the job's.")
    @Nullable String input;

    @Option(
            names = {"-o", "--out"},
            paramLabel = "FILE",
            description = "Write this table instead of the job's.")
    @Nullable String out;

    @Option(names = "--replace", description = "Replace the output if it is there already, whatever the job says.")
    boolean replace;

    @Option(names = "--preview", description = "Write nothing; show the first rows.")
    boolean preview;

    @Option(
            names = "--within",
            paramLabel = "FOLDER",
            description = "A folder in which the job may read and write, beside its own; repeatable.")
    List<Path> within = new ArrayList<>();

    @Mixin
    SummaryOptions summary = new SummaryOptions();

    @Spec
    CommandSpec spec = CommandSpec.create();

    @Override
    public Integer call() {
        CommandLine root = spec.commandLine().getParent();
        List<JobFile.Command> commands = JobFile.read(job, root);
        List<String> first = commands.get(0).args();
        List<String> last = commands.get(commands.size() - 1).args();
        if (input != null) {
            // Only the input stands by itself: options and their values are one word.
            first.subList(1, first.size()).removeIf(arg -> !arg.startsWith("--"));
            first.add(input);
        }
        if (out != null) {
            last.removeIf(arg -> arg.startsWith("--out="));
            last.add("--out=" + out);
        }
        if (summary.quiet) {
            last.add("--quiet");
        }
        if (summary.json) {
            last.add("--json");
        }
        if (preview) {
            last.removeIf(arg -> arg.startsWith("--out=")
                    || JobSchema.OUTPUT.stream().anyMatch(name -> arg.split("=")[0].equals("--" + name)));
            commands.forEach(command -> command.args().removeIf(arg -> arg.startsWith("--review=")));
        } else if (replace && !last.contains("--replace")) {
            last.add("--replace");
        }
        Within bounds = bounds();
        commands.forEach(command -> check(command, bounds));
        return Chain.execute(root, commands.stream().map(JobFile.Command::args).toList(), head -> {
            head.job = Optional.of(job);
            head.within = Optional.of(bounds);
        });
    }

    /** What is named on the command line is allowed by that. */
    private Within bounds() {
        Within bounds = new Within(job);
        within.forEach(bounds::folder);
        if (input != null) {
            bounds.file(Path.of(input));
        }
        Path folder = out == null ? null : Path.of(out).toAbsolutePath().getParent();
        if (folder != null && Files.isDirectory(folder)) {
            bounds.folder(folder);
        }
        return bounds;
    }

    /** Makes the steps of a command once, so that a bad setting is told with its place before anything is read. */
    private void check(JobFile.Command command, Within bounds) {
        CommandLine line =
                Main.commandLine(spec.commandLine().getOut(), spec.commandLine().getErr());
        try {
            ParseResult parsed = line.parseArgs(command.args().toArray(String[]::new));
            TableCommand step = (TableCommand) parsed.subcommand().commandSpec().userObject();
            FilePlan files = new FilePlan(WhenThere.REPLACE);
            step.plan(files);
            bounds.check(files);
            step.steps();
        } catch (ParameterException | TableException e) {
            String message = String.valueOf(e.getMessage());
            boolean ends = message.endsWith(".") || message.endsWith("?");
            throw new TableException(Problem.SETTING, command.where() + ": " + message + (ends ? "" : "."), e);
        }
    }
}
