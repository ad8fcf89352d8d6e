package io.inkwellsplit.name;

import static org.assertj.core.api.Assertions.assertThat;

import io.inkwellsplit.Plain;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What stands around a name, and what is no person. */
class LayersTest {
    @ParameterizedTest(name = "{0} {1}")
    @CsvSource(delimiter = '|', quoteCharacter = '`', emptyValue = "", textBlock = """
            Estate of Ines Brandt | person; first=Ines; last=Brandt; estate=Estate of
            Ines Brandt, deceased | person; first=Ines; last=Brandt; deceased=deceased
            The late Ines Brandt | person; first=Ines; last=Brandt; deceased=The late
            c/o Tobias Wren | unclear; care_of=Tobias Wren
            Ines Brandt c/o Tobias Wren | person; first=Ines; last=Brandt; care_of=Tobias Wren
            Attn: Ines Brandt | unclear; attention=Ines Brandt
            Ines Brandt, Trustee | person; first=Ines; last=Brandt; role=Trustee
            Brandt Family Trust | organisation; trust=Brandt Family Trust; organisation=Brandt Family Trust
            The Ines Brandt Revocable Living Trust dtd 1/2/1999 | person; first=Ines; last=Brandt; trust=Revocable Living Trust dtd 1/2/1999
            Harbour Savings Co | organisation; organisation=Harbour Savings Co
            Wexcombe Glee Club Ltd | organisation; organisation=Wexcombe Glee Club Ltd
            St. Mary's Church | organisation; organisation=St. Mary's Church
            Brandt & Sons | organisation; organisation=Brandt & Sons
            Tobias Wren et al | person; first=Tobias; last=Wren; others=et al
            """)
    void reads(String name, String expected) {
        assertThat(Plain.of(NameSplitter.standard().split(name))).isEqualTo(expected);
    }
}
