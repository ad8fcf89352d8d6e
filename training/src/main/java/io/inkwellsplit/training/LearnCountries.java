package io.inkwellsplit.training;

import io.inkwellsplit.address.AddressLearning;
import io.inkwellsplit.address.AddressSplitter;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;

/**
 * Learns what tells in which country an address is: {@code LearnCountries <folder with the lists> <folder of the model>}.
 * Each country is a candidate with its clues, and one clue more for how usual it is.
 */
public final class LearnCountries {
    private static final long SEED = 1789;
    private static final int COLUMNS = 400;
    private static final int ROUNDS = 6;

    private LearnCountries() {}

    public static void main(String[] args) throws IOException {
        List<String> codes = AddressSplitter.countries();
        List<String> clues = AddressLearning.countryClues();
        List<Learner.Example> examples = new ArrayList<>();
        AddressLearning reader = new AddressLearning();
        LearnAddresses.each(Path.of(args[0]), SEED, COLUMNS, (rows, evidence) -> {
            for (Labelled row : rows) {
                int right = codes.indexOf(countryOf(row.format()));
                float[][] seen = reader.countryClues(row.text(), evidence);
                if (right >= 0 && seen.length > 0) {
                    examples.add(example(seen, right));
                }
            }
        });
        List<String> features = new ArrayList<>(clues);
        codes.forEach(code -> features.add("usual " + code));
        int before = right(examples, new Learner(features).learn(new ArrayList<>(examples), 0, SEED));
        double[] weights = new Learner(features).learn(new ArrayList<>(examples), ROUNDS, SEED);
        System.err.println("  countries: " + examples.size() + " values to weigh, right by chance " + before
                + ", learned " + right(examples, weights));
        StringBuilder text = new StringBuilder(
                "# Learned by the training program from generated addresses; see docs/training.md.\n[weights]\n");
        for (int i = 0; i < features.size(); i++) {
            if (i == clues.size()) {
                text.append("\n[usual]\n");
            }
            text.append(String.format(Locale.ROOT, "%s\t%.4f%n", features.get(i).replace("usual ", ""), weights[i]));
        }
        Files.writeString(Path.of(args[1]).resolve("guess.txt"), text);
    }

    /** Patterns call a row by its country; the sets of their own are American or British. */
    private static String countryOf(String format) {
        String code = format.replaceFirst("^wide ", "");
        return code.length() == 2 && code.equals(code.toUpperCase(Locale.ROOT))
                ? code
                : code.equals("uk") ? "GB" : "US";
    }

    private static Learner.Example example(float[][] seen, int right) {
        int[][] features = new int[seen.length][];
        float[][] amounts = new float[seen.length][];
        for (int c = 0; c < seen.length; c++) {
            int count = 1;
            for (float amount : seen[c]) {
                count += amount == 0 ? 0 : 1;
            }
            features[c] = new int[count];
            amounts[c] = new float[count];
            features[c][0] = seen[c].length + c;
            amounts[c][0] = 1;
            for (int clue = 0, at = 1; clue < seen[c].length; clue++) {
                if (seen[c][clue] != 0) {
                    features[c][at] = clue;
                    amounts[c][at++] = seen[c][clue];
                }
            }
        }
        return new Learner.Example(features, amounts, right);
    }

    private static int right(List<Learner.Example> examples, double[] weights) {
        int right = 0;
        for (Learner.Example example : examples) {
            double[] p = Learner.probabilities(example, weights);
            int best = 0;
            for (int c = 1; c < p.length; c++) {
                best = p[c] > p[best] ? c : best;
            }
            right += best == example.right() ? 1 : 0;
        }
        return right;
    }
}
