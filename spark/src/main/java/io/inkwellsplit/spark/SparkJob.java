package io.inkwellsplit.spark;

import io.inkwellsplit.table.TableException;
import io.inkwellsplit.table.TableException.Problem;
import io.inkwellsplit.table.job.Job;
import io.inkwellsplit.table.job.JobReader;
import io.inkwellsplit.table.job.JobStep;
import io.inkwellsplit.table.kind.Setting;
import io.inkwellsplit.table.kind.Values.Given;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.apache.spark.sql.SparkSession;

/**
 * Runs a job file on Spark: the same steps, on tables that are read and written by the engine's own readers and writers. A job with a
 * step or a setting that has no counterpart there is refused before anything is read.
 *
 * <pre>
 * spark-submit --class io.inkwellsplit.spark.SparkJob inkwell-split-spark.jar register.yaml
 * </pre>
 */
public final class SparkJob {
    private static final Set<String> INPUT_KNOWN = Set.of("file", "format", "no-header", "charset", "separator");
    private static final Set<String> OUTPUT_KNOWN = Set.of("file", "out-format", "replace", "no-before", "set-aside");
    private static final String CASES = "spark.sql.caseSensitive";

    private final Job job;

    private SparkJob(Job job) {
        this.job = job;
    }

    /**
     * Runs the job that is named, in the session of {@code spark-submit} or one inside of this process, and says what it has done. Ends
     * with the codes of the command line: 3 where rows were set aside.
     *
     * @param args the file of the job
     */
    public static void main(String[] args) {
        System.exit(SparkMain.run(args, System.out, System.err));
    }

    /**
     * {@return a job to be run on Spark}
     *
     * @param job the job
     */
    public static SparkJob of(Job job) {
        return new SparkJob(job);
    }

    /**
     * {@return a job of a file to be run on Spark}
     *
     * @param file the file
     * @throws TableException if it is no job
     */
    public static SparkJob of(Path file) {
        return new SparkJob(JobReader.read(file));
    }

    /**
     * Runs it. What is written appears whole at the end, or not at all.
     *
     * @param session the session
     * @return what it has done
     * @throws TableException if a step or a setting has no counterpart, or a file cannot be read or written
     */
    public SparkDone run(SparkSession session) {
        check("input", job.input().given(), INPUT_KNOWN);
        check("output", job.output().given(), OUTPUT_KNOWN);
        job.steps().forEach(SparkJob::checkOutputs);
        String out = job.output()
                .text("file")
                .filter(name -> !name.equals(Job.STANDARD))
                .orElseThrow(() -> new TableException(Problem.SETTING, "Name a table to be written."));
        Form form = Form.of(out, job.output().text("out-format"));
        List<StepSpec> specs = new ArrayList<>();
        job.steps().forEach(step -> specs.add(new StepSpec(step.kind(), step.values())));
        String cases = session.conf().get(CASES);
        session.conf().set(CASES, "true");
        try (TableToRead source = new TableToRead(session, job.input());
                TableToWrite output = new TableToWrite(session, out, form, job.whenThere(), source.file());
                AsideTable asides = new AsideTable(session, job, out, source.file())) {
            StepsOnSpark.check(specs, source.titles());
            try (StepsOnSpark steps = new StepsOnSpark(source.dataset(), specs, source.separator())) {
                output.write(steps.result());
                Optional<String> aside = asides.write(steps.stages(), source.titles());
                output.appear();
                return done(steps.stages(), out, aside);
            }
        } catch (TableException e) {
            throw e;
        } catch (Exception e) {
            throw said(e);
        } finally {
            session.conf().set(CASES, cases);
        }
    }

    /** Returns what a machine had to say, whatever the engine has packed it in. */
    private static RuntimeException said(Exception e) {
        for (Throwable cause = e; cause != null; cause = cause.getCause()) {
            if (cause instanceof TableException said) {
                return new TableException(said.problem(), String.valueOf(said.getMessage()), e);
            }
        }
        return e instanceof RuntimeException run ? run : new IllegalStateException(e);
    }

    private static SparkDone done(List<Stage> stages, String out, Optional<String> aside) {
        List<String> report = new ArrayList<>();
        stages.forEach(stage -> report.addAll(stage.report()));
        return new SparkDone(
                stages.get(0).tally().rows(),
                stages.get(stages.size() - 1).tally().rowsOut(),
                stages.stream()
                        .mapToLong(stage -> stage.tally().asides().size())
                        .sum(),
                stages.stream().mapToLong(stage -> stage.tally().faults()).sum(),
                report,
                out,
                aside);
    }

    private static void check(String what, List<Given> given, Set<String> known) {
        given.stream().filter(one -> !known.contains(one.name())).findFirst().ifPresent(one -> {
            throw new TableException(
                    Problem.SETTING, "The setting " + one.name() + " of the " + what + " has no counterpart on Spark.");
        });
    }

    /** What a step writes beside the table has no place where many machines would write it. */
    private static void checkOutputs(JobStep step) {
        step.kind().settings().stream()
                .filter(setting ->
                        setting.type() == Setting.Type.OUTPUT && step.values().isSet(setting.name()))
                .findFirst()
                .ifPresent(setting -> {
                    throw new TableException(
                            Problem.SETTING,
                            "The setting " + setting.name() + " of the step "
                                    + step.kind().name() + " has no counterpart on Spark.");
                });
    }
}
