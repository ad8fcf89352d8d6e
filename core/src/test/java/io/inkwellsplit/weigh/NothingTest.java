package io.inkwellsplit.weigh;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import io.inkwellsplit.text.Tokens;
import io.inkwellsplit.weigh.EvidenceBytes.Counts;
import io.inkwellsplit.words.OwnWords;
import java.util.Arrays;
import java.util.List;
import java.util.concurrent.atomic.AtomicInteger;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import net.jqwik.api.constraints.Positive;
import net.jqwik.api.constraints.Size;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Words for nothing, bytes of evidences, readers of threads. */
class NothingTest {
    private final Tokens tokens = new Tokens();

    private boolean isNothing(Nothing nothing, String value) {
        tokens.read(value);
        return nothing.is(tokens);
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "",
                " ",
                "-",
                "N/A",
                "n.a.",
                "same as above",
                "Siehe oben",
                "no fixed address",
                "(none)",
                "UNKNOWN",
                "--- none ---",
                "current resident",
                "#N/A",
                "…"
            })
    void isNothing(String value) {
        assertThat(isNothing(Nothing.shipped(), value)).isTrue();
    }

    @ParameterizedTest
    @ValueSource(strings = {"Ines", "none Brandt", "N/A Brandt", "5", "unknown street", "resident of Barre"})
    void isSomething(String value) {
        assertThat(isNothing(Nothing.shipped(), value)).isFalse();
    }

    @Test
    void theUsersOwnWordsAddUp() {
        Nothing own = Nothing.shipped().with(OwnWords.of("own", "[nothing]\nask Ada\n"));
        assertThat(isNothing(own, "ASK ada")).isTrue();
        assertThat(isNothing(own, "N/A")).isTrue();
        assertThat(isNothing(own, "ask Tom")).isFalse();
        assertThat(isNothing(Nothing.shipped(), "ask Ada")).isFalse();
    }

    @Property
    void countsComeBackFromTheirBytes(
            @ForAll @Size(min = 1, max = 6) List<@Positive Long> some,
            @ForAll @Size(max = 40) List<@IntRange(min = 0, max = 1_000_000) Integer> many) {
        long[] totals = some.stream().mapToLong(Long::longValue).toArray();
        int[] counts = many.stream().mapToInt(Integer::intValue).toArray();
        byte[] bytes = EvidenceBytes.write('X', new Counts(totals, counts));
        Counts read = EvidenceBytes.read('X', bytes, totals.length, counts.length);
        assertThat(read.totals()).isEqualTo(totals);
        int[] back = read.counts();
        assertThat(back == null ? new int[counts.length] : back).isEqualTo(counts);
    }

    @Test
    void bytesThatAreNoneAreRefused() {
        byte[] bytes = EvidenceBytes.write('X', new Counts(new long[] {3, 4}, new int[] {0, 7}));
        for (int cut = 0; cut < bytes.length - 2; cut++) {
            byte[] some = Arrays.copyOf(bytes, cut);
            assertThatThrownBy(() -> EvidenceBytes.read('X', some, 2, 2)).isInstanceOf(IllegalArgumentException.class);
        }
        assertThatThrownBy(() -> EvidenceBytes.read('Y', bytes, 2, 2)).isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> EvidenceBytes.read('X', bytes, 1, 2)).isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> EvidenceBytes.read('X', bytes, 2, 1)).isInstanceOf(IllegalArgumentException.class);
    }

    @Test
    void aThreadKeepsAFewReaders() throws InterruptedException {
        AtomicInteger made = new AtomicInteger();
        ThreadReaders<String, Object> readers = new ThreadReaders<>(words -> {
            made.incrementAndGet();
            return new Object();
        });
        Object first = readers.of("a");
        assertThat(readers.of("a")).isSameAs(first);
        readers.of("b");
        readers.of("c");
        assertThat(readers.of("a")).isSameAs(first);
        assertThat(made).hasValue(3);
        readers.of("d");
        assertThat(readers.of("a")).isSameAs(first);
        assertThat(made).hasValue(4);
        readers.of("b");
        assertThat(made).hasValue(5);
        Thread other = new Thread(() -> assertThat(readers.of("a")).isNotSameAs(first));
        other.start();
        other.join();
        assertThat(made).hasValue(6);
    }
}
