package io.inkwellsplit.spark;

import io.inkwellsplit.table.Dialect;
import io.inkwellsplit.table.TableException;
import io.inkwellsplit.table.TableException.Problem;
import io.inkwellsplit.table.csv.CsvSource;
import io.inkwellsplit.table.job.Job;
import io.inkwellsplit.table.job.JobReader;
import io.inkwellsplit.table.job.JobStep;
import io.inkwellsplit.table.kind.Setting;
import io.inkwellsplit.table.kind.Values.Given;
import io.inkwellsplit.table.step.BoundStep;
import io.inkwellsplit.table.step.Sorting;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.apache.spark.sql.DataFrameReader;
import org.apache.spark.sql.DataFrameWriter;
import org.apache.spark.sql.Dataset;
import org.apache.spark.sql.Row;
import org.apache.spark.sql.SaveMode;
import org.apache.spark.sql.SparkSession;

/**
 * Runs a job file on Spark: the same steps, on tables that are read and written by the engine's own readers. Steps that look at
 * one row at a time, {@code split} and {@code sort} have their counterpart there; a job with any other is refused before anything is read.
 *
 * <pre>
 * spark-submit --class io.inkwellsplit.spark.SparkJob inkwell-split-spark.jar register.yaml
 * </pre>
 */
public final class SparkJob {
    private static final Set<String> INPUT_KNOWN = Set.of("file", "format", "no-header", "charset", "separator");
    private static final Set<String> OUTPUT_KNOWN = Set.of("file", "out-format", "replace", "no-before");

    private final Job job;

    private SparkJob(Job job) {
        this.job = job;
    }

    /**
     * Runs the job that is named, in the session of {@code spark-submit} or one of its own.
     *
     * @param args the file of the job
     */
    public static void main(String[] args) {
        if (args.length != 1) {
            System.err.println("Name one job: SparkJob JOB");
            System.exit(2);
        }
        SparkSession session =
                SparkSession.builder().appName("inkwell " + args[0]).getOrCreate();
        int code = 0;
        try {
            System.out.println("Rows: " + of(JobReader.read(Path.of(args[0]))).run(session));
        } catch (TableException e) {
            System.err.println(e.getMessage());
            code = e.problem() == Problem.SETTING ? 2 : 4;
        } finally {
            session.stop();
        }
        if (code != 0) {
            System.exit(code);
        }
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
     * Runs it.
     *
     * @param session the session
     * @return how many rows were written
     * @throws TableException if a step or a setting has no counterpart, or a file cannot be read or written
     */
    public long run(SparkSession session) {
        check("input", job.input().given(), INPUT_KNOWN);
        check("output", job.output().given(), OUTPUT_KNOWN);
        String in = file("read", job.input().text("file"));
        String out = file("written", job.output().text("file"));
        String from = form(in, job.input().text("format"));
        String to = form(out, job.output().text("out-format"));
        job.steps().forEach(SparkJob::checkOutputs);
        ArrayList<StepSpec> specs = new ArrayList<>();
        job.steps().forEach(step -> specs.add(new StepSpec(step.kind(), step.values())));
        Dataset<Row> dataset = read(session, in, from);
        for (BoundStep step : new Chain(specs, List.of(dataset.columns()), List.of()).steps()) {
            checkStep(step);
        }
        Dataset<Row> result = ChainOnSpark.runAll(dataset, specs);
        write(result, out, to);
        return session.read().format(to).options(written(to)).load(out).count();
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

    private void checkStep(BoundStep step) {
        if (!step.isRowByRow() && !(step instanceof Sorting)) {
            String name = job.steps().stream()
                    .map(JobStep::kind)
                    .map(kind -> kind.name())
                    .filter(kind -> !kind.equals("split") && !kind.equals("sort"))
                    .findFirst()
                    .orElse("a step");
            throw new TableException(
                    Problem.SETTING,
                    "A step of the job (" + name
                            + " or one behind it) needs rows together that lie on several machines; "
                            + "only steps that look at one row, split and sort run on Spark.");
        }
    }

    private static String file(String what, Optional<String> file) {
        return file.filter(name -> !name.equals(Job.STANDARD))
                .orElseThrow(() -> new TableException(Problem.SETTING, "Name a file to be " + what + "."));
    }

    private static String form(String file, Optional<String> told) {
        String name = told.map(ending -> "." + ending).orElse(file).toLowerCase(Locale.ROOT);
        if (name.endsWith(".csv") || name.endsWith(".tsv")) {
            return "csv";
        }
        if (name.endsWith(".jsonl") || name.endsWith(".ndjson")) {
            return "json";
        }
        if (name.endsWith(".parquet")) {
            return "parquet";
        }
        throw new TableException(
                Problem.SETTING, file + " is in no form that Spark reads and writes here: .csv, .jsonl or .parquet.");
    }

    private Dataset<Row> read(SparkSession session, String file, String form) {
        DataFrameReader reader = session.read().format(form);
        if (form.equals("csv")) {
            Dialect dialect;
            try (CsvSource source = CsvSource.open(Path.of(file))) {
                dialect = source.dialect();
            }
            // As the tables of one machine are read: nothing is trimmed, an empty cell is an empty text.
            reader = reader.option("header", !job.input().isSet("no-header"))
                    .option("sep", job.input().text("separator").orElse(String.valueOf(dialect.separator())))
                    .option("encoding", job.input().text("charset").orElse("UTF-8"))
                    .option("quote", "\"")
                    .option("escape", "\"")
                    .option("multiLine", true)
                    .option("ignoreLeadingWhiteSpace", false)
                    .option("ignoreTrailingWhiteSpace", false)
                    .option("nullValue", "\u0000")
                    .option("emptyValue", "")
                    .option("mode", "FAILFAST");
        }
        return reader.load(file);
    }

    private static Map<String, String> written(String form) {
        return form.equals("csv")
                ? Map.of("header", "true", "quote", "\"", "escape", "\"", "multiLine", "true")
                : Map.of();
    }

    private void write(Dataset<Row> result, String file, String form) {
        DataFrameWriter<Row> writer = result.write()
                .format(form)
                .mode(job.output().isSet("replace") ? SaveMode.Overwrite : SaveMode.ErrorIfExists);
        if (form.equals("csv")) {
            writer = writer.option("header", true)
                    .option("quote", "\"")
                    .option("escape", "\"")
                    .option("emptyValue", "")
                    .option("ignoreLeadingWhiteSpace", false)
                    .option("ignoreTrailingWhiteSpace", false);
        }
        writer.save(file);
    }
}
