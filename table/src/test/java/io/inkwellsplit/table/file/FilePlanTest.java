package io.inkwellsplit.table.file;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatCode;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import io.inkwellsplit.table.TableException;
import io.inkwellsplit.table.TableException.Problem;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** No output is an input or another output, however it is named. */
class FilePlanTest {
    @TempDir
    Path folder;

    @BeforeEach
    void setUp() throws IOException {
        Files.writeString(folder.resolve("in.csv"), "Patron\nInes\n");
        Files.createDirectory(folder.resolve("sub"));
        Files.createSymbolicLink(folder.resolve("link.csv"), Path.of("in.csv"));
        Files.createSymbolicLink(folder.resolve("around"), Path.of("."));
        Files.createLink(folder.resolve("hard.csv"), folder.resolve("in.csv"));
    }

    private FilePlan plan(WhenThere whenThere) {
        FilePlan plan = new FilePlan(whenThere);
        plan.reads("the table that is read", folder.resolve("in.csv"));
        return plan;
    }

    @ParameterizedTest
    @ValueSource(strings = {"in.csv", "./in.csv", "sub/../in.csv", "link.csv", "around/around/in.csv", "hard.csv"})
    void anInputIsNeverAnOutput(String name) {
        FilePlan plan = plan(WhenThere.REPLACE);
        plan.writes("the report", folder.resolve(name));
        assertThatThrownBy(plan::check)
                .hasMessageContaining("cannot be the report: it is the table that is read")
                .extracting(e -> ((TableException) e).problem())
                .isEqualTo(Problem.SETTING);
        assertThatThrownBy(() -> {
                    try (Delivery delivery = plan(WhenThere.REPLACE).open()) {
                        delivery.start(folder.resolve(name));
                    }
                })
                .hasMessageContaining("an input is never written");
    }

    @Test
    void whatIsReplacedIsKeptOverNothingThatIsUsed() throws IOException {
        Files.writeString(folder.resolve("out.csv"), "x");
        Files.writeString(folder.resolve("out.csv.before"), "y");
        FilePlan plan = new FilePlan(WhenThere.REPLACE_AND_KEEP);
        plan.reads("the table that is read", folder.resolve("out.csv.before"));
        plan.writes("the output", folder.resolve("out.csv"));
        assertThatThrownBy(plan::check)
                .hasMessageContaining("out.csv would be kept as out.csv.before, which is used already");
        FilePlan without = new FilePlan(WhenThere.REPLACE);
        without.reads("the table that is read", folder.resolve("out.csv.before"));
        without.writes("the output", folder.resolve("out.csv"));
        assertThatCode(without::check).doesNotThrowAnyException();
    }

    @Test
    void twoOutputsAreTwoFiles() {
        FilePlan plan = plan(WhenThere.REFUSE);
        plan.writes("the output", folder.resolve("out.csv"));
        plan.writes("the review", folder.resolve("around/out.csv"));
        assertThatThrownBy(plan::check).hasMessageContaining("cannot be the review: it is the output already");
        FilePlan nowhere = plan(WhenThere.REFUSE);
        nowhere.writes("the output", Path.of("/dev/null"));
        nowhere.writes("the report", Path.of("/dev/null"));
        nowhere.writes("the rest", Path.of("-"));
        assertThatCode(nowhere::check).doesNotThrowAnyException();
    }

    @Test
    void rowsSetAsideByAnEarlierRunDoNotOutliveThisOne() throws IOException {
        Path aside = Files.writeString(folder.resolve("out.set-aside.csv"), "\uFEFFRow,Line,Reason,Patron\n1,2,x,y\n");
        FilePlan plan = plan(WhenThere.REFUSE);
        plan.setsAside(aside);
        assertThatThrownBy(plan::check).hasMessageContaining("is there already");
        FilePlan again = plan(WhenThere.REPLACE);
        again.setsAside(aside);
        again.check();
        assertThat(again.earlierAsides()).containsExactly(aside);
        try (Delivery delivery = again.open()) {
            again.earlierAsides().forEach(delivery::remove);
            assertThat(aside).exists();
            delivery.publish();
        }
        assertThat(aside).doesNotExist();
    }

    @Test
    void anotherFileIsNotTakenForRowsSetAside() throws IOException {
        Path mine = Files.writeString(folder.resolve("mine.csv"), "Patron\nInes\n");
        FilePlan plan = plan(WhenThere.REPLACE);
        plan.setsAside(mine);
        assertThatThrownBy(plan::check).hasMessageContaining("is no file of rows that were set aside");
        assertThatThrownBy(() -> plan(WhenThere.REPLACE).writesInto("the figures", mine))
                .hasMessageContaining("is no folder");
    }
}
