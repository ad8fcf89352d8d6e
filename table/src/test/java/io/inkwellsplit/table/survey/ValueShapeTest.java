package io.inkwellsplit.table.survey;

import static org.assertj.core.api.Assertions.assertThat;

import io.inkwellsplit.address.AddressSplitter;
import io.inkwellsplit.name.NameSplitter;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** How values look, and how they are laid out. */
class ValueShapeTest {
    @ParameterizedTest
    @CsvSource(delimiter = '|', quoteCharacter = '`', textBlock = """
            Ines Brandt      | Aa Aa
            BRANDT, Ines W.  | AA, Aa A.
            ines brandt      | aa aa
            O'Brien          | Aa
            12b Main St      | 9a Aa Aa
            +44 (0)20 7946   | +9 (9)9 9
            x                | a
            X                | A
            Müller-Lang      | Aa-Aa
            山田太郎          | aa
            ``               | ``
            """)
    void isWrittenCompactly(String value, String shape) {
        assertThat(ValueShape.of(value)).isEqualTo(shape);
    }

    @Property
    void aShapeIsShort(@ForAll String value) {
        assertThat(ValueShape.of(value).length()).isLessThanOrEqualTo(52);
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            Dr. Ines Brandt             | title first last
            Brandt, Dr. Ines Maria      | last title first middle
            Ines Maria W. Brandt        | first middle last
            Ines "Dot" Brandt           | first nickname last
            """)
    void aLayoutTellsThePartsFromLeftToRight(String name, String layout) {
        assertThat(ValueLayout.of(NameSplitter.standard().split(name).ofAnyKind()))
                .isEqualTo(layout);
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            12 Main St, Barre, VT 05641                    | street city state postcode
            Hafenstraße 3, 20457 Hamburg                   | street postcode city
            c/o Ines Brandt, 5 Elm St Apt 2, Barre VT 05641 | care_of street unit city state postcode
            """)
    void aLayoutOfAnAddress(String address, String layout) {
        assertThat(ValueLayout.of(AddressSplitter.standard().split(address).ofAnyKind()))
                .isEqualTo(layout);
    }
}
