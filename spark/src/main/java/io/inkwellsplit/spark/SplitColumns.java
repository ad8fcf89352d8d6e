package io.inkwellsplit.spark;

import io.inkwellsplit.table.kind.StepKind;
import io.inkwellsplit.table.kind.StepKinds;
import io.inkwellsplit.table.kind.Values;
import io.inkwellsplit.table.kind.Values.Given;
import java.util.ArrayList;
import java.util.List;
import org.apache.spark.sql.Dataset;
import org.apache.spark.sql.Row;

/**
 * Adds the part columns of names and addresses to a dataset: the same columns, with the same titles and text, as the command
 * {@code split} adds to a table. Each column is read in the light of all its values. Immutable.
 *
 * <pre>{@code
 * Dataset<Row> split = SplitColumns.of().name("Patron").set("parts", "first,last").split(patrons);
 * }</pre>
 */
public final class SplitColumns {
    private static final String SPLIT = "split";

    private final List<Given> given;

    private SplitColumns(List<Given> given) {
        this.given = List.copyOf(given);
    }

    /** {@return a split of nothing yet} */
    public static SplitColumns of() {
        return new SplitColumns(List.of());
    }

    /**
     * {@return this, splitting a column of names as well}
     *
     * @param column its title
     */
    public SplitColumns name(String column) {
        return set("name", column);
    }

    /**
     * {@return this, splitting a column of addresses as well}
     *
     * @param column its title
     */
    public SplitColumns address(String column) {
        return set("address", column);
    }

    /**
     * {@return this with a setting of the step {@code split}, as in a job: {@code parts}, {@code titles}, {@code words},
     * {@code corrections} …} Files are read by the driver, and go along.
     *
     * @param setting its name
     * @param value its value; {@code true} for a flag
     */
    public SplitColumns set(String setting, String value) {
        List<Given> all = new ArrayList<>(given);
        all.add(new Given(setting, value));
        return new SplitColumns(all);
    }

    /**
     * Splits. The dataset is gone through to learn from it, and once more when the result is asked for; columns that are passed on
     * keep their types.
     *
     * @param dataset the dataset
     * @return it, with the columns of parts behind those that are split
     * @throws io.inkwellsplit.table.TableException if a column is missing, or a setting cannot be
     */
    public Dataset<Row> split(Dataset<Row> dataset) {
        StepKind kind = StepKinds.named(SPLIT);
        return ChainOnSpark.run(dataset, List.of(new StepSpec(kind, Values.of(kind, given))), ',', null);
    }
}
