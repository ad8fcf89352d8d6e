package io.inkwellsplit.spark;

import io.inkwellsplit.table.step.Sorting;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import org.apache.spark.sql.Column;
import org.apache.spark.sql.Dataset;
import org.apache.spark.sql.Row;
import org.apache.spark.sql.api.java.UDF1;
import org.apache.spark.sql.functions;
import org.apache.spark.sql.types.DataTypes;
import org.jspecify.annotations.Nullable;
import scala.collection.Seq;
import scala.jdk.javaapi.CollectionConverters;

/** Sorts by the engine's own sort, by the keys of one machine; rows of one key stay in the order in which they are read. */
final class SortOnSpark {
    private static final String KEY = "inkwell_key";
    private static final String PLACE = "inkwell_place";

    private SortOnSpark() {}

    static Dataset<Row> sorted(Dataset<Row> dataset, StepSpec spec) {
        Column cells = functions.array(Stream.of(dataset.columns())
                .map(title ->
                        functions.coalesce(ChainOnSpark.column(title).cast(DataTypes.StringType), functions.lit("")))
                .toArray(Column[]::new));
        Column key = functions
                .udf(new Keys(spec, List.of(dataset.columns())), DataTypes.BinaryType)
                .apply(cells);
        return dataset.withColumn(PLACE, functions.monotonically_increasing_id())
                .withColumn(KEY, key)
                .orderBy(functions.col(KEY), functions.col(PLACE))
                .drop(KEY, PLACE);
    }

    /** Makes keys; bound anew on each machine. */
    private static final class Keys implements UDF1<Seq<String>, byte[]> {
        private static final long serialVersionUID = 1;

        private final StepSpec spec;
        private final ArrayList<String> titles;
        private transient @Nullable Sorting step;

        Keys(StepSpec spec, List<String> titles) {
            this.spec = spec;
            this.titles = new ArrayList<>(titles);
        }

        @Override
        public byte[] call(Seq<String> cells) {
            Sorting sorting = step;
            if (sorting == null) {
                sorting = (Sorting)
                        new Chain(List.of(spec), titles, List.of()).steps().get(0);
                step = sorting;
            }
            return sorting.key(CollectionConverters.asJava(cells));
        }
    }
}
