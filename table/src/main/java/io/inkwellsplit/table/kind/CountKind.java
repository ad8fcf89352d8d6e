package io.inkwellsplit.table.kind;

import io.inkwellsplit.table.ReadingWatch;
import io.inkwellsplit.table.step.CountStep;
import io.inkwellsplit.table.step.Step;
import java.util.List;

/** Counts values. */
final class CountKind implements StepKind {
    @Override
    public String name() {
        return "count";
    }

    @Override
    public String description() {
        return "Counts the values of a column, or the sets of values of several, the most frequent first.";
    }

    @Override
    public String example() {
        return "count demo/sign-ups.csv --column Voice --column Returning";
    }

    @Override
    public List<Setting> settings() {
        return List.of(Common.COLUMNS);
    }

    @Override
    public Step step(Values values, List<ReadingWatch> watches) {
        return CountStep.of(Common.columns(values));
    }
}
