package io.inkwellsplit.training;

import io.inkwellsplit.name.NameEvidence;
import io.inkwellsplit.name.NameLearning;
import io.inkwellsplit.name.NameLearning.Choice;
import io.inkwellsplit.name.NameSplitter;
import io.inkwellsplit.training.Calibrator.Knot;
import io.inkwellsplit.training.Calibrator.Outcome;
import io.inkwellsplit.training.Learner.Example;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.TreeMap;

/** Learns the weights of names: {@code LearnNames <folder with the lists> <weights file>}. */
public final class LearnNames {
    private static final long SEED = 1847;
    private static final int COLUMNS = 400;
    private static final int ROUNDS = 12;

    private final NameLearning learning = new NameLearning();
    private final Map<String, int[]> missed = new TreeMap<>();

    private LearnNames() {}

    public static void main(String[] args) throws IOException {
        new LearnNames().run(Path.of(args[0]), Path.of(args[1]));
    }

    private void run(Path folder, Path weightsFile) throws IOException {
        List<Example> examples = new ArrayList<>();
        examples(new NameSets(folder, SEED), examples, null, COLUMNS);
        report();
        double[] weights = new Learner(NameLearning.features()).learn(examples, ROUNDS, SEED);
        List<Outcome> outcomes = new ArrayList<>();
        missed.clear();
        List<Example> fresh = new ArrayList<>();
        examples(new NameSets(folder, SEED + 1), fresh, outcomes, COLUMNS / 2);
        for (Example example : fresh) {
            double[] p = Learner.probabilities(example, weights);
            int best = 0;
            for (int i = 1; i < p.length; i++) {
                best = p[i] > p[best] ? i : best;
            }
            outcomes.add(new Outcome(p[best], best == example.right()));
        }
        Files.writeString(weightsFile, text(weights, Calibrator.learn(outcomes)));
        System.out.println("learned from " + examples.size() + " names, calibrated on " + outcomes.size());
    }

    private void examples(
            NameSets sets, List<Example> into, @org.jspecify.annotations.Nullable List<Outcome> misses, int columns) {
        for (int i = 0; i < columns; i++) {
            for (NameSets.Set set : NameSets.Set.values()) {
                List<Labelled> column = sets.column(set);
                NameEvidence evidence = new NameEvidence();
                if (i % 5 != 0) {
                    column.forEach(row -> NameSplitter.standard().gather(row.text(), evidence));
                }
                for (Labelled row : column) {
                    Example example = example(row, evidence);
                    int[] counts = missed.computeIfAbsent(set + " " + row.format(), k -> new int[2]);
                    counts[0]++;
                    if (example != null) {
                        into.add(example);
                    } else if (!row.parts().isEmpty()) {
                        counts[1]++;
                        if (misses != null) {
                            misses.add(new Outcome(1, false));
                        }
                        if (counts[1] <= SHOWN && Boolean.getBoolean("misses")) {
                            System.out.println("  not among the candidates: " + row);
                        }
                    }
                }
            }
        }
    }

    private static final int SHOWN = 4;

    private void report() {
        System.out.println("format, values, right reading not among the candidates");
        missed.forEach((format, counts) -> System.out.println(format + "\t" + counts[0] + "\t" + counts[1]));
    }

    private @org.jspecify.annotations.Nullable Example example(Labelled row, NameEvidence evidence) {
        List<Choice> choices = learning.choices(row.text(), evidence);
        int right = -1;
        int[][] features = new int[choices.size()][];
        float[][] amounts = new float[choices.size()][];
        for (int c = 0; c < choices.size(); c++) {
            if (right < 0 && choices.get(c).parts().equals(row.parts())) {
                right = c;
            }
            double[] seen = choices.get(c).features();
            int[] places = java.util.stream.IntStream.range(0, seen.length)
                    .filter(i -> seen[i] != 0)
                    .toArray();
            features[c] = places;
            amounts[c] = new float[places.length];
            for (int i = 0; i < places.length; i++) {
                amounts[c][i] = (float) seen[places[i]];
            }
        }
        return right < 0 ? null : new Example(features, amounts, right);
    }

    private static String text(double[] weights, List<Knot> knots) {
        StringBuilder text = new StringBuilder(
                "# Learned by the training program from generated names; see docs/training.md.\n[weights]\n");
        List<String> features = NameLearning.features();
        for (int i = 0; i < weights.length; i++) {
            text.append(String.format(Locale.ROOT, "%s\t%.4f%n", features.get(i), weights[i]));
        }
        text.append("\n[calibration]\n");
        for (Knot knot : knots) {
            text.append(String.format(Locale.ROOT, "%.6f\t%.5f%n", knot.probability(), knot.confidence()));
        }
        return text.toString();
    }
}
