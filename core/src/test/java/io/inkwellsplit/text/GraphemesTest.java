package io.inkwellsplit.text;

import static org.assertj.core.api.Assertions.assertThat;

import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Characters as people count them. */
class GraphemesTest {
    @ParameterizedTest
    @CsvSource(
            quoteCharacter = '`',
            value = {
                "Ines, I, 4",
                "É́x, É́, 2",
                "a, a, 1",
                "``, ``, 0",
                "👩‍👩‍👧x, 👩‍👩‍👧, 2",
                "太郎, 太, 2",
                "e\u0301s, e\u0301, 2"
            })
    void countsAsPeopleDo(String text, String first, int count) {
        assertThat(Graphemes.first(text)).isEqualTo(first);
        assertThat(Graphemes.ends(text)).hasSize(count);
    }

    @Property
    void theyFillTheText(@ForAll String text) {
        int[] ends = Graphemes.ends(text);
        int last = 0;
        for (int end : ends) {
            assertThat(end).isGreaterThan(last);
            last = end;
        }
        assertThat(last).isEqualTo(text.length());
        assertThat(Graphemes.first(text).length()).isEqualTo(ends.length == 0 ? 0 : ends[0]);
    }
}
