package io.inkwellsplit.training;

import io.inkwellsplit.address.AddressEvidence;
import io.inkwellsplit.address.AddressLearning;
import io.inkwellsplit.training.Calibrator.Outcome;
import io.inkwellsplit.training.Learner.Example;
import java.io.IOException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;

/** Learns the weights of addresses: {@code LearnAddresses <folder with the lists> <weights file>}. */
public final class LearnAddresses {
    private static final long SEED = 1848;
    private static final int ROWS = 30_000;
    /** As many addresses of the other countries together as of this many sets. */
    private static final int OTHERS = 4;

    private static final int COLUMN = 40;
    private static final int ROUNDS = 12;
    private static final int SHOWN = 40;

    private LearnAddresses() {}

    public static void main(String[] args) throws IOException {
        Path folder = Path.of(args[0]);
        List<Outcome> misses = new ArrayList<>();
        List<Example> examples = examples(new AddressSets(folder, SEED), ROWS, misses);
        double[] weights = new Learner(AddressLearning.features()).learn(examples, ROUNDS, SEED);
        List<Outcome> outcomes = new ArrayList<>();
        for (Example example : examples(new AddressSets(folder, SEED + 1), ROWS / 2, outcomes)) {
            outcomes.add(Examples.outcome(example, weights));
        }
        WeightsFile.write(
                Path.of(args[1]), "addresses", AddressLearning.features(), weights, Calibrator.learn(outcomes));
        System.out.println("learned from " + examples.size() + " addresses, right reading not among the candidates of "
                + misses.size() + ", calibrated on " + outcomes.size());
    }

    private static List<Example> examples(AddressSets sets, int rows, List<Outcome> misses) {
        AddressLearning learning = new AddressLearning();
        List<Example> examples = new ArrayList<>();
        int shown = 0;
        for (AddressSets.Set set : AddressSets.Set.values()) {
            int share = set == AddressSets.Set.OTHERS ? rows * OTHERS : rows;
            for (int column = 0; column < share / COLUMN; column++) {
                boolean alone = column % 2 == 0;
                List<Labelled> values = alone ? sets.rows(set, COLUMN) : sets.column(set, COLUMN);
                AddressEvidence evidence = new AddressEvidence();
                for (Labelled row : alone ? List.<Labelled>of() : values) {
                    learning.teach(row.text(), row.parts(), evidence);
                }
                for (Labelled row : values) {
                    Example example = Examples.of(learning.choices(row.text(), evidence), row.parts());
                    if (example != null) {
                        examples.add(example);
                    } else {
                        misses.add(new Outcome(1, false));
                        if (Boolean.getBoolean("misses") && shown++ % 97 < 1 && shown < SHOWN * 97) {
                            System.out.println("  not among the candidates: " + row);
                        }
                    }
                }
            }
        }
        return examples;
    }
}
