package io.inkwellsplit.cli.command;

import io.inkwellsplit.cli.option.SummaryOptions;
import io.inkwellsplit.cli.terminal.Surroundings;
import io.inkwellsplit.cli.terminal.Terminal;
import io.inkwellsplit.cli.view.PreviewSink;
import io.inkwellsplit.cli.view.Previews;
import io.inkwellsplit.cli.view.Progress;
import io.inkwellsplit.cli.view.ReportFiles;
import io.inkwellsplit.cli.view.ReviewPages;
import io.inkwellsplit.cli.view.RunJson;
import io.inkwellsplit.table.file.Delivery;
import io.inkwellsplit.table.file.FilePlan;
import io.inkwellsplit.table.job.Job;
import io.inkwellsplit.table.job.JobCompanion;
import io.inkwellsplit.table.job.JobDone;
import io.inkwellsplit.table.job.JobRun;
import io.inkwellsplit.table.job.JobWriter;
import io.inkwellsplit.table.job.Within;
import io.inkwellsplit.table.run.Run;
import java.io.PrintWriter;
import java.io.Writer;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/** Runs a job and says what it has done: to people, or as JSON to machines. */
final class JobSession {
    private final Surroundings surroundings;
    private final SummaryOptions summary;
    private Optional<Path> saveJob = Optional.empty();
    private Optional<Path> jobFile = Optional.empty();
    private Optional<Within> within = Optional.empty();
    private boolean inText;

    JobSession(Surroundings surroundings, SummaryOptions summary) {
        this.surroundings = surroundings;
        this.summary = summary;
    }

    /** Also writes the job as a file. */
    JobSession saving(Optional<Path> file) {
        saveJob = file;
        return this;
    }

    /** Shows the parts of a split in the text itself, instead of a table. */
    JobSession inText(boolean wanted) {
        inText = wanted;
        return this;
    }

    /** Says from which file the job was read, and where it may read and write. */
    JobSession readFrom(Path file, Within bounds) {
        jobFile = Optional.of(file);
        within = Optional.of(bounds);
        return this;
    }

    /** Runs a job; returns the exit code. */
    int run(Job job) {
        long start = System.nanoTime();
        PrintWriter people = people(job);
        boolean writes = job.output().isSet("file");
        PreviewSink first = writes ? new PreviewSink() : new PreviewSink(summary.shown());
        ReportFiles report =
                new ReportFiles(job.output().file("report"), job.output().file("figures"));
        try (Progress progress = new Progress(Terminal.isWatched() && !summary.isSilent())) {
            JobRun run = JobRun.of(job)
                    .streams(surroundings.in(), surroundings.standardOut())
                    .with(new ReviewPages())
                    .with(new Remarks(surroundings.err(), people))
                    .with(progress);
            jobFile.ifPresent(file -> run.readFrom(file, within.orElseThrow()));
            if (report.isGiven()) {
                run.with(new ReportCompanion(report, first));
            }
            saveJob.ifPresent(file -> run.with(new Saving(file, run)));
            JobDone done = writes ? run.run(first::before) : run.into(first);
            if (writes) {
                written(done, people);
                people.printf(Locale.ROOT, "Time: %.1f s%n", (System.nanoTime() - start) / 1e9);
            } else {
                preview(done, first, people);
            }
            done.beside().forEach(people::println);
            people.flush();
            faults(done.run());
            if (summary.json()) {
                (job.writesStandardOutput() ? surroundings.err() : surroundings.out())
                        .println(RunJson.of(RunJson.summary(done.run())));
            }
            return done.run().setAside() > 0 ? ExitCodes.SET_ASIDE : ExitCodes.DONE;
        }
    }

    /** Returns where people are told something; nowhere if they want to hear nothing. */
    private PrintWriter people(Job job) {
        return summary.isSilent()
                ? new PrintWriter(Writer.nullWriter())
                : job.writesStandardOutput() ? surroundings.err() : surroundings.out();
    }

    private void preview(JobDone done, PreviewSink first, PrintWriter people) {
        if (!summary.isSilent() && inText) {
            Previews.showInText(done.run(), first, surroundings.out());
        } else if (!summary.isSilent()) {
            Previews.show(done.job(), done.run(), first, surroundings.out());
        }
        summary(done.run(), people);
        boolean more = !done.job().output().given().isEmpty() || saveJob.isPresent() || summary.json();
        people.println(
                more
                        ? "The table was not written. To write it: --out FILE"
                        : "Nothing was written. To write it all: --out FILE");
        first.asides().forEach(aside -> surroundings.err().println("Would be set aside: " + aside + "."));
    }

    private void written(JobDone done, PrintWriter people) {
        summary(done.run(), people);
        done.notes().forEach(people::println);
        done.job().outputFile().ifPresent(file -> people.println("Written: " + file));
        done.setAside().ifPresent(file -> (summary.isSilent() ? surroundings.err() : people)
                .println("Set aside, with the reason for each row: " + file));
    }

    private static void summary(Run run, PrintWriter to) {
        boolean asMany = run.rowsOut() == run.rows() - run.setAside();
        to.println("Rows: " + run.rows() + (run.setAside() > 0 ? ", set aside: " + run.setAside() : "")
                + (asMany ? "" : ", out: " + run.rowsOut()));
        run.steps().forEach(step -> step.report().forEach(to::println));
    }

    private void faults(Run run) {
        if (run.faults() > 0) {
            surroundings
                    .err()
                    .println("The program itself failed on " + run.faults() + (run.faults() == 1 ? " row" : " rows")
                            + ", set aside with the others. This is a fault of the program: "
                            + String.join("; ", run.faultPlaces()) + ".");
        }
    }

    /** Says what a job finds. */
    private record Remarks(PrintWriter err, PrintWriter people) implements JobCompanion {
        @Override
        public void removed(List<Path> files) {
            tellRemoved(files, err);
        }

        @Override
        public void said(Topic topic, String sentence) {
            (topic == Topic.INPUT ? err : people).println(sentence);
        }
    }

    static void tellRemoved(List<Path> files, PrintWriter err) {
        files.forEach(file -> err.println("Removed what a run that was ended has left: " + file + "."));
    }

    /** Writes the job itself, with what was found out. */
    private record Saving(Path file, JobRun run) implements JobCompanion {
        @Override
        public void plan(FilePlan plan) {
            plan.writes("the job", file);
        }

        @Override
        public List<String> after(JobDone done, Delivery delivery) {
            String text = JobWriter.text(done.job(), file);
            delivery.write(file, stream -> stream.write(text.getBytes(StandardCharsets.UTF_8)));
            boolean allowed = new Within(file).allows(run.plan());
            // A job that leaves its folder has to be allowed to.
            String outside = allowed ? "" : " (its files are outside its folder: run it with --within FOLDER)";
            return List.of("Job: " + file + outside);
        }
    }
}
