package io.inkwellsplit.name.column;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.HashSet;
import java.util.Set;
import org.junit.jupiter.api.Test;

/** The orders of names, the builds of values, their names in the data file, and what is usual. */
class NameOrderTest {
    @Test
    void buildsAndOrdersHaveNamesOfTheirOwn() {
        Set<String> names = new HashSet<>();
        for (int build = 0; build < NameOrder.BUILDS; build++) {
            for (int unlisted = 0; unlisted < NameOrder.UNLISTEDS; unlisted++) {
                names.add(NameOrder.buildName(build, unlisted));
            }
        }
        assertThat(names).hasSize(NameOrder.BUILDS * NameOrder.UNLISTEDS);
        names.clear();
        for (int order = 0; order < NameOrder.COUNT; order++) {
            names.add(NameOrder.name(order));
        }
        assertThat(names).hasSize(NameOrder.COUNT);
    }

    @Test
    void whatIsUsualAddsUpToOne() {
        for (int build = 0; build < NameOrder.BUILDS; build++) {
            for (int unlisted = 0; unlisted < NameOrder.UNLISTEDS; unlisted++) {
                double sum = 0;
                for (int order = 0; order < NameOrder.COUNT; order++) {
                    sum += UsualOrders.shipped().share(build, unlisted, order);
                }
                assertThat(sum).as(NameOrder.buildName(build, unlisted)).isBetween(0.98, 1.02);
            }
        }
    }
}
