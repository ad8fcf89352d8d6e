package io.inkwellsplit.cli.view;

import io.inkwellsplit.cli.terminal.Terminal;
import io.inkwellsplit.table.Row;
import io.inkwellsplit.table.RowSource;
import io.inkwellsplit.table.job.JobCompanion;
import java.util.Iterator;
import java.util.List;
import me.tongfei.progressbar.ConsoleProgressBarConsumer;
import me.tongfei.progressbar.ProgressBar;
import me.tongfei.progressbar.ProgressBarBuilder;
import me.tongfei.progressbar.ProgressBarStyle;
import org.jspecify.annotations.Nullable;

/** A bar for long work on a terminal: rows, rate, and the time that is left once a first pass has counted the rows. */
public final class Progress implements JobCompanion, AutoCloseable {
    private static final int STEP = 1 << 10;
    /** Short work needs no bar. */
    private static final int QUIET_ROWS = 20_000;

    private final boolean shown;
    private long known = -1;
    private @Nullable ProgressBar bar;

    /** @param shown whether somebody looks at it; without, it only passes rows on */
    public Progress(boolean shown) {
        this.shown = shown;
    }

    @Override
    public RowSource around(RowSource source) {
        return new RowSource() {
            @Override
            public List<String> header() {
                return source.header();
            }

            @Override
            public Iterator<Row> rows() {
                return counted(source.rows());
            }

            @Override
            public long rowsAbout() {
                return source.rowsAbout();
            }
        };
    }

    private Iterator<Row> counted(Iterator<Row> rows) {
        return new Iterator<>() {
            private long count;

            @Override
            public boolean hasNext() {
                boolean more = rows.hasNext();
                if (!more) {
                    known = count;
                    stop();
                }
                return more;
            }

            @Override
            public Row next() {
                count++;
                if (shown && count == QUIET_ROWS) {
                    start();
                }
                if (bar != null && count % STEP == 0) {
                    bar.stepTo(count);
                }
                return rows.next();
            }
        };
    }

    private void start() {
        stop();
        bar = new ProgressBarBuilder()
                .setTaskName("Rows")
                .setInitialMax(known)
                .setStyle(ProgressBarStyle.ASCII)
                .showSpeed()
                .setMaxRenderedLength(Terminal.width())
                .clearDisplayOnFinish()
                .setConsumer(new ConsoleProgressBarConsumer(System.err, Terminal.width()))
                .build();
    }

    private void stop() {
        if (bar != null) {
            bar.close();
            bar = null;
        }
    }

    @Override
    public void close() {
        stop();
    }
}
