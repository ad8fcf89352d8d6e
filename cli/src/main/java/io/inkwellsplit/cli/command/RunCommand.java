package io.inkwellsplit.cli.command;

import io.inkwellsplit.cli.option.SummaryOptions;
import io.inkwellsplit.cli.terminal.Surroundings;
import io.inkwellsplit.table.format.Formats;
import io.inkwellsplit.table.job.Job;
import io.inkwellsplit.table.job.JobReader;
import io.inkwellsplit.table.job.JobRun;
import io.inkwellsplit.table.job.RunRecord;
import io.inkwellsplit.table.job.Within;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.Callable;
import org.jspecify.annotations.Nullable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;

/** Does what a job file says. */
@Command(
        name = "run",
        description = "Does what a job file says; inkwell … --save-job FILE writes one.",
        mixinStandardHelpOptions = true)
final class RunCommand implements Callable<Integer> {
    private final Surroundings surroundings;

    @Parameters(paramLabel = "JOB", description = "The job file.")
    Path job = Path.of("");

    @Option(names = "--input", paramLabel = "FILE", description = "Read this table instead of the job's.")
    @Nullable Path input;

    @Option(
            names = {"-o", "--out"},
            paramLabel = "FILE",
            description = "Write this table instead of the job's.")
    @Nullable Path out;

    @Option(names = "--replace", description = "Replace the output if it is there already, whatever the job says.")
    boolean replace;

    @Option(names = "--preview", description = "Write nothing; show the first rows.")
    boolean preview;

    @Option(
            names = "--check",
            description = "The job file is a record that --record has left: do the run again, write nothing, and tell "
                    + "whether the same bytes come.")
    boolean check;

    @Option(
            names = "--within",
            paramLabel = "FOLDER",
            description = "A folder in which the job may read and write, beside its own; repeatable.")
    List<Path> within = new ArrayList<>();

    @Mixin
    SummaryOptions summary = new SummaryOptions();

    RunCommand(Surroundings surroundings) {
        this.surroundings = surroundings;
    }

    @Override
    public Integer call() {
        if (check) {
            return check();
        }
        Job read = JobReader.read(job);
        Job asked = input == null ? read : read.from(input.toString());
        asked = out == null ? asked : asked.into(out.toString());
        asked = replace ? asked.replacing() : asked;
        asked = preview ? asked.writingNothing() : asked;
        Within bounds = bounds();
        bounds.check(JobRun.of(asked).plan());
        asked.check();
        return new JobSession(surroundings, summary).readFrom(job, bounds).run(asked);
    }

    private int check() {
        bounds().check(JobRun.of(JobReader.read(job)).plan());
        RunRecord.Check found = RunRecord.read(job).check(Formats.shipped());
        found.sentences().forEach(surroundings.out()::println);
        return found.isSame() ? ExitCodes.DONE : ExitCodes.OTHERWISE;
    }

    /** What is named on the command line is allowed by that. */
    private Within bounds() {
        Within bounds = new Within(job);
        within.forEach(bounds::folder);
        if (input != null) {
            bounds.file(input);
        }
        Path folder = out == null ? null : out.toAbsolutePath().getParent();
        if (folder != null && Files.isDirectory(folder)) {
            bounds.folder(folder);
        }
        return bounds;
    }
}
