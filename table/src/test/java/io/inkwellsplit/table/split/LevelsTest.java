package io.inkwellsplit.table.split;

import static org.assertj.core.api.Assertions.assertThat;

import io.inkwellsplit.table.step.BoundStep;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Random;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

/** What is learned from depends on the rows alone: not on their order, and not on who has seen which of them. */
class LevelsTest {
    @Test
    void threeQuartersOfTheRestHaveEachLevel() {
        int[] counts = new int[Levels.COUNT];
        for (int i = 0; i < 64_000; i++) {
            counts[Levels.of(("Quay Street " + i).hashCode())]++;
        }
        assertThat(counts[0]).isBetween(47_400, 48_600);
        assertThat(counts[1]).isBetween(11_600, 12_400);
        assertThat(counts[2]).isBetween(2_800, 3_200);
        assertThat(counts[3]).isBetween(900, 1_100);
    }

    @Test
    void ofALongTableHigherLevelsAreEnough() {
        assertThat(IntStream.of(1, 100_000, 100_001, 400_003, 400_004, 1_600_000, 2_000_000, 2_000_000_000)
                        .map(Levels::lowest))
                .containsExactly(0, 0, 1, 1, 2, 2, 3, 3);
    }

    /** What a table is said to have spares work; what is learned is the same, also where it has far fewer rows. */
    @Test
    void whatIsLearnedDoesNotDependOnWhatWasSaid() {
        List<List<String>> rows = rows(130_000);
        BoundSplit whole = step();
        rows.forEach(whole::observe);
        BoundSplit told = step();
        told.startLearning(150_000);
        rows.forEach(told::observe);
        assertThat(told.mustLearnAgain()).isFalse();
        assertThat(told.learned()).isEqualTo(whole.learned());
        told.startLearning(5_000_000);
        rows.forEach(told::observe);
        assertThat(told.mustLearnAgain()).isTrue();
        assertThat(told.learned()).isNotEqualTo(whole.learned());
        told.startLearning(0);
        rows.forEach(told::observe);
        assertThat(told.mustLearnAgain()).isFalse();
        assertThat(told.learned()).isEqualTo(whole.learned());
    }

    private static BoundSplit step() {
        return SplitStep.builder().name("Singer").address("Address").build().bind(List.of("No", "Singer", "Address"));
    }

    private static List<List<String>> rows(int count) {
        List<String> family = List.of("Brandt", "Okonedo", "Marlow", "Thorne", "Harrow");
        List<String> given = List.of("Ines", "Tobias", "Wren", "Ada", "Neil");
        List<List<String>> rows = new ArrayList<>();
        for (int i = 0; i < count; i++) {
            rows.add(List.of(
                    Integer.toString(i),
                    family.get(i % 5) + " " + given.get(i / 5 % 5),
                    i + " Quay Street, Barre, VT 05641"));
        }
        return rows;
    }

    @Test
    void whatIsLearnedDoesNotDependOnOrderOrParts() {
        List<List<String>> rows = rows(130_000);
        BoundSplit whole = step();
        rows.forEach(whole::observe);
        Collections.shuffle(rows, new Random(3));
        BoundSplit parted = step();
        for (int from = 0; from < rows.size(); from += 26_000) {
            BoundSplit part = step();
            rows.subList(from, from + 26_000).forEach(part::observe);
            parted.joinLearned(part.learned());
        }
        BoundSplit forked = step();
        List<BoundStep> forks =
                List.of(forked.forkToLearn().orElseThrow(), forked.forkToLearn().orElseThrow());
        for (int i = 0; i < rows.size(); i++) {
            forks.get(i % 3 == 0 ? 0 : 1).observe(rows.get(i));
        }
        forks.forEach(forked::joinLearned);
        assertThat(parted.learned()).isEqualTo(whole.learned());
        assertThat(forked.learned()).isEqualTo(whole.learned());
        List<BoundSplit> all = List.of(whole, parted, forked);
        all.forEach(BoundSplit::endLearning);
        List<String> doubtful = List.of("1", "Marlow Wren", "12 Quay Street, Barre");
        assertThat(all.stream().map(split -> split.apply(doubtful)).distinct()).hasSize(1);
        assertThat(whole.apply(doubtful)).contains("Marlow");
    }
}
