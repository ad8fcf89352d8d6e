package io.inkwellsplit.spark;

import io.inkwellsplit.table.step.BoundStep;
import io.inkwellsplit.table.step.Gathering;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.Iterator;
import java.util.List;
import org.apache.spark.TaskContext;
import org.apache.spark.api.java.JavaRDD;
import org.apache.spark.api.java.function.FlatMapFunction;
import org.apache.spark.sql.Dataset;
import org.apache.spark.sql.Row;
import org.apache.spark.sql.RowFactory;
import org.apache.spark.sql.functions;
import org.jspecify.annotations.Nullable;

/** Brings rows of one key together by the engine's own shuffle, in ranges of keys; each range has a step of its own. */
final class GatherOnSpark {
    private GatherOnSpark() {}

    static Dataset<Row> run(Dataset<Row> dataset, StepSpec spec, Tally tally) {
        ArrayList<String> titles = new ArrayList<>(List.of(dataset.columns()));
        JavaRDD<Row> ranges = KeyedRows.of(dataset, spec)
                .repartitionByRange(functions.col(KeyedRows.KEY))
                .sortWithinPartitions(KeyedRows.KEY, KeyedRows.PLACE)
                .drop(KeyedRows.PLACE)
                .javaRDD();
        Gathering step = bound(spec, titles);
        HashMap<Integer, Long> before = step.numbers() ? before(ranges, spec, titles) : new HashMap<>();
        FlatMapFunction<Iterator<Row>, Row> works = rows -> {
            Gathering own = bound(spec, titles);
            own.numberBehind(before.getOrDefault(TaskContext.getPartitionId(), 0L));
            return new Gathered(own, rows, tally);
        };
        return dataset.sparkSession()
                .createDataFrame(ranges.mapPartitions(works), ChainOnSpark.textSchema(step.header()));
    }

    private static Gathering bound(StepSpec spec, List<String> titles) {
        return (Gathering) new Chain(List.of(spec), titles, List.of()).steps().get(0);
    }

    /** Returns for each range how many groups the ranges before it number; the rows are not brought together anew for that. */
    private static HashMap<Integer, Long> before(JavaRDD<Row> ranges, StepSpec spec, ArrayList<String> titles) {
        FlatMapFunction<Iterator<Row>, Long> numbers = rows -> {
            Gathering own = bound(spec, titles);
            new Gathered(own, rows, null).forEachRemaining(row -> {});
            return List.of(own.numbered()).iterator();
        };
        HashMap<Integer, Long> before = new HashMap<>();
        long sum = 0;
        List<Long> numbered = ranges.mapPartitions(numbers).collect();
        for (int i = 0; i < numbered.size(); i++) {
            before.put(i, sum);
            sum += numbered.get(i);
        }
        return before;
    }

    /** What comes of the rows of one range, which come in the order of their keys: of all rows of a key at a time. */
    private static final class Gathered extends MadeRows {
        private final Gathering step;
        private final Iterator<Row> rows;
        private @Nullable Row ahead;

        Gathered(Gathering step, Iterator<Row> rows, @Nullable Tally tally) {
            super(tally);
            this.step = step;
            this.rows = rows;
            this.ahead = rows.hasNext() ? rows.next() : null;
        }

        @Override
        boolean work(List<Row> out) {
            Row first = ahead;
            if (first == null) {
                return false;
            }
            byte[] key = key(first);
            while (ahead != null && Arrays.equals(key(ahead), key)) {
                counted.rows++;
                List<String> cells = ChainOnSpark.cells(ahead);
                step.push(cells.subList(0, cells.size() - 1), made -> {});
                ahead = rows.hasNext() ? rows.next() : null;
            }
            step.end(cells -> out.add(RowFactory.create(cells.toArray())));
            return true;
        }

        /** The key is the last column. */
        private static byte[] key(Row row) {
            return (byte[]) row.get(row.length() - 1);
        }

        @Override
        List<BoundStep> steps() {
            return List.of(step);
        }
    }
}
