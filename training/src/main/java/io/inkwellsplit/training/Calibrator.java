package io.inkwellsplit.training;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/**
 * Learns what a probability of the model turns out to mean: the rising step function nearest to what was right
 * (isotonic regression), read off at the middle of steps that hold enough values.
 */
final class Calibrator {
    private static final int LEAST = 400;

    /** One reading: the model's probability, and whether all parts were right. */
    record Outcome(double probability, boolean right) {}

    /** One point of the calibration. */
    record Knot(double probability, double confidence) {}

    private Calibrator() {}

    static List<Knot> learn(List<Outcome> outcomes) {
        List<Outcome> sorted = new ArrayList<>(outcomes);
        sorted.sort(Comparator.comparingDouble(Outcome::probability));
        List<double[]> blocks = new ArrayList<>();
        for (int from = 0; from < sorted.size(); from += LEAST) {
            int end = sorted.size() - from < 2 * LEAST ? sorted.size() : from + LEAST;
            double right = 0;
            double p = 0;
            for (Outcome outcome : sorted.subList(from, end)) {
                right += outcome.right() ? 1 : 0;
                p += outcome.probability();
            }
            blocks.add(new double[] {p, right, end - from});
            while (blocks.size() > 1 && share(blocks, 2) >= share(blocks, 1)) {
                double[] last = blocks.remove(blocks.size() - 1);
                double[] before = blocks.get(blocks.size() - 1);
                for (int i = 0; i < 3; i++) {
                    before[i] += last[i];
                }
            }
            if (end == sorted.size()) {
                break;
            }
        }
        List<Knot> knots = new ArrayList<>();
        for (double[] block : blocks) {
            knots.add(new Knot(block[0] / block[2], (block[1] + 0.5) / (block[2] + 1)));
        }
        return knots;
    }

    private static double share(List<double[]> blocks, int fromEnd) {
        double[] block = blocks.get(blocks.size() - fromEnd);
        return block[1] / block[2];
    }
}
