package io.inkwellsplit.table.kind;

import io.inkwellsplit.table.ReadingWatch;
import io.inkwellsplit.table.step.GroupStep;
import io.inkwellsplit.table.step.Step;
import java.util.List;
import java.util.Locale;

/** Joins a column down the rows of each group. */
final class GroupKind implements StepKind {
    @Override
    public String name() {
        return "group";
    }

    @Override
    public String description() {
        return "Joins a column down the rows of each group into one phrase, such as \"Alto, Bass and Tenor\": a row for "
                + "each group.";
    }

    @Override
    public String example() {
        return "group demo/sign-ups.csv --by Voice --column Singer --most 3";
    }

    @Override
    public List<Setting> settings() {
        return List.of(
                Setting.text(
                                "by",
                                "COLUMN",
                                "A column whose equal values make a group; repeatable. Default: all rows are one group.")
                        .severalTimes(),
                Setting.text("column", "COLUMN", "The column to join.").needed(),
                Setting.text("with", "TEXT", "What stands between. Default: a phrase of the language of `locale`."),
                Setting.text("locale", "TAG", "The language of the phrase. Default: en."),
                Setting.flag("sorted", "Sort the texts of a group."),
                Setting.flag("distinct", "Leave repeats out."),
                Setting.whole("most", "N", "Write out so many, and how many more there are."));
    }

    @Override
    public Step step(Values values, List<ReadingWatch> watches) {
        String column = Common.column(values);
        String[] groups = values.texts("by").toArray(String[]::new);
        GroupStep step = values.text("with")
                .map(with -> GroupStep.joined(column, Common.separator(with), groups))
                .orElseGet(() -> GroupStep.phrase(
                        column, Locale.forLanguageTag(values.text("locale").orElse("en")), groups));
        step = values.isSet("sorted") ? step.sorted() : step;
        step = values.isSet("distinct") ? step.distinct() : step;
        return values.isSet("most") ? step.atMost(values.whole("most").getAsInt()) : step;
    }
}
