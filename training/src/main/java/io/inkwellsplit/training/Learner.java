package io.inkwellsplit.training;

import java.util.Arrays;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Random;

/**
 * Learns the weights of a log-linear model: those under which the right candidate is likeliest among its rivals.
 *
 * <p>Stochastic gradient ascent on the conditional log likelihood with a step size of its own for each feature and a
 * quadratic penalty. The same examples and the same seed give the same weights.
 */
final class Learner {
    private static final double RATE = 0.15;
    private static final double PENALTY = 1e-6;

    /** The features of each candidate of one value, and which of them is right. */
    record Example(int[][] features, float[][] amounts, int right) {}

    private final double[] weights;
    private final double[] squares;
    private final boolean[] columnFeature;
    private final boolean[] isTold;

    /** @param features the names of the features; those of a column may not speak against what they say */
    Learner(List<String> features) {
        this(features, Map.of());
    }

    /**
     * @param features the names of the features; those of a column may not speak against what they say
     * @param told weights that are not learned, by the names of their features
     */
    Learner(List<String> features, Map<String, Double> told) {
        weights = new double[features.size()];
        squares = new double[features.size()];
        Arrays.fill(squares, 1e-3);
        columnFeature = new boolean[features.size()];
        isTold = new boolean[features.size()];
        for (int i = 0; i < columnFeature.length; i++) {
            columnFeature[i] = features.get(i).startsWith("COLUMN_");
            isTold[i] = told.containsKey(features.get(i));
            weights[i] = told.getOrDefault(features.get(i), 0.0);
        }
    }

    double[] learn(List<Example> examples, int rounds, long seed) {
        Random random = new Random(seed);
        double[] average = new double[weights.length];
        long steps = 0;
        for (int round = 0; round < rounds; round++) {
            Collections.shuffle(examples, random);
            for (Example example : examples) {
                step(example);
                if (round >= rounds / 2) {
                    steps++;
                    for (int i = 0; i < average.length; i++) {
                        average[i] += (weights[i] - average[i]) / steps;
                    }
                }
            }
        }
        return average;
    }

    private void step(Example example) {
        double[] p = probabilities(example, weights);
        for (int c = 0; c < p.length; c++) {
            double pull = (c == example.right ? 1 : 0) - p[c];
            if (Math.abs(pull) < 1e-5) {
                continue;
            }
            int[] features = example.features[c];
            for (int i = 0; i < features.length; i++) {
                int f = features[i];
                if (isTold[f]) {
                    continue;
                }
                double gradient = pull * example.amounts[c][i] - PENALTY * weights[f];
                squares[f] += gradient * gradient;
                weights[f] += RATE * gradient / Math.sqrt(squares[f]);
                if (weights[f] < 0 && columnFeature[f]) {
                    weights[f] = 0;
                }
            }
        }
    }

    static double[] probabilities(Example example, double[] weights) {
        double[] p = new double[example.features.length];
        double best = Double.NEGATIVE_INFINITY;
        for (int c = 0; c < p.length; c++) {
            for (int i = 0; i < example.features[c].length; i++) {
                p[c] += weights[example.features[c][i]] * example.amounts[c][i];
            }
            best = Math.max(best, p[c]);
        }
        double total = 0;
        for (int c = 0; c < p.length; c++) {
            p[c] = Math.exp(p[c] - best);
            total += p[c];
        }
        for (int c = 0; c < p.length; c++) {
            p[c] /= total;
        }
        return p;
    }
}
