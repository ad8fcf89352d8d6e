package io.inkwellsplit.spark;

import io.inkwellsplit.table.TableException;
import io.inkwellsplit.table.csv.CsvSource;
import io.inkwellsplit.table.run.Run;
import io.inkwellsplit.table.split.BoundSplit;
import io.inkwellsplit.table.step.BoundStep;
import java.io.ByteArrayInputStream;
import java.math.BigDecimal;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Iterator;
import java.util.List;
import java.util.stream.IntStream;
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
 * Carries the rows of a dataset through steps that look at one row. What a step learns is gathered in each partition, merged as bytes,
 * and sent to all; as the merge is the same in any order and grouping, it makes no difference how the rows are parted.
 */
final class ChainOnSpark {
    /** Rows that set this column do not fit the header; it holds them as they were read, and stands last. */
    static final String UNFIT = "inkwell_unfit";

    private static final int DEPTH = 2;

    private ChainOnSpark() {}

    /**
     * Returns the rows that come out; columns that are only passed on by a single split keep their types, others are text.
     *
     * @param specs the steps
     * @param separator what parts the cells of a row that does not fit
     * @param tally what is told of the counts; null for nobody, and then a row on which a step fails ends the work
     */
    static Dataset<Row> run(Dataset<Row> whole, List<StepSpec> steps, char separator, @Nullable Tally tally) {
        ArrayList<StepSpec> specs = new ArrayList<>(steps);
        boolean unfit = List.of(whole.columns()).contains(UNFIT);
        StructField[] fields = whole.schema().fields();
        StructField[] source =
                unfit ? List.of(fields).subList(0, fields.length - 1).toArray(StructField[]::new) : fields;
        Dataset<Row> dataset = whole.select(Stream.of(fields)
                .map(field -> isTime(field)
                        ? column(field.name()).cast(DataTypes.StringType).as(field.name())
                        : column(field.name()))
                .toArray(Column[]::new));
        ArrayList<String> titles =
                new ArrayList<>(Stream.of(source).map(StructField::name).toList());
        ArrayList<byte[]> learned = new ArrayList<>();
        Chain chain = new Chain(specs, titles, learned);
        int learners = chain.learners();
        while (learned.size() < learners) {
            learned.add(learn(dataset, specs, titles, new ArrayList<>(learned)));
        }
        ArrayList<Integer> origins = new ArrayList<>(origins(chain, titles.size()));
        StructType schema = schema(dataset.schema(), chain.header(), origins);
        Broadcast<ArrayList<byte[]>> sent = JavaSparkContext.fromSparkContext(
                        dataset.sparkSession().sparkContext())
                .broadcast(learned);
        Dataset<Row> made = dataset.mapPartitions(
                (MapPartitionsFunction<Row, Row>)
                        rows -> new Pushed(rows, new Chain(specs, titles, sent.value()), origins, separator, tally),
                Encoders.row(schema));
        return origins.isEmpty() ? made : made.select(timesAgain(made.columns(), source, origins));
    }

    /** Returns from which column each one comes unchanged, -1 where from none; nothing where that is not known. */
    private static List<Integer> origins(Chain chain, int width) {
        return switch (chain.steps().size()) {
            case 0 -> IntStream.range(0, width).boxed().toList();
            case 1 -> chain.steps().get(0) instanceof BoundSplit split ? split.origins() : List.of();
            default -> List.of();
        };
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
                Row row = rows.next();
                if (unfit(row, titles.size()) == null) {
                    learnFrom(chain, learner, cells(row).subList(0, titles.size()));
                }
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

    /** A row that a step fails on is set aside when its turn comes, and teaches nothing. */
    private static void learnFrom(Chain chain, BoundSplit learner, List<String> cells) {
        try {
            chain.pushTo(learner, cells, learner::observe);
        } catch (TableException e) {
            throw e;
        } catch (RuntimeException | StackOverflowError e) {
            return;
        }
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
            fields.add(origin >= 0 ? source.fields()[origin] : text(header.get(i)));
        }
        return DataTypes.createStructType(fields);
    }

    /** Returns columns of text. */
    static StructType textSchema(List<String> titles) {
        return DataTypes.createStructType(
                titles.stream().map(ChainOnSpark::text).toList());
    }

    private static StructField text(String title) {
        return DataTypes.createStructField(title, DataTypes.StringType, true);
    }

    /** Returns the cells of a row as text; what has no value is an empty one. */
    static List<String> cells(Row row) {
        List<String> cells = new ArrayList<>(row.length());
        for (int i = 0; i < row.length(); i++) {
            Object value = row.isNullAt(i) ? "" : row.get(i);
            cells.add(value instanceof BigDecimal number ? number.toPlainString() : String.valueOf(value));
        }
        return cells;
    }

    /** Returns a row as it was read, where it does not fit the header. */
    private static @Nullable String unfit(Row row, int width) {
        return row.length() > width ? row.getString(width) : null;
    }

    /** The rows that come of others, one after the other. */
    private static final class Pushed extends MadeRows {
        private final Iterator<Row> rows;
        private final Chain chain;
        private final List<Integer> origins;
        private final int width;
        private final char separator;
        private final boolean setsAside;

        Pushed(Iterator<Row> rows, Chain chain, List<Integer> origins, char separator, @Nullable Tally tally) {
            super(tally);
            this.rows = rows;
            this.chain = chain;
            this.origins = origins;
            this.width = chain.sourceHeader().size();
            this.separator = separator;
            this.setsAside = tally != null;
        }

        @Override
        boolean work(List<Row> out) {
            if (!rows.hasNext()) {
                return false;
            }
            Row from = rows.next();
            counted.rows++;
            String unfit = unfit(from, width);
            if (unfit != null) {
                List<String> cells = read(unfit);
                counted.setAside(cells, Run.unfit(cells.size(), width));
                return true;
            }
            List<String> cells = cells(from).subList(0, width);
            try {
                chain.push(cells, made -> out.add(row(from, made)));
            } catch (TableException e) {
                throw e;
            } catch (RuntimeException | StackOverflowError e) {
                if (!setsAside) {
                    throw e;
                }
                out.clear();
                counted.faults++;
                counted.setAside(cells, Run.fault(e));
            }
            return true;
        }

        private List<String> read(String record) {
            CsvSource.Settings settings =
                    new CsvSource.Settings(CsvSource.Header.NONE, "UTF-8", String.valueOf(separator), null, 0);
            try (CsvSource source = CsvSource.open(
                    "row " + counted.rows,
                    new ByteArrayInputStream(record.getBytes(StandardCharsets.UTF_8)),
                    settings)) {
                return source.rows().next().cells();
            }
        }

        private Row row(Row from, List<String> cells) {
            @Nullable Object[] values = new Object[cells.size()];
            for (int i = 0; i < values.length; i++) {
                int origin = origins.isEmpty() ? -1 : origins.get(i);
                values[i] = origin >= 0 ? from.get(origin) : cells.get(i);
            }
            return RowFactory.create(values);
        }

        @Override
        List<BoundStep> steps() {
            return chain.steps();
        }
    }
}
