package io.inkwellsplit.cli;

import io.inkwellsplit.report.Report;
import io.inkwellsplit.report.RunWatch;
import io.inkwellsplit.table.ReadingWatch;
import io.inkwellsplit.table.RowSource;
import io.inkwellsplit.table.TableOutput;
import io.inkwellsplit.table.csv.CsvSource;
import io.inkwellsplit.table.file.Delivery;
import io.inkwellsplit.table.file.FilePlan;
import io.inkwellsplit.table.run.Run;
import io.inkwellsplit.table.step.Step;
import io.inkwellsplit.table.survey.Survey;
import java.io.PrintWriter;
import java.io.StringWriter;
import java.io.Writer;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.Callable;
import java.util.function.Supplier;
import java.util.stream.IntStream;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.ParameterException;
import picocli.CommandLine.ParseResult;
import picocli.CommandLine.Spec;

/** A command that carries one table through steps: into an output, or into a preview where none is named. */
abstract class TableCommand implements Callable<Integer> {
    @Mixin
    InputOptions input = new InputOptions();

    @Mixin
    OutputOptions output = new OutputOptions();

    @Spec
    CommandSpec spec = CommandSpec.create();

    /** Returns the steps that the options ask for. */
    abstract List<? extends Step> steps();

    /** The commands whose steps follow in the same run. */
    private final List<TableCommand> following = new ArrayList<>();

    /** The job that the command is a step of, and where it may read and write. */
    Optional<Path> job = Optional.empty();

    Optional<Within> within = Optional.empty();

    /** Those who look on while columns are split. */
    final List<ReadingWatch> watches = new ArrayList<>();

    /** Returns what a setting makes; one that is refused is a bad option. */
    <T> T setting(Supplier<T> made) {
        try {
            return made.get();
        } catch (IllegalArgumentException e) {
            throw new ParameterException(spec.commandLine(), String.valueOf(e.getMessage()), e);
        }
    }

    /** Adds a command whose steps follow those of this one, and whose output is the output of all. */
    void follow(TableCommand next) {
        following.add(next);
        output = next.output;
    }

    /** Finds out from the table what the options leave open, and says what was found; called for the first command alone. */
    void prepare(RowSource source, PrintWriter to) {}

    /** Returns options that {@link #prepare} has found, and their values: a job says them, so that it never finds others. */
    Map<String, List<String>> found() {
        return Map.of();
    }

    /** Tells something of the table instead of working on it, where the options ask for that; returns whether they do. */
    boolean onlyTells(RowSource source, PrintWriter to) {
        return false;
    }

    /** Says which files the command reads beside its table, and which {@link #finish} writes. */
    void plan(FilePlan plan) {}

    /** Writes what stands beside the output; called when all rows have gone through. */
    void finish(CsvSource source, Run run, Delivery delivery, PrintWriter to) {}

    /** Refuses options that leave open what only {@link #prepare} can find out. */
    void checkComplete() {}

    /** Shows the first rows. */
    void preview(Run run, List<List<String>> rows, PrintWriter to) {
        previewOfAll(run, rows, to);
    }

    /** Shows the columns that are new, or all where there are few. */
    private static void previewOfAll(Run run, List<List<String>> rows, PrintWriter to) {
        List<String> source = run.sourceHeader();
        List<Integer> shown = IntStream.range(0, run.header().size())
                .filter(i -> run.header().size() <= FEW
                        || i == 0
                        || !source.contains(run.header().get(i)))
                .boxed()
                .toList();
        to.println(TableView.of(
                shown.stream().map(run.header()::get).toList(),
                rows.stream().map(row -> shown.stream().map(row::get).toList()).toList(),
                Terminal.width()));
        to.println();
    }

    private static final int FEW = 8;

    /** Says what was done. */
    private static void summary(Run run, PrintWriter to) {
        boolean asMany = run.rowsOut() == run.rows() - run.setAside();
        to.println("Rows: " + run.rows() + (run.setAside() > 0 ? ", set aside: " + run.setAside() : "")
                + (asMany ? "" : ", out: " + run.rowsOut()));
        run.steps().forEach(step -> step.report().forEach(to::println));
    }

    @Override
    public Integer call() {
        PrintWriter out = spec.commandLine().getOut();
        PrintWriter err = spec.commandLine().getErr();
        if (input.file.isEmpty()) {
            throw new ParameterException(spec.commandLine(), "Name the FILE to read, or - for standard input");
        }
        FilePlan plan = planned();
        plan.check();
        within.ifPresent(bounds -> bounds.check(plan));
        tellLeft(plan, err);
        PrintWriter nowhere = new PrintWriter(Writer.nullWriter());
        PrintWriter to = output.summary.isSilent() ? nowhere : output.isStandardOutput() ? err : out;
        long start = System.nanoTime();
        try (CsvSource source = input.open(err);
                Progress progress = new Progress(source, Terminal.isWatched() && !output.summary.isSilent());
                Delivery delivery = plan.open()) {
            prepare(progress, to);
            if (onlyTells(progress, out)) {
                return ExitCodes.DONE;
            }
            RunWatch seen = new RunWatch();
            if (output.report.isGiven()) {
                commands().forEach(command -> command.watches.add(seen));
            }
            List<Step> steps = new ArrayList<>(steps());
            for (TableCommand next : following) {
                next.checkComplete();
                steps.addAll(next.steps());
            }
            Optional<Survey> survey = output.report.isGiven() ? Optional.of(Survey.of(progress)) : Optional.empty();
            Run run = Run.of(progress, steps);
            PreviewSink first = new PreviewSink();
            // What was written is told when all of it has appeared.
            StringWriter told = new StringWriter();
            PrintWriter written = new PrintWriter(told);
            if (output.out == null) {
                run.into(first);
                if (!output.summary.isSilent()) {
                    preview(run, first, out, to);
                }
                first.asides().forEach(aside -> err.println("Would be set aside: " + aside + "."));
            } else {
                write(run, source, output.out, first, delivery, written, err);
                written.printf(Locale.ROOT, "Time: %.1f s%n", (System.nanoTime() - start) / 1e9);
            }
            commands().forEach(command -> command.finish(source, run, delivery, written));
            survey.ifPresent(table -> output.report.write(report(table, run, first, seen), delivery, written));
            if (output.saveJob != null) {
                saveJob(output.saveJob, delivery);
                written.println("Job: " + output.saveJob + outside(output.saveJob, plan));
            }
            if (run.setAside() == 0 || output.out == null) {
                plan.earlierAsides().forEach(delivery::remove);
            }
            delivery.publish();
            to.print(told);
            to.flush();
            tellFaults(run, err);
            if (output.summary.json) {
                (output.isStandardOutput() ? err : out).println(RunJson.of(RunJson.summary(run)));
            }
            return run.setAside() > 0 ? ExitCodes.SET_ASIDE : ExitCodes.DONE;
        }
    }

    /** Returns all files that this command and those behind it read and write. */
    FilePlan planned() {
        FilePlan plan = new FilePlan(output.whenThere());
        input.plan(plan);
        job.ifPresent(file -> plan.reads("the job", file));
        output.plan(plan);
        commands().forEach(command -> command.plan(plan));
        return plan;
    }

    /** Takes away what killed runs have left, and says so. */
    static void tellLeft(FilePlan plan, PrintWriter err) {
        plan.sweep().forEach(file -> err.println("Removed what a run that was ended has left: " + file + "."));
    }

    /** A job that leaves its folder has to be allowed to. */
    private static String outside(Path job, FilePlan plan) {
        return new Within(job).allows(plan) ? "" : " (its files are outside its folder: run it with --within FOLDER)";
    }

    private static void tellFaults(Run run, PrintWriter err) {
        if (run.faults() > 0) {
            err.println("The program itself failed on " + run.faults() + (run.faults() == 1 ? " row" : " rows")
                    + ", set aside with the others. This is a fault of the program: "
                    + String.join("; ", run.faultPlaces()) + ".");
        }
    }

    private List<TableCommand> commands() {
        List<TableCommand> commands = new ArrayList<>(List.of(this));
        commands.addAll(following);
        return commands;
    }

    private List<ParseResult> parsed() {
        return commands().stream()
                .map(command -> command.spec.commandLine().getParseResult())
                .toList();
    }

    private void preview(Run run, PreviewSink first, PrintWriter out, PrintWriter to) {
        if (following.isEmpty()) {
            preview(run, first.first(), out);
        } else {
            previewOfAll(run, first.first(), out);
        }
        summary(run, to);
        to.println(
                output.isGiven()
                        ? "The table was not written. To write it: --out FILE"
                        : "Nothing was written. To write it all: --out FILE");
    }

    private Report report(Survey survey, Run run, PreviewSink first, RunWatch seen) {
        Report.Builder report = Report.builder(input.title())
                .command(CommandText.of(parsed(), output.report.folder()))
                .survey(survey)
                .run(run, first.first());
        seen.counted().forEach(report::column);
        return report.build();
    }

    private void saveJob(Path file, Delivery delivery) {
        String text = JobText.of(parsed(), found(), file);
        delivery.write(file, stream -> stream.write(text.getBytes(StandardCharsets.UTF_8)));
    }

    private void write(
            Run run,
            CsvSource source,
            String target,
            PreviewSink first,
            Delivery delivery,
            PrintWriter to,
            PrintWriter err) {
        try (TableOutput file = output.open(target, source, delivery)) {
            run.into(first.before(file));
            output.describe(target, source, run, delivery);
            summary(run, to);
            file.notes().forEach(to::println);
            if (!output.isStandardOutput()) {
                to.println("Written: " + target);
            }
            if (file.asideFile() != null) {
                (output.summary.isSilent() ? err : to)
                        .println("Set aside, with the reason for each row: " + file.asideFile());
            }
        }
    }
}
