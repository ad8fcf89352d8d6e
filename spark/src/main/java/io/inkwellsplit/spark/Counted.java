package io.inkwellsplit.spark;

import io.inkwellsplit.table.TableException;
import io.inkwellsplit.table.TableException.Problem;
import java.io.Serializable;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/** What was counted on one part of the rows, as it goes from an executor to the driver. */
final class Counted implements Serializable {
    private static final long serialVersionUID = 1;

    /** They are told of in the memory of the driver. */
    private static final int MOST_ASIDES = 10_000;

    /** How many rows came in. */
    long rows;

    /** How many rows went out. */
    long rowsOut;

    /** On how many of those set aside the program itself failed. */
    long faults;

    /** The rows that were set aside. */
    final ArrayList<Aside> asides = new ArrayList<>();

    /** What each step has counted, in their order. */
    final ArrayList<HashMap<String, Long>> steps = new ArrayList<>();

    /**
     * A row that could not be worked on.
     *
     * @param number its number in its part, from 1
     * @param cells its cells, as they were read
     * @param reason why, in a sentence
     */
    record Aside(long number, ArrayList<String> cells, String reason) implements Serializable {
        Aside(long number, List<String> cells, String reason) {
            this(number, new ArrayList<>(cells), reason);
        }
    }

    /**
     * Sets the row aside that came in last.
     *
     * @throws TableException if there are more such rows than can be told of
     */
    void setAside(List<String> cells, String reason) {
        if (asides.size() == MOST_ASIDES) {
            throw new TableException(
                    Problem.INPUT,
                    "More than " + MOST_ASIDES
                            + " rows of one part of the table cannot be worked on, the last one since " + reason
                            + ". Look at how the table is read before they are all set aside.");
        }
        asides.add(new Aside(rows, cells, reason));
    }

    /** Takes what steps have counted. */
    void take(List<Map<String, Long>> counts) {
        counts.forEach(one -> steps.add(new HashMap<>(one)));
    }
}
