package io.inkwellsplit.table.kind;

import io.inkwellsplit.table.ReadingWatch;
import io.inkwellsplit.table.step.MatchStep;
import io.inkwellsplit.table.step.Step;
import java.util.List;

/** Looks for a regular expression in a column. */
final class MatchKind implements StepKind {
    @Override
    public String name() {
        return "match";
    }

    @Override
    public String description() {
        return "Pulls every match of a regular expression, or its named groups, into new columns; with `put` it replaces "
                + "the matches, with `test` it says whether there is one.";
    }

    @Override
    public List<String> notes() {
        return List.of("Expressions run in linear time; there are no back-references and no look-around.");
    }

    @Override
    public String example() {
        return "match demo/box-office.csv --column Address --ready postcodes";
    }

    @Override
    public List<Setting> settings() {
        return List.of(
                Common.COLUMNS,
                Setting.text(
                        "find", "EXPRESSION", "A regular expression; groups such as (?P<year>\\d{4}) become columns."),
                Setting.text(
                        "ready",
                        "NAME",
                        "A ready-made one: capitalised, numbers, emails, phones, postcodes, us-postcodes, uk-postcodes, "
                                + "dates."),
                Setting.text("put", "TEXT", "Replace the matches; $1 is the first group."),
                Setting.flag("test", "Say yes or no."),
                Common.TITLE);
    }

    @Override
    public List<String> oneOf() {
        return List.of("find", "ready");
    }

    @Override
    public Step step(Values values, List<ReadingWatch> watches) {
        String column = Common.column(values);
        String expression = values.text("ready").map(MatchStep::ready).orElseGet(() -> values.text("find")
                .orElseThrow());
        MatchStep step = values.text("put")
                .map(by -> MatchStep.replace(column, expression, by))
                .orElseGet(() ->
                        values.isSet("test") ? MatchStep.test(column, expression) : MatchStep.pull(column, expression));
        return step.titled(values.text("title").orElse(""));
    }

    @Override
    public List<Step> steps(Values values, List<ReadingWatch> watches) {
        return Common.forEachColumn(this, values, List.of("title"), watches);
    }
}
