package io.inkwellsplit.table.csv;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.CharRange;
import net.jqwik.api.constraints.IntRange;
import net.jqwik.api.constraints.Size;
import net.jqwik.api.constraints.StringLength;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Where a table begins in its text. */
class OpeningTest {
    @ParameterizedTest
    @CsvSource(delimiter = '~', quoteCharacter = '`', textBlock = """
            a/b/c        ~ 0 ~ 0 ~ 0
            a/b/c        ~ 1 ~ 1 ~ 2
            aa%b/c       ~ 1 ~ 1 ~ 4
            aa%bb%c      ~ 2 ~ 2 ~ 8
            a            ~ 3 ~ 0 ~ 1
            a/           ~ 3 ~ 1 ~ 2
            ``           ~ 2 ~ 0 ~ 0
            """)
    void countsLinesAndTheirCharacters(String text, int wanted, int lines, int characters) {
        String beginning = text.replace("%", "\r\n").replace('/', '\n');
        Opening opening = Opening.skipping(beginning, wanted, Optional.empty());
        assertThat(opening.lines()).isEqualTo(lines);
        assertThat(opening.characters()).isEqualTo(characters);
    }

    /** A table whose header is as wide as its rows begins with its header, whatever its cells are. */
    @Property(tries = 300)
    void skipsNothingOfATable(
            @ForAll @Size(min = 2, max = 5) List<@StringLength(max = 4) @CharRange(from = 'a', to = 'z') String> header,
            @ForAll @IntRange(max = 6) int rows) {
        String line = String.join(",", header) + "\n";
        Opening opening = Opening.of(line + line.repeat(rows));
        assertThat(opening.lines()).isZero();
        assertThat(opening.isOneColumn()).isFalse();
    }

    @Property(tries = 300)
    void neverFails(@ForAll String text) {
        Opening opening = Opening.of(text);
        assertThat(opening.characters()).isBetween(0, text.length());
        assertThat(opening.lines()).isNotNegative();
    }
}
