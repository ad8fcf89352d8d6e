package io.inkwellsplit.table.kind;

import io.inkwellsplit.table.ReadingWatch;
import io.inkwellsplit.table.TableException;
import io.inkwellsplit.table.TableException.Problem;
import io.inkwellsplit.table.step.ColumnsStep;
import io.inkwellsplit.table.step.Step;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/** Moves, keeps, drops and renames columns. */
final class ColumnsKind implements StepKind {
    @Override
    public String name() {
        return "columns";
    }

    @Override
    public String description() {
        return "Moves, keeps, drops and renames columns; every option is repeatable.";
    }

    @Override
    public String example() {
        return "columns demo/members.csv --drop Status --rename Since=From";
    }

    @Override
    public List<Setting> settings() {
        return List.of(
                Setting.text("first", "COLUMN", "Move it to the left.").severalTimes(),
                Setting.text("last", "COLUMN", "Move it to the right.").severalTimes(),
                Setting.text("keep", "COLUMN", "Keep only those given so, in this order.")
                        .severalTimes(),
                Setting.text("drop", "COLUMN", "Leave it out.").severalTimes(),
                Setting.text("rename", "OLD=NEW", "Give it another title.").severalTimes());
    }

    @Override
    public Step step(Values values, List<ReadingWatch> watches) {
        Map<String, String> rename = new LinkedHashMap<>();
        for (String one : values.texts("rename")) {
            int equals = one.indexOf('=');
            if (equals <= 0) {
                throw new TableException(
                        Problem.SETTING,
                        "rename takes the old title, an equals sign and the new one, not \"" + one + "\".");
            }
            rename.put(one.substring(0, equals), one.substring(equals + 1));
        }
        return ColumnsStep.asTheyAre()
                .first(values.texts("first"))
                .last(values.texts("last"))
                .keep(values.texts("keep"))
                .drop(values.texts("drop"))
                .rename(rename);
    }
}
