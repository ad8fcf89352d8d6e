package io.inkwellsplit.spark;

import io.inkwellsplit.table.step.Keyed;
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

/** Rows with the key that a step gives them, and their place among the others. */
final class KeyedRows {
    static final String KEY = "inkwell_key";
    static final String PLACE = "inkwell_place";

    private KeyedRows() {}

    static Dataset<Row> of(Dataset<Row> dataset, StepSpec spec) {
        Column key = functions
                .udf(new Keys(spec, List.of(dataset.columns())), DataTypes.BinaryType)
                .apply(functions.array(
                        Stream.of(dataset.columns()).map(KeyedRows::text).toArray(Column[]::new)));
        return dataset.withColumn(PLACE, functions.monotonically_increasing_id())
                .withColumn(KEY, key);
    }

    /** Returns a column as text; what has no value is an empty one. */
    static Column text(String title) {
        return functions.coalesce(ChainOnSpark.column(title).cast(DataTypes.StringType), functions.lit(""));
    }

    /** Makes keys; the step is bound anew on each machine. */
    private static final class Keys implements UDF1<Seq<String>, byte[]> {
        private static final long serialVersionUID = 1;

        private final StepSpec spec;
        private final ArrayList<String> titles;
        private transient @Nullable Keyed step;

        Keys(StepSpec spec, List<String> titles) {
            this.spec = spec;
            this.titles = new ArrayList<>(titles);
        }

        @Override
        public byte[] call(Seq<String> cells) {
            Keyed keyed = step;
            if (keyed == null) {
                keyed = (Keyed)
                        new Chain(List.of(spec), titles, List.of()).steps().get(0);
                step = keyed;
            }
            return keyed.key(CollectionConverters.asJava(cells));
        }
    }
}
