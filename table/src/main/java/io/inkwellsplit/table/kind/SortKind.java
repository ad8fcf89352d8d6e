package io.inkwellsplit.table.kind;

import io.inkwellsplit.table.ReadingWatch;
import io.inkwellsplit.table.TableException;
import io.inkwellsplit.table.TableException.Problem;
import io.inkwellsplit.table.sort.SortKey.Direction;
import io.inkwellsplit.table.step.SortStep;
import io.inkwellsplit.table.step.SortStep.As;
import io.inkwellsplit.table.step.SortStep.Blanks;
import io.inkwellsplit.table.step.Step;
import java.util.List;
import java.util.Locale;

/** Sorts rows. */
final class SortKind implements StepKind {
    @Override
    public String name() {
        return "sort";
    }

    @Override
    public String description() {
        return "Sorts rows by columns; the options `by…` stand in the order in which they decide.";
    }

    @Override
    public String example() {
        return "sort demo/members.csv --by-number Since --by Member";
    }

    @Override
    public List<Setting> settings() {
        return List.of(
                Setting.text("by", "COLUMN", "By the alphabet.").severalTimes(),
                Setting.text("by-falling", "COLUMN", "By the alphabet, from its end.")
                        .severalTimes(),
                Setting.text("by-number", "COLUMN", "By numbers, the smallest first.")
                        .severalTimes(),
                Setting.text("by-number-falling", "COLUMN", "By numbers, the greatest first.")
                        .severalTimes(),
                Setting.text(
                        "locale",
                        "TAG",
                        "The language of the alphabet and of numbers, such as de for 1.000,00. Default: en."),
                Setting.choice(
                        "blanks",
                        "WHERE",
                        "Where blank cells come, whatever the direction: first or last.",
                        List.of("first", "last")));
    }

    @Override
    public Step step(Values values, List<ReadingWatch> watches) {
        SortStep step = SortStep.in(Locale.forLanguageTag(values.text("locale").orElse("en")));
        boolean any = false;
        for (Values.Given given : values.given()) {
            if (given.name().startsWith("by")) {
                As as = given.name().contains("number") ? As.NUMBER : As.TEXT;
                Direction direction = given.name().endsWith("falling") ? Direction.FALLING : Direction.RISING;
                step = step.by(given.value(), as, direction);
                any = true;
            }
        }
        if (!any) {
            throw new TableException(Problem.SETTING, "Say what to sort by: give by, or by-number, with a column.");
        }
        return step.blanks(values.choice("blanks", Blanks.AS_TEXT));
    }
}
