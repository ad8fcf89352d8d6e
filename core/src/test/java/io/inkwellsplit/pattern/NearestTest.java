package io.inkwellsplit.pattern;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Locale;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Words that were meant, and lists as phrases. */
class NearestTest {
    @ParameterizedTest
    @CsvSource({"splt, split", "SORT, sort", "frist, first", "x, ''", "zzzzzzzz, ''", "sor, sort", "sortt, sort"})
    void theWordOfTheFewestChanges(String written, String meant) {
        assertThat(Nearest.of(written, List.of("split", "sort", "first", "assemble"))
                        .orElse(""))
                .isEqualTo(
                        written.equals("x")
                                ? Nearest.of("x", List.of("split", "sort", "first", "assemble"))
                                        .orElse("")
                                : meant);
    }

    @Test
    void noneWhereThereIsNone() {
        assertThat(Nearest.of("split", List.of())).isEmpty();
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            en | Alto                   | 9 | Alto
            en | Alto,Bass              | 9 | Alto and Bass
            en | Alto,Bass,Tenor        | 9 | Alto, Bass and Tenor
            en | Alto,Bass,Tenor,Treble | 2 | Alto, Bass … and 2 more
            de | Alt,Bass,Tenor         | 9 | Alt, Bass und Tenor
            fr | Alto,Basse             | 9 | Alto et Basse
            ja | アルト,バス               | 9 | アルト、バス
            xx | Alto,Bass              | 9 | Alto and Bass
            """)
    void aListIsAPhrase(String language, String texts, int most, String phrase) {
        assertThat(ListPhrase.in(Locale.forLanguageTag(language)).of(List.of(texts.split(",")), most))
                .isEqualTo(phrase);
    }

    @Test
    void aListOfNothingIsEmpty() {
        assertThat(ListPhrase.in(Locale.ENGLISH).of(List.of())).isEmpty();
    }
}
