package io.inkwellsplit.spark;

import io.inkwellsplit.table.split.BoundSplit;
import io.inkwellsplit.table.step.BoundStep;
import io.inkwellsplit.table.step.Step;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.stream.Stream;

/** Steps bound to the titles of a table, on one machine, for some of its rows. */
final class Chain {
    private final List<String> sourceHeader;
    private final List<BoundStep> steps = new ArrayList<>();
    private final List<String> header;

    /**
     * Binds steps.
     *
     * @param learned what those that learn have learned, in their order; those behind have learned nothing yet
     */
    Chain(List<StepSpec> specs, List<String> titles, List<byte[]> learned) {
        sourceHeader = List.copyOf(titles);
        List<String> at = titles;
        int next = 0;
        for (StepSpec spec : specs) {
            for (Step step : spec.steps()) {
                BoundStep bound = step.bind(at);
                if (bound instanceof BoundSplit split && split.learns() && next < learned.size()) {
                    split.joinLearned(learned.get(next++));
                    split.endLearning();
                }
                steps.add(bound);
                at = bound.header();
            }
        }
        header = List.copyOf(at);
    }

    List<String> header() {
        return header;
    }

    List<String> sourceHeader() {
        return sourceHeader;
    }

    List<BoundStep> steps() {
        return List.copyOf(steps);
    }

    /** Returns the step that learns, of those that come one after the other. */
    Optional<BoundSplit> learner(int number) {
        return learning().skip(number).findFirst();
    }

    /** Returns how many steps learn. */
    int learners() {
        return (int) learning().count();
    }

    /** Carries a row through all steps. */
    void push(List<String> cells, Consumer<List<String>> out) {
        push(0, steps.size(), cells, out);
    }

    /** Carries a row to a step, through those before it. */
    void pushTo(BoundStep end, List<String> cells, Consumer<List<String>> out) {
        push(0, steps.indexOf(end), cells, out);
    }

    private Stream<BoundSplit> learning() {
        return steps.stream()
                .filter(step -> step instanceof BoundSplit && step.learns())
                .map(BoundSplit.class::cast);
    }

    private void push(int from, int to, List<String> cells, Consumer<List<String>> out) {
        if (from == to) {
            out.accept(cells);
        } else {
            steps.get(from).push(cells, next -> push(from + 1, to, next, out));
        }
    }
}
