package io.inkwellsplit.table.csv;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class FormulaCellsTest {
    @ParameterizedTest
    @ValueSource(
            strings = {
                "=1+1",
                "@SUM(A1)",
                "+44-1632",
                "-A1",
                "\t=1",
                "\r=1",
                "\n=1",
                "\uFF1D1",
                "+1+1",
                "-1.",
                "+44 1632 960001"
            })
    void aSpreadsheetProgramWouldWorkItOut(String cell) {
        assertThat(FormulaCells.isFormula(cell)).isTrue();
        FormulaCells guard = new FormulaCells(Formulas.GUARD);
        guard.header(List.of("Note"));
        assertThat(guard.row(List.of(cell))).containsExactly("'" + cell);
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "-", "+", "-5", "+5.25", "-1,000.50", "Ines", " =1", "1-2", "'=1"})
    void itStaysWhatItIs(String cell) {
        assertThat(FormulaCells.isFormula(cell)).isFalse();
    }

    @Test
    void tellsHowManyAndWhere() {
        FormulaCells cells = new FormulaCells(Formulas.COUNT);
        cells.header(List.of("Name", "Note"));
        assertThat(cells.note()).isEmpty();
        List<String> row = List.of("=Ines", "-Brandt");
        assertThat(cells.row(row)).isSameAs(row);
        cells.row(List.of("Ines", "@x"));
        assertThat(cells.note()).contains("formula: 3 (Name 1, Note 2). ", "--formula-guard");
    }
}
