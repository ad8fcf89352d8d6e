package io.inkwellsplit.report;

import io.inkwellsplit.reading.Doubt;
import io.inkwellsplit.report.Report.Done;
import io.inkwellsplit.table.survey.ColumnReadings;
import io.inkwellsplit.table.survey.ColumnReadings.Sample;
import io.inkwellsplit.table.survey.ColumnReadings.ShapeReading;
import io.inkwellsplit.table.survey.ColumnSurvey;
import io.inkwellsplit.table.survey.Survey;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;

/** Puts a report into its template. */
final class ReportPage {
    private static final int MOST_FIELDS = 12;

    private ReportPage() {}

    static String of(Report report) {
        Map<String, Object> page = new LinkedHashMap<>();
        page.put("title", report.title());
        page.put("style", Pages.text("page.css"));
        page.put("commands", report.commands());
        page.put("hasCommands", !report.commands().isEmpty());
        page.put("cards", cards(report));
        page.put("next", next(report));
        page.put("survey", report.survey().map(ReportPage::survey).orElse(Map.of()));
        page.put("hasSurvey", report.survey().isPresent());
        List<Object> columns = new ArrayList<>();
        report.columns().forEach((title, readings) -> columns.add(column(columns.size() + 1, title, readings)));
        page.put("columns", columns);
        page.put("hasRun", report.done().isPresent());
        page.put(
                "run",
                report.done().map(done -> run(done, report.columns().keySet())).orElse(Map.of()));
        return Pages.template("report.html").execute(page);
    }

    /** What to do about it, in a sentence or two. */
    private static String next(Report report) {
        long aside = report.done().map(done -> done.run().setAside()).orElse(0L);
        String mend = aside > 0
                ? "Mend the rows that were set aside: the file beside the output has the reason for each. "
                : "";
        if (report.columns().isEmpty()) {
            return mend + "What each column holds stands below; split takes the columns of names and addresses.";
        }
        long doubtful = report.columns().values().stream()
                .mapToLong(readings -> readings.doubtful())
                .sum();
        return mend
                + (doubtful == 0
                        ? "Nothing is doubtful: there is nothing to settle."
                        : "To settle what is doubtful, split again with --review review.html, and give what you save there to --corrections.");
    }

    /** The few numbers to read first. */
    private static List<Object> cards(Report report) {
        List<Object> cards = new ArrayList<>();
        report.done().ifPresent(done -> {
            cards.add(card("rows read", done.run().rows()));
            cards.add(card("rows out", done.run().rowsOut()));
            cards.add(card("rows set aside", done.run().setAside()));
        });
        if (report.done().isEmpty()) {
            report.survey().ifPresent(survey -> cards.add(card("rows", survey.rows())));
        }
        report.columns().forEach((title, readings) -> {
            cards.add(card("values of " + title + " read", readings.read()));
            cards.add(Map.of(
                    "label",
                    "of them doubtful",
                    "number",
                    number(readings.doubtful()) + " (" + percent(readings.doubtful(), readings.read()) + ")"));
        });
        return cards;
    }

    private static Map<String, String> card(String label, long number) {
        return Map.of("label", label, "number", number(number));
    }

    private static Map<String, Object> survey(Survey survey) {
        List<Object> columns = new ArrayList<>();
        for (ColumnSurvey column : survey.columns()) {
            Map<String, String> one = new LinkedHashMap<>();
            one.put("title", column.title());
            one.put("holds", column.holds().key());
            one.put("why", column.why());
            one.put("filled", number(column.filled()));
            one.put("blanks", number(column.blanks()));
            one.put("distinct", (column.distinctIsLeast() ? "over " : "") + number(column.distinct()));
            one.put(
                    "shape",
                    column.shapes().isEmpty() ? "" : column.shapes().get(0).shape());
            one.put("cases", counts(column.cases()));
            one.put("separators", counts(column.separators()));
            one.put("stray", counts(column.stray()));
            columns.add(one);
        }
        return Map.of(
                "rows",
                number(survey.rows()),
                "ragged",
                number(survey.ragged()),
                "hasRagged",
                survey.ragged() > 0,
                "columns",
                columns);
    }

    private static Map<String, Object> column(int number, String title, ColumnReadings readings) {
        Map<String, Object> column = new LinkedHashMap<>();
        column.put("id", "column-" + number);
        column.put("title", title);
        column.put("facts", facts(readings));
        column.put(
                "figures",
                Figures.of(title, readings).stream()
                        .map(figure -> Map.of(
                                "title", figure.title(), "alternative", figure.alternative(), "svg", figure.svg()))
                        .toList());
        column.put("hasDoubts", !readings.doubts().isEmpty());
        List<Object> doubts = new ArrayList<>();
        readings.doubts()
                .forEach((doubt, count) -> doubts.add(Map.of(
                        "code", doubt.code(),
                        "sentence", doubt.sentence(),
                        "count", number(count),
                        "share", percent(count, readings.read()))));
        column.put("doubts", doubts);
        column.put(
                "shapes",
                readings.shapes().stream()
                        .map(shape -> shape(shape, readings.read()))
                        .toList());
        column.put(
                "layouts",
                readings.layouts().stream()
                        .map(layout -> shape(layout, readings.read()))
                        .toList());
        List<Object> common = new ArrayList<>();
        readings.common().entrySet().stream()
                .limit(MOST_FIELDS)
                .forEach(part -> common.add(Map.of(
                        "key", part.getKey(),
                        "count",
                                number(readings.parts()
                                        .getOrDefault(
                                                part.getKey(), readings.layers().getOrDefault(part.getKey(), 0L))),
                        "texts",
                                part.getValue().entrySet().stream()
                                        .map(text -> Map.of("text", text.getKey(), "count", number(text.getValue())))
                                        .toList())));
        column.put("common", common);
        column.put(
                "samples", readings.samples().stream().map(ReportPage::sample).toList());
        return column;
    }

    /** One line each of what the column is like; lines without anything are left out. */
    private static List<Object> facts(ColumnReadings readings) {
        Map<String, Long> kinds = new LinkedHashMap<>();
        readings.kinds().forEach((kind, count) -> kinds.put(kind.key(), count));
        Map<String, String> facts = new LinkedHashMap<>();
        facts.put("Kinds", counts(kinds));
        facts.put("Order", counts(readings.orders()));
        facts.put("Layers", counts(readings.layers()));
        facts.put("Countries", counts(readings.countries()));
        facts.put("States", counts(readings.states()));
        return facts.entrySet().stream()
                .filter(fact -> !fact.getValue().isEmpty())
                .map(fact -> (Object) Map.of("label", fact.getKey(), "text", fact.getValue()))
                .toList();
    }

    private static Map<String, Object> shape(ShapeReading shape, long read) {
        return Map.of(
                "shape", shape.shape().shape(),
                "count", number(shape.shape().count()),
                "share", percent(shape.shape().count(), read),
                "doubtful", number(shape.doubtful()),
                "example", shape.shape().example(),
                "reading", shape.reading());
    }

    private static Map<String, Object> sample(Sample sample) {
        Map<String, String> parts = new LinkedHashMap<>();
        sample.parts()
                .forEach(mark -> parts.merge(
                        mark.key(), sample.text().substring(mark.start(), mark.end()), (a, b) -> a + " " + b));
        return Map.of(
                "pieces", MarkedText.of(sample),
                "kind", sample.kind(),
                "confidence", String.format(Locale.ROOT, "%.3f", sample.confidence()),
                "doubts", sample.doubts(),
                "isDoubtful", !sample.doubts().isEmpty(),
                "sentences",
                        sample.doubts().stream()
                                .map(code -> Doubt.valueOf(
                                                code.toUpperCase(Locale.ROOT).replace('-', '_'))
                                        .sentence())
                                .collect(Collectors.joining(" ")),
                "parts",
                        parts.entrySet().stream()
                                .map(part -> Map.of("key", part.getKey(), "text", part.getValue()))
                                .toList());
    }

    private static Map<String, Object> run(Done done, Set<String> split) {
        List<String> source = done.run().sourceHeader();
        List<String> header = done.run().header();
        List<Integer> added = new ArrayList<>();
        List<Object> columns = new ArrayList<>();
        for (int i = 0; i < header.size(); i++) {
            boolean isNew = !source.contains(header.get(i));
            columns.add(Map.of(
                    "title", header.get(i),
                    "isNew", isNew,
                    "meaning", done.run().meanings().getOrDefault(header.get(i), "")));
            int index = i;
            boolean filled =
                    done.first().stream().anyMatch(row -> !row.get(index).isEmpty());
            if ((isNew || split.contains(header.get(i))) && filled && added.size() < MOST_FIELDS) {
                added.add(i);
            }
        }
        return Map.of(
                "sentences", done.sentences(),
                "columns", columns,
                "hasFirst", !added.isEmpty() && !done.first().isEmpty(),
                "titles", added.stream().map(header::get).toList(),
                "rows",
                        done.first().stream()
                                .map(row -> Map.of(
                                        "cells", added.stream().map(row::get).toList()))
                                .toList());
    }

    private static String counts(Map<String, Long> counts) {
        return counts.entrySet().stream()
                .filter(entry -> entry.getValue() > 0)
                .map(entry -> number(entry.getValue()) + " " + entry.getKey())
                .collect(Collectors.joining(", "));
    }

    private static String number(long number) {
        return String.format(Locale.ROOT, "%,d", number);
    }

    private static String percent(long part, long whole) {
        return String.format(Locale.ROOT, "%.1f %%", whole == 0 ? 0 : 100.0 * part / whole);
    }
}
