package io.inkwellsplit.table.kind;

import io.inkwellsplit.piece.Cutter;
import io.inkwellsplit.piece.Take;
import io.inkwellsplit.table.ReadingWatch;
import io.inkwellsplit.table.step.Step;
import io.inkwellsplit.table.step.TakeStep;
import java.util.List;

/** Takes one piece out of a column. */
final class TakeKind implements StepKind {
    @Override
    public String name() {
        return "take";
    }

    @Override
    public String description() {
        return "Takes one piece out of a column into a new column: by its number at a separator, as words or characters, "
                + "or before or after a separator. Numbers count from 1, and from -1 at the right.";
    }

    @Override
    public String example() {
        return "take demo/box-office.csv --column Address --piece -1 --title End";
    }

    @Override
    public List<Setting> settings() {
        return List.of(
                Common.COLUMNS,
                Setting.text(
                                "at",
                                "TEXT",
                                "The separator of `piece`, `before` and `after`; repeatable. Default: a comma.")
                        .severalTimes(),
                Setting.whole("piece", "N", "The piece of a number."),
                Setting.whole("words", "N", "The first N words; with -N the last."),
                Setting.whole("characters", "N", "The first N characters, as people count them; with -N the last."),
                Setting.whole("before", "N", "What stands before the Nth separator."),
                Setting.whole("after", "N", "What stands after the Nth separator."),
                Setting.whole("to", "M", "With `piece`: all pieces up to this one."),
                Setting.text("else", "TEXT", "What to write where there is no such piece."),
                Common.TITLE);
    }

    @Override
    public List<String> oneOf() {
        return List.of("piece", "words", "characters", "before", "after");
    }

    @Override
    public Step step(Values values, List<ReadingWatch> watches) {
        Take take =
                Values.checked(() -> take(values)).orElse(values.text("else").orElse(""));
        return TakeStep.of(Common.column(values), take)
                .titled(values.text("title").orElse(""));
    }

    private Take take(Values values) {
        List<String> at = values.isSet("at") ? values.texts("at") : List.of(",");
        Cutter cutter = Cutter.at(Common.separators(at)).blanks(Cutter.Blanks.TRIM);
        String what = oneOf().stream().filter(values::isSet).findFirst().orElseThrow();
        int n = values.whole(what).getAsInt();
        return switch (what) {
            case "piece" -> Take.pieces(cutter, n, values.whole("to").orElse(n));
            case "words" -> n < 0 ? Take.lastWords(-n) : Take.firstWords(n);
            case "characters" -> n < 0 ? Take.lastCharacters(-n) : Take.firstCharacters(n);
            case "before" -> Take.before(cutter, n);
            default -> Take.after(cutter, n);
        };
    }

    @Override
    public List<Step> steps(Values values, List<ReadingWatch> watches) {
        return Common.forEachColumn(this, values, List.of("title"), watches);
    }
}
