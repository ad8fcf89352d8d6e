package io.inkwellsplit.name.word;

import static org.assertj.core.api.Assertions.assertThat;

import io.inkwellsplit.text.Tokens;
import java.util.Locale;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Which invented words sound like family names of people who usually bear two. */
class SoundsTest {
    private static boolean isTwoUsual(String word) {
        Tokens tokens = new Tokens();
        tokens.read(word);
        assertThat(tokens.count()).isEqualTo(1);
        return Sounds.isTwoUsual(tokens, 0);
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "Montecillas",
                "Carrajosa",
                "Villaturde",
                "Peñalandro",
                "Quintarela",
                "Azcarrondo",
                "Moleiras",
                "Fontanegra"
            })
    void areTold(String word) {
        assertThat(isTwoUsual(word)).isTrue();
        assertThat(isTwoUsual(word.toUpperCase(Locale.ROOT))).isTrue();
        assertThat(isTwoUsual(word.toLowerCase(Locale.ROOT))).isTrue();
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "Birdwhistle",
                "Okonedo",
                "Thornwick",
                "Kowalczuk",
                "Hjelmstad",
                "Rossbaum",
                "Nguyenson",
                "Mac",
                "Ela",
                "X",
                "Монтекильяс",
                "Μοντεκίλια",
                "Mora2les"
            })
    void othersAreNot(String word) {
        assertThat(isTwoUsual(word)).isFalse();
    }
}
