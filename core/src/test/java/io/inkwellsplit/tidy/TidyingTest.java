package io.inkwellsplit.tidy;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Locale;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

class TidyingTest {
    private static Tidying named(String key) {
        for (Tidying tidying : Tidying.values()) {
            if (tidying.key().equals(key)) {
                return tidying;
            }
        }
        throw new AssertionError(key);
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', quoteCharacter = '`', ignoreLeadingAndTrailingWhitespace = false, textBlock = """
            unicode|e\u0301|\u00e9
            controls|a\u0007b|ab
            no-break|a\u00a0b|a b
            spaces| a  b |a b
            quotes|\u201ca\u201d|"a"
            dashes|a\u2013b|a-b
            name-case|INES VAN DER MEULEN|Ines van der Meulen
            address-case|12 MAIN ST|12 Main St
            upper|Ines|INES
            lower|Ines|ines
            """)
    void mendsOneThing(String key, String text, String expected) {
        assertThat(named(key.strip()).apply(text)).isEqualTo(expected);
    }

    @ParameterizedTest
    @EnumSource(Tidying.class)
    void tidyingTwiceIsTidyingOnce(Tidying tidying) {
        for (String text : new String[] {
            " Ines  \u201cDot\u201d BRANDT\u00a0\u2013 x\u0007", "12 MAIN ST.", "", "e\u0301É", "o'BRIEN-mcdonald"
        }) {
            String once = tidying.apply(text);
            assertThat(tidying.apply(once)).as(text).isEqualTo(once);
        }
    }

    @Property
    void blanksAreNeverDoubledOrAtTheEnds(@ForAll String text) {
        String tidy = named("spaces").apply(text);
        assertThat(tidy).doesNotContain("  ");
        assertThat(tidy.startsWith(" ") || tidy.endsWith(" ")).isFalse();
    }

    @Property
    void caseOfAllOrNoneIsTheJavaOne(@ForAll String text) {
        assertThat(named("upper").apply(text)).isEqualTo(text.toUpperCase(Locale.ROOT));
        assertThat(named("lower").apply(text)).isEqualTo(text.toLowerCase(Locale.ROOT));
    }

    @Test
    void keysDiffer() {
        assertThat(Tidying.values()).extracting(Tidying::key).doesNotHaveDuplicates();
    }
}
