package io.inkwellsplit.table.csv;

import static org.assertj.core.api.Assertions.assertThat;

import io.inkwellsplit.table.Dialect;
import io.inkwellsplit.table.Dialect.Quoting;
import io.inkwellsplit.table.csv.CsvSource.Settings;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.util.ArrayList;
import java.util.List;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.Combinators;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;

/** What is written in any dialect comes back cell for cell, and the dialect is told again. */
class RoundTripTest {
    @Property(tries = 300)
    void cellsComeBack(@ForAll("dialects") Dialect dialect, @ForAll("tables") List<List<String>> rows) {
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        try (CsvOutput output = CsvOutput.to("the stream", bytes, dialect, AsideFile.none())) {
            output.header(List.of("No", "Patron", "Remarks"));
            rows.forEach(output::row);
            output.finish();
        }
        try (CsvSource source =
                CsvSource.open("the stream", new ByteArrayInputStream(bytes.toByteArray()), Settings.STANDARD)) {
            assertThat(source.dialect()).isEqualTo(dialect);
            assertThat(source.header()).containsExactly("No", "Patron", "Remarks");
            List<List<String>> read = new ArrayList<>();
            source.rows().forEachRemaining(row -> read.add(row.cells()));
            assertThat(read).isEqualTo(rows);
        }
    }

    @Provide
    Arbitrary<Dialect> dialects() {
        return Combinators.combine(
                        Arbitraries.of(',', ';', '\t', '|'),
                        Arbitraries.of(Quoting.values()),
                        Arbitraries.of("\n", "\r\n"),
                        Arbitraries.of(true, false))
                .as(Dialect::new);
    }

    @Provide
    Arbitrary<List<List<String>>> tables() {
        Arbitrary<String> cell = Arbitraries.of(
                "Ines Brandt",
                "Brandt, Ines",
                "say \"Dot\"",
                "Köln",
                "",
                " two  blanks ",
                "a\nb",
                "007",
                "佐藤花子",
                "x;y|z");
        Arbitrary<List<String>> row = Combinators.combine(
                        Arbitraries.integers().between(1, 99).map(String::valueOf), cell, cell)
                .as(List::of);
        return row.list().ofMaxSize(30);
    }
}
