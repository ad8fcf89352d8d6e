package io.inkwellsplit.bench;

import io.inkwellsplit.reading.Doubt;
import io.inkwellsplit.reading.Reading;
import io.inkwellsplit.training.Labelled;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;

/** Counts how many readings of a set are right: whole rows, by part, by format, and how far the confidence can be trusted. */
final class Score {
    private static final int BINS = 20;

    private final Map<String, int[]> formats = new TreeMap<>();
    private final Map<String, int[]> parts = new TreeMap<>();
    private final List<double[]> confidences = new ArrayList<>();
    private final List<String> wrong = new ArrayList<>();
    private int rows;
    private int exact;
    private int flagged;
    private int exactUnflagged;

    void add(Labelled gold, Reading<?> reading, Map<String, String> read) {
        boolean right = gold.parts().equals(read);
        rows++;
        exact += right ? 1 : 0;
        int[] format = formats.computeIfAbsent(gold.format(), k -> new int[2]);
        format[0]++;
        format[1] += right ? 1 : 0;
        Set<String> keys = new TreeSet<>(gold.parts().keySet());
        keys.addAll(read.keySet());
        for (String key : keys) {
            int[] part = parts.computeIfAbsent(key, k -> new int[2]);
            part[0]++;
            part[1] += gold.parts().getOrDefault(key, "").equals(read.getOrDefault(key, "")) ? 1 : 0;
        }
        boolean doubtful = reading.doubts().stream().anyMatch(Doubt::isClose)
                || reading.doubts().contains(Doubt.OTHER_COUNTRY);
        flagged += doubtful ? 1 : 0;
        exactUnflagged += right && !doubtful ? 1 : 0;
        confidences.add(new double[] {reading.confidence(), right ? 1 : 0});
        if (!right) {
            wrong.add((doubtful ? "flagged  " : "SURE     ") + gold.format() + " | " + gold.text() + " | "
                    + gold.parts() + " | " + read + String.format(Locale.ROOT, " %.3f", reading.confidence()));
        }
    }

    List<String> wrong() {
        return wrong;
    }

    /** Expected calibration error: how far confidence and share of right rows lie apart, over {@value #BINS} bins. */
    double calibrationError() {
        double[][] bins = new double[BINS][3];
        for (double[] one : confidences) {
            double[] bin = bins[Math.min(BINS - 1, (int) (one[0] * BINS))];
            bin[0]++;
            bin[1] += one[0];
            bin[2] += one[1];
        }
        double error = 0;
        for (double[] bin : bins) {
            error += Math.abs(bin[1] - bin[2]) / Math.max(1, confidences.size());
        }
        return error;
    }

    String row(String name) {
        int unflagged = rows - flagged;
        return String.format(
                Locale.ROOT,
                "| %s | %d | %.2f %% | %.2f %% | %.1f %% | %.4f |",
                name,
                rows,
                100.0 * exact / rows,
                100.0 * exactUnflagged / Math.max(1, unflagged),
                100.0 * flagged / rows,
                calibrationError());
    }

    String formats() {
        return table("format", formats);
    }

    String parts() {
        return table("part", parts);
    }

    private static String table(String title, Map<String, int[]> counts) {
        StringBuilder text = new StringBuilder("| " + title + " | values | right |\n|---|---|---|\n");
        counts.forEach((key, count) -> text.append(
                String.format(Locale.ROOT, "| %s | %d | %.2f %% |%n", key, count[0], 100.0 * count[1] / count[0])));
        return text.toString();
    }
}
