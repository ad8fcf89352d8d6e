package io.inkwellsplit.assemble;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import io.inkwellsplit.name.FamilyName;
import io.inkwellsplit.name.NameSplitter;
import io.inkwellsplit.pattern.ListPhrase;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class ReadyPatternTest {
    @ParameterizedTest
    @CsvSource(delimiter = '|', quoteCharacter = '`', textBlock = """
            full              | Dr. Odalys Wren van der Meulen Jr., PhD | Dr. Odalys Wren van der Meulen Jr., PhD
            full              | Odalys van der Meulen, PhD           | Odalys van der Meulen, PhD
            full              | Harlow & Sons LLC                    | Harlow & Sons LLC
            plain             | Dr. Odalys Wren Brandt Jr.           | Odalys Wren Brandt Jr.
            titled            | Ms. Quillfeather                     | Ms. Quillfeather
            formal            | Dr. Odalys Wren Brandt               | Dr. Odalys W. Brandt
            nickname          | Odalys "Dot" Brandt                  | Odalys "Dot" Brandt
            nickname          | Ms. Quillfeather                     | Quillfeather
            called            | Odalys "Dot" Brandt                  | Dot Brandt
            family-first      | Odalys Wren Brandt                   | Brandt Odalys Wren
            reversed          | Dr. Odalys Wren Brandt, PhD          | Brandt, Dr. Odalys Wren, PhD
            index             | Odalys Wren van der Meulen           | van der Meulen, Odalys W.
            index-core        | Odalys Wren van der Meulen           | Meulen, Odalys W. van der
            index-core        | Meulen, Odalys van der               | Meulen, Odalys van der
            index             | Odalys                               | Odalys
            initials          | Odalys Wren van der Meulen           | OWM
            initials          | Odalys                               | O
            initials-dots     | Odalys Wren van der Meulen           | O. W. M.
            initials-last     | Mary-Ann Wren Brandt                 | M. A. W. Brandt
            couple            | Ines & Tobias Brandt                 | Ines and Tobias Brandt
            couple            | Ines Brandt and Tobias Marlow        | Ines Brandt and Tobias Marlow
            couple            | Mr. & Mrs. Tobias Brandt             | Mr. and Mrs. Tobias Brandt
            couple            | Ines Brandt                          | Ines Brandt
            couple-initials   | Mr. Tobias and Ms. Ines Brandt       | Mr. T. and Ms. I. Brandt
            couple-full       | Dr. Ines Wren Brandt & Mr. Tobias Marlow | Dr. Ines Wren Brandt and Mr. Tobias Marlow
            greeting          | Dr. Ines Okonedo                    | Dear Dr. Okonedo
            greeting          | Ines Okonedo                        | Dear Ines Okonedo
            greeting          | Ines                                 | Dear Ines
            greeting          | Okonedo,                             | Dear Okonedo
            greeting          | Mr. & Mrs. Tobias Brandt             | Dear Mr. and Mrs. Brandt
            greeting          | Dr. Ines Brandt & Mr. Tobias Marlow  | Dear Dr. Brandt and Mr. Marlow
            greeting          | Harlow & Sons LLC                    | Dear Harlow & Sons LLC
            greeting          | N/A                                  | Dear friend
            greeting-first    | Odalys "Dot" Brandt                  | Dear Dot
            """)
    void writesNames(String pattern, String name, String expected) {
        PersonName person = PersonName.of(NameSplitter.standard().split(name));
        assertThat(ReadyPattern.named(pattern).format(person)).isEqualTo(expected);
    }

    @Test
    void offersTheNearestName() {
        assertThatThrownBy(() -> ReadyPattern.named("indx")).hasMessageContaining("did you mean index?");
    }

    @ParameterizedTest
    @CsvSource({
        "van der Meulen,van der,Meulen",
        "Brandt,'',Brandt",
        "de la Cruz,de la,Cruz",
        "van,'',van",
        "Mc Elroy,'',Mc Elroy"
    })
    void cutsParticles(String whole, String particle, String core) {
        assertThat(FamilyName.of(whole)).isEqualTo(new FamilyName(particle, core));
    }

    @Test
    void secondPersonStandsAlone() {
        PersonName couple = PersonName.of(NameSplitter.standard().split("Mr. & Mrs. Tobias Brandt"));
        assertThat(ReadyPattern.named("full").format(couple.second())).isEqualTo("Mrs. Brandt");
        assertThat(PersonName.of(Map.of()).second().order()).isEmpty();
    }

    @Test
    void listsBecomePhrases() {
        ListPhrase english = ListPhrase.in(Locale.ENGLISH);
        assertThat(english.of(List.of())).isEmpty();
        assertThat(english.of(List.of("Alto"))).isEqualTo("Alto");
        assertThat(english.of(List.of("Alto", "Bass", "Tenor"))).isEqualTo("Alto, Bass and Tenor");
        assertThat(english.of(List.of("A", "B", "C", "D", "E"), 2)).isEqualTo("A, B … and 3 more");
        assertThat(ListPhrase.in(Locale.GERMAN).of(List.of("Alt", "Bass"))).isEqualTo("Alt und Bass");
        assertThat(ListPhrase.in(Locale.forLanguageTag("tlh")).of(List.of("a{1}", "b")))
                .isEqualTo("a{1} and b");
        assertThatThrownBy(() -> english.of(List.of(), 0)).hasMessageContaining("under 1");
    }
}
