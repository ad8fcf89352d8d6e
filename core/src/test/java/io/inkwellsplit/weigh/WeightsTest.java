package io.inkwellsplit.weigh;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import org.junit.jupiter.api.Test;

class WeightsTest {
    private enum Two {
        A,
        B
    }

    @Test
    void interpolatesTheCalibration() {
        Weights weights = Weights.load(Two.class, WeightsTest.class, "weights-good.txt");
        assertThat(weights.array()).containsExactly(1.5, -2);
        assertThat(weights.calibrate(0.1)).isEqualTo(0.4);
        assertThat(weights.calibrate(0.75)).isBetween(0.64, 0.66);
        assertThat(weights.calibrate(1)).isEqualTo(0.9);
    }

    @Test
    void namesTheFaultyLine() {
        assertThatThrownBy(() -> Weights.load(Two.class, WeightsTest.class, "weights-unknown.txt"))
                .hasMessage("weights-unknown.txt, line 3: the feature C is unknown");
        assertThatThrownBy(() -> Weights.load(Two.class, WeightsTest.class, "weights-missing.txt"))
                .hasMessage("weights-missing.txt: the feature B has no weight");
        assertThatThrownBy(() -> Weights.load(Two.class, WeightsTest.class, "nowhere.txt"))
                .hasMessage("the data file nowhere.txt is missing");
    }
}
