package io.inkwellsplit.table.kind;

import io.inkwellsplit.table.ReadingWatch;
import io.inkwellsplit.table.step.DuplicatesStep;
import io.inkwellsplit.table.step.Step;
import java.util.List;

/** Finds rows that are likely the same. */
final class DuplicatesKind implements StepKind {
    @Override
    public String name() {
        return "duplicates";
    }

    @Override
    public String description() {
        return "Finds rows that are likely the same by some columns, and gives them group by group.";
    }

    @Override
    public List<String> notes() {
        return List.of("The first column must be alike but for case, accents and signs; in the others a name and its "
                + "initial, a value and nothing, or one letter of difference pass.");
    }

    @Override
    public String example() {
        return "duplicates demo/sign-ups.csv --by Singer --by Voice";
    }

    @Override
    public List<Setting> settings() {
        return List.of(
                Setting.text("by", "COLUMN", "A column to compare by, the one that tells most first; repeatable.")
                        .needed()
                        .severalTimes());
    }

    @Override
    public Step step(Values values, List<ReadingWatch> watches) {
        return DuplicatesStep.by(values.texts("by").toArray(String[]::new));
    }
}
