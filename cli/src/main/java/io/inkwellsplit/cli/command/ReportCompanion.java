package io.inkwellsplit.cli.command;

import io.inkwellsplit.cli.view.CommandText;
import io.inkwellsplit.cli.view.PreviewSink;
import io.inkwellsplit.cli.view.ReportFiles;
import io.inkwellsplit.report.Figure;
import io.inkwellsplit.report.Report;
import io.inkwellsplit.table.ReadingWatch;
import io.inkwellsplit.table.RowSource;
import io.inkwellsplit.table.file.Delivery;
import io.inkwellsplit.table.job.JobCompanion;
import io.inkwellsplit.table.job.JobDone;
import io.inkwellsplit.table.survey.RunWatch;
import io.inkwellsplit.table.survey.Survey;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/** Writes the report of a job. */
final class ReportCompanion implements JobCompanion {
    private final ReportFiles files;
    private final PreviewSink first;
    private final RunWatch seen = new RunWatch();
    private Optional<Survey> survey = Optional.empty();

    ReportCompanion(ReportFiles files, PreviewSink first) {
        this.files = files;
        this.first = first;
    }

    @Override
    public Set<String> takes() {
        return Set.of("report", "figures");
    }

    @Override
    public void before(RowSource source) {
        Figure.checkFonts();
        survey = Optional.of(Survey.of(source));
    }

    @Override
    public List<ReadingWatch> watches() {
        return List.of(seen);
    }

    @Override
    public List<String> after(JobDone done, Delivery delivery) {
        Report.Builder report = Report.builder(done.job().title())
                .command(CommandText.of(done.job(), files.folder()))
                .survey(survey.orElseThrow())
                .run(done.run(), first.first());
        seen.counted().forEach(report::column);
        return files.write(report.build(), delivery);
    }
}
