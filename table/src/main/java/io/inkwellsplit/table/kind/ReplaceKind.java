package io.inkwellsplit.table.kind;

import io.inkwellsplit.table.ReadingWatch;
import io.inkwellsplit.table.Row;
import io.inkwellsplit.table.Settings;
import io.inkwellsplit.table.TableInput;
import io.inkwellsplit.table.format.Formats;
import io.inkwellsplit.table.format.ReadSettings;
import io.inkwellsplit.table.step.ReplaceStep;
import io.inkwellsplit.table.step.ReplaceStep.Where;
import io.inkwellsplit.table.step.Step;
import java.nio.file.Path;
import java.util.Iterator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/** Replaces texts in columns, or takes them out. */
final class ReplaceKind implements StepKind {
    @Override
    public String name() {
        return "replace";
    }

    @Override
    public String description() {
        return "Replaces a text in columns, or takes it out, without an expression. For expressions: match with `put`.";
    }

    @Override
    public String example() {
        return "replace demo/members.csv --column Status --text life --with \"for life\" --whole-words";
    }

    @Override
    public List<Setting> settings() {
        return List.of(
                Common.COLUMNS,
                Setting.text("text", "TEXT", "The text to replace."),
                Setting.text("with", "TEXT", "What stands in its place; nothing if not given."),
                Setting.input(
                        "pairs",
                        "FILE",
                        "A table of two columns, with a header: a text, and what stands in its place.",
                        "the file of pairs"),
                Setting.choice(
                        "at", "PLACE", "Only there: anywhere, start or end of the cell.", Common.words(Where.values())),
                Setting.flag("whole-words", "Not inside of a longer word."),
                Setting.flag("any-case", "Small and capital letters are the same."));
    }

    @Override
    public List<String> oneOf() {
        return List.of("text", "pairs");
    }

    @Override
    public Step step(Values values, List<ReadingWatch> watches) {
        Map<String, String> texts = values.file("pairs")
                .map(ReplaceKind::pairs)
                .orElseGet(() -> Map.of(
                        values.text("text").orElseThrow(), values.text("with").orElse("")));
        ReplaceStep step = ReplaceStep.of(values.texts("column"), texts).at(values.choice("at", Where.ANYWHERE));
        step = values.isSet("whole-words") ? step.wholeWords() : step;
        return values.isSet("any-case") ? step.anyCase() : step;
    }

    private static Map<String, String> pairs(Path file) {
        Map<String, String> pairs = new LinkedHashMap<>();
        try (TableInput source = Formats.shipped().open(file, ReadSettings.STANDARD)) {
            for (Iterator<Row> rows = source.rows(); rows.hasNext(); ) {
                Row row = rows.next();
                if (row.cells().size() != 2) {
                    throw Settings.refuse("Line " + row.line() + " of " + file + " has "
                            + row.cells().size() + " cells; a text and what stands in its place make two.");
                }
                String before = pairs.put(row.cells().get(0), row.cells().get(1));
                if (before != null) {
                    throw Settings.refuse("Line " + row.line() + " of " + file + " replaces \""
                            + row.cells().get(0) + "\", which an earlier line replaces already.");
                }
            }
        }
        return pairs;
    }
}
