package io.inkwellsplit.table.part;

import static org.assertj.core.api.Assertions.assertThat;

import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;

class ThousandthsTest {
    @Property
    void showsAShareWithThreeDigits(@ForAll @DoubleRange(min = 0, max = 1) double share) {
        String text = Thousandths.text(share);
        assertThat(text).matches("[01]\\.[0-9]{3}");
        assertThat(Double.parseDouble(text)).isBetween(share - 0.000_500_1, share + 0.000_500_1);
    }
}
