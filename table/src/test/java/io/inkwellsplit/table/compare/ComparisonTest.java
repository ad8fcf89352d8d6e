package io.inkwellsplit.table.compare;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import io.inkwellsplit.table.TableException;
import io.inkwellsplit.table.TestTable;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;

class ComparisonTest {
    private static final String BEFORE = """
            No|Name|Seats
            1|Ines|2
            2|Tom|1
            3|Ada|4
            """;

    private static Comparison compared(String before, String now, String by, TestTable.Sink sink) {
        Comparison comparison = Comparison.of(TestTable.of(before), TestTable.of(now), List.of(by));
        comparison.writeTo(sink);
        return comparison;
    }

    @Test
    void tellsWhatIsNewGoneAndChanged() {
        TestTable.Sink sink = new TestTable.Sink();
        Comparison comparison = compared(BEFORE, "Seats|No|Name\n2|1|Inez\n4|3|Ada\n1|4|Hugh\n", "No", sink);
        assertThat(sink)
                .hasToString("No|What|Changed column|Before|Now|Why/1|changed|Name|Ines|Inez|/2|gone||||/4|new||||");
        assertThat(comparison.counts()).isEqualTo(Map.of("same", 1L, "changed", 1L, "new", 1L, "gone", 1L));
        assertThat(comparison.reasons()).isEmpty();
    }

    @Test
    void theSameTableHasNothingToTell() {
        TestTable.Sink sink = new TestTable.Sink();
        assertThat(compared(BEFORE, BEFORE, "Name", sink).counts()).containsEntry("same", 3L);
        assertThat(sink).hasToString("Name|What|Changed column|Before|Now|Why");
    }

    @Test
    void ofSeveralThatAreAlikeTheFirstBelongsToTheFirst() {
        TestTable.Sink sink = new TestTable.Sink();
        compared("No|Name\n1|Ines\n1|Tom\n", "No|Name\n1|Ines\n1|Ada\n1|Hugh\n", "No", sink);
        assertThat(sink).hasToString("No|What|Changed column|Before|Now|Why/1|changed|Name|Tom|Ada|/1|new||||");
    }

    @Test
    void aColumnThatOneTableLacksIsNotCompared() {
        TestTable.Sink sink = new TestTable.Sink();
        Comparison comparison = compared(BEFORE, "No|Name\n1|Ines\n2|Tom\n3|Ada\n", "1", sink);
        assertThat(comparison.counts()).containsEntry("same", 3L);
    }

    @Test
    void columnsToTellRowsApartHaveToBeThere() {
        assertThatThrownBy(() -> Comparison.of(TestTable.of(BEFORE), TestTable.of(BEFORE), List.of()))
                .isInstanceOf(TableException.class)
                .hasMessageContaining("No column was given");
        assertThatThrownBy(() -> Comparison.of(TestTable.of(BEFORE), TestTable.of("A\n1\n"), List.of("No")))
                .hasMessageContaining("There is no column \"No\"");
    }
}
