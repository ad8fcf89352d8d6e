package io.inkwellsplit.table.kind;

import io.inkwellsplit.piece.Cutter;
import io.inkwellsplit.table.ReadingWatch;
import io.inkwellsplit.table.step.CutStep;
import io.inkwellsplit.table.step.CutStep.Fill;
import io.inkwellsplit.table.step.Step;
import java.util.List;

/** Cuts a column at separators. */
final class CutKind implements StepKind {
    @Override
    public String name() {
        return "cut";
    }

    @Override
    public String description() {
        return "Cuts a column at separators, into columns behind it or into rows. Without `at` the likely separator is "
                + "found.";
    }

    @Override
    public String example() {
        return "cut demo/members.csv --column Member --at , --titles Last,First";
    }

    @Override
    public List<Setting> settings() {
        return List.of(
                Common.COLUMNS,
                Setting.text(
                                "at",
                                "TEXT",
                                "A separator of one character or more; repeatable for any of several. \\t is a tab.")
                        .severalTimes(),
                Setting.flag("once", "Separators in a row cut once; otherwise each leaves an empty piece."),
                Setting.flag("drop-empty", "Leave empty pieces out."),
                Setting.flag("trim", "Take blanks off the ends of pieces; done in any case without `at`."),
                Setting.whole("at-most", "CUTS", "Cut so often at most; the rest stays whole."),
                Setting.flag("from-right", "Count cuts from the right."),
                Setting.choice(
                        "inside",
                        "WHAT",
                        "Do not cut inside of: quotes, brackets or both.",
                        Common.words(Cutter.Respect.values())),
                Setting.flag("into-rows", "A row for each piece; the other columns are repeated."),
                Setting.whole(
                        "into",
                        "COLUMNS",
                        "How many columns; the rest stays in the last one. Default: as many as the widest row needs."),
                Setting.choice(
                        "fill",
                        "SIDE",
                        "Where pieces stand when there are fewer than columns: left, right, or ends (the last piece in "
                                + "the last column).",
                        Common.words(Fill.values())),
                Setting.list("titles", "TITLES", "The titles of the new columns."),
                Setting.flag("titles-from-header", "Cut the column's own title for the titles."));
    }

    @Override
    public Step step(Values values, List<ReadingWatch> watches) {
        String column = Common.column(values);
        List<String> at = values.texts("at");
        CutStep step = at.isEmpty()
                ? CutStep.atLikelySeparator(column, cutter -> manner(cutter, values))
                : CutStep.of(column, Values.checked(() -> manner(Cutter.at(Common.separators(at)), values)));
        step = step.fill(values.choice("fill", Fill.LEFT));
        step = values.isSet("into-rows") ? step.intoRows() : step;
        step = values.isSet("into") ? step.intoColumns(values.whole("into").getAsInt()) : step;
        step = values.isSet("titles") ? step.titled(values.texts("titles")) : step;
        return values.isSet("titles-from-header") ? step.titledByHeader() : step;
    }

    private static Cutter manner(Cutter cutter, Values values) {
        Cutter made = cutter.respecting(values.choice("inside", Cutter.Respect.NOTHING));
        made = values.isSet("once") ? made.runs(Cutter.Runs.CUT_ONCE) : made;
        made = values.isSet("drop-empty") ? made.empty(Cutter.Empty.DROP) : made;
        made = values.isSet("trim") || !values.isSet("at") ? made.blanks(Cutter.Blanks.TRIM) : made;
        Cutter.From from = values.isSet("from-right") ? Cutter.From.RIGHT : Cutter.From.LEFT;
        return values.isSet("at-most") ? made.atMost(values.whole("at-most").getAsInt(), from) : made;
    }

    @Override
    public List<Step> steps(Values values, List<ReadingWatch> watches) {
        return Common.forEachColumn(this, values, List.of("titles", "titles-from-header"), watches);
    }
}
