package io.inkwellsplit.name.column;

import java.util.Arrays;
import java.util.concurrent.atomic.AtomicReferenceArray;

/**
 * In which order a column writes its names, by the build of the values.
 *
 * <p>Of each order it is counted how strongly the values speak for it: in steps of one natural-log unit of how much likelier it is
 * than usual. From that the share of the order in the column is estimated as the one under which the values are likeliest (by
 * expectation and maximisation): values that speak for every order alike say nothing, and leave the word to those that are sure.
 * Counts of values are added, so that any order of adding gives the same.
 */
public final class OrderCounts {
    /** The strongest sign for or against, in natural-log units; a step is one unit. */
    private static final int MOST = 5;

    private static final int STEPS = 2 * MOST + 1;
    /** How many counts a build has. */
    private static final int COUNTS = NameOrder.COUNT * STEPS;
    /** How many counts there are in all. */
    static final int SIZE = NameOrder.BUILDS * COUNTS;
    /** As many values as what is usual counts for. */
    private static final double USUAL = 10;

    private static final int ROUNDS = 20;
    /** What a column does not do it may do yet. */
    private static final double LEAST = 0.001;

    private static final double MOST_AGAINST = -3;

    /** By how much likelier each step makes an order. */
    private static final double[] LIKELIER = new double[STEPS];
    /** From how much likelier on the next step counts. */
    private static final double[] NEXT = new double[STEPS];

    static {
        for (int step = 0; step < STEPS; step++) {
            LIKELIER[step] = Math.exp(step - MOST);
            NEXT[step] = Math.exp(step - MOST + 0.5);
        }
    }

    /** No probability is so near to 1 that its odds have no end. */
    private static final double LEAST_REST = Math.exp(-2 * MOST);

    /** By build, order and step. */
    private final int[] counts;

    private final long[] values = new long[NameOrder.BUILDS];
    private boolean isEmpty = true;
    /** Preferences that were worked out, by build; by number of unlisted words, order, and the step of the value that asks. */
    private final AtomicReferenceArray<float[]> preferences = new AtomicReferenceArray<>(NameOrder.BUILDS);

    OrderCounts() {
        this(new int[SIZE]);
    }

    /** Takes counts that {@link #counts} has told. */
    OrderCounts(int[] counts) {
        this.counts = counts;
        for (int build = 0; build < NameOrder.BUILDS; build++) {
            for (int step = 0; step < STEPS; step++) {
                // Every value is counted once for each order, so the first one tells how many there are.
                values[build] += counts[build * COUNTS + step];
            }
            isEmpty &= values[build] == 0;
        }
    }

    int[] counts() {
        return counts;
    }

    /**
     * Adds a value.
     *
     * @param unlisted how many of its words no list has, up to 2
     * @param probable how probable each order is to the value by itself
     */
    public void add(int build, int unlisted, double[] probable) {
        for (int order = 0; order < NameOrder.COUNT; order++) {
            counts[build * COUNTS + order * STEPS + step(build, unlisted, order, probable[order])]++;
        }
        values[build]++;
        isEmpty = false;
        preferences.set(build, null);
    }

    void merge(OrderCounts other) {
        for (int i = 0; i < SIZE; i++) {
            counts[i] += other.counts[i];
        }
        for (int build = 0; build < NameOrder.BUILDS; build++) {
            values[build] += other.values[build];
            preferences.set(build, null);
        }
        isEmpty &= other.isEmpty;
    }

    boolean isEmpty() {
        return isEmpty;
    }

    /**
     * Returns by how much the column prefers an order to what is usual, as a logarithm.
     *
     * @param unlisted how many words of the value that asks no list has, up to 2
     * @param probable how probable the order is to the value that asks, which must not be its own witness
     */
    public double preference(int build, int unlisted, int order, double probable) {
        float[] known = preferences.get(build);
        if (known == null) {
            known = new float[NameOrder.UNLISTEDS * COUNTS];
            Arrays.fill(known, Float.NaN);
            preferences.set(build, known);
        }
        int own = step(build, unlisted, order, probable);
        int at = unlisted * COUNTS + order * STEPS + own;
        float preference = known[at];
        if (Float.isNaN(preference)) {
            double usual = UsualOrders.shipped().share(build, unlisted, order);
            preference = (float) Math.max(MOST_AGAINST, Math.log(estimate(build, unlisted, order, own) / usual));
            // Several threads may work out the same; it is the same.
            known[at] = preference;
        }
        return preference;
    }

    private double estimate(int build, int unlisted, int order, int own) {
        double usual = UsualOrders.shipped().share(build, unlisted, order);
        double others = Math.max(0, values[build] - 1);
        double share = usual;
        for (int round = 0; round < ROUNDS; round++) {
            double sum = USUAL * usual;
            for (int step = 0; step < STEPS; step++) {
                int count = counts[build * COUNTS + order * STEPS + step] - (step == own ? 1 : 0);
                if (count > 0) {
                    double speaks = share * LIKELIER[step];
                    sum += count * speaks / (speaks + 1 - share);
                }
            }
            share = Math.min(1 - LEAST, sum / (others + USUAL));
        }
        return share;
    }

    /** Returns how strongly a value speaks for an order. */
    private static int step(int build, int unlisted, int order, double probable) {
        if (probable == 0) {
            return 0;
        }
        double usual = UsualOrders.shipped().share(build, unlisted, order);
        double likelier = probable / Math.max(LEAST_REST, 1 - probable) * (1 - usual) / usual;
        int step = 0;
        while (step < STEPS - 1 && likelier >= NEXT[step]) {
            step++;
        }
        return step;
    }
}
