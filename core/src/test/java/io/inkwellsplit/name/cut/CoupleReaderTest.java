package io.inkwellsplit.name.cut;

import static org.assertj.core.api.Assertions.assertThat;

import io.inkwellsplit.Plain;
import io.inkwellsplit.name.NameSplitter;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Two people in one value. */
class CoupleReaderTest {
    @ParameterizedTest(name = "{0} {1}")
    @CsvSource(delimiter = '|', quoteCharacter = '`', emptyValue = "", textBlock = """
            Mr Tobias & Mrs Ines Brandt | couple; title=Mr; first=Tobias; last=Brandt; second_title=Mrs; second_first=Ines; second_last=Brandt
            Tobias and Ines Brandt | couple; first=Tobias; last=Brandt; second_first=Ines; second_last=Brandt
            Mr. & Mrs. Tobias Brandt | couple; title=Mr.; first=Tobias; last=Brandt; second_title=Mrs.; second_last=Brandt
            Mr. and Mrs. Brandt | couple; title=Mr.; last=Brandt; second_title=Mrs.; second_last=Brandt
            Tobias Brandt and Ines Okonedo | couple; first=Tobias; last=Brandt; second_first=Ines; second_last=Okonedo
            Brandt, Tobias & Ines | couple; first=Tobias; last=Brandt; second_first=Ines; second_last=Brandt
            Dr Tobias Brandt & Dr Ines Okonedo | couple; title=Dr; first=Tobias; last=Brandt; second_title=Dr; second_first=Ines; second_last=Okonedo
            Tobias Brandt et ux | person; first=Tobias; last=Brandt; spouse=et ux
            """)
    void reads(String name, String expected) {
        assertThat(Plain.of(NameSplitter.standard().split(name))).isEqualTo(expected);
    }
}
