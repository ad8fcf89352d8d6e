package io.inkwellsplit.table.run;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.ArgumentMatchers.eq;
import static org.mockito.Mockito.CALLS_REAL_METHODS;
import static org.mockito.Mockito.doAnswer;
import static org.mockito.Mockito.inOrder;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.never;
import static org.mockito.Mockito.verify;

import io.inkwellsplit.table.Row;
import io.inkwellsplit.table.RowSink;
import io.inkwellsplit.table.RowSource;
import io.inkwellsplit.table.TableException;
import io.inkwellsplit.table.part.PartTitles;
import io.inkwellsplit.table.sort.SortKey;
import io.inkwellsplit.table.split.BoundSplit;
import io.inkwellsplit.table.split.SplitStep;
import io.inkwellsplit.table.split.SplitStep.Checks;
import io.inkwellsplit.table.split.SplitStep.Learning;
import io.inkwellsplit.table.split.Splitters;
import io.inkwellsplit.table.step.AssembleStep;
import io.inkwellsplit.table.step.SortStep;
import io.inkwellsplit.table.step.Step;
import java.text.CollationKey;
import java.text.Collator;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.Iterator;
import java.util.List;
import java.util.Locale;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.mockito.InOrder;

class RunTest {
    private static final List<String> HEADER = List.of("No", "Patron", "Address");

    /** Rows from memory. */
    private record Rows(List<String> header, List<List<String>> cells) implements RowSource {
        @Override
        public Iterator<Row> rows() {
            List<Row> rows = new ArrayList<>();
            cells.forEach(row -> rows.add(new Row(rows.size() + 1L, rows.size() + 2L, row)));
            return rows.iterator();
        }
    }

    private static Rows table(String... patrons) {
        List<List<String>> rows = new ArrayList<>();
        for (String patron : patrons) {
            rows.add(List.of("007", patron, "445 Industrial Lane Apt B, Grass Valley, CO 05641"));
        }
        return new Rows(HEADER, rows);
    }

    /** Keys are made by all threads, rows of one key stay as they came, and rows that do not fit are set aside. */
    @ParameterizedTest
    @ValueSource(ints = {1, 2, 3, 8})
    void sortsTheSameByAnyNumberOfThreads(int threads) {
        List<List<String>> rows = new ArrayList<>();
        for (int i = 0; i < 4_000; i++) {
            rows.add(List.of(Integer.toString(i), i % 7 == 0 ? "Örn" : "Orme " + (i * 31) % 97, "x"));
        }
        rows.add(1_234, List.of("too", "short"));
        SortStep sort = SortStep.in(Locale.ENGLISH).by("Patron", SortStep.As.TEXT, SortKey.Direction.FALLING);
        List<List<String>> out = new ArrayList<>();
        List<String> asides = new ArrayList<>();
        RowSink sink = mock(RowSink.class, CALLS_REAL_METHODS);
        doAnswer(row -> out.add(row.getArgument(0))).when(sink).row(any());
        doAnswer(row -> asides.add(row.getArgument(1))).when(sink).setAside(any(), any());
        Run run = Run.of(new Rows(HEADER, rows), List.of(sort), threads);
        run.into(sink);
        List<List<String>> expected = new ArrayList<>(rows);
        expected.remove(1_234);
        expected.sort(Comparator.<List<String>, CollationKey>comparing(
                        row -> Collator.getInstance(Locale.ENGLISH).getCollationKey(row.get(1)))
                .reversed());
        assertThat(out).isEqualTo(expected);
        assertThat(asides).containsExactly("it has 2 cells, the header has 3");
        assertThat(run.rows()).isEqualTo(4_001);
        assertThat(run.rowsOut()).isEqualTo(4_000);
        verify(sink).finish();
    }

    @Test
    void putsPartsBehindTheirColumn() {
        RowSink sink = mock(RowSink.class, CALLS_REAL_METHODS);
        SplitStep split = SplitStep.builder().name("Patron").address("3").build();
        Run run = Run.of(table("Dr. Ines Brandt c/o Tobias Wren"), List.of(split));
        run.into(sink);
        InOrder order = inOrder(sink);
        order.verify(sink)
                .header(List.of(
                        "No",
                        "Patron",
                        "Title",
                        "First name",
                        "Middle name",
                        "Last name",
                        "Suffix",
                        "Remarks",
                        "Confidence",
                        "Doubts",
                        "Address",
                        "Street",
                        "Unit",
                        "City",
                        "State",
                        "Postcode",
                        "Country",
                        "Address Remarks",
                        "Address Confidence",
                        "Address Doubts",
                        "Suggestions"));
        order.verify(sink)
                .row(org.mockito.ArgumentMatchers.argThat(cells -> cells.subList(0, 8)
                                .equals(List.of(
                                        "007",
                                        "Dr. Ines Brandt c/o Tobias Wren",
                                        "Dr.",
                                        "Ines",
                                        "",
                                        "Brandt",
                                        "",
                                        "Care of: Tobias Wren"))
                        && cells.subList(10, 16)
                                .equals(List.of(
                                        "445 Industrial Lane Apt B, Grass Valley, CO 05641",
                                        "445 Industrial Lane",
                                        "Apt B",
                                        "Grass Valley",
                                        "CO",
                                        "05641"))));
        order.verify(sink).finish();
        verify(sink, never()).setAside(any(), any());
    }

    @Test
    void givesEveryKeyWhenAsked() {
        Step split = SplitStep.builder()
                .name("Patron")
                .titles(PartTitles.KEYS)
                .parts(List.of("all"))
                .checks(Checks.LEAVE_OUT)
                .build();
        Run run = Run.of(table("Ines & Tobias Brandt"), List.of(split));
        assertThat(run.header())
                .contains("kind", "second_last", "organisation", "unplaced")
                .doesNotContain("remarks", "confidence");
        List<List<String>> rows = into(run);
        assertThat(rows.get(0).get(run.header().indexOf("kind"))).isEqualTo("couple");
        assertThat(rows.get(0).get(run.header().indexOf("second_last"))).isEqualTo("Brandt");
    }

    @Test
    void givesThePartsNamedAndRemarksForTheRest() {
        Step split = SplitStep.builder()
                .name("Patron")
                .parts(List.of("last", "care_of"))
                .checks(Checks.LEAVE_OUT)
                .build();
        Run run = Run.of(table("Ines Brandt c/o Tobias Wren"), List.of(split));
        assertThat(run.header()).containsExactly("No", "Patron", "Last name", "Care of", "Remarks", "Address");
        assertThat(into(run).get(0).subList(2, 5)).containsExactly("Brandt", "Tobias Wren", "First name: Ines");
    }

    @Test
    void prefixesTitlesThatAreTaken() {
        Rows rows = new Rows(List.of("Title", "Guest"), List.of(List.of("x", "Ms. Quillfeather")));
        Run run = Run.of(rows, List.of(SplitStep.builder().name("Guest").build()));
        assertThat(run.header()).contains("Guest Title").doesNotHaveDuplicates();
    }

    @Test
    void learnsFromTheColumnUnlessToldNotTo() {
        String[] roll = new String[41];
        Arrays.fill(roll, "MILLER KAREN");
        roll[40] = "MARLOW JAMES";
        SplitStep.Builder split = SplitStep.builder().name("Patron").parts(List.of("first"));
        assertThat(into(Run.of(table(roll), List.of(split.build()))).get(40)).contains("JAMES");
        Run alone = Run.of(
                table("THOMAS HENRY"), List.of(split.learning(Learning.NONE).build()));
        assertThat(into(alone)).hasSize(1);
        assertThat(((BoundSplit) alone.steps().get(0)).learns()).isFalse();
    }

    @Test
    void setsRaggedRowsAside() {
        RowSink sink = mock(RowSink.class, CALLS_REAL_METHODS);
        Rows rows = new Rows(
                HEADER,
                List.of(List.of("1", "Ines Brandt"), List.of("1", "Ines Brandt", "x"), List.of("1", "2", "3", "4")));
        Run run = Run.of(rows, List.of(SplitStep.builder().name("Patron").build()));
        run.into(sink);
        verify(sink).setAside(eq(new Row(1, 2, List.of("1", "Ines Brandt"))), eq("it has 2 cells, the header has 3"));
        verify(sink).setAside(any(), eq("it has 4 cells, the header has 3"));
        assertThat(run.rows()).isEqualTo(3);
        assertThat(run.setAside()).isEqualTo(2);
    }

    @Test
    void assemblesFromPartsAndColumns() {
        Step split = SplitStep.builder().name("Patron").build();
        Step assemble = AssembleStep.builder()
                .pattern("Index", "{surname}, {given} {Middle name} #{No}")
                .build();
        assertThat(into(Run.of(table("Ines M. Brandt"), List.of(split, assemble)))
                        .get(0))
                .endsWith("Brandt, Ines M. #007");
    }

    @Test
    void refusesWhatDoesNotFit() {
        refused(
                SplitStep.builder().name("Guest").build(),
                "There is no column \"Guest\". The columns are: No, Patron, Address");
        refused(SplitStep.builder().name("9").build(), "a number from 1 to 3");
        refused(SplitStep.builder().name("2").address("Patron").build(), "named twice");
        refused(SplitStep.builder().name("Patron").parts(List.of("nose")).build(), "no part \"nose\"");
        refused(AssembleStep.builder().pattern("X", "{Patrn}").build(), "did you mean {Patron}?");
        refused(AssembleStep.builder().pattern("Patron", "{No}").build(), "There is a column \"Patron\" already");
        assertThatThrownBy(() -> SplitStep.builder().build()).hasMessageContaining("No column was named");
        assertThatThrownBy(() -> Splitters.standard().doubtBelow(2)).hasMessageContaining("from 0 to 1");
        assertThatThrownBy(() -> AssembleStep.builder().build()).hasMessageContaining("No pattern");
        Rows twice = new Rows(List.of("a", "a"), List.of());
        assertThatThrownBy(() ->
                        Run.of(twice, List.of(SplitStep.builder().name("a").build())))
                .hasMessageContaining("stands over the columns 1 and 2");
    }

    private static void refused(Step step, String message) {
        assertThatThrownBy(() -> Run.of(table(), List.of(step)))
                .isInstanceOf(TableException.class)
                .hasMessageContaining(message);
    }

    private static List<List<String>> into(Run run) {
        List<List<String>> rows = new ArrayList<>();
        RowSink sink = mock(RowSink.class, CALLS_REAL_METHODS);
        org.mockito.Mockito.doAnswer(call -> rows.add(call.getArgument(0)))
                .when(sink)
                .row(any());
        run.into(sink);
        return rows;
    }
}
