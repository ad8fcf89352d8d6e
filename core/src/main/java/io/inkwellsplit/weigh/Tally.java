package io.inkwellsplit.weigh;

import java.util.Arrays;
import org.jspecify.annotations.Nullable;

/**
 * Adds up the weighted features of one candidate reading.
 *
 * <p>While values are only read, it keeps nothing but the sum; for an explanation, or to learn weights, it also keeps
 * how much each feature was seen.
 */
public final class Tally {
    private final double[] weights;
    private final double @Nullable [] seen;
    private double sum;

    /**
     * @param weights by feature
     * @param record whether to keep what was seen
     */
    public Tally(double[] weights, Recording record) {
        this.weights = weights;
        this.seen = record == Recording.SUM_AND_FEATURES ? new double[weights.length] : null;
    }

    /** What a tally keeps. */
    public enum Recording {
        SUM,
        SUM_AND_FEATURES
    }

    public void reset() {
        sum = 0;
        if (seen != null) {
            Arrays.fill(seen, 0);
        }
    }

    /** Adds a feature, {@code amount} times its weight. */
    public void add(Enum<?> feature, double amount) {
        int i = feature.ordinal();
        sum += weights[i] * amount;
        if (seen != null) {
            seen[i] += amount;
        }
    }

    public double sum() {
        return sum;
    }

    /** Returns how much each feature was seen; empty when that is not kept. */
    public double[] seen() {
        return seen == null ? new double[0] : seen.clone();
    }
}
