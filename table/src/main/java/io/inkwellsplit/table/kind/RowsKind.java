package io.inkwellsplit.table.kind;

import io.inkwellsplit.table.ReadingWatch;
import io.inkwellsplit.table.file.FilePlan;
import io.inkwellsplit.table.step.Step;
import io.inkwellsplit.table.where.Conditions;
import io.inkwellsplit.table.where.Conditions.Join;
import io.inkwellsplit.table.where.RowsStep;
import java.util.List;

/** Keeps or drops rows by conditions. */
final class RowsKind implements StepKind {
    @Override
    public String name() {
        return "rows";
    }

    @Override
    public String description() {
        return "Keeps the rows that meet conditions, such as \"Voice is one of Alto, Bass\"; with `drop` it drops them. The "
                + "other rows can be written as well.";
    }

    @Override
    public String example() {
        return "rows demo/sign-ups.csv --where \"Voice is one of Alto, Bass\" --where \"Returning is yes\"";
    }

    @Override
    public List<String> notes() {
        return List.of(
                "A condition is a column, what is asked of it, and a value: is, is one of, is listed in FILE, contains, starts "
                        + "with, ends with, matches EXPRESSION, is blank, is filled, is longer than, is shorter than, is between A and "
                        + "B, is at least, is at most, is less than, is more than, reads as KIND; each also with not. Small "
                        + "and capital letters are the same. Numbers and dates such as 2026-11-29 are compared by their size.");
    }

    @Override
    public List<Setting> settings() {
        return List.of(
                Setting.text("where", "CONDITION", "What a row has to meet; repeatable.")
                        .needed()
                        .severalTimes(),
                Setting.flag("any", "Any of the conditions is enough; otherwise all have to be met."),
                Setting.flag("drop", "Drop the rows that meet them."),
                Setting.output("rest", "FILE", "Also write the other rows.", "the other rows"));
    }

    @Override
    public void plan(Values values, FilePlan plan) {
        values.plan(plan);
        Common.planLists(values.texts("where"), plan);
    }

    @Override
    public Step step(Values values, List<ReadingWatch> watches) {
        Conditions conditions = conditions(values, "where");
        return values.isSet("drop") ? RowsStep.dropping(conditions) : RowsStep.keeping(conditions);
    }

    static Conditions conditions(Values values, String setting) {
        return Conditions.parse(values.texts(setting), values.isSet("any") ? Join.ANY : Join.ALL);
    }
}
