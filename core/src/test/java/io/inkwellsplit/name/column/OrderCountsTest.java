package io.inkwellsplit.name.column;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Arrays;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What a column prefers, from values that are more or less sure of their order. */
class OrderCountsTest {
    private static final int BUILD = NameOrder.build(3, 0, 0, 0);
    private static final int GIVEN = NameOrder.of(Layout.GIVEN_FIRST);
    private static final int FAMILY = NameOrder.of(Layout.FAMILY_FIRST);

    private static double usual(int order) {
        return UsualOrders.shipped().share(BUILD, 0, order);
    }

    /** Adds values to which the family name first is so probable. */
    private static void add(OrderCounts counts, int times, double familyFirst) {
        double[] probable = new double[NameOrder.COUNT];
        probable[FAMILY] = familyFirst;
        probable[GIVEN] = 1 - familyFirst;
        for (int i = 0; i < times; i++) {
            counts.add(BUILD, 0, probable);
        }
    }

    private static double preference(OrderCounts counts, int order) {
        return counts.preference(BUILD, 0, order, usual(order));
    }

    @Test
    void aColumnThatIsSureIsBelieved() {
        OrderCounts counts = new OrderCounts();
        add(counts, 100, 0.99);
        assertThat(preference(counts, FAMILY)).isPositive().isGreaterThan(preference(counts, GIVEN) + 2);
    }

    @Test
    void valuesThatCannotTellLeaveTheWordToThoseThatAreSure() {
        OrderCounts few = new OrderCounts();
        add(few, 30, 0.99);
        OrderCounts many = new OrderCounts();
        add(many, 30, 0.99);
        add(many, 300, usual(FAMILY));
        // The mean of what is probable would be near to what is usual; the sure ones say that all of the column is so.
        assertThat(preference(many, FAMILY)).isGreaterThan(0.8 * preference(few, FAMILY));
    }

    @Test
    void valuesThatCannotTellSayNothing() {
        OrderCounts counts = new OrderCounts();
        double[] asUsual = {usual(NameOrder.OTHER), usual(GIVEN), usual(FAMILY)};
        for (int i = 0; i < 500; i++) {
            counts.add(BUILD, 0, asUsual);
        }
        assertThat(preference(counts, FAMILY)).isCloseTo(0, within(1e-9));
        assertThat(preference(counts, GIVEN)).isCloseTo(0, within(1e-9));
    }

    @Test
    void aMixedColumnStaysMixed() {
        OrderCounts counts = new OrderCounts();
        add(counts, 100, 0.999);
        add(counts, 100, 0.001);
        double share = Math.exp(preference(counts, FAMILY)) * usual(FAMILY);
        assertThat(share).isBetween(0.4, 0.6);
    }

    @Test
    void aValueIsNotItsOwnWitness() {
        OrderCounts counts = new OrderCounts();
        add(counts, 1, 0.99);
        assertThat(counts.preference(BUILD, 0, FAMILY, 0.99)).isCloseTo(0, within(1e-9));
        assertThat(counts.preference(BUILD, 0, GIVEN, 0.01)).isCloseTo(0, within(1e-9));
    }

    @Test
    void anotherBuildIsNotTouched() {
        OrderCounts counts = new OrderCounts();
        add(counts, 100, 0.99);
        int other = NameOrder.build(2, 0, 0, 0);
        double usual = UsualOrders.shipped().share(other, 0, FAMILY);
        assertThat(counts.preference(other, 0, FAMILY, usual)).isCloseTo(0, within(1e-9));
    }

    @ParameterizedTest
    @CsvSource({"1", "2", "7", "50"})
    void piecesAddUpInAnyOrder(int pieces) {
        Random random = new Random(pieces);
        OrderCounts whole = new OrderCounts();
        OrderCounts[] parts = new OrderCounts[pieces];
        Arrays.setAll(parts, i -> new OrderCounts());
        for (int i = 0; i < 300; i++) {
            double familyFirst = random.nextDouble();
            add(whole, 1, familyFirst);
            add(parts[random.nextInt(pieces)], 1, familyFirst);
        }
        OrderCounts merged = new OrderCounts();
        for (int i = pieces - 1; i >= 0; i--) {
            merged.merge(parts[i]);
        }
        assertThat(merged.counts()).isEqualTo(whole.counts());
        assertThat(preference(merged, FAMILY)).isEqualTo(preference(whole, FAMILY));
        OrderCounts read = new OrderCounts(whole.counts().clone());
        assertThat(preference(read, GIVEN)).isEqualTo(preference(whole, GIVEN));
        assertThat(read.isEmpty()).isFalse();
    }

    @Test
    void whatWasWorkedOutIsWorkedOutAnewWhenMoreIsKnown() {
        OrderCounts counts = new OrderCounts();
        assertThat(counts.isEmpty()).isTrue();
        add(counts, 20, 0.99);
        double before = preference(counts, FAMILY);
        add(counts, 200, 0.01);
        assertThat(preference(counts, FAMILY)).isLessThan(before);
        OrderCounts others = new OrderCounts();
        add(others, 2000, 0.99);
        double mixed = preference(counts, FAMILY);
        counts.merge(others);
        assertThat(preference(counts, FAMILY)).isGreaterThan(mixed);
    }
}
