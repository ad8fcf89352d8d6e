package io.inkwellsplit.table.job;

import io.inkwellsplit.table.TableException;
import io.inkwellsplit.table.file.FilePlan;
import io.inkwellsplit.table.file.WhenThere;
import io.inkwellsplit.table.format.ReadSettings;
import io.inkwellsplit.table.kind.Setting;
import io.inkwellsplit.table.kind.Values;
import io.inkwellsplit.table.kind.Values.Given;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.stream.Stream;

/**
 * An input, steps in their order, and an output. Immutable; {@link JobRun} runs it, {@link JobReader} and {@link JobWriter}
 * know it as YAML.
 */
public final class Job {
    /** What stands for standard input or output. */
    public static final String STANDARD = "-";

    /** What can be set of an input. */
    public static final List<Setting> INPUT = List.of(
            Setting.text(
                            "file",
                            "FILE",
                            "The table to read, told from the job's folder; - for standard input, *.csv for every file called "
                                    + "so. Several with the same columns are one table.")
                    .severalTimes(),
            Setting.text(
                    "format",
                    "ENDING",
                    "The form of the table, where its name does not tell it: the ending of a file in that form, such as jsonl."),
            Setting.flag("no-header", "The first row is no header; columns are called Column 1, Column 2 …"),
            Setting.text("charset", "NAME", "The encoding, where it is not told rightly."),
            Setting.text("separator", "SIGN", "What stands between cells, where it is not told rightly; \\t is a tab."),
            Setting.text(
                    "quote", "SIGN", "What stands around cells with separators in them; none for none. Default: \"."),
            Setting.whole("skip-lines", "N", "Skip so many lines above the header. Default: they are found, and told."),
            Setting.text("sheet", "NAME", "The sheet of a spreadsheet, by name or number. Default: the first one."),
            Setting.text(
                    "widths",
                    "N,N,…",
                    "The columns have fixed widths: so many characters each, the last one the rest. auto finds them."));

    /** What can be set of an output. */
    public static final List<Setting> OUTPUT = List.of(
            Setting.text(
                    "file",
                    "FILE",
                    "The table to write, told from the job's folder; - for standard output. The ending of its "
                            + "name tells the form."),
            Setting.text(
                    "out-format",
                    "ENDING",
                    "The form to write, where the name does not tell it: the ending of a file in that form, such as jsonl."),
            Setting.flag(
                    "nested",
                    "In JSON, write a column titled name.first as first in a record called name; see titles of split."),
            Setting.list(
                    "with-sheets",
                    "SHEET",
                    "Also put these sheets into the spreadsheet: summary, what was done; doubtful, the values to look at, "
                            + "to be filled in and given back as corrections."),
            Setting.flag(
                    "replace",
                    "Replace the output if it is there already; what was there is kept once, as NAME.before."),
            Setting.flag("no-before", "Do not keep what is replaced."),
            Setting.flag(
                    "record",
                    "Also leave FILE.record.yaml: what was read and written, by hash, and how; run can check by it whether "
                            + "the same comes again."),
            Setting.output(
                    "set-aside",
                    "FILE",
                    "Where rows go that cannot be worked on; beside the output if not given.",
                    "the rows set aside"),
            Setting.flag(
                    "describe", "Also describe the columns in FILE-metadata.json, as the W3C's CSV on the Web does."),
            Setting.flag(
                    "formula-guard",
                    "Put a ' before cells that a spreadsheet program would take for a formula, so that they stay text."),
            Setting.output(
                    "report",
                    "FILE",
                    "Also write a page about it, as HTML, for a browser or on paper. The page holds values.",
                    "the report"),
            Setting.folder(
                    "figures", "FOLDER", "Also write the figures of that page as PNG, for slides.", "the figures"));

    private final Values input;
    private final List<JobStep> steps;
    private final Values output;

    Job(Values input, List<JobStep> steps, Values output) {
        this.input = input;
        this.steps = List.copyOf(steps);
        this.output = output;
    }

    /**
     * {@return a job without steps that reads a file}
     *
     * @param file the file
     */
    public static Job reading(Path file) {
        return new Job(input(List.of(new Given("file", file.toString()))), List.of(), output(List.of()));
    }

    /**
     * {@return a job of what is set}
     *
     * @param input what is set of the input
     * @param steps the steps, in their order
     * @param output what is set of the output
     * @throws TableException if something is set that cannot be
     */
    public static Job of(List<Given> input, List<JobStep> steps, List<Given> output) {
        return new Job(input(input), steps, output(output));
    }

    private static Values input(List<Given> given) {
        return Values.of("input", INPUT, given);
    }

    private static Values output(List<Given> given) {
        return Values.of("output", OUTPUT, given);
    }

    /**
     * Returns this job with one more step at the end.
     *
     * @param kind the name of its kind, such as {@code split}
     * @param setting sets what is to be set of it
     * @return the job
     * @throws TableException if there is no such kind, or something is set that cannot be
     */
    public Job step(String kind, Consumer<JobStep.Builder> setting) {
        JobStep.Builder builder = new JobStep.Builder(kind);
        setting.accept(builder);
        return new Job(
                input, Stream.concat(steps.stream(), Stream.of(builder.build())).toList(), output);
    }

    /**
     * {@return this job, reading another file}
     *
     * @param file its name, as a user writes it; {@code -} is standard input
     */
    public Job from(String file) {
        return new Job(input.with("file", List.of(file)), steps, output);
    }

    /**
     * {@return this job, writing a file}
     *
     * @param file the file
     */
    public Job writing(Path file) {
        return into(file.toString());
    }

    /**
     * {@return this job, writing a file, or standard output where {@code -} stands for it}
     *
     * @param file its name, as a user writes it
     */
    public Job into(String file) {
        return new Job(input, steps, output.with("file", List.of(file)));
    }

    /** {@return this job, which replaces an output that is there already} */
    public Job replacing() {
        return new Job(input, steps, output.with("replace", List.of("true")));
    }

    /** {@return this job without anything that it writes} */
    public Job writingNothing() {
        List<JobStep> silent =
                steps.stream().map(step -> step.with(withoutOutputs(step))).toList();
        return new Job(input, silent, output(List.of()));
    }

    /**
     * {@return this job with a flag of its output set, such as {@code record}}
     *
     * @param flag the name of the flag
     */
    public Job with(String flag) {
        return new Job(input, steps, output.with(flag, List.of("true")));
    }

    /**
     * {@return this job with a setting of its output, such as {@code out-format}}
     *
     * @param setting the name of the setting
     * @param value its value
     */
    public Job with(String setting, String value) {
        return new Job(input, steps, output.with(setting, List.of(value)));
    }

    /** Returns this job writing the same table elsewhere, and nothing else. */
    Job again(Path file) {
        Values only = output(List.of()).with("file", List.of(file.toString()));
        only = output.isSet("formula-guard") ? only.with("formula-guard", List.of("true")) : only;
        return new Job(input, writingNothing().steps, only);
    }

    private static Values withoutOutputs(JobStep step) {
        Values values = step.values();
        for (Setting setting : step.kind().settings()) {
            values = setting.type() == Setting.Type.OUTPUT ? values.with(setting.name(), List.of()) : values;
        }
        return values;
    }

    /** Returns this job with other steps. */
    Job withSteps(List<JobStep> others) {
        return new Job(input, others, output);
    }

    /** {@return what is set of the input} */
    public Values input() {
        return input;
    }

    /** {@return the steps, in their order} */
    public List<JobStep> steps() {
        return steps;
    }

    /** {@return what is set of the output} */
    public Values output() {
        return output;
    }

    /** Returns the file that is read; empty where none is named, as is standard input. */
    Optional<Path> inputFile() {
        return input.text("file").filter(file -> !file.equals(STANDARD)).map(Path::of);
    }

    /** {@return how the input is read} */
    public ReadSettings readSettings() {
        return new ReadSettings(
                !input.isSet("no-header"),
                input.text("format"),
                input.text("charset"),
                input.text("sheet"),
                input.text("separator"),
                input.text("quote"),
                input.whole("skip-lines"),
                input.text("widths"));
    }

    /** {@return whether the output is the standard output} */
    public boolean writesStandardOutput() {
        return output.text("file").filter(STANDARD::equals).isPresent();
    }

    /** {@return the file that is written; empty where none is, or the standard output} */
    public Optional<Path> outputFile() {
        return output.text("file").filter(file -> !file.equals(STANDARD)).map(Path::of);
    }

    /** {@return what becomes of a table that is there already and is to be written} */
    public WhenThere whenThere() {
        if (!output.isSet("replace")) {
            return WhenThere.REFUSE;
        }
        return output.isSet("no-before") ? WhenThere.REPLACE : WhenThere.REPLACE_AND_KEEP;
    }

    /** {@return the title of the input, for people} */
    public String title() {
        int more = input.texts("file").size() - 1;
        return inputFile().map(file -> String.valueOf(file.getFileName())).orElse("standard input")
                + (more > 0 ? " and " + more + " more" : "");
    }

    /** Says which files the steps read, and what stands beside the output. */
    void planSteps(FilePlan plan) {
        steps.forEach(step -> step.kind().plan(step.values(), plan));
    }

    /**
     * Makes every step once, so that what cannot be set is told before anything is read.
     *
     * @throws TableException if a step cannot be made, with its place
     */
    public void check() {
        for (JobStep step : new ArrayList<>(steps)) {
            if (step.kind().isComplete(step.values())) {
                try {
                    step.kind().steps(step.values(), List.of());
                } catch (TableException e) {
                    throw step.placed(e);
                }
            }
        }
    }
}
