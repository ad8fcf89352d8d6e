package io.inkwellsplit.table.part;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import io.inkwellsplit.reading.AddressPart;
import io.inkwellsplit.reading.NamePart;
import io.inkwellsplit.table.TableException;
import io.inkwellsplit.table.step.Columns;
import java.util.Arrays;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

/** Columns of parts, by their titles in every vocabulary, and columns by title or number. */
class PartColumnsTest {
    @ParameterizedTest
    @EnumSource(PartTitles.class)
    void titlesOfAVocabularyDifferAndAreFound(PartTitles vocabulary) {
        Set<String> titles = new HashSet<>();
        for (NamePart part : NamePart.values()) {
            assertThat(titles.add(vocabulary.of(part))).as(part.key()).isTrue();
            assertThat(PartColumns.of(List.of("No", vocabulary.of(part))).has(part))
                    .isTrue();
        }
        // Care of and attention are parts of both.
        titles.clear();
        for (AddressPart part : AddressPart.values()) {
            assertThat(titles.add(vocabulary.of(part))).as(part.key()).isTrue();
            assertThat(PartColumns.of(List.of(vocabulary.of(part))).hasAddresses())
                    .isTrue();
        }
        assertThat(PartTitles.named(vocabulary.key().toUpperCase(java.util.Locale.ROOT)))
                .contains(vocabulary);
        assertThat(PartTitles.keys()).contains(vocabulary.key());
    }

    @Test
    void cellsArePutIntoParts() {
        PartColumns columns = PartColumns.of(List.of("No", "First name", "familyName", "City", "Note"));
        List<String> row = List.of("7", "INES", "BRANDT", "BARRE", "x");
        assertThat(columns.hasNames()).isTrue();
        assertThat(columns.hasAddresses()).isTrue();
        assertThat(columns.name(row).apply(NamePart.FIRST)).isEqualTo("INES");
        assertThat(columns.name(row).apply(NamePart.LAST)).isEqualTo("BRANDT");
        assertThat(columns.name(row).apply(NamePart.TITLE)).isEmpty();
        assertThat(columns.address(row).apply(AddressPart.CITY)).isEqualTo("BARRE");
        assertThat(columns.tidied().name(row).apply(NamePart.FIRST)).isEqualTo("Ines");
        assertThat(columns.tidied().address(row).apply(AddressPart.CITY)).isEqualTo("Barre");
        assertThat(columns.fields()).contains("No", "First name", "first", "last", "city");
        assertThat(columns.isField("first")).isTrue();
        assertThat(columns.field("first").of(row)).isEqualTo("INES");
        assertThat(columns.field("Note").of(row)).isEqualTo("x");
        assertThat(columns.field("city").of(row)).isEqualTo("BARRE");
        assertThat(Stream.of("postcode", "middle", "nose")).noneMatch(columns::isField);
        assertThat(PartColumns.of(List.of("No")).hasNames()).isFalse();
    }

    @Test
    void codesAndLettersStayAsTheyAreWritten() {
        PartColumns columns = PartColumns.of(List.of("credentials", "state", "postcode", "organisation"))
                .tidied();
        List<String> row = List.of("PHD", "VT", "PL1 1AA", "HARBOUR SAVINGS CO");
        assertThat(columns.name(row).apply(NamePart.CREDENTIALS)).isEqualTo("PHD");
        assertThat(columns.address(row).apply(AddressPart.STATE)).isEqualTo("VT");
        assertThat(columns.address(row).apply(AddressPart.POSTCODE)).isEqualTo("PL1 1AA");
        assertThat(columns.name(row).apply(NamePart.ORGANISATION)).isEqualTo("Harbour Savings Co");
    }

    @ParameterizedTest
    @CsvSource({"Name, 1", "2, 1", "1, 0", "No, 0", "3, 2", "Name , 1"})
    void aColumnIsFoundByTitleOrNumber(String wanted, int index) {
        assertThat(Columns.find(List.of("No", "Name", "Note"), wanted)).isEqualTo(index);
    }

    @ParameterizedTest
    @CsvSource({"Nmae", "0", "4", "''", "-1"})
    void anUnknownColumnIsRefusedWithThoseThereAre(String wanted) {
        assertThatThrownBy(() -> Columns.find(List.of("No", "Name", "Note"), wanted))
                .isInstanceOf(TableException.class)
                .hasMessageContaining("The columns are: No, Name, Note. Give a title or a number from 1 to 3.");
    }

    @Test
    void aTitleThatIsANumberIsATitleFirst() {
        assertThat(Columns.find(Arrays.asList("2", "1"), "1")).isEqualTo(1);
    }
}
