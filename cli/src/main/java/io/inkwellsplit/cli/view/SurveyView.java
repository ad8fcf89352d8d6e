package io.inkwellsplit.cli.view;

import io.inkwellsplit.cli.terminal.Terminal;
import io.inkwellsplit.table.survey.ColumnReadings;
import io.inkwellsplit.table.survey.ColumnReadings.ShapeReading;
import io.inkwellsplit.table.survey.ColumnSurvey;
import io.inkwellsplit.table.survey.Holds;
import io.inkwellsplit.table.survey.Survey;
import java.io.PrintWriter;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/** Prints a survey on a terminal. */
public final class SurveyView {
    private SurveyView() {}

    public static boolean isRead(ColumnSurvey column) {
        return column.holds() == Holds.NAMES || column.holds() == Holds.ADDRESSES;
    }

    public static void overview(Survey survey, PrintWriter out) {
        List<List<String>> rows = new ArrayList<>();
        for (ColumnSurvey column : survey.columns()) {
            rows.add(List.of(
                    Integer.toString(column.index() + 1),
                    column.title(),
                    column.holds().key(),
                    Long.toString(column.filled()),
                    Long.toString(column.blanks()),
                    (column.distinctIsLeast() ? "over " : "") + column.distinct(),
                    column.shapes().isEmpty() ? "" : column.shapes().get(0).shape(),
                    column.why()));
        }
        out.println(TableView.of(
                List.of("No", "Column", "Holds", "Filled", "Blank", "Different", "Usual shape", "Because"),
                rows,
                Terminal.width()));
        out.println();
        out.println("Rows: " + survey.rows()
                + (survey.ragged() > 0 ? ", of which " + survey.ragged() + " have too many or too few cells" : ""));
        String split = survey.columns().stream()
                .filter(SurveyView::isRead)
                .map(column -> (column.holds() == Holds.NAMES ? "--name" : "--address") + " \"" + column.title() + '"')
                .collect(Collectors.joining(" "));
        out.println(
                split.isEmpty() ? "No column looks like names or addresses." : "To split: inkwell split FILE " + split);
        out.println("To look closely: inkwell survey FILE --column COLUMN");
    }

    public static void closely(ColumnSurvey column, @Nullable ColumnReadings readings, PrintWriter out) {
        out.println(column.title() + " holds " + column.holds().key() + ": " + column.why() + ".");
        out.println(column.values() + " values, " + column.blanks() + " blank, "
                + (column.distinctIsLeast() ? "over " : "") + column.distinct() + " different, "
                + (column.filled() - column.distinct()) + " repeats; " + column.shapeCount() + " shapes.");
        counts("Case", column.cases(), out);
        counts("Stray characters", column.stray(), out);
        counts("Separators", column.separators(), out);
        if (readings != null) {
            counts("Order", readings.orders(), out);
            Map<String, Long> kinds = new LinkedHashMap<>();
            readings.kinds().forEach((kind, count) -> kinds.put(kind.key(), count));
            counts("Kinds", kinds, out);
            counts("Parts", readings.parts(), out);
            counts("Layers", readings.layers(), out);
            counts("Countries", readings.countries(), out);
            counts("States", readings.states(), out);
            out.printf(
                    Locale.ROOT,
                    "Doubtful: %d of %d (%.1f %%)%n",
                    readings.doubtful(),
                    readings.read(),
                    readings.read() == 0 ? 0.0 : 100.0 * readings.doubtful() / readings.read());
            readings.doubts()
                    .forEach(
                            (doubt, count) -> out.println("  " + count + " " + doubt.code() + ": " + doubt.sentence()));
        }
        out.println();
        advice(column, out);
        if (readings == null) {
            shapes(column.shapes(), out);
        } else {
            looks(
                    List.of("Layout", "Values", "Share", "Doubtful", "Example"),
                    readings.layouts(),
                    readings.read(),
                    out);
            out.println();
            looks(
                    List.of("Shape", "Values", "Share", "Doubtful", "Example", "Read as"),
                    readings.shapes(),
                    readings.read(),
                    out);
        }
    }

    private static void shapes(List<ColumnSurvey.Shape> shapes, PrintWriter out) {
        List<List<String>> rows = shapes.stream()
                .map(shape ->
                        List.of(shape.shape(), Long.toString(shape.count()), percent(shape.share()), shape.example()))
                .toList();
        out.println(TableView.of(List.of("Shape", "Values", "Share", "Example"), rows, Terminal.width()));
    }

    /** What the values look like, what of that is doubtful, an example, and how that is read. */
    private static void looks(List<String> titles, List<ShapeReading> looks, long read, PrintWriter out) {
        List<List<String>> rows = looks.stream()
                .map(look -> List.of(
                                look.shape().shape(),
                                Long.toString(look.shape().count()),
                                percent((double) look.shape().count() / read),
                                Long.toString(look.doubtful()),
                                look.shape().example(),
                                look.reading())
                        .subList(0, titles.size()))
                .toList();
        out.println(TableView.of(titles, rows, Terminal.width()));
    }

    private static String percent(double share) {
        return String.format(Locale.ROOT, "%.1f %%", 100 * share);
    }

    /** Which command and settings the survey would take. */
    private static void advice(ColumnSurvey column, PrintWriter out) {
        String title = '"' + column.title() + '"';
        switch (column.holds()) {
            case NAMES -> out.println("To split: inkwell split FILE --name " + title);
            case ADDRESSES -> out.println("To split: inkwell split FILE --address " + title);
            case LISTS ->
                out.println("To cut: inkwell cut FILE --column " + title + " --at \""
                        + column.separator().separator() + '"');
            default -> {
                return;
            }
        }
        out.println();
    }

    private static void counts(String label, Map<String, Long> counts, PrintWriter out) {
        String text = counts.entrySet().stream()
                .filter(entry -> entry.getValue() > 0)
                .map(entry -> entry.getValue() + " " + entry.getKey())
                .collect(Collectors.joining(", "));
        if (!text.isEmpty()) {
            out.println(Terminal.wrapped(label + ": " + text));
        }
    }
}
