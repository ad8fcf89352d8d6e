package io.inkwellsplit.name.column;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Which name a column writes in front, from values that lean to one side or the other. */
class LeaningsTest {
    private static Leanings of(int times, double odds, int others, double otherOdds) {
        Leanings leanings = new Leanings();
        for (int i = 0; i < times; i++) {
            leanings.add(odds);
        }
        for (int i = 0; i < others; i++) {
            leanings.add(otherOdds);
        }
        return leanings;
    }

    @ParameterizedTest
    @CsvSource({
        "0,   0,   0,  0,  0,    0",
        "1,   6,   0,  0,  0,    0.9",
        "100, 6,   0,  0,  5,    6",
        "100, -6,  0,  0, -6,   -5",
        "100, 9,   0,  0,  5,    6",
        "100, 0,   0,  0, -0.1,  0.1",
        "100, 1,   3, -6, -4,   -0.2",
        "100, 2,   3, -6,  2,    5",
        "70,  6,  30, -6,  0.6,  1.1",
        "50,  6,  50, -6, -0.1,  0.1"
    })
    void manyThatLeanOutvoteAFewThatSeemSure(
            int times, double odds, int others, double otherOdds, double from, double to) {
        assertThat(of(times, odds, others, otherOdds).odds()).isBetween(from, to);
    }

    @ParameterizedTest
    @CsvSource({"12, 3, 5, -2", "100, 1, 7, -6", "3, 0, 2, 4"})
    void bothSidesAreAlike(int times, double odds, int others, double otherOdds) {
        assertThat(of(times, -odds, others, -otherOdds).odds())
                .isCloseTo(-of(times, odds, others, otherOdds).odds(), within(1e-9));
    }

    @Test
    void aValueIsNotItsOwnWitness() {
        assertThat(of(1, 6, 0, 0).odds()).isLessThan(of(2, 6, 0, 0).odds() / 1.5);
    }

    @Test
    void mergedTheyAreOne() {
        Leanings one = of(10, 2, 3, -4);
        one.merge(of(7, 1, 5, 0));
        Leanings all = of(10, 2, 3, -4);
        for (int i = 0; i < 7; i++) {
            all.add(1);
        }
        for (int i = 0; i < 5; i++) {
            all.add(0);
        }
        assertThat(one.odds()).isEqualTo(all.odds());
    }
}
