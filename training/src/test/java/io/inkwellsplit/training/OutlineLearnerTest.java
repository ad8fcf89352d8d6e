package io.inkwellsplit.training;

import static org.assertj.core.api.Assertions.assertThat;

import io.inkwellsplit.address.AddressLearning;
import io.inkwellsplit.address.AddressLearning.Outlined;
import io.inkwellsplit.address.AddressSplitter;
import io.inkwellsplit.address.outline.Outlines.Known;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;

/** Which outlines are kept, and that addresses which have them read as the decoder reads them. */
class OutlineLearnerTest {
    private static final double SURE = 0.99;
    private static final byte[] STREET_CITY = {6, 7, 14, 20};
    private static final byte[] STREET_STREET = {6, 7, 7, 20};

    private final List<Outlined> seen = new ArrayList<>();

    private void see(int times, long head, long end, byte[] labels, double confidence) {
        seen.addAll(Collections.nCopies(times, new Outlined(head, end, 2, labels, confidence)));
    }

    private Map<Long, Known> learned() {
        return new OutlineLearner(seen).learn();
    }

    @Test
    void keepsWhatIsLabelledAlike() {
        see(20, 1, 11, STREET_CITY, SURE);
        see(20, 1, 12, STREET_CITY, 1);
        Map<Long, Known> learned = learned();
        assertThat(learned).containsOnlyKeys(1L, 11L, 12L).hasEntrySatisfying(1L, head -> {
            assertThat(head.labels()).containsExactly(6, 7);
            assertThat(head.confidence()).isBetween(0.994f, 0.996f);
        });
        assertThat(learned).hasEntrySatisfying(12L, end -> {
            assertThat(end.labels()).containsExactly(14, 20);
            assertThat(end.confidence()).isEqualTo(1);
        });
    }

    @Test
    void leavesOutWhatIsRareUnlikeOrUnsure() {
        see(100, 1, 11, STREET_CITY, SURE);
        see(5, 1, 12, STREET_CITY, SURE);
        see(50, 1, 13, STREET_CITY, SURE);
        see(2, 1, 13, STREET_STREET, SURE);
        see(50, 1, 14, STREET_CITY, SURE);
        see(5, 1, 14, STREET_CITY, 0.9);
        assertThat(learned()).containsOnlyKeys(1L, 11L);
    }

    @Test
    void whoReceivesIsToldByWordsAlone() {
        byte recipient = 0;
        byte[] labels = {recipient, 1, 14, 20};
        assertThat(AddressLearning.hasRecipient(labels)).isTrue();
        assertThat(AddressLearning.hasRecipient(STREET_CITY)).isFalse();
        see(100, 1, 11, STREET_CITY, SURE);
        see(100, 2, 11, labels, SURE);
        assertThat(learned()).containsOnlyKeys(1L, 11L);
    }

    @Test
    void anEndIsNotBlamedForAnUnclearHead() {
        see(100, 1, 11, STREET_CITY, SURE);
        see(50, 2, 11, STREET_CITY, SURE);
        see(50, 2, 11, new byte[] {6, 8, 15, 20}, 0.6);
        assertThat(learned()).containsOnlyKeys(1L, 11L);
    }

    /** Addresses that the learner has not seen: other seed, other words. */
    @Test
    void outlinedAddressesReadAsTheDecoderReadsThem() {
        AddressLearning weighing = AddressLearning.weighing();
        AddressSplitter splitter = AddressSplitter.standard();
        int[] counts = new int[3];
        LearnOutlines.each(Path.of("data"), 4712, 90, text -> {
            counts[0]++;
            counts[1] += weighing.knowsOutline(text) ? 1 : 0;
            boolean alike = AddressLearning.plainParts(splitter.split(text)).equals(weighing.parts(text));
            counts[2] += alike ? 0 : 1;
        });
        assertThat(counts[0]).isGreaterThan(10_000);
        assertThat(counts[1]).as("known of %d", counts[0]).isGreaterThan(counts[0] * 45 / 100);
        assertThat(counts[2]).as("unlike of %d", counts[1]).isLessThan(counts[1] / 500);
    }
}
