package io.inkwellsplit.training;

import io.inkwellsplit.training.Calibrator.Outcome;
import io.inkwellsplit.training.Learner.Example;
import io.inkwellsplit.weigh.Choice;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;

/** Turns the candidates of labelled values into what is learned from. */
final class Examples {
    private Examples() {}

    /** Returns the example of one value; null where the right reading is not among its candidates. */
    static @Nullable Example of(List<Choice> choices, Map<String, String> gold) {
        int right = -1;
        int[][] features = new int[choices.size()][];
        float[][] amounts = new float[choices.size()][];
        for (int c = 0; c < choices.size(); c++) {
            if (right < 0 && choices.get(c).parts().equals(gold)) {
                right = c;
            }
            double[] seen = choices.get(c).features();
            int[] places =
                    IntStream.range(0, seen.length).filter(i -> seen[i] != 0).toArray();
            features[c] = places;
            amounts[c] = new float[places.length];
            for (int i = 0; i < places.length; i++) {
                amounts[c][i] = (float) seen[places[i]];
            }
        }
        return right < 0 ? null : new Example(features, amounts, right);
    }

    /** Returns how the weights would read an example. */
    static Outcome outcome(Example example, double[] weights) {
        double[] p = Learner.probabilities(example, weights);
        int best = 0;
        for (int i = 1; i < p.length; i++) {
            best = p[i] > p[best] ? i : best;
        }
        return new Outcome(p[best], best == example.right());
    }
}
