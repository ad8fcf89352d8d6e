package io.inkwellsplit.spark;

import io.inkwellsplit.table.TableException;
import io.inkwellsplit.table.TableException.Problem;
import io.inkwellsplit.table.split.BoundSplit;
import io.inkwellsplit.table.step.BoundStep;
import io.inkwellsplit.table.step.Counting;
import io.inkwellsplit.table.step.Gathering;
import io.inkwellsplit.table.step.Sorting;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import org.apache.spark.sql.Dataset;
import org.apache.spark.sql.Row;

/** All steps of a job on one dataset: those that look at one row go together, the others by the engine's own operations. */
final class StepsOnSpark implements AutoCloseable {
    private final char separator;
    private final List<Stage> stages = new ArrayList<>();
    private final List<Dataset<Row>> kept = new ArrayList<>();
    private Dataset<Row> at;

    /**
     * Carries the rows through steps that were {@link #check checked}; they are read to learn from them, and else when the result is
     * asked for.
     *
     * @param separator what parts the cells of a row that does not fit the header
     */
    StepsOnSpark(Dataset<Row> dataset, List<StepSpec> specs, char separator) {
        this.separator = separator;
        this.at = dataset;
        List<StepSpec> together = new ArrayList<>();
        for (StepSpec spec : specs) {
            List<StepSpec> through = new ArrayList<>(together);
            through.add(spec);
            List<BoundStep> steps = new Chain(through, titles(), List.of()).steps();
            BoundStep last = steps.get(steps.size() - 1);
            if (isRowByRow(last)) {
                together = through;
                continue;
            }
            rowByRow(together);
            together = List.of();
            if (last instanceof Sorting) {
                at = KeyedRows.of(at, spec)
                        .orderBy(KeyedRows.KEY, KeyedRows.PLACE)
                        .drop(KeyedRows.KEY, KeyedRows.PLACE);
            } else {
                Tally tally = stage(List.of(spec));
                at = last instanceof Counting
                        ? CountOnSpark.run(at, spec, tally, kept)
                        : GatherOnSpark.run(at, spec, tally);
            }
        }
        rowByRow(together);
    }

    /**
     * Looks whether all steps have a counterpart.
     *
     * @throws TableException if one has none, or does not fit the columns
     */
    static void check(List<StepSpec> specs, List<String> titles) {
        for (int i = 0; i < specs.size(); i++) {
            Chain chain = new Chain(specs.subList(0, i + 1), titles, List.of());
            for (BoundStep step : chain.steps()) {
                if (!isRowByRow(step)
                        && !(step instanceof Sorting)
                        && !(step instanceof Gathering)
                        && !(step instanceof Counting)) {
                    throw new TableException(
                            Problem.SETTING,
                            "The step " + specs.get(i).name()
                                    + " has to see the whole table before it knows its columns, and has no counterpart "
                                    + "on Spark; say how many columns it makes, and where to cut.");
                }
            }
        }
    }

    private static boolean isRowByRow(BoundStep step) {
        return step.isRowByRow() || step instanceof BoundSplit;
    }

    /** The first of them counts the rows, and sets those aside that do not fit. */
    private void rowByRow(List<StepSpec> together) {
        if (!together.isEmpty() || stages.isEmpty()) {
            Tally tally = stage(together);
            at = ChainOnSpark.run(at, together, separator, tally);
        }
    }

    private Tally stage(List<StepSpec> specs) {
        Tally tally = new Tally();
        at.sparkSession().sparkContext().register(tally);
        stages.add(new Stage(List.copyOf(specs), titles(), tally));
        return tally;
    }

    private List<String> titles() {
        return Stream.of(at.columns())
                .filter(title -> !title.equals(ChainOnSpark.UNFIT))
                .toList();
    }

    Dataset<Row> result() {
        return at;
    }

    /** Returns the stages, with what was counted once the result was asked for. */
    List<Stage> stages() {
        return stages;
    }

    @Override
    public void close() {
        kept.forEach(Dataset::unpersist);
    }
}
