package io.inkwellsplit.cli;

import static org.assertj.core.api.Assertions.assertThat;

import io.inkwellsplit.cli.view.TableView;
import java.util.List;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;

class TableViewTest {
    private static final List<String> TITLES = List.of("Patron", "First name", "Last name", "Remarks");

    @Property(tries = 300)
    void fitsTheWidth(@ForAll @IntRange(min = 40, max = 160) int width, @ForAll("rows") List<List<String>> rows) {
        TableView.of(TITLES, rows, width).lines().forEach(line -> assertThat(cells(line))
                .isLessThanOrEqualTo(width));
    }

    private static int cells(String line) {
        return line.codePoints().map(c -> Character.isIdeographic(c) ? 2 : 1).sum();
    }

    @Provide
    Arbitrary<List<List<String>>> rows() {
        Arbitrary<String> cell =
                Arbitraries.of("", "Ines", "Wren, Hugh Piers Okonedo", "佐藤花子".repeat(6), "x".repeat(200), "a\nb");
        return cell.list().ofSize(4).list().ofMaxSize(8);
    }

    @Test
    void leavesEmptyColumnsOutAndCutsLongCells() {
        String view = TableView.of(TITLES, List.of(List.of("Ines " + "Brandt ".repeat(20), "Ines", "", "a\nb")), 60);
        assertThat(view)
                .contains("Patron", "First name", "Remarks", "…", "a ⏎ b")
                .doesNotContain("Last name");
        assertThat(TableView.of(TITLES, List.of(), 60)).contains("Last name");
    }
}
