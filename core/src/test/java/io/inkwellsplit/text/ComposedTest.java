package io.inkwellsplit.text;

import static org.assertj.core.api.Assertions.assertThat;

import java.text.Normalizer;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import org.junit.jupiter.api.Test;

/** Letters put together, and the way back to where they stood. */
class ComposedTest {
    private final Tokens tokens = new Tokens();

    @Test
    void aLetterAndItsAccentAreOneAndStandWhereTheyStood() {
        String value = "Ine\u0301s Mu\u0308ller";
        tokens.read(value);
        assertThat(tokens.text()).isEqualTo("Inés Müller");
        assertThat(tokens.count()).isEqualTo(2);
        assertThat(tokens.inSource(tokens.start(1), false)).isEqualTo(value.indexOf('M'));
        assertThat(tokens.inSource(tokens.end(1), true)).isEqualTo(value.length());
        assertThat(tokens.inSource(2, false)).isEqualTo(2);
        assertThat(tokens.inSource(3, true)).isEqualTo(4);
    }

    @Test
    void whatIsTogetherAlreadyStaysInPlace() {
        tokens.read("Inés");
        for (int i = 0; i <= 4; i++) {
            assertThat(tokens.inSource(i, false)).isEqualTo(i);
            assertThat(tokens.inSource(i, true)).isEqualTo(i);
        }
    }

    @Property
    void readsWhatIsTakenApartAsWhatIsTogether(@ForAll("names") String name) {
        tokens.read(Normalizer.normalize(name, Normalizer.Form.NFD));
        Tokens together = new Tokens();
        together.read(Normalizer.normalize(name, Normalizer.Form.NFC));
        assertThat(tokens.text()).isEqualTo(together.text());
        assertThat(tokens.count()).isEqualTo(together.count());
    }

    @net.jqwik.api.Provide
    net.jqwik.api.Arbitrary<String> names() {
        return net.jqwik.api.Arbitraries.strings()
                .withChars("aeoucnszAEOUéèêüöäñçšžÉÜÖ' -")
                .ofMaxLength(20);
    }
}
