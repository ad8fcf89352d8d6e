package io.inkwellsplit.cli.command;

import io.inkwellsplit.cli.option.InputOptions;
import io.inkwellsplit.cli.option.ReadingOptions;
import io.inkwellsplit.cli.option.ReportOptions;
import io.inkwellsplit.cli.terminal.Surroundings;
import io.inkwellsplit.cli.view.CommandText;
import io.inkwellsplit.cli.view.ReportFiles;
import io.inkwellsplit.cli.view.RunJson;
import io.inkwellsplit.cli.view.SurveyView;
import io.inkwellsplit.report.Report;
import io.inkwellsplit.table.TableInput;
import io.inkwellsplit.table.file.Delivery;
import io.inkwellsplit.table.file.FilePlan;
import io.inkwellsplit.table.file.WhenThere;
import io.inkwellsplit.table.split.ReadColumn;
import io.inkwellsplit.table.split.Splitters;
import io.inkwellsplit.table.step.Columns;
import io.inkwellsplit.table.survey.ColumnReadings;
import io.inkwellsplit.table.survey.ColumnSurvey;
import io.inkwellsplit.table.survey.Survey;
import java.io.PrintWriter;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.ParameterException;
import picocli.CommandLine.Spec;

/** Looks at a table. */
@Command(
        name = "survey",
        description =
                "Looks at every column of a table and says what it holds; with --column, how its values look, how "
                        + "they would be read, and what is doubtful.",
        mixinStandardHelpOptions = true)
final class SurveyCommand implements Callable<Integer> {
    private final Surroundings surroundings;

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
    ReadingOptions reading = new ReadingOptions();

    @Mixin
    ReportOptions reports = new ReportOptions();

    @Option(names = "--replace", description = "Replace the report and figures if they are there already.")
    boolean replace;

    @Spec
    CommandSpec spec = CommandSpec.create();

    SurveyCommand(Surroundings surroundings) {
        this.surroundings = surroundings;
    }

    @Override
    public Integer call() {
        PrintWriter out = surroundings.out();
        if (!input.isGiven()) {
            throw new ParameterException(spec.commandLine(), "Name the FILE to read, or - for standard input");
        }
        Splitters splitters = reading.splitters();
        ReportFiles report = reports.files();
        FilePlan plan = new FilePlan(replace ? WhenThere.REPLACE : WhenThere.REFUSE);
        input.plan(plan, surroundings);
        report.plan(plan);
        plan.check();
        JobSession.tellRemoved(plan.sweep(), surroundings.err());
        try (TableInput source = input.open(surroundings);
                Delivery delivery = plan.open()) {
            Survey survey = Survey.of(source);
            Map<ColumnSurvey, ColumnReadings> readings = new LinkedHashMap<>();
            List<ColumnSurvey> wanted = columns.stream()
                    .map(column -> survey.columns().get(Columns.find(source.header(), column)))
                    .toList();
            boolean all = wanted.isEmpty() && (json || report.isGiven());
            List<ColumnSurvey> close = all ? survey.columns() : wanted;
            close.stream()
                    .filter(SurveyView::isRead)
                    .forEach(column -> readings.put(column, ReadColumn.of(source, column, splitters)));
            if (json) {
                out.println(json(survey, close, readings));
            } else if (wanted.isEmpty()) {
                SurveyView.overview(survey, out);
            } else {
                wanted.forEach(column -> SurveyView.closely(column, readings.get(column), out));
            }
            if (report.isGiven()) {
                Report.Builder page = Report.builder(input.title(surroundings))
                        .command(CommandText.of(
                                spec.commandLine().getParseResult().originalArgs(), report.folder()))
                        .survey(survey);
                readings.forEach((column, read) -> page.column(column.title(), read));
                List<String> said = report.write(page.build(), delivery);
                delivery.publish();
                said.forEach((json ? surroundings.err() : out)::println);
            }
        }
        return ExitCodes.DONE;
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
