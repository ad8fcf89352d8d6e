package io.inkwellsplit.weigh;

import static org.assertj.core.api.Assertions.assertThat;

import io.inkwellsplit.address.AddressSplitter;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import org.junit.jupiter.api.Test;

class CalibrationTest {
    private final Calibration shipped = Calibration.load(AddressSplitter.class, "weigh/confidence.txt");

    @Property
    void aHigherProbabilityIsNoLowerConfidence(
            @ForAll @DoubleRange(min = 0, max = 1) double one, @ForAll @DoubleRange(min = 0, max = 1) double other) {
        double low = shipped.calibrate(Math.min(one, other));
        double high = shipped.calibrate(Math.max(one, other));
        assertThat(low).isBetween(0.0, high);
        assertThat(high).isLessThanOrEqualTo(1);
    }

    @Test
    void withoutKnotsAProbabilityStays() {
        assertThat(Calibration.NONE.calibrate(0.37)).isEqualTo(0.37);
    }
}
