package io.inkwellsplit.report;

import io.inkwellsplit.table.run.Run;
import io.inkwellsplit.table.step.BoundStep;
import io.inkwellsplit.table.survey.ColumnReadings;
import io.inkwellsplit.table.survey.Survey;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * What was found in a table and what was made of it, as a page and as figures.
 *
 * <p>The page is one HTML file that asks nothing from outside; every value in it is escaped. It holds values of the table,
 * so it is as private as the table.
 */
public final class Report {
    private final String title;
    private final List<String> commands;
    private final Optional<Survey> survey;
    private final Map<String, ColumnReadings> columns;
    private final Optional<Done> done;

    private Report(Builder builder) {
        this.title = builder.title;
        this.commands = List.copyOf(builder.commands);
        this.survey = builder.survey;
        this.columns = new LinkedHashMap<>(builder.columns);
        this.done = builder.done;
    }

    /**
     * What a run has done.
     *
     * @param run the run, at its end
     * @param first its first rows
     */
    record Done(Run run, List<List<String>> first) {
        List<String> sentences() {
            List<String> lines = new ArrayList<>();
            run.steps().stream().map(BoundStep::report).forEach(lines::addAll);
            return lines;
        }
    }

    /** Starts a report; {@code title} is usually the name of the table's file. */
    public static Builder builder(String title) {
        return new Builder(title);
    }

    /** Gathers what a {@link Report} tells. */
    public static final class Builder {
        private final String title;
        private final List<String> commands = new ArrayList<>();
        private Optional<Survey> survey = Optional.empty();
        private final Map<String, ColumnReadings> columns = new LinkedHashMap<>();
        private Optional<Done> done = Optional.empty();

        private Builder(String title) {
            this.title = title;
        }

        /** Adds a line that the reader can type to get the same. */
        public Builder command(String line) {
            commands.add(line);
            return this;
        }

        /** Tells what the columns of the table hold. */
        public Builder survey(Survey of) {
            survey = Optional.of(of);
            return this;
        }

        /** Tells how a column was read, or would be. */
        public Builder column(String column, ColumnReadings readings) {
            columns.put(column, readings);
            return this;
        }

        /** Tells what a run has done; {@code first} are the first rows that came out. */
        public Builder run(Run run, List<List<String>> first) {
            done = Optional.of(new Done(run, List.copyOf(first)));
            return this;
        }

        public Report build() {
            return new Report(this);
        }
    }

    String title() {
        return title;
    }

    List<String> commands() {
        return commands;
    }

    Optional<Survey> survey() {
        return survey;
    }

    Map<String, ColumnReadings> columns() {
        return columns;
    }

    Optional<Done> done() {
        return done;
    }

    /** Returns the figures of all columns, those of the page, in their order. */
    public List<Figure> figures() {
        List<Figure> figures = new ArrayList<>();
        columns.forEach((column, readings) -> figures.addAll(Figures.of(column, readings)));
        return figures;
    }

    /** Writes the page, in UTF-8. */
    public void page(OutputStream to) throws IOException {
        to.write(ReportPage.of(this).getBytes(StandardCharsets.UTF_8));
    }
}
