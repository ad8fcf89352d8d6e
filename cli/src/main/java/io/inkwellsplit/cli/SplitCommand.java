package io.inkwellsplit.cli;

import io.inkwellsplit.table.RowSource;
import io.inkwellsplit.table.correct.Corrections;
import io.inkwellsplit.table.correct.ReviewSheet;
import io.inkwellsplit.table.csv.CsvSource;
import io.inkwellsplit.table.file.Delivery;
import io.inkwellsplit.table.file.FilePlan;
import io.inkwellsplit.table.run.Run;
import io.inkwellsplit.table.step.BoundSplit;
import io.inkwellsplit.table.step.Explanation;
import io.inkwellsplit.table.step.PartTitles;
import io.inkwellsplit.table.step.SplitColumn;
import io.inkwellsplit.table.step.SplitStep;
import io.inkwellsplit.table.step.SplitStep.Checks;
import io.inkwellsplit.table.step.SplitStep.Learning;
import io.inkwellsplit.table.step.Splitters;
import io.inkwellsplit.table.step.Step;
import io.inkwellsplit.table.step.Subject;
import io.inkwellsplit.table.survey.ColumnSurvey;
import io.inkwellsplit.table.survey.Holds;
import io.inkwellsplit.table.survey.Survey;
import java.io.PrintWriter;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Option;
import picocli.CommandLine.ParameterException;

/** Splits columns of names and addresses. */
@Command(
        name = "split",
        description = "Splits columns of names and addresses into titled parts.",
        mixinStandardHelpOptions = true)
final class SplitCommand extends TableCommand {
    @Option(names = "--name", paramLabel = "COLUMN", description = "A column of names, by title or number; repeatable.")
    List<String> names = new ArrayList<>();

    @Option(
            names = "--address",
            paramLabel = "COLUMN",
            description = "A column of addresses, by title or number; repeatable.")
    List<String> addresses = new ArrayList<>();

    @Option(
            names = "--titles",
            paramLabel = "WORDS",
            defaultValue = "english",
            description =
                    "The titles of the parts: english, keys, vcard, schema (schema.org) or autofill (HTML forms). "
                            + "Default: english.")
    String titles = "english";

    @Option(
            names = "--parts",
            paramLabel = "KEYS",
            split = ",",
            description = "The parts that get a column of their own, by key, with commas; all for every one. "
                    + "What else was found is in Remarks.")
    List<String> parts = new ArrayList<>();

    @Option(names = "--no-checks", description = "Leave out the columns Confidence, Doubts and Suggestions.")
    boolean noChecks;

    @Option(
            names = "--doubt-below",
            paramLabel = "NUMBER",
            description =
                    "The confidence, 0 to 1, below which a row is doubtful. Default: 0.98 for names, 0.97 for addresses.")
    @Nullable Double doubtBelow;

    @Mixin
    ReadingOptions reading = new ReadingOptions();

    @Option(
            names = "--standardise",
            paramLabel = "RULES",
            split = ",",
            description = "Write the parts of addresses by rules, with commas: state-code or state-name, street-short "
                    + "or street-full, postcode, case.")
    List<String> rules = new ArrayList<>();

    @Option(
            names = "--corrections",
            paramLabel = "FILE",
            description =
                    "A file of corrections, or a review sheet; they stand above what is read and teach the column.")
    @Nullable Path corrections;

    @Option(
            names = "--review",
            paramLabel = "FILE",
            description = "Also write the doubtful values: as a table to correct, which filled in under Is makes a "
                    + "corrections file; or, with a name in .html, as a page to settle them in a browser; repeatable.")
    List<Path> review = new ArrayList<>();

    @Option(
            names = "--explain",
            paramLabel = "ROW",
            description = "Only tell how the values of this row are read, and why; rows are counted from 1.")
    @Nullable Long explain;

    private final ReviewSheet sheet = new ReviewSheet();
    private final Map<String, List<String>> found = new LinkedHashMap<>();

    @Option(names = "--no-learning", description = "Read every value by itself, not in the light of its column.")
    boolean noLearning;

    @Override
    List<? extends Step> steps() {
        SplitStep.Builder step = SplitStep.builder().titles(vocabulary()).splitters(splitters());
        if (corrections != null) {
            step.corrections(Corrections.read(corrections));
        }
        if (!review.isEmpty()) {
            step.watch(sheet);
        }
        watches.forEach(step::watch);
        names.forEach(step::name);
        addresses.forEach(step::address);
        if (names.isEmpty() && addresses.isEmpty()) {
            return List.of();
        }
        return List.of(step.parts(parts)
                .standardise(rules)
                .checks(noChecks ? Checks.LEAVE_OUT : Checks.SHOW)
                .learning(noLearning ? Learning.NONE : Learning.FROM_COLUMN)
                .build());
    }

    private Splitters splitters() {
        Splitters splitters = reading.splitters();
        return doubtBelow == null ? splitters : splitters.doubtBelow(doubtBelow);
    }

    @Override
    void plan(FilePlan plan) {
        reading.plan(plan);
        if (corrections != null) {
            plan.reads("the file of corrections", corrections);
        }
        review.forEach(file -> plan.writes("the review", file));
    }

    @Override
    void finish(CsvSource source, Run run, Delivery delivery, PrintWriter to) {
        if (!review.isEmpty()) {
            ReviewFiles.write(input.title(), sheet, review, source, run, delivery);
            to.println("To review: " + sheet.lines() + " different doubtful values in "
                    + review.stream().map(Path::toString).collect(Collectors.joining(" and ")));
        }
    }

    @Override
    boolean onlyTells(RowSource source, PrintWriter to) {
        if (explain == null) {
            return false;
        }
        Splitters splitters = splitters();
        List<Explanation> all = new ArrayList<>();
        names.forEach(column -> all.add(Explanation.of(source, Subject.NAME, column, explain, splitters)));
        addresses.forEach(column -> all.add(Explanation.of(source, Subject.ADDRESS, column, explain, splitters)));
        if (output.summary.json) {
            to.println(RunJson.of(all.stream().map(Explanation::data).toList()));
        } else {
            all.forEach(one -> one.lines().forEach(to::println));
        }
        return true;
    }

    /** Without columns named, the survey finds them. */
    @Override
    void prepare(RowSource source, PrintWriter to) {
        if (names.isEmpty() && addresses.isEmpty()) {
            Survey survey = Survey.of(source);
            for (ColumnSurvey column : survey.holding(Holds.NAMES)) {
                names.add(called(column, source));
                to.println(column.title() + " is split as names: " + column.why() + ".");
            }
            for (ColumnSurvey column : survey.holding(Holds.ADDRESSES)) {
                addresses.add(called(column, source));
                to.println(column.title() + " is split as addresses: " + column.why() + ".");
            }
            checkComplete();
            found.put("name", names);
            found.put("address", addresses);
        }
    }

    /** Returns what a column is called: by its title, unless that may mean another column. */
    private static String called(ColumnSurvey column, RowSource source) {
        String number = Integer.toString(column.index() + 1);
        boolean alone = source.header().stream().filter(column.title()::equals).count() == 1;
        return alone && !column.title().isBlank() ? column.title() : number;
    }

    @Override
    Map<String, List<String>> found() {
        return found;
    }

    @Override
    void checkComplete() {
        if (names.isEmpty() && addresses.isEmpty()) {
            throw new ParameterException(
                    spec.commandLine(),
                    "No column that looks like names or addresses was found; say which to split, with --name COLUMN or "
                            + "--address COLUMN");
        }
    }

    private PartTitles vocabulary() {
        return PartTitles.named(titles)
                .orElseThrow(() -> new ParameterException(
                        spec.commandLine(),
                        "There are no titles \"" + titles + "\"; there are " + String.join(", ", PartTitles.keys())));
    }

    @Override
    void preview(Run run, List<List<String>> rows, PrintWriter to) {
        for (SplitColumn column : columns(run)) {
            List<String> shown = new ArrayList<>();
            List<Integer> indexes = new ArrayList<>();
            shown.add(column.source());
            indexes.add(run.header().indexOf(column.source()));
            for (int i = 0; i < column.titles().size(); i++) {
                int index = run.header().indexOf(column.titles().get(i));
                // A column without anything in the rows shown would only make the others narrower.
                if (rows.stream().anyMatch(row -> !row.get(index).isEmpty())) {
                    shown.add(column.plainTitles().get(i));
                    indexes.add(index);
                }
            }
            List<List<String>> cells = rows.stream()
                    .map(row -> indexes.stream().map(row::get).toList())
                    .toList();
            to.println(TableView.of(shown, cells, Terminal.width()));
            to.println();
        }
    }

    private static List<SplitColumn> columns(Run run) {
        return ((BoundSplit) run.steps().get(0)).columns();
    }
}
