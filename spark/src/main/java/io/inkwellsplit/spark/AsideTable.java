package io.inkwellsplit.spark;

import io.inkwellsplit.table.csv.AsideFile;
import io.inkwellsplit.table.job.Job;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.apache.spark.sql.Row;
import org.apache.spark.sql.RowFactory;
import org.apache.spark.sql.SparkSession;

/** The rows that could not be worked on, each with its reason, as a small table beside the output. */
final class AsideTable implements AutoCloseable {
    private final SparkSession session;
    private final TableToWrite table;

    /** @throws io.inkwellsplit.table.TableException if there is one already and it may not be replaced; before any work is done */
    AsideTable(SparkSession session, Job job, String output, Optional<String> read) {
        this.session = session;
        String name = job.output().text("set-aside").orElse(output.replace('#', '.') + ".set-aside.csv");
        this.table = new TableToWrite(session, name, Form.CSV, job.whenThere(), read);
    }

    /** Writes the rows that stages have set aside; returns the name of the table, where there are any. */
    Optional<String> write(List<Stage> stages, List<String> sourceTitles) {
        List<List<String>> rows = new ArrayList<>();
        for (Stage stage : stages) {
            boolean numbered = stage == stages.get(0) && stage.tally().isOnePart();
            for (Counted.Aside aside : stage.tally().asides()) {
                List<String> cells =
                        new ArrayList<>(List.of(numbered ? Long.toString(aside.number()) : "", "", aside.reason()));
                cells.addAll(aside.cells());
                rows.add(cells);
            }
        }
        if (rows.isEmpty()) {
            table.giveWay();
            return Optional.empty();
        }
        int width = rows.stream().mapToInt(List::size).max().orElse(0);
        List<String> titles = titles(sourceTitles, width);
        List<Row> even = rows.stream().map(row -> padded(row, titles.size())).toList();
        table.write(
                session.createDataFrame(even, ChainOnSpark.textSchema(titles)).coalesce(1));
        table.appear();
        return Optional.of(table.name());
    }

    /** A row may have more cells than there are titles; and the engine wants titles that differ. */
    private static List<String> titles(List<String> source, int width) {
        List<String> titles = new ArrayList<>(AsideFile.TITLES);
        source.forEach(title -> titles.add(AsideFile.TITLES.contains(title) ? title + " of the table" : title));
        while (titles.size() < width) {
            titles.add("Cell " + (titles.size() + 1 - AsideFile.TITLES.size()));
        }
        return titles;
    }

    private static Row padded(List<String> row, int width) {
        List<String> cells = new ArrayList<>(row);
        while (cells.size() < width) {
            cells.add("");
        }
        return RowFactory.create(cells.toArray());
    }

    @Override
    public void close() {
        table.close();
    }
}
