package io.inkwellsplit.training;

import io.inkwellsplit.address.AddressEvidence;
import io.inkwellsplit.address.AddressLearning;
import io.inkwellsplit.address.AddressLearning.Piece;
import io.inkwellsplit.address.AddressLearning.Tagged;
import io.inkwellsplit.reading.AddressPart;
import io.inkwellsplit.training.Calibrator.Outcome;
import io.inkwellsplit.weigh.SequenceModel;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Random;

/** Learns the model of addresses: {@code LearnAddresses <folder with the lists> <folder of the model>}. */
public final class LearnAddresses {
    private static final long SEED = 1848;
    private static final int COLUMN = 40;
    /** How many columns of each kind; the wide ones count for more. */
    private static final int COLUMNS = 1_000;

    private static final int ROUNDS = 4;
    /** The share of values in which words do not count by themselves, so that vocabulary is not leaned on. */
    private static final double NO_WORDS = 0.25;
    /** The share of values that are read as if there were no gazetteer. */
    private static final double NO_TOWNS = 0.15;

    private static final int LEAST_SEEN = 3;
    private static final double SMALLEST = 0.1;
    private static final int MOST_ROWS = 40_000;

    private LearnAddresses() {}

    public static void main(String[] args) throws IOException {
        Path folder = Path.of(args[0]);
        Path into = Path.of(args[1]);
        List<SequenceLearner.Example> examples = new ArrayList<>();
        AddressLearning blank = new AddressLearning();
        Random random = new Random(SEED);
        int[] lost = new int[1];
        each(folder, SEED, COLUMNS, (rows, evidence) -> {
            for (Labelled row : rows) {
                Tagged tagged = blank.tagged(
                        row.text(),
                        pieces(row),
                        evidence,
                        random.nextDouble() >= NO_WORDS,
                        random.nextDouble() >= NO_TOWNS);
                if (tagged == null || pieces(row).isEmpty()) {
                    lost[0]++;
                } else {
                    examples.add(new SequenceLearner.Example(tagged.clues(), tagged.joints(), tagged.labels()));
                }
            }
        });
        System.err.println("  " + examples.size() + " values, " + lost[0] + " not");
        SequenceModel model = new SequenceLearner(
                        AddressLearning.labels(),
                        AddressLearning.clues(),
                        new SequenceLearner.Rules() {
                            @Override
                            public boolean mayStart(int label) {
                                return AddressLearning.mayStart(label);
                            }

                            @Override
                            public boolean mayFollow(int joint, int before, int label) {
                                return AddressLearning.mayFollow(joint, before, label);
                            }
                        },
                        LEAST_SEEN,
                        SMALLEST,
                        MOST_ROWS)
                .learn(examples, ROUNDS, SEED);
        Files.write(into.resolve("clues.bin"), model.toBytes());
        calibrate(folder, into, model);
    }

    private static void calibrate(Path folder, Path into, SequenceModel model) throws IOException {
        AddressLearning learned = new AddressLearning(model);
        List<Outcome> outcomes = new ArrayList<>();
        each(folder, SEED + 1, COLUMNS / 6, (rows, evidence) -> {
            for (Labelled row : rows) {
                AddressLearning.Outcome outcome = learned.outcome(row.text(), row.parts(), evidence);
                outcomes.add(new Outcome(outcome.probability(), outcome.right()));
            }
        });
        StringBuilder text =
                new StringBuilder("# What a probability of the model has turned out to mean; see docs/training.md.\n");
        Calibrator.learn(outcomes)
                .forEach(knot ->
                        text.append(String.format(Locale.ROOT, "%.6f\t%.5f%n", knot.probability(), knot.confidence())));
        Files.writeString(into.resolve("confidence.txt"), text);
        System.err.println("  calibrated on " + outcomes.size() + ", right "
                + outcomes.stream().filter(Outcome::right).count());
    }

    interface Use {
        void of(List<Labelled> rows, AddressEvidence evidence);
    }

    /** Draws columns of each kind, half of them as single values. */
    static void each(Path folder, long seed, int columns, Use use) {
        AddressSets sets = new AddressSets(folder, seed);
        WideAddresses wide = new WideAddresses(folder, seed);
        for (AddressSets.Set set : AddressSets.Set.values()) {
            int count =
                    switch (set) {
                        case OTHERS -> columns * 5 / 2;
                        // Without commas there is the most to learn, and in other letters.
                        case US_BARE -> columns * 3 / 2;
                        case OWN_LETTERS -> columns;
                        default -> columns / 2;
                    };
            draw(count, alone -> alone ? sets.rows(set, COLUMN) : sets.column(set, COLUMN), use);
        }
        draw(columns * 6, alone -> alone ? wide.rows(COLUMN) : wide.column(COLUMN), use);
    }

    private interface Drawing {
        List<Labelled> draw(boolean alone);
    }

    private static void draw(int count, Drawing drawing, Use use) {
        AddressLearning learning = new AddressLearning();
        for (int column = 0; column < count; column++) {
            boolean alone = column % 2 == 0;
            List<Labelled> rows = drawing.draw(alone);
            AddressEvidence evidence = new AddressEvidence();
            if (!alone || column % 4 == 2) {
                rows.forEach(row -> learning.teach(row.text(), pieces(row), evidence));
            }
            use.of(rows, evidence);
        }
    }

    static List<Piece> pieces(Labelled row) {
        return row.places().stream()
                .map(place -> new Piece(
                        AddressPart.valueOf(place.key().toUpperCase(Locale.ROOT)), place.start(), place.end()))
                .toList();
    }
}
