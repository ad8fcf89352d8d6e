package io.inkwellsplit.table.run;

import static org.assertj.core.api.Assertions.assertThat;

import io.inkwellsplit.table.Row;
import io.inkwellsplit.table.RowSink;
import io.inkwellsplit.table.RowSource;
import io.inkwellsplit.table.sort.SortKey;
import io.inkwellsplit.table.step.BoundStep;
import io.inkwellsplit.table.step.RowWise;
import io.inkwellsplit.table.step.SortStep;
import io.inkwellsplit.table.step.Step;
import java.util.ArrayList;
import java.util.Iterator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.IntStream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** One value never ends a run: the row is set aside with where the program failed, and without its value. */
class FaultsTest {
    private static final int ROWS = 3_000;

    /** Fails on every seventh row, in several ways; learns, so that it fails there as well. */
    private static final class Failing implements Step, RowWise {
        @Override
        public BoundStep bind(List<String> header) {
            return this;
        }

        @Override
        public List<String> header() {
            return List.of("No");
        }

        @Override
        public boolean learns() {
            return true;
        }

        @Override
        public void observe(List<String> cells) {
            apply(cells);
        }

        @Override
        public Optional<RowWise> fork() {
            return Optional.of(this);
        }

        @Override
        public List<String> apply(List<String> cells) {
            int number = Integer.parseInt(cells.get(0));
            if (number % 7 == 0) {
                throw number % 2 == 0 ? new IndexOutOfBoundsException(cells.get(0)) : new IllegalStateException("x");
            }
            return number % 11 == 0 ? deep(cells) : cells;
        }

        private static List<String> deep(List<String> cells) {
            return cells.isEmpty() ? cells : deep(cells);
        }
    }

    private static final RowSource SOURCE = new RowSource() {
        @Override
        public List<String> header() {
            return List.of("No");
        }

        @Override
        public Iterator<Row> rows() {
            return IntStream.rangeClosed(1, ROWS)
                    .mapToObj(i -> new Row(i, i + 1, List.of(Integer.toString(i))))
                    .iterator();
        }
    };

    private static final class Gathered implements RowSink {
        final List<String> out = new ArrayList<>();
        final List<String> reasons = new ArrayList<>();

        @Override
        public void header(List<String> titles) {}

        @Override
        public void row(List<String> cells) {
            out.add(cells.get(0));
        }

        @Override
        public void setAside(Row row, String reason) {
            reasons.add(row.cells().get(0) + " " + reason);
        }

        @Override
        public void finish() {}
    }

    @ParameterizedTest
    @ValueSource(ints = {1, 2})
    void setsAsideWhatAStepFailsOn(int threads) {
        long failing = IntStream.rangeClosed(1, ROWS)
                .filter(i -> i % 7 == 0 || i % 11 == 0)
                .count();
        SortStep sort = SortStep.in(Locale.ROOT).by("No", SortStep.As.NUMBER, SortKey.Direction.FALLING);
        for (List<Step> steps : List.of(List.<Step>of(new Failing()), List.of(new Failing(), sort))) {
            Run run = Run.of(SOURCE, steps, threads);
            Gathered gathered = new Gathered();
            run.into(gathered);
            assertThat(gathered.out).hasSize((int) (ROWS - failing));
            assertThat(run.faults()).isEqualTo(failing).isEqualTo(run.setAside());
            assertThat(gathered.reasons).hasSize((int) failing);
            assertThat(gathered.reasons.get(0))
                    .matches("7 a fault of the program: IllegalStateException at .*Failing.apply.*");
            assertThat(run.faultPlaces()).hasSizeBetween(3, 5).allMatch(place -> place.contains("FaultsTest"));
        }
    }
}
