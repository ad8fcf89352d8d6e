package io.inkwellsplit.bench;

import static org.assertj.core.api.Assertions.assertThat;

import io.inkwellsplit.name.NameSplitter;
import io.inkwellsplit.reading.AddressPart;
import io.inkwellsplit.reading.NamePart;
import io.inkwellsplit.reading.Reading;
import io.inkwellsplit.table.Row;
import io.inkwellsplit.table.csv.CsvSource;
import io.inkwellsplit.training.LabelFile;
import io.inkwellsplit.training.Labelled;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;

/** The demo lists and their labels belong together, and hold every part there is. */
class DemoLabelsTest {
    private static final Path DEMO = Path.of("../demo");

    @ParameterizedTest
    @org.junit.jupiter.params.provider.CsvSource({
        "sign-ups, Singer",
        "members, Member",
        "box-office, Patron",
        "box-office, Address"
    })
    void labelsFollowTheirList(String list, String column) {
        List<String> values = new ArrayList<>();
        try (CsvSource source = CsvSource.open(DEMO.resolve(list + ".csv"))) {
            int index = source.header().indexOf(column);
            source.rows().forEachRemaining((Row row) -> values.add(row.cells().get(index)));
        }
        assertThat(labels(list + "-" + column)).extracting(Labelled::text).isEqualTo(values);
    }

    private static List<Labelled> labels(String name) {
        return LabelFile.read(DEMO.resolve("labels/" + name + ".csv"));
    }

    @Test
    void everyPartOccurs() {
        Set<String> seen = new HashSet<>();
        for (String list : List.of("sign-ups-Singer", "members-Member", "box-office-Patron", "box-office-Address")) {
            labels(list).forEach(row -> seen.addAll(row.parts().keySet()));
        }
        List<String> second =
                List.of("second_middle", "second_suffix", "second_credentials", "second_nickname", "second_birth_name");
        assertThat(Arrays.stream(NamePart.values())
                        .filter(part -> !part.isFiner() && part != NamePart.UNPLACED)
                        .map(NamePart::key)
                        .filter(key -> !second.contains(key)))
                .isSubsetOf(seen);
        assertThat(Arrays.stream(AddressPart.values())
                        .filter(part -> !part.isFiner() && part != AddressPart.UNPLACED)
                        .map(AddressPart::key))
                .isSubsetOf(seen);
    }

    @Test
    void scoreCountsRowsPartsAndDoubts() {
        Score score = new Score();
        Reading<NamePart> reading = NameSplitter.standard().split("Ines Brandt");
        score.add(
                new Labelled("Ines Brandt", "a", Map.of("first", "Ines", "last", "Brandt")),
                reading,
                Map.of("first", "Ines", "last", "Brandt"));
        score.add(
                new Labelled("Ines Brandt", "b", Map.of("first", "Brandt", "last", "Ines")),
                reading,
                Map.of("first", "Ines", "last", "Brandt"));
        assertThat(score.row("x")).startsWith("| x | 2 | 50.00 % | 50.00 % | 0.0 % |");
        assertThat(score.formats()).contains("| a | 1 | 100.00 % |", "| b | 1 | 0.00 % |");
        assertThat(score.parts()).contains("| first | 2 | 50.00 % |");
        assertThat(score.wrong()).singleElement().asString().startsWith("SURE");
        assertThat(score.calibrationError()).isBetween(0.45, 0.55);
    }
}
