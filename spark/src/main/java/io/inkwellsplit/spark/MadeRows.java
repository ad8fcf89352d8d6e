package io.inkwellsplit.spark;

import io.inkwellsplit.table.step.BoundStep;
import java.util.ArrayList;
import java.util.Iterator;
import java.util.List;
import java.util.NoSuchElementException;
import org.apache.spark.sql.Row;
import org.jspecify.annotations.Nullable;

/** The rows that come of one part of others, a few at a time; what was counted is told when all have come. */
abstract class MadeRows implements Iterator<Row> {
    final Counted counted = new Counted();

    private final List<Row> made = new ArrayList<>();
    private final @Nullable Tally tally;
    private int next;
    private boolean ended;

    /** @param tally what is told of the counts; null for nobody */
    MadeRows(@Nullable Tally tally) {
        this.tally = tally;
    }

    /** Works on the next rows, if there are any; returns whether there were. */
    abstract boolean work(List<Row> out);

    /** Returns the steps at work, in their order. */
    abstract List<BoundStep> steps();

    @Override
    public boolean hasNext() {
        while (next == made.size() && !ended) {
            made.clear();
            next = 0;
            if (!work(made)) {
                ended = true;
                counted.take(steps().stream().map(BoundStep::counts).toList());
                if (tally != null) {
                    tally.add(counted);
                }
            }
            counted.rowsOut += made.size();
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
}
