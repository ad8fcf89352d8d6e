package io.inkwellsplit.name.column;

/**
 * How strongly the values of a column speak for the given name in front, in steps of natural-log odds.
 *
 * <p>The share of values that have it in front is estimated as the one under which all of them are likeliest: many that lean a little
 * outvote a few that seem sure, as where last names are fathers' given names.
 */
final class Leanings {
    /** The strongest leaning to either side. */
    private static final int MOST = 6;

    static final int SIZE = 2 * MOST + 1;
    /** Words of lists are not as sure as their frequencies: a leaning counts for so much. */
    private static final double TRUST = 0.65;

    /** A weaker leaning says nothing: lists of different lengths lean as much. */
    private static final int LEAST = 2;

    private static final int ROUNDS = 20;
    /** So many values speak for either order before any is seen. */
    private static final double BEFORE = 0.5;

    /** By how much likelier each step makes the given name in front. */
    private static final double[] LIKELIER = new double[SIZE];

    static {
        for (int step = 0; step < SIZE; step++) {
            int odds = step - MOST;
            LIKELIER[step] = Math.abs(odds) < LEAST ? 1 : Math.exp(TRUST * odds);
        }
    }

    private final long[] counts = new long[SIZE];

    void add(double odds) {
        counts[(int) Math.round(Math.max(-MOST, Math.min(MOST, odds))) + MOST]++;
    }

    void merge(Leanings other) {
        for (int step = 0; step < SIZE; step++) {
            counts[step] += other.counts[step];
        }
    }

    void put(int step, long count) {
        counts[step] = count;
    }

    long count(int step) {
        return counts[step];
    }

    /** Returns the odds of the given name in front, in natural-log units; the value that asks is not its own witness. */
    double odds() {
        double given = 0;
        double family = 0;
        for (int round = 0; round < ROUNDS; round++) {
            double share = (given + BEFORE) / (given + family + 2 * BEFORE);
            given = 0;
            family = 0;
            for (int step = 0; step < SIZE; step++) {
                double speaks = share * LIKELIER[step];
                double probable = speaks / (speaks + 1 - share);
                given += counts[step] * probable;
                family += counts[step] * (1 - probable);
            }
        }
        double own = Math.min(1, Math.max(given, family) / 2);
        return given > family
                ? Math.log((given - own + BEFORE) / (family + BEFORE))
                : Math.log((given + BEFORE) / (family - own + BEFORE));
    }
}
