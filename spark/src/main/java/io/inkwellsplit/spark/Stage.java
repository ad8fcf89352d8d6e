package io.inkwellsplit.spark;

import io.inkwellsplit.table.step.BoundStep;
import java.util.ArrayList;
import java.util.List;

/**
 * Steps that rows go through without being brought together with others in between, and what was counted there.
 *
 * @param specs the steps
 * @param titles the titles of the columns that come to them
 * @param tally what was counted
 */
record Stage(List<StepSpec> specs, List<String> titles, Tally tally) {
    /** Returns what was done, in sentences. */
    List<String> report() {
        List<BoundStep> steps = new Chain(specs, titles, List.of()).steps();
        List<String> sentences = new ArrayList<>();
        for (int i = 0; i < steps.size(); i++) {
            for (Counted part : tally.value().values()) {
                steps.get(i).addCounts(part.steps.get(i));
            }
            sentences.addAll(steps.get(i).report());
        }
        return sentences;
    }
}
