package io.inkwellsplit.spark;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import org.apache.spark.TaskContext;
import org.apache.spark.util.AccumulatorV2;

/**
 * What is counted while rows are worked on, by the number of the part of the rows. A part that is worked on once more, since a worker
 * was lost or the rows were asked for twice, counts the same again, and that takes the place of the first.
 */
final class Tally extends AccumulatorV2<Counted, Map<Integer, Counted>> {
    private static final long serialVersionUID = 1;

    private final TreeMap<Integer, Counted> parts = new TreeMap<>();

    @Override
    public boolean isZero() {
        return parts.isEmpty();
    }

    @Override
    public AccumulatorV2<Counted, Map<Integer, Counted>> copy() {
        Tally copy = new Tally();
        copy.parts.putAll(parts);
        return copy;
    }

    @Override
    public void reset() {
        parts.clear();
    }

    /** Takes what was counted on the part that this task works on; when all of its rows have come. */
    @Override
    public void add(Counted counted) {
        parts.put(TaskContext.getPartitionId(), counted);
    }

    @Override
    public void merge(AccumulatorV2<Counted, Map<Integer, Counted>> other) {
        parts.putAll(other.value());
    }

    @Override
    public Map<Integer, Counted> value() {
        return parts;
    }

    long rows() {
        return parts.values().stream().mapToLong(part -> part.rows).sum();
    }

    long rowsOut() {
        return parts.values().stream().mapToLong(part -> part.rowsOut).sum();
    }

    long faults() {
        return parts.values().stream().mapToLong(part -> part.faults).sum();
    }

    /** Returns the rows that were set aside, in the order of the parts; numbered through where all rows came as one part. */
    List<Counted.Aside> asides() {
        List<Counted.Aside> asides = new ArrayList<>();
        parts.values().forEach(part -> asides.addAll(part.asides));
        return asides;
    }

    /** Returns whether the numbers of rows are those of the table. */
    boolean isOnePart() {
        return parts.size() == 1;
    }
}
