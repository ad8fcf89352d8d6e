package io.inkwellsplit.table.sort;

import static org.assertj.core.api.Assertions.assertThat;

import io.inkwellsplit.table.TestTable;
import io.inkwellsplit.table.sort.SortKey.Direction;
import io.inkwellsplit.table.step.SortStep;
import io.inkwellsplit.table.step.SortStep.As;
import io.inkwellsplit.table.step.SortStep.Blanks;
import java.util.Locale;
import java.util.Optional;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Numbers as they are written in several countries, and dates. */
class AmountTest {
    private static Amount plain(String number) {
        return Amount.of(number, Locale.ROOT).orElseThrow();
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            1,234.5       | 1234.5     | 1234.5
            1.234,5       | 1234.5     | 1234.5
            1,234         | 1234       | 1.234
            1.234         | 1.234      | 1234
            12,5          | 12.5       | 12.5
            12.50         | 12.5       | 12.5
            1,234,567     | 1234567    | 1234567
            1.234.567     | 1234567    | 1234567
            1 234,50      | 1234.5     | 1234.5
            1'234.50      | 1234.5     | 1234.5
            -0,5          | -0.5       | -0.5
            +7            | 7          | 7
            1e3           | 1000       | 1000
            .5            | 0.5        | 0.5
            """)
    void isReadAsTheLanguageWritesIt(String text, String english, String german) {
        assertThat(Amount.of(text, Locale.ENGLISH)).contains(plain(english));
        assertThat(Amount.of(text, Locale.GERMAN)).contains(plain(german));
    }

    @ParameterizedTest
    @ValueSource(strings = {"", " ", "-", "1,2,3", "12a", "1.2.3", "2026-13-01", "1 2", "NaN", "Ada"})
    void isNone(String text) {
        assertThat(Amount.of(text, Locale.ENGLISH)).isEmpty();
    }

    @Property
    void keepsTheOrderOfNumbers(@ForAll int one, @ForAll int other) {
        assertThat(Integer.signum(plain("" + one).compareTo(plain("" + other)))).isEqualTo(Integer.compare(one, other));
        assertThat(plain("" + one)).isEqualTo(plain(one + ".0")).hasSameHashCodeAs(plain(one + ".0"));
    }

    @Property
    void neverFails(@ForAll String text) {
        Optional<Amount> amount = Amount.of(text, Locale.FRENCH);
        assertThat(amount.isPresent() && amount.get().isLike(plain("1")))
                .isEqualTo(amount.isPresent() && !amount.get().isDate());
    }

    @ParameterizedTest
    @CsvSource(delimiter = '~', textBlock = """
            RISING  ~ FIRST   ~ N//3/20,5/1.000,00
            RISING  ~ LAST    ~ N/3/20,5/1.000,00/
            FALLING ~ FIRST   ~ N//1.000,00/20,5/3
            FALLING ~ LAST    ~ N/1.000,00/20,5/3/
            RISING  ~ AS_TEXT ~ N/3/20,5/1.000,00/
            """)
    void decimalCommasSortBySizeAndBlanksWhereTheyAreWanted(Direction direction, Blanks blanks, String expected) {
        SortStep step = SortStep.in(Locale.GERMAN).by("N", As.NUMBER, direction).blanks(blanks);
        assertThat(TestTable.run("N\n20,5\n\n1.000,00\n3\n", step)).isEqualTo(expected);
    }
}
