package io.inkwellsplit.table.kind;

import io.inkwellsplit.table.ReadingWatch;
import io.inkwellsplit.table.RowSource;
import io.inkwellsplit.table.TableException;
import io.inkwellsplit.table.TableException.Problem;
import io.inkwellsplit.table.correct.Corrections;
import io.inkwellsplit.table.file.FilePlan;
import io.inkwellsplit.table.part.PartTitles;
import io.inkwellsplit.table.split.SplitStep;
import io.inkwellsplit.table.split.SplitStep.Checks;
import io.inkwellsplit.table.split.SplitStep.Learning;
import io.inkwellsplit.table.split.Splitters;
import io.inkwellsplit.table.step.Step;
import io.inkwellsplit.table.survey.ColumnSurvey;
import io.inkwellsplit.table.survey.Holds;
import io.inkwellsplit.table.survey.Survey;
import io.inkwellsplit.table.where.Conditions;
import java.util.ArrayList;
import java.util.List;

/** Splits columns of names and addresses. */
final class SplitKind implements StepKind {
    @Override
    public String name() {
        return "split";
    }

    @Override
    public String description() {
        return "Splits columns of names and addresses into titled parts.";
    }

    @Override
    public String example() {
        return "split demo/box-office.csv --name Patron --address Address --out split.csv";
    }

    @Override
    public List<Setting> settings() {
        return List.of(
                Setting.text(
                                "name",
                                "COLUMN",
                                "A column of names, by title or number; several that make one value with commas between: "
                                        + "\"First,Last\"; repeatable.")
                        .severalTimes(),
                Setting.text(
                                "address",
                                "COLUMN",
                                "A column of addresses, by title or number; several with commas between: "
                                        + "\"Street,City,Zip\"; repeatable.")
                        .severalTimes(),
                Setting.text(
                        "titles",
                        "WORDS",
                        "The titles of the parts: english, keys, vcard, schema (schema.org), autofill (HTML forms) or nested "
                                + "(COLUMN.KEY, for records in records). "
                                + "Default: english."),
                Setting.list(
                        "parts",
                        "KEYS",
                        "The parts that get a column of their own, by key, with commas; all for every one. What else was "
                                + "found is in Remarks."),
                Setting.choice(
                        "each",
                        "WHAT",
                        "With person, every person of a cell gets a row of its own, numbered; the other cells are repeated.",
                        List.of("person")),
                Setting.text(
                                "only",
                                "CONDITION",
                                "Split only the rows that meet a condition, such as \"Voice is Alto\"; the parts of the others "
                                        + "stay blank. All have to be met; the help of rows tells how to write them; repeatable.")
                        .severalTimes(),
                Setting.text(
                                "key",
                                "COLUMN",
                                "Leave out all columns but this one and the parts, for a table that can be joined with the "
                                        + "source; repeatable.")
                        .severalTimes(),
                Setting.flag("no-checks", "Leave out the columns Confidence, Doubts and Suggestions."),
                Setting.decimal(
                        "doubt-below",
                        "NUMBER",
                        "The confidence, 0 to 1, below which a row is doubtful. Default: 0.98 for names, 0.97 for addresses."),
                ReadingSettings.COUNTRY,
                ReadingSettings.WORDS,
                Setting.list(
                        "standardise",
                        "RULES",
                        "Write the parts of addresses by rules, with commas: state-code or state-name, street-short or "
                                + "street-full, postcode, case."),
                Setting.input(
                        "corrections",
                        "FILE",
                        "A file of corrections, or a review sheet; they stand above what is read and teach the column.",
                        "the file of corrections"),
                Setting.output(
                                "review",
                                "FILE",
                                "Also write the doubtful values: as a table to correct, which filled in under Is makes a "
                                        + "corrections file; or, with a name in .html, as a page to settle them in a browser; "
                                        + "repeatable.",
                                "the review")
                        .severalTimes(),
                Setting.text(
                        "reviewer",
                        "NAME",
                        "Who has decided what is filled in in the sheets that are read: kept with the day in the new sheet."),
                Setting.flag("no-learning", "Read every value by itself, not in the light of its column."));
    }

    @Override
    public boolean isComplete(Values values) {
        return values.isSet("name") || values.isSet("address");
    }

    /** Without columns named, the survey finds them. */
    @Override
    public Found find(Values values, RowSource source) {
        List<String> names = new ArrayList<>();
        List<String> addresses = new ArrayList<>();
        List<String> sentences = new ArrayList<>();
        Survey survey = Survey.of(source);
        for (ColumnSurvey column : survey.holding(Holds.NAMES)) {
            names.add(called(column, source));
            sentences.add(column.title() + " is split as names: " + column.why() + ".");
        }
        for (ColumnSurvey column : survey.holding(Holds.ADDRESSES)) {
            addresses.add(called(column, source));
            sentences.add(column.title() + " is split as addresses: " + column.why() + ".");
        }
        return new Found(values.with("name", names).with("address", addresses), sentences);
    }

    /** Returns what a column is called: by its title, unless that may mean another column. */
    private static String called(ColumnSurvey column, RowSource source) {
        String number = Integer.toString(column.index() + 1);
        boolean alone = source.header().stream().filter(column.title()::equals).count() == 1;
        return alone && !column.title().isBlank() ? column.title() : number;
    }

    @Override
    public void plan(Values values, FilePlan plan) {
        values.plan(plan);
        Common.planLists(values.texts("only"), plan);
    }

    @Override
    public Step step(Values values, List<ReadingWatch> watches) {
        if (!isComplete(values)) {
            throw new TableException(
                    Problem.SETTING,
                    "No column that looks like names or addresses was found; give name or address "
                            + "with the column, to say which to split.");
        }
        SplitStep.Builder step = SplitStep.builder().titles(titles(values)).splitters(splitters(values));
        values.file("corrections").map(Corrections::read).ifPresent(step::corrections);
        watches.forEach(step::watch);
        values.text("each").ifPresent(person -> step.eachPerson());
        if (values.isSet("only")) {
            step.only(Conditions.parse(values.texts("only"), Conditions.Join.ALL));
        }
        values.texts("key").forEach(step::key);
        values.texts("name").forEach(step::name);
        values.texts("address").forEach(step::address);
        return step.parts(values.texts("parts"))
                .standardise(values.texts("standardise"))
                .checks(values.isSet("no-checks") ? Checks.LEAVE_OUT : Checks.SHOW)
                .learning(values.isSet("no-learning") ? Learning.NONE : Learning.FROM_COLUMN)
                .build();
    }

    private static Splitters splitters(Values values) {
        Splitters splitters = ReadingSettings.splitters(values.files("words"), values.text("country"));
        return values.isSet("doubt-below")
                ? splitters.doubtBelow(values.decimal("doubt-below").getAsDouble())
                : splitters;
    }

    private static PartTitles titles(Values values) {
        String titles = values.text("titles").orElse("english");
        return PartTitles.named(titles)
                .orElseThrow(() -> new TableException(
                        Problem.SETTING,
                        "There are no titles \"" + titles + "\"; there are " + String.join(", ", PartTitles.keys())
                                + "."));
    }
}
