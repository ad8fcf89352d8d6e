package io.inkwellsplit.name.column;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.HashSet;
import java.util.Set;
import org.junit.jupiter.api.Test;

/** The patterns of names, their names in the data file, and the usual ones. */
class NamePatternTest {
    @Test
    void buildsAndPatternsHaveNamesOfTheirOwn() {
        Set<String> names = new HashSet<>();
        for (int build = 0; build < NamePattern.BUILDS; build++) {
            names.add(NamePattern.buildName(build));
        }
        assertThat(names).hasSize(NamePattern.BUILDS);
        names.clear();
        for (int pattern = 0; pattern < NamePattern.COUNT; pattern++) {
            names.add(NamePattern.name(pattern));
        }
        assertThat(names).hasSize(NamePattern.COUNT);
    }

    @Test
    void patternsThatAreUsualAddUpToOne() {
        for (int build = 0; build < NamePattern.BUILDS; build++) {
            double sum = 0;
            for (int pattern = 0; pattern < NamePattern.COUNT; pattern++) {
                sum += UsualPatterns.shipped().share(build, pattern);
            }
            assertThat(sum).as(NamePattern.buildName(build)).isBetween(0.95, 0.1 * NamePattern.COUNT + 0.01);
        }
    }
}
