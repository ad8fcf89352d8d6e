package io.inkwellsplit.weigh;

import io.inkwellsplit.data.Format;
import io.inkwellsplit.data.Format.Column;
import io.inkwellsplit.data.Resources.Line;
import java.util.Arrays;
import java.util.List;

/**
 * What a probability of a model has turned out to mean. The lines of a data file give {@code
 * probability<TAB>confidence} for rising probabilities; between them it is a straight line. Immutable.
 */
public final class Calibration {
    /** Takes a probability as it is. */
    public static final Calibration NONE = new Calibration(List.of());

    private final double[] knots;
    private final double[] values;

    Calibration(List<Line> lines) {
        knots = new double[lines.size()];
        values = new double[lines.size()];
        for (int i = 0; i < knots.length; i++) {
            String[] fields = lines.get(i).fields();
            knots[i] = Double.parseDouble(fields[0]);
            values[i] = Double.parseDouble(fields[1]);
        }
    }

    /** Loads the lines of a file. */
    public static Calibration load(Class<?> beside, String file) {
        return new Calibration(
                Format.NONE.required("", Column.NUMBER, Column.NUMBER).readLines(beside, file));
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
