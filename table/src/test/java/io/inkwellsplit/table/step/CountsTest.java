package io.inkwellsplit.table.step;

import static org.assertj.core.api.Assertions.assertThat;

import io.inkwellsplit.table.job.Job;
import io.inkwellsplit.table.job.JobReader;
import io.inkwellsplit.table.job.JobStep;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** What a step has counted on some rows and another one on the others is what one counts on all. */
class CountsTest {
    private static final List<String> TITLES = List.of("Singer", "Voice");
    private static final List<List<String>> ROWS = List.of(
            List.of("Ada  Thorne", "Alto"),
            List.of("", "Bass"),
            List.of("THORNE ADA", "Alto"),
            List.of("Neil Harrow, Tom Orme", "Bass; Tenor; Alto"),
            List.of("Brandt", ""),
            List.of("J Brandt ", "Bass;"),
            List.of("ada thorne", "Alto"));

    @TempDir
    Path folder;

    private BoundStep step(String yaml) throws IOException {
        Path file = Files.writeString(
                folder.resolve("job.yaml"),
                "input: {file: in.csv}\nsteps:\n  - " + yaml + "\noutput: {file: out.csv}\n");
        Job job = JobReader.read(file);
        JobStep step = job.steps().get(0);
        return step.kind().steps(step.values(), List.of()).get(0).bind(TITLES);
    }

    private static void through(BoundStep step, List<List<String>> rows) {
        if (step.learns()) {
            step.endLearning();
        }
        rows.forEach(row -> step.push(row, out -> {}));
        step.end(out -> {});
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "split: {name: Singer}",
                "split: {name: Singer, corrections: corrections.csv}",
                "tidy: {column: [Singer, Voice], what: [spaces, name-case]}",
                "replace: {column: [Singer], text: a, with: A}",
                "rows: {where: \"Voice is Alto\"}",
                "cut: {column: [Voice], at: [\";\"], into: 2}",
            })
    void twoThatSeeHalfTheRowsCountWhatOneCountsOnAll(String yaml) throws IOException {
        Files.writeString(
                folder.resolve("corrections.csv"),
                "Column,For,Text,Is\nSinger,value,Brandt,last=Brandt\nSinger,value,Nobody,last=Nobody\n");
        BoundStep all = step(yaml);
        through(all, ROWS);
        for (int half = 0; half <= ROWS.size(); half++) {
            BoundStep first = step(yaml);
            BoundStep second = step(yaml);
            through(first, ROWS.subList(0, half));
            through(second, ROWS.subList(half, ROWS.size()));
            BoundStep joined = step(yaml);
            joined.addCounts(second.counts());
            joined.addCounts(first.counts());
            assertThat(joined.report()).isEqualTo(all.report()).isNotEmpty();
            assertThat(joined.counts()).isEqualTo(all.counts());
        }
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "group: {column: Singer, by: [Voice]}",
                "group: {column: Singer, by: [Voice], sorted: true, with: \" / \"}",
                "duplicates: {by: [Singer]}",
                "duplicates: {by: [Voice, Singer]}"
            })
    void rowsThatComeByTheirKeysCanBeEndedBehindEachKey(String yaml) throws IOException {
        List<List<String>> expected = new ArrayList<>();
        BoundStep whole = step(yaml);
        ROWS.forEach(row -> whole.push(row, expected::add));
        whole.end(expected::add);
        Gathering gathering = (Gathering) step(yaml);
        List<List<String>> rows = new ArrayList<>(ROWS);
        rows.sort((a, b) -> java.util.Arrays.compareUnsigned(gathering.key(a), gathering.key(b)));
        List<List<String>> given = new ArrayList<>();
        for (int i = 0; i < rows.size(); i++) {
            gathering.push(rows.get(i), given::add);
            if (i + 1 == rows.size()
                    || !java.util.Arrays.equals(gathering.key(rows.get(i)), gathering.key(rows.get(i + 1)))) {
                gathering.end(given::add);
            }
        }
        assertThat(given).isEqualTo(expected).isNotEmpty();
        assertThat(gathering.report()).isEqualTo(whole.report());
    }

    @Test
    void aCountFromElsewhereGivesTheSameRow() throws IOException {
        Counting step = (Counting) step("count: {column: [Voice, Singer]}");
        List<List<String>> rows = new ArrayList<>();
        ROWS.forEach(row -> step.push(row, rows::add));
        step.end(rows::add);
        assertThat(step.counted()).containsExactly(1, 0);
        assertThat(step.row(List.of("Alto", "Ada  Thorne"), 1, 7)).isEqualTo(rows.get(1));
        assertThat(rows.get(1).get(3)).isEqualTo(String.format(Locale.ROOT, "%.1f %%", 100 / 7.0));
    }
}
