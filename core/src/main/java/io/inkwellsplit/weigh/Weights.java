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
    private final Calibration calibration;

    private Weights(double[] weights, Calibration calibration) {
        this.weights = weights;
        this.calibration = calibration;
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
        return new Weights(weights, new Calibration(sections.getOrDefault("calibration", List.of())));
    }

    /** Returns weights that are all zero, for a model that is still to be learned. */
    public static <F extends Enum<F>> Weights none(Class<F> features) {
        return new Weights(new double[features.getEnumConstants().length], Calibration.NONE);
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
        return calibration.calibrate(probability);
    }
}
