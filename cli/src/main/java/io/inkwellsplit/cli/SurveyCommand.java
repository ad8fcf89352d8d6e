package io.inkwellsplit.cli;

import io.inkwellsplit.report.Report;
import io.inkwellsplit.table.csv.CsvSource;
import io.inkwellsplit.table.csv.WholeFile.WhenThere;
import io.inkwellsplit.table.step.Columns;
import io.inkwellsplit.table.survey.ColumnReadings;
import io.inkwellsplit.table.survey.ColumnSurvey;
import io.inkwellsplit.table.survey.Holds;
import io.inkwellsplit.table.survey.Survey;
import java.io.PrintWriter;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.concurrent.Callable;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.ParameterException;
import picocli.CommandLine.ParseResult;
import picocli.CommandLine.Spec;

/** Looks at a table. */
@Command(
        name = "survey",
        description =
                "Looks at every column of a table and says what it holds; with --column, how its values look, how "
                        + "they would be read, and what is doubtful.",
        mixinStandardHelpOptions = true)
final class SurveyCommand implements Callable<Integer> {
    @Mixin
    InputOptions input = new InputOptions();

    @Option(
            names = "--column",
            paramLabel = "COLUMN",
            description = "A column to look at closely, by title or number; repeatable.")
    List<String> columns = new ArrayList<>();

    @Option(names = "--json", description = "Write the survey as JSON.")
    boolean json;

    @Mixin
    ReportOptions report = new ReportOptions();

    @Option(names = "--replace", description = "Replace the report and figures if they are there already.")
    boolean replace;

    @Spec
    CommandSpec spec = CommandSpec.create();

    @Override
    public Integer call() {
        PrintWriter out = spec.commandLine().getOut();
        if (input.file.isEmpty()) {
            throw new ParameterException(spec.commandLine(), "Name the FILE to read, or - for standard input");
        }
        try (CsvSource source = input.open(spec.commandLine().getErr())) {
            WhenThere whenThere = replace ? WhenThere.REPLACE : WhenThere.REFUSE;
            report.check(whenThere);
            Survey survey = Survey.of(source);
            Map<ColumnSurvey, ColumnReadings> readings = new LinkedHashMap<>();
            List<ColumnSurvey> wanted = columns.stream()
                    .map(column -> survey.columns().get(Columns.find(source.header(), column)))
                    .toList();
            boolean all = wanted.isEmpty() && (json || report.isGiven());
            List<ColumnSurvey> close = all ? survey.columns() : wanted;
            close.stream()
                    .filter(SurveyCommand::isRead)
                    .forEach(column -> readings.put(column, ColumnReadings.of(source, column)));
            if (json) {
                out.println(json(survey, close, readings));
            } else if (wanted.isEmpty()) {
                overview(survey, out);
            } else {
                wanted.forEach(column -> closely(column, readings.get(column), out));
            }
            if (report.isGiven()) {
                ParseResult parsed = spec.commandLine().getParseResult();
                Report.Builder page = Report.builder(input.title())
                        .command(CommandText.of(List.of(parsed), report.folder()))
                        .survey(survey);
                readings.forEach((column, read) -> page.column(column.title(), read));
                report.write(page.build(), whenThere, json ? spec.commandLine().getErr() : out);
            }
        }
        return ExitCodes.DONE;
    }

    private static boolean isRead(ColumnSurvey column) {
        return column.holds() == Holds.NAMES || column.holds() == Holds.ADDRESSES;
    }

    private static void overview(Survey survey, PrintWriter out) {
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
                .filter(SurveyCommand::isRead)
                .map(column -> (column.holds() == Holds.NAMES ? "--name" : "--address") + " \"" + column.title() + '"')
                .collect(Collectors.joining(" "));
        out.println(
                split.isEmpty() ? "No column looks like names or addresses." : "To split: inkwell split FILE " + split);
        out.println("To look closely: inkwell survey FILE --column COLUMN");
    }

    private static void closely(ColumnSurvey column, @Nullable ColumnReadings readings, PrintWriter out) {
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
        List<List<String>> rows = new ArrayList<>();
        for (int i = 0; i < column.shapes().size(); i++) {
            ColumnSurvey.Shape shape = column.shapes().get(i);
            rows.add(List.of(
                    shape.shape(),
                    Long.toString(shape.count()),
                    String.format(Locale.ROOT, "%.1f %%", 100 * shape.share()),
                    readings == null
                            ? ""
                            : Long.toString(readings.shapes().get(i).doubtful()),
                    shape.example(),
                    readings == null ? "" : readings.shapes().get(i).reading()));
        }
        out.println(TableView.of(
                List.of("Shape", "Values", "Share", "Doubtful", "Example", "Read as"), rows, Terminal.width()));
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

    private static String json(Survey survey, List<ColumnSurvey> columns, Map<ColumnSurvey, ColumnReadings> readings) {
        List<Object> all = new ArrayList<>();
        for (ColumnSurvey column : columns) {
            Map<String, Object> one = new LinkedHashMap<>();
            one.put("column", column);
            if (readings.containsKey(column)) {
                one.put("readings", readings.get(column));
            }
            all.add(one);
        }
        Map<String, Object> root = new LinkedHashMap<>();
        root.put("rows", survey.rows());
        root.put("ragged", survey.ragged());
        root.put("columns", all);
        return RunJson.of(root);
    }
}
