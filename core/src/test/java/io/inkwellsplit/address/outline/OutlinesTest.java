package io.inkwellsplit.address.outline;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalStateException;

import io.inkwellsplit.address.outline.Outlines.Known;
import io.inkwellsplit.address.place.AddressWords;
import io.inkwellsplit.address.text.AddressText;
import java.util.Arrays;
import java.util.SortedMap;
import java.util.TreeMap;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** The table of heads and ends, as bytes and back, and what it answers. */
class OutlinesTest {
    private final AddressText text = new AddressText(AddressWords.shipped());
    private final Outline outline = new Outline(text);
    private final SortedMap<Long, Known> known = new TreeMap<>();
    private final byte[] labels = new byte[16];

    @BeforeEach
    void drawOne() {
        text.read("12 Main St, Barre, VT 05641");
        text.use(AddressWords.shipped().countries().withCode("US").orElseThrow());
        assertThat(outline.draw()).isTrue();
        for (long other = 1; other < 500; other++) {
            known.put(other << 40, new Known(0.5f, new byte[] {1}));
        }
        known.put(outline.head(), new Known(0.99f, new byte[] {6, 7, 7}));
        known.put(outline.end(), new Known(0.98f, new byte[] {14, 18, 20}));
    }

    private Outlines outlines() {
        return Outlines.of(Outlines.toBytes(known), "some");
    }

    @Test
    void labelsWhereHeadAndEndAreKnown() {
        assertThat(outlines().label(outline, labels)).isBetween(0.9849, 0.9851);
        assertThat(labels).startsWith(6, 7, 7, 14, 18, 20);
    }

    @Test
    void saysNothingWhereOneIsNot() {
        known.remove(outline.end());
        assertThat(outlines().label(outline, labels)).isZero();
        known.put(outline.end(), new Known(0.98f, new byte[] {14, 18, 20}));
        known.remove(outline.head());
        assertThat(outlines().label(outline, labels)).isZero();
        assertThat(Outlines.NONE.label(outline, labels)).isZero();
    }

    @Test
    void saysNothingWhereTheHeadHasAnotherLength() {
        known.put(outline.head(), new Known(0.99f, new byte[] {6, 7}));
        assertThat(outlines().label(outline, labels)).isZero();
    }

    @Test
    void refusesWhatIsNotWhole() {
        byte[] bytes = Outlines.toBytes(known);
        for (int length = 0; length < bytes.length; length++) {
            byte[] part = Arrays.copyOf(bytes, length);
            assertThatIllegalStateException()
                    .as("%d bytes", length)
                    .isThrownBy(() -> Outlines.of(part, "some.bin"))
                    .withMessageContaining("some.bin");
        }
        assertThatIllegalStateException()
                .isThrownBy(() -> Outlines.of(Arrays.copyOf(bytes, bytes.length + 1), "some.bin"))
                .withMessage("some.bin holds more than its outlines");
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "IKOL", "12345678"})
    void refusesOtherFiles(String content) {
        assertThatIllegalStateException()
                .isThrownBy(() -> Outlines.of(content.getBytes(java.nio.charset.StandardCharsets.US_ASCII), "some.bin"))
                .withMessage("some.bin holds no outlines");
    }
}
