package io.inkwellsplit.spark;

import io.inkwellsplit.table.Row;
import io.inkwellsplit.table.RowSink;
import io.inkwellsplit.table.job.Job;
import io.inkwellsplit.table.job.JobDone;
import io.inkwellsplit.table.job.JobRun;
import java.util.ArrayList;
import java.util.List;
import org.apache.spark.sql.SparkSession;

/** The engine inside of this process, and what it is compared with. */
final class OneProcess {
    private OneProcess() {}

    static SparkSession session() {
        return SparkSession.builder()
                .master("local[2]")
                .config("spark.ui.enabled", false)
                .config("spark.driver.host", "127.0.0.1")
                .config("spark.driver.bindAddress", "127.0.0.1")
                .config("spark.sql.shuffle.partitions", 3)
                .config("spark.sql.adaptive.coalescePartitions.enabled", false)
                .getOrCreate();
    }

    /**
     * What comes of a job on one machine.
     *
     * @param rows the titles and all rows
     * @param report what the steps have counted
     * @param asides the rows that were set aside, each with its number and the reason in front
     */
    record Outcome(List<List<String>> rows, List<String> report, List<List<String>> asides) {}

    static Outcome onOneMachine(Job job) {
        List<List<String>> rows = new ArrayList<>();
        List<List<String>> asides = new ArrayList<>();
        JobDone done = JobRun.of(job).into(new RowSink() {
            @Override
            public void header(List<String> titles) {
                rows.add(List.copyOf(titles));
            }

            @Override
            public void row(List<String> cells) {
                rows.add(List.copyOf(cells));
            }

            @Override
            public void setAside(Row row, String reason) {
                List<String> aside = new ArrayList<>(List.of(Long.toString(row.number()), reason));
                aside.addAll(row.cells());
                asides.add(aside);
            }

            @Override
            public void finish() {}
        });
        List<String> report = new ArrayList<>();
        done.run().steps().forEach(step -> report.addAll(step.report()));
        return new Outcome(rows, report, asides);
    }
}
