package io.inkwellsplit.bench;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** The table of results, and what is drawn from it; nothing is timed. */
class RatiosTest {
    @TempDir
    Path folder;

    private static Result result(int rows, String what, double seconds, double processor) {
        return new Result("2026-11-30", "abc1234", "2 cores", rows, what, seconds, processor, 200);
    }

    private static List<Result> results(int rows, double more) {
        return List.of(
                result(rows, Ratios.COPY, 2, 2.5),
                result(rows, Ratios.SPLIT, 12 + more, 20 + more),
                result(rows, Ratios.NAMES, 5, 8 + more),
                result(rows, Ratios.ADDRESSES, 9, 15 + more),
                result(rows, Ratios.NOT_LEARNED, 11, 18 + more),
                result(rows, Ratios.START, 0.9, 1.5));
    }

    @Test
    void resultsAreAddedAndReadAsTheyWere() throws IOException {
        Path file = folder.resolve("results.tsv");
        Result.append(file, results(1000, 0));
        Result.append(file, results(1000, 4));
        List<Result> read = Result.read(file);
        assertThat(read).hasSize(12);
        assertThat(read.subList(0, 6)).isEqualTo(results(1000, 0));
        assertThat(Files.readAllLines(file))
                .filteredOn(line -> line.contains("\t" + Ratios.SPLIT + "\t"))
                .extracting(line -> line.split("\t")[8] + " " + line.split("\t")[9])
                .containsExactly("6.00 8.00", "8.00 9.60");
        assertThat(RatioFigures.newest(read)).containsExactlyInAnyOrderElementsOf(results(1000, 4));
    }

    @Test
    void theTimeIsSharedOut() {
        Map<String, Double> shares = RatioFigures.shares(results(1000, 0));
        assertThat(shares).containsEntry("names", 5.0).containsEntry("addresses", 12.0);
        assertThat(shares.entrySet().stream()
                        .limit(4)
                        .mapToDouble(Map.Entry::getValue)
                        .sum())
                .as("start, table, names and addresses are the whole")
                .isCloseTo(20, within(0.01));
    }

    @Test
    void figuresAreDrawn() throws IOException {
        Path file = folder.resolve("results.tsv");
        Result.append(file, results(1000, 0));
        Result.append(file, results(100_000, 40));
        RatioFigures.main(new String[] {file.toString(), folder.toString()});
        for (String name : List.of("ratio-by-rows.png", "time-by-work.png")) {
            assertThat(ImageIO.read(folder.resolve(name).toFile()).getWidth()).isEqualTo(1000);
        }
    }

    @Test
    void aLineThatIsCutShortIsRefused() throws IOException {
        Path file = folder.resolve("results.tsv");
        Files.writeString(file, "date\tversion\n2026-11-30\tabc\n");
        assertThatThrownBy(() -> Result.read(file)).hasMessageContaining("too few columns: 2026-11-30");
    }
}
