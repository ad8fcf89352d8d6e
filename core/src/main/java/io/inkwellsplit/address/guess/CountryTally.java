package io.inkwellsplit.address.guess;

import io.inkwellsplit.address.place.Countries;
import java.util.Arrays;
import org.jspecify.annotations.Nullable;

/** Adds up for each country what speaks for it. To learn from, it also keeps how much of each clue was seen. */
public final class CountryTally {
    private final double[] weights;
    private final double[] usual;
    private final double[] points;
    private float @Nullable [][] seen;

    CountryTally(Countries countries, CountryModel model) {
        this.weights = model.weights();
        this.usual = model.usual(countries);
        this.points = new double[countries.size()];
    }

    /** Keeps what is seen from now on. */
    public void keep() {
        seen = new float[points.length][weights.length];
    }

    void reset() {
        System.arraycopy(usual, 0, points, 0, points.length);
        if (seen != null) {
            for (float[] one : seen) {
                Arrays.fill(one, 0);
            }
        }
    }

    void add(int country, CountryClue clue, double amount) {
        points[country] += weights[clue.ordinal()] * amount;
        if (seen != null) {
            seen[country][clue.ordinal()] += (float) amount;
        }
    }

    /** Adds what is known from elsewhere, in natural-log odds. */
    void add(int country, double odds) {
        points[country] += odds;
    }

    double weight(CountryClue clue) {
        return weights[clue.ordinal()];
    }

    double points(int country) {
        return points[country];
    }

    int size() {
        return points.length;
    }

    /** Returns how much of each clue was seen by country; empty where that is not kept. */
    public float[][] seen() {
        float[][] all = seen;
        return all == null
                ? new float[0][]
                : Arrays.stream(all).map(float[]::clone).toArray(float[][]::new);
    }

    /** Returns the likeliest country; the first of several that are as likely. */
    int likeliest() {
        int best = 0;
        for (int c = 1; c < points.length; c++) {
            best = points[c] > points[best] ? c : best;
        }
        return best;
    }
}
