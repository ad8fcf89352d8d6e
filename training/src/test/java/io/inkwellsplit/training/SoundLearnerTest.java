package io.inkwellsplit.training;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What is learned of letters, and the lexicon that is built with it. */
class SoundLearnerTest {
    private static final Path DATA = Path.of("data");
    private static final Path SHIPPED = Path.of("../core/src/main/resources/io/inkwellsplit/name/word");

    private static final SoundLearner SOUNDS = new SoundLearner(new NameSources(DATA).withMoreNames(DATA), DATA);

    @TempDir
    Path folder;

    @ParameterizedTest
    @CsvSource({
        "montecillas, true",
        "carrajosa, true",
        "moleiras, true",
        "birdwhistle, false",
        "hjelmstad, false",
        "mora, false",
        "montecíllas, false"
    })
    void tellsWordsThatItHasNotSeen(String word, boolean usual) {
        assertThat(SOUNDS.isTwoUsual(word)).isEqualTo(usual);
    }

    /** Whoever changes a list builds anew, or the lexicon is not what its lists say. */
    @Test
    void theShippedFilesAreThoseOfTheLists() throws IOException {
        BuildLexicon.main(new String[] {DATA.toString(), folder.toString()});
        for (String file : List.of("sounds.txt", "lexicon.txt", "at-home.txt")) {
            assertThat(Files.mismatch(folder.resolve(file), SHIPPED.resolve(file)))
                    .as(file)
                    .isEqualTo(-1);
        }
    }

    @Test
    void weightsAreReadAsTheyWereWritten() throws IOException {
        Path copy = folder.resolve("weights.txt");
        WeightsFile.write(
                copy, "names", List.of("A", "B"), new double[] {1.25, -0.5}, List.of(new Calibrator.Knot(0.5, 0.4)));
        assertThat(WeightsFile.read(copy)).containsExactly(Map.entry("A", 1.25), Map.entry("B", -0.5));
    }
}
