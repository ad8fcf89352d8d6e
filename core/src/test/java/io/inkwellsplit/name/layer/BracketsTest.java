package io.inkwellsplit.name.layer;

import static org.assertj.core.api.Assertions.assertThat;

import io.inkwellsplit.Plain;
import io.inkwellsplit.name.NameSplitter;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Nicknames and birth names between signs or behind their words. */
class BracketsTest {
    @ParameterizedTest(name = "{0} {1}")
    @CsvSource(delimiter = '|', quoteCharacter = '`', emptyValue = "", textBlock = """
            Ines Brandt née Okonedo | person; first=Ines; last=Brandt; birth_name=Okonedo
            Ines Brandt (née Okonedo) | person; first=Ines; last=Brandt; birth_name=Okonedo
            Ines (Dot) Brandt | person; first=Ines; last=Brandt; nickname=Dot
            Ines "Dot" Brandt | person; first=Ines; last=Brandt; nickname=Dot
            Ines 'Dot' Brandt | person; first=Ines; last=Brandt; nickname=Dot
            """)
    void reads(String name, String expected) {
        assertThat(Plain.of(NameSplitter.standard().split(name))).isEqualTo(expected);
    }
}
