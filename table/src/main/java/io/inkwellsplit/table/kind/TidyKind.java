package io.inkwellsplit.table.kind;

import io.inkwellsplit.table.ReadingWatch;
import io.inkwellsplit.table.step.Step;
import io.inkwellsplit.table.step.TidyStep;
import java.util.List;

/** Tidies columns. */
final class TidyKind implements StepKind {
    @Override
    public String name() {
        return "tidy";
    }

    @Override
    public String description() {
        return "Writes columns tidied into new columns behind them, and counts what changed.";
    }

    @Override
    public String example() {
        return "tidy demo/sign-ups.csv --column Singer --what spaces,name-case";
    }

    @Override
    public List<Setting> settings() {
        return List.of(
                Common.COLUMNS,
                Setting.list(
                        "what",
                        "KINDS",
                        "What to mend, with commas: unicode, controls, no-break, spaces, quotes, dashes, name-case, "
                                + "address-case, upper, lower. Default: the first four."));
    }

    @Override
    public Step step(Values values, List<ReadingWatch> watches) {
        return TidyStep.of(values.texts("column"), TidyStep.named(values.texts("what")));
    }
}
