package io.inkwellsplit.spark;

import static org.apache.spark.sql.functions.col;
import static org.apache.spark.sql.functions.sum;

import io.inkwellsplit.table.step.BoundStep;
import io.inkwellsplit.table.step.Counting;
import java.util.ArrayList;
import java.util.Iterator;
import java.util.List;
import java.util.stream.Stream;
import org.apache.spark.api.java.function.MapPartitionsFunction;
import org.apache.spark.sql.Column;
import org.apache.spark.sql.Dataset;
import org.apache.spark.sql.Encoders;
import org.apache.spark.sql.Row;
import org.apache.spark.sql.RowFactory;

/** Counts values by the engine's own counting, so that a value that is in every row is no burden to one machine. */
final class CountOnSpark {
    private static final String COUNT = "inkwell_count";

    private CountOnSpark() {}

    /**
     * Returns a row for each set of values.
     *
     * @param kept takes what is kept in between, to be let go when the rows have been asked for
     */
    static Dataset<Row> run(Dataset<Row> dataset, StepSpec spec, Tally tally, List<Dataset<Row>> kept) {
        ArrayList<String> titles = new ArrayList<>(List.of(dataset.columns()));
        Counting step = bound(spec, titles);
        List<String> values = new ArrayList<>();
        List<Column> columns = new ArrayList<>();
        for (int index : step.counted()) {
            values.add("inkwell_value_" + values.size());
            columns.add(KeyedRows.text(titles.get(index)).as(values.get(values.size() - 1)));
        }
        Dataset<Row> counts = dataset.groupBy(columns.toArray(Column[]::new))
                .count()
                .withColumnRenamed("count", COUNT)
                .persist();
        kept.add(counts);
        Row all = counts.agg(sum(COUNT)).first();
        long total = all.isNullAt(0) ? 0 : all.getLong(0);
        Column[] order = Stream.concat(
                        Stream.of(col(COUNT).desc()), values.stream().map(value -> col(value)))
                .toArray(Column[]::new);
        return counts.orderBy(order)
                .mapPartitions(
                        (MapPartitionsFunction<Row, Row>) rows -> new Counts(bound(spec, titles), rows, total, tally),
                        Encoders.row(ChainOnSpark.textSchema(step.header())));
    }

    private static Counting bound(StepSpec spec, List<String> titles) {
        return (Counting) new Chain(List.of(spec), titles, List.of()).steps().get(0);
    }

    /** The rows of what was counted. */
    private static final class Counts extends MadeRows {
        private final Counting step;
        private final Iterator<Row> rows;
        private final long total;

        Counts(Counting step, Iterator<Row> rows, long total, Tally tally) {
            super(tally);
            this.step = step;
            this.rows = rows;
            this.total = total;
        }

        @Override
        boolean work(List<Row> out) {
            if (!rows.hasNext()) {
                return false;
            }
            Row row = rows.next();
            int last = row.length() - 1;
            counted.rows++;
            out.add(RowFactory.create(step.row(ChainOnSpark.cells(row).subList(0, last), row.getLong(last), total)
                    .toArray()));
            return true;
        }

        @Override
        List<BoundStep> steps() {
            return List.of(step);
        }
    }
}
