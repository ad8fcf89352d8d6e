package io.inkwellsplit.name.cut;

import static org.assertj.core.api.Assertions.assertThat;

import io.inkwellsplit.Plain;
import io.inkwellsplit.name.NameSplitter;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Titles, suffixes and credentials around a name. */
class AffixesTest {
    @ParameterizedTest(name = "{0} {1}")
    @CsvSource(delimiter = '|', quoteCharacter = '`', emptyValue = "", textBlock = """
            Dr. Ines Brandt | person; title=Dr.; first=Ines; last=Brandt
            Brandt, Dr. Ines | person; title=Dr.; first=Ines; last=Brandt
            Rev. Dr. Tobias Wren Jr. | person; title=Rev. Dr.; first=Tobias; last=Wren; suffix=Jr.
            Ines Brandt PhD | person; first=Ines; last=Brandt; credentials=PhD
            Ines Brandt, Ph.D., MBA | person; first=Ines; last=Brandt; credentials=Ph.D., MBA
            Brandt Ines, MD | person; first=Ines; last=Brandt; credentials=MD
            Tobias Wren III | person; first=Tobias; last=Wren; suffix=III
            Tobias Wren Jr | person; first=Tobias; last=Wren; suffix=Jr
            Wren, Tobias, Jr. | person; first=Tobias; last=Wren; suffix=Jr.
            Sir Tobias Wren | person; title=Sir; first=Tobias; last=Wren
            Captain Tobias Wren RN | person; title=Captain; first=Tobias; last=Wren; credentials=RN
            Ms. Ines Brandt, Treasurer | person; title=Ms.; first=Ines; last=Brandt; role=Treasurer
            Tobias Wren Sr., Esq. | person; first=Tobias; last=Wren; suffix=Sr.; credentials=Esq.
            """)
    void reads(String name, String expected) {
        assertThat(Plain.of(NameSplitter.standard().split(name))).isEqualTo(expected);
    }
}
