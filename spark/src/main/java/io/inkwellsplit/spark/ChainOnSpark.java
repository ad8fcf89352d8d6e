package io.inkwellsplit.spark;

import io.inkwellsplit.table.split.BoundSplit;
import io.inkwellsplit.table.step.BoundStep;
import io.inkwellsplit.table.step.Sorting;
import java.util.ArrayList;
import java.util.Iterator;
import java.util.List;
import java.util.NoSuchElementException;
import java.util.stream.Stream;
import org.apache.spark.api.java.JavaSparkContext;
import org.apache.spark.api.java.function.FlatMapFunction;
import org.apache.spark.api.java.function.MapPartitionsFunction;
import org.apache.spark.broadcast.Broadcast;
import org.apache.spark.sql.Column;
import org.apache.spark.sql.Dataset;
import org.apache.spark.sql.Encoders;
import org.apache.spark.sql.Row;
import org.apache.spark.sql.RowFactory;
import org.apache.spark.sql.functions;
import org.apache.spark.sql.types.DataTypes;
import org.apache.spark.sql.types.StructField;
import org.apache.spark.sql.types.StructType;
import org.jspecify.annotations.Nullable;

/**
 * Carries the rows of a dataset through steps. What a step learns is gathered in each partition, merged as bytes, and sent to all;
 * as the merge is the same in any order and grouping, it makes no difference how the rows are parted.
 */
final class ChainOnSpark {
    private static final int DEPTH = 2;

    private ChainOnSpark() {}

    /**
     * Returns the rows that come out of steps that look at one row, and of sorts between them.
     *
     * @param specs the steps
     */
    static Dataset<Row> runAll(Dataset<Row> dataset, List<StepSpec> specs) {
        Dataset<Row> at = dataset;
        ArrayList<StepSpec> each = new ArrayList<>();
        for (StepSpec spec : specs) {
            ArrayList<StepSpec> through = new ArrayList<>(each);
            through.add(spec);
            List<BoundStep> steps = new Chain(through, List.of(at.columns()), List.of()).steps();
            if (steps.get(steps.size() - 1) instanceof Sorting) {
                at = each.isEmpty() ? at : run(at, each);
                each = new ArrayList<>();
                at = SortOnSpark.sorted(at, spec);
            } else {
                each = through;
            }
        }
        return each.isEmpty() ? at : run(at, each);
    }

    /**
     * Returns the rows that come out; columns that are only passed on by a single split keep their types, others are text.
     *
     * @param specs the steps
     */
    static Dataset<Row> run(Dataset<Row> whole, ArrayList<StepSpec> specs) {
        StructField[] source = whole.schema().fields();
        Dataset<Row> dataset = whole.select(Stream.of(source)
                .map(field -> isTime(field)
                        ? column(field.name()).cast(DataTypes.StringType).as(field.name())
                        : column(field.name()))
                .toArray(Column[]::new));
        ArrayList<String> titles = new ArrayList<>(List.of(dataset.columns()));
        ArrayList<byte[]> learned = new ArrayList<>();
        Chain chain = new Chain(specs, titles, learned);
        int learners = chain.learners();
        while (learned.size() < learners) {
            learned.add(learn(dataset, specs, titles, new ArrayList<>(learned)));
        }
        boolean single = chain.steps().size() == 1 && chain.steps().get(0) instanceof BoundSplit;
        ArrayList<Integer> origins =
                new ArrayList<>(single ? ((BoundSplit) chain.steps().get(0)).origins() : List.of());
        StructType schema = schema(dataset.schema(), chain.header(), origins);
        Broadcast<ArrayList<byte[]>> sent = JavaSparkContext.fromSparkContext(
                        dataset.sparkSession().sparkContext())
                .broadcast(learned);
        Dataset<Row> made = dataset.mapPartitions(
                (MapPartitionsFunction<Row, Row>)
                        rows -> new Pushed(rows, new Chain(specs, titles, sent.value()), origins),
                Encoders.row(schema));
        return origins.isEmpty() ? made : made.select(timesAgain(made.columns(), source, origins));
    }

    static Column column(String title) {
        return functions.col("`" + title.replace("`", "``") + "`");
    }

    /** Days and times go through the steps as text: the engine's own classes for them need more than its usual flags. */
    private static boolean isTime(StructField field) {
        return field.dataType() == DataTypes.DateType
                || field.dataType() == DataTypes.TimestampType
                || field.dataType() == DataTypes.TimestampNTZType;
    }

    private static Column[] timesAgain(String[] titles, StructField[] source, List<Integer> origins) {
        Column[] columns = new Column[titles.length];
        for (int i = 0; i < titles.length; i++) {
            int origin = origins.get(i);
            columns[i] = origin >= 0 && isTime(source[origin])
                    ? column(titles[i]).cast(source[origin].dataType()).as(titles[i])
                    : column(titles[i]);
        }
        return columns;
    }

    private static byte[] learn(
            Dataset<Row> dataset, ArrayList<StepSpec> specs, ArrayList<String> titles, ArrayList<byte[]> before) {
        int number = before.size();
        FlatMapFunction<Iterator<Row>, byte[]> gathers = rows -> {
            Chain chain = new Chain(specs, titles, before);
            BoundSplit learner = chain.learner(number).orElseThrow();
            while (rows.hasNext()) {
                chain.pushTo(learner, cells(rows.next()), learner::observe);
            }
            return List.of(learner.learned()).iterator();
        };
        byte[] nothing =
                new Chain(specs, titles, before).learner(number).orElseThrow().learned();
        return dataset.javaRDD()
                .mapPartitions(gathers)
                .treeAggregate(
                        nothing,
                        (one, other) -> merged(specs, titles, before, one, other),
                        (one, other) -> merged(specs, titles, before, one, other),
                        DEPTH);
    }

    private static byte[] merged(
            ArrayList<StepSpec> specs, ArrayList<String> titles, ArrayList<byte[]> before, byte[] one, byte[] other) {
        BoundSplit both =
                new Chain(specs, titles, before).learner(before.size()).orElseThrow();
        both.joinLearned(one);
        both.joinLearned(other);
        return both.learned();
    }

    private static StructType schema(StructType source, List<String> header, List<Integer> origins) {
        List<StructField> fields = new ArrayList<>();
        for (int i = 0; i < header.size(); i++) {
            int origin = origins.isEmpty() ? -1 : origins.get(i);
            fields.add(
                    origin >= 0
                            ? source.fields()[origin]
                            : DataTypes.createStructField(header.get(i), DataTypes.StringType, true));
        }
        return DataTypes.createStructType(fields);
    }

    /** Returns the cells of a row as text; what has no value is an empty one. */
    static List<String> cells(Row row) {
        List<String> cells = new ArrayList<>(row.length());
        for (int i = 0; i < row.length(); i++) {
            cells.add(row.isNullAt(i) ? "" : String.valueOf(row.get(i)));
        }
        return cells;
    }

    /** The rows that come of others, one after the other. */
    private static final class Pushed implements Iterator<Row> {
        private final Iterator<Row> rows;
        private final Chain chain;
        private final List<Integer> origins;
        private final List<Row> made = new ArrayList<>();
        private int next;

        Pushed(Iterator<Row> rows, Chain chain, List<Integer> origins) {
            this.rows = rows;
            this.chain = chain;
            this.origins = origins;
        }

        @Override
        public boolean hasNext() {
            while (next == made.size() && rows.hasNext()) {
                made.clear();
                next = 0;
                Row from = rows.next();
                chain.push(cells(from), cells -> made.add(row(from, cells)));
            }
            return next < made.size();
        }

        @Override
        public Row next() {
            if (!hasNext()) {
                throw new NoSuchElementException();
            }
            return made.get(next++);
        }

        private Row row(Row from, List<String> cells) {
            @Nullable Object[] values = new Object[cells.size()];
            for (int i = 0; i < values.length; i++) {
                int origin = origins.isEmpty() ? -1 : origins.get(i);
                values[i] = origin >= 0 ? from.get(origin) : cells.get(i);
            }
            return RowFactory.create(values);
        }
    }
}
