package io.inkwellsplit.weigh;

import static org.assertj.core.api.Assertions.assertThat;

import io.inkwellsplit.reading.Kind;
import java.util.List;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import net.jqwik.api.constraints.Size;
import org.junit.jupiter.api.Test;

class CandidatePoolTest {
    private static final class One extends Weighed {}

    private final CandidatePool<One> pool = new CandidatePool<>(One::new);

    @Property
    void probabilitiesFollowTheScores(
            @ForAll @Size(min = 1, max = 9) List<@DoubleRange(min = -80, max = 80) Double> scores) {
        pool.clear();
        scores.forEach(score -> pool.add().score = score);
        One best = pool.weigh();
        double sum = 0;
        for (int i = 0; i < pool.size(); i++) {
            sum += pool.get(i).probability;
            assertThat(best.score).isGreaterThanOrEqualTo(pool.get(i).score);
            assertThat(best.probability).isGreaterThanOrEqualTo(pool.get(i).probability);
        }
        assertThat(sum).isBetween(1 - 1e-9, 1 + 1e-9);
    }

    @Test
    void dropsOnlyRepeats() {
        pool.add().labels[0] = 1;
        pool.add().labels[0] = 2;
        pool.dropRepeat(1);
        assertThat(pool.size()).isEqualTo(2);
        pool.add().labels[0] = 1;
        pool.dropRepeat(1);
        assertThat(pool.size()).isEqualTo(2);
    }

    @Test
    void tallyKeepsWhatItIsAskedTo() {
        Tally both = new Tally(new double[] {2, 3}, Tally.Recording.SUM_AND_FEATURES);
        both.add(Kind.COUPLE, 4);
        assertThat(both.sum()).isEqualTo(12);
        assertThat(both.seen()).containsExactly(0, 4);
        both.reset();
        assertThat(both.sum()).isZero();
        assertThat(new Tally(new double[] {2, 3}, Tally.Recording.SUM).seen()).isEmpty();
    }
}
