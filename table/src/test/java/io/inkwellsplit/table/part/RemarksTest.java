package io.inkwellsplit.table.part;

import static org.assertj.core.api.Assertions.assertThat;

import io.inkwellsplit.reading.AddressPart;
import io.inkwellsplit.reading.NamePart;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Parts that stand only in a column of remarks. */
class RemarksTest {
    private static final List<String> HEADER =
            List.of("Name", "First name", "Remarks", "Address", "City", "Address Remarks");

    private static List<String> row(String ofName, String ofAddress) {
        return List.of("x", "Ada", ofName, "y", "Barre", ofAddress);
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', quoteCharacter = '`', emptyValue = "", textBlock = """
            Role: Trustee                                     | ROLE          | Trustee
            Kind: couple; Second person's first name: Neil    | SECOND_FIRST  | Neil
            Others: Tom Harrow; Rosa Harrow; Role: Trustee    | OTHERS        | Tom Harrow; Rosa Harrow
            Others: Tom Harrow; Rosa Harrow; Role: Trustee    | ROLE          | Trustee
            Care of: Role: Harrow                             | ROLE          | ``
            Unplaced: see; Note: x                            | UNPLACED      | see; Note: x
            Trust: Marrow; Organisation: Harrow Ltd           | ORGANISATION  | Harrow Ltd
            Trust: Marrow; Organisation: Harrow Ltd           | ATTENTION     | ``
            """)
    void areFoundByTheirLabels(String remarks, NamePart part, String expected) {
        PartColumns columns = PartColumns.of(HEADER);
        assertThat(columns.has(part)).isTrue();
        assertThat(columns.name(row(remarks, "")).apply(part)).isEqualTo(expected);
    }

    @Test
    void belongToTheColumnsOnTheirLeft() {
        PartColumns columns = PartColumns.of(HEADER);
        List<String> row =
                row("Care of: Neil Harrow; Unplaced: a", "Care of: Quay Hall; PO box: PO Box 12; Unplaced: b");
        assertThat(columns.name(row).apply(NamePart.CARE_OF)).isEqualTo("Neil Harrow");
        assertThat(columns.address(row).apply(AddressPart.CARE_OF)).isEqualTo("Quay Hall");
        assertThat(columns.address(row).apply(AddressPart.BOX)).isEqualTo("PO Box 12");
        assertThat(columns.name(row).apply(NamePart.UNPLACED)).isEqualTo("a");
        assertThat(columns.address(row).apply(AddressPart.UNPLACED)).isEqualTo("b");
        // Who receives for a person receives at the person's address.
        List<String> only = row("Care of: Neil Harrow", "");
        assertThat(columns.address(only).apply(AddressPart.CARE_OF)).isEqualTo("Neil Harrow");
    }

    @Test
    void aColumnOfItsOwnCounts() {
        PartColumns columns = PartColumns.of(List.of("first", "role", "remarks"));
        assertThat(columns.name(List.of("Ada", "", "role: Trustee")).apply(NamePart.ROLE))
                .isEmpty();
        assertThat(columns.name(List.of("Ada", "", "trust: Marrow")).apply(NamePart.TRUST))
                .isEqualTo("Marrow");
    }

    @Test
    void aTableWithoutPartsHasNone() {
        assertThat(PartColumns.of(List.of("Name", "Remarks")).has(NamePart.ROLE))
                .isFalse();
    }
}
