package io.inkwellsplit.bench;

import static org.assertj.core.api.Assertions.assertThat;

import io.inkwellsplit.bench.reliability.Reliability;
import java.nio.file.Path;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** A small share of the runs that try to break the product; {@code scripts/reliability} does the whole. */
class ReliabilityTest {
    private static final Path PROJECT = Path.of("..");
    private static final long SEED = 20261129;

    @ParameterizedTest
    @CsvSource({"values, 0.003", "kills, 0.03", "growth, 0.01"})
    void nothingBreaks(String what, double share) throws Exception {
        assertThat(new Reliability(PROJECT, SEED).run(what, share)).isZero();
    }
}
