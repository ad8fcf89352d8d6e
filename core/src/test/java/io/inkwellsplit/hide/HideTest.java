package io.inkwellsplit.hide;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.nio.charset.StandardCharsets;
import java.text.Normalizer;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class HideTest {
    private static final Pseudonyms PSEUDONYMS = pseudonyms("a key that nobody guesses");

    private static Pseudonyms pseudonyms(String key) {
        return Pseudonyms.of(key.getBytes(StandardCharsets.UTF_8));
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', quoteCharacter = '`', textBlock = """
            555-0101        | 0 | ***-****        | 555-0101        | ***-****
            555-0101        | 4 | ***-0101        | 555-0101        | ***-0101
            Ines Brandt     | 1 | Ines Brandt     | **** *****t     | **** *****t
            Flat 2, Müller  | 2 | Flat 2, Müller  | **** 2, ****er  | **** *, ****er
            e\u0301x        | 1 | e\u0301x        | **x             | **x
            山田12           | 0 | 山田**           | **12            | ****
            ``              | 3 | ``              | ``              | ``
            """)
    void masksKeepTheShape(String text, int shown, String digits, String letters, String all) {
        assertThat(Mask.digits().allButLast(shown).apply(text)).isEqualTo(digits);
        assertThat(Mask.letters().allButLast(shown).apply(text)).isEqualTo(letters);
        assertThat(Mask.all().allButLast(shown).apply(text)).isEqualTo(all);
        assertThat(Mask.all().allButLast(shown).with('x').apply(text)).isEqualTo(all.replace('*', 'x'));
    }

    @Test
    void fewerThanNoneCannotBeShown() {
        assertThatThrownBy(() -> Mask.all().allButLast(-1)).isInstanceOf(IllegalArgumentException.class);
    }

    @Property
    void nothingThatIsHiddenIsLeft(@ForAll String text, @ForAll @IntRange(max = 5) int shown) {
        String masked = Mask.all().allButLast(shown).apply(text);
        assertThat(masked).hasSameSizeAs(text);
        assertThat(masked.codePoints().filter(Character::isLetterOrDigit).count())
                .isLessThanOrEqualTo(shown);
    }

    @Property
    void aPseudonymIsStableAndTellsNothing(@ForAll String text) {
        String pseudonym = PSEUDONYMS.of(text);
        assertThat(PSEUDONYMS.of(" " + text + " ")).isEqualTo(pseudonym);
        assertThat(PSEUDONYMS.of(Normalizer.normalize(text.strip(), Normalizer.Form.NFC)))
                .isEqualTo(pseudonym);
        assertThat(pseudonym).matches(text.isBlank() && pseudonym.isEmpty() ? "" : "[2-9a-z]{12}|");
    }

    @Test
    void caseAndFormMakeNoDifferenceAndTheKeyDoes() {
        assertThat(PSEUDONYMS.of("INÉS Brandt")).isEqualTo(PSEUDONYMS.of("ine\u0301s brandt"));
        assertThat(PSEUDONYMS.of("Ines Brandt")).isNotEqualTo(PSEUDONYMS.of("Ines Brand"));
        assertThat(pseudonyms("another key that nobody guesses").of("Ines")).isNotEqualTo(PSEUDONYMS.of("Ines"));
        assertThat(PSEUDONYMS.of("  ")).isEmpty();
        assertThatThrownBy(() -> pseudonyms("short")).hasMessageContaining("5 bytes");
    }
}
