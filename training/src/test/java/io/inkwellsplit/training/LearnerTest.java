package io.inkwellsplit.training;

import static org.assertj.core.api.Assertions.assertThat;

import io.inkwellsplit.training.Calibrator.Knot;
import io.inkwellsplit.training.Calibrator.Outcome;
import io.inkwellsplit.training.Learner.Example;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Random;
import org.junit.jupiter.api.Test;

class LearnerTest {
    private static final List<String> FEATURES = List.of("GOOD", "BAD", "COLUMN_WRONG");

    /** Two candidates: the right one mostly has GOOD, the wrong one BAD; COLUMN_WRONG speaks for the wrong one. */
    private static List<Example> examples() {
        Random random = new Random(3);
        List<Example> examples = new ArrayList<>();
        for (int i = 0; i < 2000; i++) {
            int right = random.nextInt(10) == 0 ? 1 : 0;
            examples.add(new Example(new int[][] {{0}, {1, 2}}, new float[][] {{1}, {1, 1}}, right));
        }
        return examples;
    }

    @Test
    void prefersWhatWasRight() {
        double[] weights = new Learner(FEATURES).learn(examples(), 10, 1);
        assertThat(weights[0]).isPositive();
        assertThat(weights[1]).isNegative();
        assertThat(weights[2]).as("a column does not speak against itself").isNotNegative();
        double[] p = Learner.probabilities(examples().get(0), weights);
        assertThat(p[0]).isBetween(0.86, 0.94);
        assertThat(p[0] + p[1]).isBetween(0.999999, 1.000001);
    }

    @Test
    void aWeightThatIsToldStays() {
        double[] weights = new Learner(FEATURES, Map.of("BAD", 2.5)).learn(examples(), 10, 1);
        assertThat(weights[1]).isEqualTo(2.5);
        assertThat(weights[0])
                .as("the others make up for it")
                .isGreaterThan(new Learner(FEATURES).learn(examples(), 10, 1)[0] + 1);
    }

    @Test
    void theSameSeedGivesTheSameWeights() {
        assertThat(new Learner(FEATURES).learn(examples(), 4, 1))
                .isEqualTo(new Learner(FEATURES).learn(examples(), 4, 1));
    }

    @Test
    void calibratesTowardsWhatWasRight() {
        Random random = new Random(5);
        List<Outcome> outcomes = new ArrayList<>();
        for (int i = 0; i < 40_000; i++) {
            double p = random.nextDouble();
            outcomes.add(new Outcome(p, random.nextDouble() < p * p));
        }
        List<Knot> knots = Calibrator.learn(outcomes);
        assertThat(knots).hasSizeGreaterThan(10);
        for (int i = 0; i < knots.size(); i++) {
            Knot knot = knots.get(i);
            assertThat(knot.confidence())
                    .isBetween(
                            knot.probability() * knot.probability() - 0.1,
                            knot.probability() * knot.probability() + 0.1);
            assertThat(knot.confidence())
                    .isGreaterThanOrEqualTo(i == 0 ? 0 : knots.get(i - 1).confidence() - 0.01);
        }
    }
}
