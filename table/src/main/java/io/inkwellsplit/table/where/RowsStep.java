package io.inkwellsplit.table.where;

import io.inkwellsplit.table.step.Parting;
import io.inkwellsplit.table.step.RowWise;
import io.inkwellsplit.table.step.Step;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.Predicate;

/** Keeps the rows that meet conditions, or drops them. */
public final class RowsStep implements Step {
    private final Conditions conditions;
    private final boolean keeps;

    private RowsStep(Conditions conditions, boolean keeps) {
        this.conditions = conditions;
        this.keeps = keeps;
    }

    /**
     * {@return a step that keeps the rows that meet conditions}
     *
     * @param conditions the conditions
     */
    public static RowsStep keeping(Conditions conditions) {
        return new RowsStep(conditions, true);
    }

    /**
     * {@return a step that drops the rows that meet conditions}
     *
     * @param conditions the conditions
     */
    public static RowsStep dropping(Conditions conditions) {
        return new RowsStep(conditions, false);
    }

    @Override
    public RowWise bind(List<String> header) {
        Predicate<List<String>> met = conditions.bind(header);
        return new Bound(header, keeps ? met : met.negate());
    }

    private static final class Bound implements RowWise, Parting {
        private static final String SEEN = "seen";
        private static final String PASSED = "passed";

        private final List<String> header;
        private final Predicate<List<String>> kept;
        private List<List<String>> left = new ArrayList<>();
        private Consumer<List<String>> rest = row -> {};
        private boolean wantsRest;
        private long seen;
        private long passed;

        Bound(List<String> header, Predicate<List<String>> kept) {
            this.header = header;
            this.kept = kept;
        }

        @Override
        public List<String> header() {
            return header;
        }

        @Override
        public void restTo(Consumer<List<String>> taker) {
            rest = taker;
            wantsRest = true;
        }

        @Override
        public List<String> apply(List<String> cells) {
            seen++;
            if (kept.test(cells)) {
                passed++;
                return cells;
            }
            if (wantsRest) {
                left.add(cells);
            }
            return LEFT_OUT;
        }

        @Override
        public void push(List<String> cells, Consumer<List<String>> out) {
            RowWise.super.push(cells, out);
            toTell().run();
        }

        @Override
        public Optional<RowWise> fork() {
            Bound fork = new Bound(header, kept);
            if (wantsRest) {
                fork.restTo(rest);
            }
            return Optional.of(fork);
        }

        @Override
        public Runnable toTell() {
            List<List<String>> rows = left;
            left = new ArrayList<>();
            return () -> rows.forEach(rest);
        }

        @Override
        public Map<String, Long> counts() {
            return Map.of(SEEN, seen, PASSED, passed);
        }

        @Override
        public void addCounts(Map<String, Long> counts) {
            seen += counts.getOrDefault(SEEN, 0L);
            passed += counts.getOrDefault(PASSED, 0L);
        }

        @Override
        public void restart() {
            seen = 0;
            passed = 0;
        }

        @Override
        public List<String> report() {
            return List.of("Rows kept: " + passed + " of " + seen);
        }
    }
}
