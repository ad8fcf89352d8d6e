package io.inkwellsplit.name.cut;

import static org.assertj.core.api.Assertions.assertThat;

import io.inkwellsplit.Plain;
import io.inkwellsplit.name.NameSplitter;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Orders, particles, initials and cases of one person. */
class PersonReaderTest {
    @ParameterizedTest(name = "{0} {1}")
    @CsvSource(delimiter = '|', quoteCharacter = '`', emptyValue = "", textBlock = """
            van der Meulen, Odalys | person; first=Odalys; last=van der Meulen; last_particle=van der
            Odalys van der Meulen | person; first=Odalys; last=van der Meulen; last_particle=van der
            Ludwig von und zu Wexcombe | person; first=Ludwig; last=von und zu Wexcombe; last_particle=von und zu
            Ines de la Cruz | person; first=Ines; last=de la Cruz; last_particle=de la
            Rosa Saint Clair | person; first=Rosa; last=Saint Clair
            Tom Mac Donald | person; first=Tom; last=Mac Donald
            Ines O'Brien | person; first=Ines; last=O'Brien
            Ines Mc Elroy | person; first=Ines; last=Mc Elroy
            Juan García López | person; first=Juan; last=García López; last_second=López
            García López, Juan Carlos | person; first=Juan; middle=Carlos; last=García López; last_second=López
            I. Brandt | person; first=I.; last=Brandt
            Brandt, I. | person; first=I.; last=Brandt
            I. M. Brandt | person; first=I.; middle=M.; last=Brandt
            J.R. Brandt | person; first=J.; middle=R.; last=Brandt
            INES BRANDT | person; first=INES; last=BRANDT
            ines brandt | person; first=ines; last=brandt
            BRANDT Ines | person; first=Ines; last=BRANDT
            Mary-Ann Smith-Jones | person; first=Mary-Ann; last=Smith-Jones
            Madonna | person; first=Madonna
            山田太郎 | person; first=太郎; last=山田
            Иван Петров | person; first=Иван; last=Петров
            N/A | blank
            - | blank
            Ines | person; first=Ines
            Brandt, | person; last=Brandt
            , Ines | person; first=Ines
            """)
    void reads(String name, String expected) {
        assertThat(Plain.of(NameSplitter.standard().split(name))).isEqualTo(expected);
    }
}
