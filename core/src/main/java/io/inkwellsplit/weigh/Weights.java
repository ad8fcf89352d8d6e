package io.inkwellsplit.weigh;

import io.inkwellsplit.data.Format;
import io.inkwellsplit.data.Format.Column;
import io.inkwellsplit.data.Resources.Line;
import java.util.Arrays;
import java.util.List;
import java.util.Map;

/**
 * Learned numbers of a log-linear model, from a data file: a weight for each feature and the calibration.
 *
 * <p>The file has two sections. {@code [weights]} gives {@code feature<TAB>number} for each feature. {@code
 * [calibration]} gives {@code probability<TAB>confidence} for rising probabilities; between them it is a straight line.
 */
public final class Weights {
    private final double[] weights;
    private final double[] knots;
    private final double[] values;

    private Weights(double[] weights, double[] knots, double[] values) {
        this.weights = weights;
        this.knots = knots;
        this.values = values;
    }

    /**
     * Loads the numbers.
     *
     * @throws IllegalStateException if a feature is unknown, given twice or missing, naming file and line
     */
    public static <F extends Enum<F>> Weights load(Class<F> features, Class<?> beside, String file) {
        Map<String, List<Line>> sections = Format.NONE
                .required("weights", Column.TEXT, Column.NUMBER)
                .required("calibration", Column.NUMBER, Column.NUMBER)
                .read(beside, file);
        double[] weights = new double[features.getEnumConstants().length];
        Arrays.fill(weights, Double.NaN);
        for (Line line : sections.getOrDefault("weights", List.of())) {
            String[] fields = line.fields();
            int i = ordinal(features, fields[0], line);
            if (!Double.isNaN(weights[i])) {
                throw line.refuse("the feature " + fields[0] + " stands twice");
            }
            weights[i] = Double.parseDouble(fields[1]);
        }
        for (F feature : features.getEnumConstants()) {
            if (Double.isNaN(weights[feature.ordinal()])) {
                throw new IllegalStateException(file + ": the feature " + feature + " has no weight");
            }
        }
        List<Line> calibration = sections.getOrDefault("calibration", List.of());
        double[] knots = new double[calibration.size()];
        double[] values = new double[calibration.size()];
        for (int i = 0; i < knots.length; i++) {
            String[] fields = calibration.get(i).fields();
            knots[i] = Double.parseDouble(fields[0]);
            values[i] = Double.parseDouble(fields[1]);
        }
        return new Weights(weights, knots, values);
    }

    /** Returns weights that are all zero, for a model that is still to be learned. */
    public static <F extends Enum<F>> Weights none(Class<F> features) {
        return new Weights(new double[features.getEnumConstants().length], new double[0], new double[0]);
    }

    private static <F extends Enum<F>> int ordinal(Class<F> features, String name, Line line) {
        try {
            return Enum.valueOf(features, name).ordinal();
        } catch (IllegalArgumentException e) {
            throw line.refuse("the feature " + name + " is unknown");
        }
    }

    /** Returns the weights by the features' ordinals; not a copy. */
    public double[] array() {
        return weights;
    }

    /** Returns the confidence that a probability of the model has turned out to mean. */
    public double calibrate(double probability) {
        if (knots.length == 0) {
            return probability;
        }
        int found = Arrays.binarySearch(knots, probability);
        int i = found >= 0 ? found : -found - 1;
        if (i == 0) {
            return values[0];
        }
        if (i == knots.length) {
            return values[i - 1];
        }
        double share = (probability - knots[i - 1]) / (knots[i] - knots[i - 1]);
        return values[i - 1] + share * (values[i] - values[i - 1]);
    }
}
