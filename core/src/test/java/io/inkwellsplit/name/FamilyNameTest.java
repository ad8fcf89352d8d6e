package io.inkwellsplit.name;

import static org.assertj.core.api.Assertions.assertThat;

import io.inkwellsplit.assemble.PersonName;
import io.inkwellsplit.assemble.ReadyPattern;
import io.inkwellsplit.data.Resources;
import io.inkwellsplit.data.Resources.Line;
import io.inkwellsplit.name.word.NameWords;
import io.inkwellsplit.reading.NamePart;
import io.inkwellsplit.reading.Reading;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;

/** Reading and formatting agree on what a particle is, and on what a name is filed under. */
class FamilyNameTest {
    static Stream<String> particles() {
        return Resources.sections(NameWords.class, "words.txt").getOrDefault("particle", List.of()).stream()
                .map(Line::text)
                .filter(text -> text.chars().allMatch(c -> c < 0x250));
    }

    @ParameterizedTest
    @MethodSource("particles")
    void readingAndFormattingCutAtOnePlace(String particle) {
        String last = particle + (particle.endsWith("'") ? "" : " ") + "Meulenbrook";
        Reading<NamePart> reading = NameSplitter.standard().split(last + ", Ines");
        if (reading.text(NamePart.LAST).equals(last)) {
            FamilyName cut = FamilyName.of(last);
            assertThat(reading.text(NamePart.LAST_PARTICLE)).isEqualTo(cut.particle());
            String core = reading.text(NamePart.LAST_CORE);
            String second = reading.text(NamePart.LAST_SECOND);
            assertThat(second.isEmpty() ? core : core + " " + second).isEqualTo(cut.core());
        }
    }

    @ParameterizedTest
    @CsvSource({
        "Rosa Saint Clair, '', Saint Clair, 'Saint Clair, Rosa'",
        "Tom Mac Donald, '', Mac Donald, 'Mac Donald, Tom'",
        "Ines Mc Elroy, '', Mc Elroy, 'Mc Elroy, Ines'",
        "Rosa St. Clair, '', St. Clair, 'St. Clair, Rosa'",
        "Hugh O' Brien, '', O' Brien, 'O'' Brien, Hugh'",
        "Ada Fitz Gerald, '', Fitz Gerald, 'Fitz Gerald, Ada'",
        "Odalys van der Meulen, van der, Meulen, 'Meulen, Odalys van der'",
        "Ines de la Torre, de la, Torre, 'Torre, Ines de la'"
    })
    void anIndexSetsAsideWhatIsAParticleAlone(String name, String particle, String core, String index) {
        Reading<NamePart> reading = NameSplitter.standard().split(name);
        assertThat(FamilyName.of(reading.text(NamePart.LAST))).isEqualTo(new FamilyName(particle, core));
        assertThat(reading.text(NamePart.LAST_PARTICLE)).isEqualTo(particle);
        assertThat(ReadyPattern.named("index-core").format(PersonName.of(reading)))
                .isEqualTo(index);
    }
}
