package io.inkwellsplit.table.kind;

import io.inkwellsplit.piece.Combining;
import io.inkwellsplit.table.ReadingWatch;
import io.inkwellsplit.table.step.CombineStep;
import io.inkwellsplit.table.step.Step;
import java.util.List;

/** Combines columns. */
final class CombineKind implements StepKind {
    @Override
    public String name() {
        return "combine";
    }

    @Override
    public String description() {
        return "Combines columns into a new one; values stay as they are written.";
    }

    @Override
    public String example() {
        return "combine demo/members.csv --column Number --column Since --with / --title Key";
    }

    @Override
    public List<Setting> settings() {
        return List.of(
                Common.COLUMNS,
                Setting.text("with", "TEXT", "What stands between. Default: a blank."),
                Common.TITLE.needed(),
                Setting.flag("skip-blanks", "Leave blank values out."),
                Setting.text("prefix", "TEXT", "What stands before the whole."),
                Setting.text("suffix", "TEXT", "What stands behind the whole."));
    }

    @Override
    public Step step(Values values, List<ReadingWatch> watches) {
        Combining combining = Combining.with(
                        Common.separator(values.text("with").orElse(" ")))
                .around(values.text("prefix").orElse(""), values.text("suffix").orElse(""));
        return CombineStep.of(
                values.text("title").orElseThrow(),
                values.isSet("skip-blanks") ? combining.skipBlanks() : combining,
                Common.columns(values));
    }
}
