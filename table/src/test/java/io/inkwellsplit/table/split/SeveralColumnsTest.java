package io.inkwellsplit.table.split;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import io.inkwellsplit.reading.AddressPart;
import io.inkwellsplit.reading.NamePart;
import io.inkwellsplit.table.TableException;
import io.inkwellsplit.table.TestTable;
import io.inkwellsplit.table.part.PartColumns;
import io.inkwellsplit.table.part.UsualTitles;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Names and addresses over several columns, and what those tell that are apart already. */
class SeveralColumnsTest {
    private static final String HEADER = "Last|First|Address1|Address2|City|State|Zip|a,b";

    /** Returns the cells of each row by their titles; a row is as long as it is written. */
    private static List<Map<String, String>> split(SplitStep step, String... rows) {
        StringBuilder table = new StringBuilder(HEADER);
        for (String row : rows) {
            long missing = HEADER.chars().filter(c -> c == '|').count()
                    - row.chars().filter(c -> c == '|').count();
            table.append('\n').append(row).append("|".repeat((int) missing));
        }
        List<Map<String, String>> out = new ArrayList<>();
        String[] lines = TestTable.run(table.toString(), step).split("/");
        String[] titles = lines[0].split("\\|", -1);
        for (String line : Arrays.asList(lines).subList(1, lines.length)) {
            String[] cells = line.split("\\|", -1);
            Map<String, String> byTitle = new LinkedHashMap<>();
            for (int i = 0; i < titles.length; i++) {
                byTitle.put(titles[i], cells[i]);
            }
            out.add(byTitle);
        }
        return out;
    }

    @Test
    void partsStandBehindTheLastColumnAndBlankCellsAreLeftOut() {
        SplitStep step = SplitStep.builder()
                .name("Last,First")
                .address("Address1, Address2, City, State, Zip")
                .build();
        List<Map<String, String>> rows = split(
                step,
                "Thorne|Ada M.|12 Fore Street|Apt 4|Barre|VT|05641",
                "de la Rosa|Ines|4 Mill Ln||Montpelier|VT|05602",
                "James|Marlow|PO Box 14||Essex Junction|VT|05452");
        assertThat(new ArrayList<>(rows.get(0).keySet()))
                .containsSubsequence(
                        "Last", "First", "Title", "First name", "Address1", "Zip", "Street", "Address City");
        assertThat(rows.get(0))
                .containsEntry("First name", "Ada")
                .containsEntry("Middle name", "M.")
                .containsEntry("Last name", "Thorne")
                .containsEntry("Street", "12 Fore Street")
                .containsEntry("Unit", "Apt 4")
                .containsEntry("Postcode", "05641");
        assertThat(rows.get(1)).containsEntry("Last name", "de la Rosa").containsEntry("Address City", "Montpelier");
        assertThat(rows.get(2)).containsEntry("First name", "Marlow").containsEntry("Last name", "James");
    }

    /** Cells are read as whatever they look like, but for what their column says. */
    @ParameterizedTest
    @CsvSource(
            delimiter = ';',
            value = {
                "x|x|4 Mill Ln||Fore Street|VT|05602; Fore Street; VT",
                "x|x|4 Mill Ln||Suite|VT|05602; Suite; VT",
                "x|x|||Vermont|VT|; Vermont; VT",
                "x|x|Barre Street||Barre|VT|05641; Barre; VT",
                "x|x|12 Fore Street||Barre, VT||05641; Barre; VT"
            })
    void aCityThatIsApartIsTheCity(String cells, String city, String state) {
        SplitStep step =
                SplitStep.builder().address("Address1,Address2,City,State,Zip").build();
        Map<String, String> read = split(step, cells.strip()).get(0);
        assertThat(read).containsEntry("Address City", city).containsEntry("Address State", state);
    }

    @Test
    void theRunnerUpHasAColumnOnDemand() {
        SplitStep step = SplitStep.builder()
                .name("a,b")
                .parts(List.of("last", "runner_up"))
                .build();
        assertThat(split(step, "x|y||||||Marlow James").get(0))
                .containsEntry("Last name", "Marlow")
                .containsEntry("Runner-up", "first=Marlow; last=James");
        assertThat(split(SplitStep.builder().name("a,b").build(), "x").get(0)).doesNotContainKey("Runner-up");
    }

    @Test
    void aTitleWithACommaIsOneColumn() {
        String cells = "x|y||||||Ada Thorne";
        assertThat(split(SplitStep.builder().name("a,b").build(), cells).get(0)).containsEntry("Last name", "Thorne");
        assertThatThrownBy(() -> split(SplitStep.builder().name("Last,Frist").build(), cells))
                .isInstanceOf(TableException.class)
                .hasMessageContaining("There is no column \"Frist\".");
    }

    @ParameterizedTest
    @CsvSource({
        "zip-code, postcode",
        "ZIP, postcode",
        "PLZ, postcode",
        "surname, last",
        "Family_Name, last",
        "Town, city",
        "Ort, city",
        "Prénom, first",
        "Salutation, title",
        "Company, organisation"
    })
    void usualTitlesAreKnown(String title, String key) {
        assertThat(UsualTitles.part(title))
                .hasValueSatisfying(part -> assertThat(part.key()).isEqualTo(key));
        assertThat(UsualTitles.part("Voices")).isEmpty();
    }

    @Test
    void columnsOfUsualTitlesMakeNamesAndLabels() {
        PartColumns columns = PartColumns.of(List.of("Surname", "Vorname", "Town", "Last name"));
        List<String> cells = List.of("Orme", "Ada", "Barre", "Thorne");
        assertThat(columns.name(cells).apply(NamePart.LAST))
                .as("the better title counts")
                .isEqualTo("Thorne");
        assertThat(columns.name(cells).apply(NamePart.FIRST)).isEqualTo("Ada");
        assertThat(columns.address(cells).apply(AddressPart.CITY)).isEqualTo("Barre");
        assertThat(columns.guesses()).isEqualTo("Vorname is taken for first, Town is taken for city.");
        assertThat(PartColumns.of(List.of("First name", "City")).guesses()).isEmpty();
    }
}
