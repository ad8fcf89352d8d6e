package io.inkwellsplit.training;

import io.inkwellsplit.training.Calibrator.Knot;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.TreeMap;

/** Reads and writes learned weights and their calibration in the form that the core loads. */
final class WeightsFile {
    private WeightsFile() {}

    /** Returns the weights of a file, by feature. */
    static Map<String, Double> read(Path file) throws IOException {
        Map<String, Double> weights = new TreeMap<>();
        for (String line : Files.readAllLines(file)) {
            String[] fields = line.split("\t");
            if (line.equals("[calibration]")) {
                break;
            }
            if (fields.length == 2) {
                weights.put(fields[0], Double.parseDouble(fields[1]));
            }
        }
        return weights;
    }

    static void write(Path file, String what, List<String> features, double[] weights, List<Knot> knots)
            throws IOException {
        StringBuilder text = new StringBuilder("# Learned by the training program from generated ")
                .append(what)
                .append("; see docs/training.md.\n[weights]\n");
        for (int i = 0; i < weights.length; i++) {
            text.append(String.format(Locale.ROOT, "%s\t%.4f\n", features.get(i), weights[i]));
        }
        text.append("\n[calibration]\n");
        for (Knot knot : knots) {
            text.append(String.format(Locale.ROOT, "%.6f\t%.5f\n", knot.probability(), knot.confidence()));
        }
        Files.writeString(file, text);
    }
}
