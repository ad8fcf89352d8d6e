package io.inkwellsplit.table.job;

import io.inkwellsplit.table.ReadingWatch;
import io.inkwellsplit.table.RowSink;
import io.inkwellsplit.table.RowSource;
import io.inkwellsplit.table.TableException;
import io.inkwellsplit.table.TableException.Problem;
import io.inkwellsplit.table.TableInput;
import io.inkwellsplit.table.TableOutput;
import io.inkwellsplit.table.csv.CsvMetadata;
import io.inkwellsplit.table.file.Delivery;
import io.inkwellsplit.table.file.FilePlan;
import io.inkwellsplit.table.format.Formats;
import io.inkwellsplit.table.job.JobCompanion.Topic;
import io.inkwellsplit.table.kind.StepKind;
import io.inkwellsplit.table.run.Run;
import io.inkwellsplit.table.step.Step;
import java.io.InputStream;
import java.io.OutputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * Runs a job: every file that it writes appears, or none does. Confined to one thread.
 */
public final class JobRun {
    private final Job job;
    private final List<JobCompanion> companions = new ArrayList<>();
    private final List<ReviewForm> reviewForms = new ArrayList<>();
    private Formats formats = Formats.shipped();
    private InputStream in = InputStream.nullInputStream();
    private OutputStream out = OutputStream.nullOutputStream();
    private final MoreSheets moreSheets;
    private Optional<Path> jobFile = Optional.empty();
    private Optional<Within> within = Optional.empty();

    private JobRun(Job job) {
        this.job = job;
        this.moreSheets = new MoreSheets(job.output());
    }

    /**
     * {@return a run of a job}
     *
     * @param job the job
     */
    public static JobRun of(Job job) {
        return new JobRun(job);
    }

    /**
     * Lets somebody go along.
     *
     * @param companion who goes along
     * @return this run
     */
    public JobRun with(JobCompanion companion) {
        companions.add(companion);
        return this;
    }

    /**
     * Adds a form in which doubtful values are written.
     *
     * @param form the form
     * @return this run
     */
    public JobRun with(ReviewForm form) {
        reviewForms.add(form);
        return this;
    }

    /**
     * Sets the forms of tables; the shipped ones if not set.
     *
     * @param known the forms
     * @return this run
     */
    public JobRun with(Formats known) {
        formats = known;
        return this;
    }

    /**
     * Sets what stands for standard input and output; nothing is read from there or written to there if not set.
     *
     * @param standardInput what stands for {@code -} as an input
     * @param standardOutput what stands for {@code -} as an output
     * @return this run
     */
    public JobRun streams(InputStream standardInput, OutputStream standardOutput) {
        in = standardInput;
        out = standardOutput;
        return this;
    }

    /**
     * Says from which file the job was read, which it must not write; and where it may read and write.
     *
     * @param file the file
     * @param bounds where it may read and write; {@link Within} says how
     * @return this run
     */
    public JobRun readFrom(Path file, Within bounds) {
        jobFile = Optional.of(file);
        within = Optional.of(bounds);
        return this;
    }

    /**
     * Writes what the job writes.
     *
     * @return what it has done
     * @throws TableException if something is set that cannot be, a table cannot be read, or an output cannot be written
     */
    public JobDone run() {
        return run(sink -> sink);
    }

    /** Stands between the steps and the output. */
    @FunctionalInterface
    public interface Between {
        /**
         * {@return what takes the rows; it has to pass them on to the output}
         *
         * @param output where they go in the end
         */
        RowSink around(RowSink output);
    }

    /**
     * As {@link #run()}, with somebody who sees the rows that are written.
     *
     * @param between who sees the rows
     * @return what it has done
     */
    public JobDone run(Between between) {
        Path file = job.outputFile().orElse(Path.of(Job.STANDARD));
        if (!job.output().isSet("file")) {
            throw new TableException(Problem.SETTING, "No table was named to be written.");
        }
        return goThrough((run, source, delivery, complete, rest) -> {
            try (TableOutput output = output().open(file, source, run, delivery)) {
                run.into(rest.around(between.around(moreSheets.before(output))));
                moreSheets.write(output, job.title(), run);
                if (complete.output().isSet("describe")) {
                    CsvMetadata.write(file, output().dialect(file, source), run.header(), run.meanings(), delivery);
                }
                return new JobDone(complete, run, output.notes(), Optional.ofNullable(output.asideFile()), List.of());
            }
        });
    }

    /**
     * Carries the rows into a sink instead of the job's output; what stands beside it is written.
     *
     * @param sink what takes the rows
     * @return what it has done
     * @throws TableException as {@link #run()}
     */
    public JobDone into(RowSink sink) {
        return goThrough((run, source, delivery, complete, rest) -> {
            run.into(rest.around(sink));
            return new JobDone(complete, run, List.of(), Optional.empty(), List.of());
        });
    }

    /** What is done with the rows. */
    private interface Work {
        JobDone on(Run run, TableInput source, Delivery delivery, Job complete, RestFiles rest);
    }

    private JobDone goThrough(Work work) {
        FilePlan plan = plan();
        plan.check();
        within.ifPresent(bounds -> bounds.check(plan));
        List<Path> removed = plan.sweep();
        companions.forEach(companion -> companion.removed(removed));
        try (TableInput source = open();
                Delivery delivery = plan.open()) {
            source.notes().forEach(note -> said(Topic.INPUT, note));
            // The columns of a database have names of their own.
            if (job.readSettings().hasHeader() && !source.hasNamedColumns()) {
                MissingHeader.suspected(source).ifPresent(note -> said(Topic.INPUT, note));
            }
            if (job.output().isSet("record")) {
                delivery.digest(RunRecord::digest);
            }
            RowSource rows = source;
            for (JobCompanion companion : companions) {
                rows = companion.around(rows);
            }
            Job complete = complete(rows);
            Map<JobStep, ReviewFiles> reviews = new HashMap<>();
            List<Step> steps = new ArrayList<>();
            List<JobStep> owners = new ArrayList<>();
            for (JobStep step : complete.steps()) {
                for (Step made : step.kind().steps(step.values(), watches(step, reviews))) {
                    steps.add(made);
                    owners.add(step);
                }
            }
            for (JobCompanion companion : companions) {
                companion.before(rows);
            }
            Run run = Run.of(rows, steps);
            JobDone done = work.on(run, source, delivery, complete, rest(run, owners, source, delivery));
            List<String> beside = new ArrayList<>();
            for (JobStep step : complete.steps()) {
                ReviewFiles review = reviews.get(step);
                if (review != null) {
                    beside.add(review.write(job.title(), reviewForms, formats, source.dialect(), run, delivery));
                }
            }
            for (JobCompanion companion : companions) {
                beside.addAll(companion.after(done, delivery));
            }
            if (job.output().isSet("record") && job.output().isSet("file")) {
                beside.add(record(complete, run, plan, delivery));
            }
            if (run.setAside() == 0 || !complete.output().isSet("file")) {
                plan.earlierAsides().forEach(delivery::remove);
            }
            delivery.publish();
            return new JobDone(done.job(), run, done.notes(), done.setAside(), beside);
        }
    }

    private static String record(Job complete, Run run, FilePlan plan, Delivery delivery) {
        Path output = complete.outputFile()
                .orElseThrow(() -> new TableException(
                        Problem.SETTING, "A record needs a file beside which it stands; name one for the output."));
        String written = delivery.digestOf(output)
                .map(RunRecord::hex)
                .orElseThrow(() -> new TableException(
                        Problem.SETTING,
                        output + " is no file, so no record can be left beside it; leave record out."));
        Path file = RunRecord.beside(output);
        String text = RunRecord.text(
                complete,
                output,
                plan.inputs().stream().filter(Files::isRegularFile).toList(),
                written,
                run);
        delivery.write(file, stream -> stream.write(text.getBytes(StandardCharsets.UTF_8)));
        return "Record: " + file;
    }

    private RestFiles rest(Run run, List<JobStep> owners, TableInput source, Delivery delivery) {
        return new RestFiles(owners, run.steps(), file -> output().rest(file, source, delivery));
    }

    private JobOutput output() {
        return new JobOutput(job, formats, moreSheets, out);
    }

    private void said(Topic topic, String sentence) {
        companions.forEach(companion -> companion.said(topic, sentence));
    }

    private List<ReadingWatch> watches(JobStep step, Map<JobStep, ReviewFiles> reviews) {
        List<ReadingWatch> watches = new ArrayList<>();
        if (step.kind().settings().stream().anyMatch(setting -> setting.name().equals("review"))
                && step.values().isSet("review")) {
            ReviewFiles review = new ReviewFiles(
                    step.values().files("review"),
                    step.values().file("corrections"),
                    step.values().text("reviewer"));
            reviews.put(step, review);
            watches.add(review.sheet());
        }
        watches.addAll(moreSheets.watches());
        companions.forEach(companion -> watches.addAll(companion.watches()));
        return watches;
    }

    /** Only the first step sees the table as it is; what another leaves open cannot be found out. */
    private Job complete(RowSource rows) {
        List<JobStep> steps = new ArrayList<>(job.steps());
        if (steps.isEmpty()) {
            throw new TableException(Problem.SETTING, "The job has no steps.");
        }
        JobStep first = steps.get(0);
        if (!first.kind().isComplete(first.values())) {
            StepKind.Found found = first.kind().find(first.values(), rows);
            found.sentences().forEach(sentence -> said(Topic.FOUND, sentence));
            steps.set(0, first.with(found.values()));
        }
        return job.withSteps(steps);
    }

    /** {@return all files that the job reads and writes} */
    public FilePlan plan() {
        FilePlan plan = new FilePlan(job.whenThere());
        job.input().texts("file").forEach(file -> plan.readsTable("the table that is read", file));
        jobFile.ifPresent(file -> plan.reads("the job", file));
        job.outputFile().ifPresent(file -> {
            plan.writes("the output", file);
            if (job.output().isSet("describe")) {
                plan.writes("the description of the output", CsvMetadata.beside(file));
            }
            if (job.output().isSet("record")) {
                plan.writes("the record", RunRecord.beside(file));
            }
        });
        if (job.output().isSet("file")) {
            output().asideFile().ifPresent(plan::setsAside);
        }
        job.output().file("report").ifPresent(file -> plan.writes("the report", file));
        job.output().file("figures").ifPresent(folder -> plan.writesInto("the figures", folder));
        job.planSteps(plan);
        companions.forEach(companion -> companion.plan(plan));
        return plan;
    }

    private TableInput open() {
        for (String setting : List.of("report", "figures")) {
            if (job.output().isSet(setting)
                    && companions.stream()
                            .noneMatch(companion -> companion.takes().contains(setting))) {
                throw new TableException(Problem.SETTING, "There is nobody here who can write the " + setting + ".");
            }
        }
        List<String> files = job.input().texts("file");
        if (files.isEmpty()) {
            throw new TableException(Problem.SETTING, "No table was named to be read.");
        }
        return formats.open(files, in, job.readSettings());
    }
}
