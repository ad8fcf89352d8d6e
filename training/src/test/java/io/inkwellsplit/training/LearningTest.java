package io.inkwellsplit.training;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import io.inkwellsplit.training.Calibrator.Knot;
import io.inkwellsplit.training.Calibrator.Outcome;
import io.inkwellsplit.weigh.SequenceDecoder;
import io.inkwellsplit.weigh.SequenceModel;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;

/** What is learned from examples whose truth is known. */
class LearningTest {
    private static List<Learner.Example> examples(int count, long seed) {
        Random random = new Random(seed);
        List<Learner.Example> examples = new ArrayList<>();
        for (int i = 0; i < count; i++) {
            float good = random.nextFloat();
            float noise = random.nextFloat();
            // The first candidate is right where its first feature is the greater.
            int right = good > 0.5 ? 0 : 1;
            examples.add(new Learner.Example(
                    new int[][] {{0, 1}, {0, 1}}, new float[][] {{good, noise}, {1 - good, noise}}, right));
        }
        return examples;
    }

    @Test
    void weightsFollowWhatTellsRightFromWrong() {
        double[] weights = new Learner(List.of("TELLING", "NOISE")).learn(examples(2_000, 1), 8, 7);
        assertThat(weights[0]).isGreaterThan(3);
        assertThat(weights[1]).isCloseTo(0, within(0.5));
        int right = 0;
        for (Learner.Example example : examples(500, 2)) {
            double[] p = Learner.probabilities(example, weights);
            assertThat(p[0] + p[1]).isCloseTo(1, within(1e-9));
            right += (p[0] > p[1] ? 0 : 1) == example.right() ? 1 : 0;
        }
        assertThat(right).isGreaterThan(480);
    }

    @Test
    void theSameExamplesAndSeedGiveTheSameWeights() {
        double[] one = new Learner(List.of("A", "B")).learn(examples(300, 1), 4, 7);
        double[] again = new Learner(List.of("A", "B")).learn(examples(300, 1), 4, 7);
        assertThat(again).isEqualTo(one);
        assertThat(new Learner(List.of("A", "B")).learn(examples(300, 1), 4, 8)).isNotEqualTo(one);
    }

    @Test
    void aColumnNeverSpeaksAgainstWhatItSays() {
        List<Learner.Example> against = new ArrayList<>();
        for (Learner.Example example : examples(500, 1)) {
            against.add(new Learner.Example(example.features(), example.amounts(), 1 - example.right()));
        }
        double[] weights = new Learner(List.of("COLUMN_ORDER", "B")).learn(against, 4, 7);
        assertThat(weights[0]).isBetween(0.0, 0.01);
        assertThat(new Learner(List.of("ORDER", "B")).learn(against, 4, 7)[0]).isNegative();
    }

    private static List<Outcome> outcomes(int count, double rightShare, double probability, long seed) {
        Random random = new Random(seed);
        List<Outcome> outcomes = new ArrayList<>();
        for (int i = 0; i < count; i++) {
            outcomes.add(new Outcome(probability, random.nextDouble() < rightShare));
        }
        return outcomes;
    }

    @Test
    void aConfidenceIsTheShareThatWasRight() {
        List<Outcome> outcomes = outcomes(4_000, 0.6, 0.9, 1);
        outcomes.addAll(outcomes(4_000, 0.95, 0.99, 2));
        List<Knot> knots = Calibrator.learn(outcomes);
        assertThat(knots.get(0).confidence()).isCloseTo(0.6, within(0.05));
        assertThat(knots.get(knots.size() - 1).confidence()).isCloseTo(0.95, within(0.02));
    }

    @Property(tries = 30)
    void confidencesRiseWithTheProbability(@ForAll @IntRange(min = 1, max = 5_000) int count, @ForAll long seed) {
        Random random = new Random(seed);
        List<Outcome> outcomes = new ArrayList<>();
        for (int i = 0; i < count; i++) {
            double p = random.nextDouble();
            outcomes.add(new Outcome(p, random.nextDouble() < p));
        }
        Knot last = new Knot(-1, -1);
        for (Knot knot : Calibrator.learn(outcomes)) {
            assertThat(knot.probability()).isGreaterThanOrEqualTo(last.probability());
            assertThat(knot.confidence()).isGreaterThan(last.confidence()).isBetween(0.0, 1.0);
            last = knot;
        }
    }

    private static final SequenceLearner.Rules ANY = new SequenceLearner.Rules() {
        @Override
        public boolean mayStart(int label) {
            return true;
        }

        @Override
        public boolean mayFollow(int joint, int before, int label) {
            return true;
        }
    };

    /** Each token's clue tells its label, but for the clue 7, whose label is that of the token before. */
    private static List<SequenceLearner.Example> sequences(int count, long seed) {
        Random random = new Random(seed);
        List<SequenceLearner.Example> examples = new ArrayList<>();
        for (int i = 0; i < count; i++) {
            int length = 2 + random.nextInt(4);
            int[] clues = new int[length];
            byte[] labels = new byte[length];
            for (int k = 0; k < length; k++) {
                boolean copies = k > 0 && random.nextInt(3) == 0;
                labels[k] = copies ? labels[k - 1] : (byte) random.nextInt(3);
                clues[k] = copies ? 7 : labels[k] + 1;
            }
            examples.add(new SequenceLearner.Example(clues, new byte[length], labels));
        }
        return examples;
    }

    private static SequenceModel learned(long seed) {
        return new SequenceLearner(3, 1, ANY, 1, 0.01, 100).learn(sequences(600, 1), 6, seed);
    }

    @Test
    void aSequenceIsLearnedWithWhatItsNeighboursSay() {
        SequenceDecoder decoder = new SequenceDecoder(learned(5));
        int right = 0;
        int all = 0;
        for (SequenceLearner.Example example : sequences(200, 2)) {
            int length = example.clues().length;
            decoder.start(length);
            for (int k = 0; k < length; k++) {
                decoder.remember(0, example.clues(), k, k);
                decoder.token(k, 0, 0, example.clues(), k, k + 1);
            }
            byte[] path = new byte[length];
            decoder.best(path);
            for (int k = 0; k < length; k++) {
                right += path[k] == example.labels()[k] ? 1 : 0;
                all++;
            }
        }
        assertThat((double) right / all).isGreaterThan(0.97);
    }

    @Test
    void learningAgainGivesTheSameBytes() {
        assertThat(learned(5).toBytes()).isEqualTo(learned(5).toBytes());
        assertThat(learned(6).toBytes()).isNotEqualTo(learned(5).toBytes());
    }
}
