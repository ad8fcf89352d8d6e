package io.inkwellsplit.table.job;

import io.inkwellsplit.table.ReadingWatch;
import io.inkwellsplit.table.RowSink;
import io.inkwellsplit.table.TableException;
import io.inkwellsplit.table.TableException.Problem;
import io.inkwellsplit.table.TableOutput;
import io.inkwellsplit.table.correct.ReviewSheet;
import io.inkwellsplit.table.format.WriteSettings.Sheet;
import io.inkwellsplit.table.kind.Values;
import io.inkwellsplit.table.run.Run;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;

/** Further sheets of a spreadsheet that is written: what was done, and which values to look at. */
final class MoreSheets {
    /** The setting of an output that names them. */
    static final String SETTING = "with-sheets";

    private static final String SUMMARY = "summary";
    private static final String SUMMARY_NAME = "Summary";
    private static final String DOUBTFUL = "doubtful";

    private final boolean summary;
    private final boolean doubtful;
    private final ReviewSheet values = new ReviewSheet();

    /** @throws TableException if there is no such sheet */
    MoreSheets(Values output) {
        List<String> wanted = output.texts(SETTING);
        for (String name : wanted) {
            if (!name.equals(SUMMARY) && !name.equals(DOUBTFUL)) {
                throw new TableException(
                        Problem.SETTING, "There is no further sheet \"" + name + "\"; there are summary and doubtful.");
            }
        }
        summary = wanted.contains(SUMMARY);
        doubtful = wanted.contains(DOUBTFUL);
    }

    boolean isAny() {
        return summary || doubtful;
    }

    /** Returns what the output has to know of them. */
    List<Sheet> sheets() {
        List<Sheet> sheets = new ArrayList<>();
        if (doubtful) {
            sheets.add(new Sheet(ReviewSheet.NAME, ReviewSheet.CHOICES));
        }
        if (summary) {
            sheets.add(new Sheet(SUMMARY_NAME, Map.of()));
        }
        return sheets;
    }

    /** Returns who looks on while columns are split. */
    List<ReadingWatch> watches() {
        return doubtful ? List.of(values) : List.of();
    }

    /** Returns an output that is not finished when its rows have come. */
    RowSink before(TableOutput output) {
        return isAny() ? new Unfinished(output) : output;
    }

    /** Writes them behind the rows, and finishes the output. */
    void write(TableOutput output, String title, Run run) {
        if (!isAny()) {
            return;
        }
        if (doubtful) {
            values.writeTo(output.follow(ReviewSheet.NAME));
        }
        if (summary) {
            RowSink lines = output.follow(SUMMARY_NAME);
            lines.header(List.of("What was done"));
            lines.row(List.of("Table: " + title));
            lines.row(List.of("Rows: " + run.rows() + (run.setAside() > 0 ? ", set aside: " + run.setAside() : "")
                    + (run.rowsOut() == run.rows() - run.setAside() ? "" : ", out: " + run.rowsOut())));
            run.steps().forEach(step -> step.report().forEach(line -> lines.row(List.of(line))));
            lines.finish();
        }
        output.finish();
    }

    private static final class Unfinished extends PassedOn {
        Unfinished(TableOutput output) {
            super(output);
        }

        @Override
        public void finish() {
            // Rows of other sheets follow.
        }
    }
}
