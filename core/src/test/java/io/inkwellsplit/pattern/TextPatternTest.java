package io.inkwellsplit.pattern;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class TextPatternTest {
    @ParameterizedTest
    @CsvSource(delimiter = '|', quoteCharacter = '`', textBlock = """
            {first} {middle} {last}            | first=Ines;middle=M.;last=Brandt | Ines M. Brandt
            {first} {middle} {last}            | first=Ines;last=Brandt           | Ines Brandt
            {first} {middle} {last}            | last=Brandt                      | Brandt
            {first} {middle} {last}            | first=Ines                       | Ines
            {last}, {first}                    | last=Brandt;first=Ines           | Brandt, Ines
            {last}, {first}                    | last=Brandt                      | Brandt
            {last}, {first}                    | first=Ines                       | Ines
            {last}, {first} {middle-initial}   | last=Brandt;first=Ines;middle=Hugh Piers | Brandt, Ines H. P.
            {first} ({nickname}) {last}        | first=Ines;last=Brandt           | Ines Brandt
            {first} ({nickname}) {last}        | first=Ines;last=Brandt;nickname=Dot | Ines (Dot) Brandt
            {last} ({nickname})                | last=Brandt                      | Brandt
            Dear {title} {last}                | last=Brandt                      | Dear Brandt
            Dear {title} {last},               | title=Dr.;last=Brandt            | Dear Dr. Brandt,
            {last-allCaps} {first-monogram}    | last=Brandt;first=Ines           | BRANDT I
            {a}, {b}, {c}                      | a=1;c=3                          | 1, 3
            \\{{a}\\}                          | a=1                              | {1}
            """)
    void fillsAndMendsAroundEmptyFields(String pattern, String values, String expected) {
        assertThat(TextPattern.compile(pattern.strip()).format(map(values)::get))
                .isEqualTo(expected);
    }

    private static Map<String, String> map(String text) {
        Map<String, String> map = new LinkedHashMap<>();
        for (String pair : text.strip().split(";")) {
            map.put(pair.substring(0, pair.indexOf('=')), pair.substring(pair.indexOf('=') + 1));
        }
        return map;
    }

    @Test
    void noValueGivesNoText() {
        assertThat(TextPattern.compile("{last}, {first}").format(name -> null)).isEmpty();
        assertThat(TextPattern.compile("plain").format(name -> null)).isEqualTo("plain");
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            {last      | at character 1: a { without its }
            last}      | at character 5: a } without its {
            {}         | at character 1: a field without a name
            {frist}    | {frist} is no known field; did you mean {first}?
            {last-big} | -big is no modifier
            """)
    void saysWhereAPatternIsBroken(String pattern, String message) {
        assertThatThrownBy(() ->
                        TextPattern.compile(pattern, List.of("first", "last")::contains, List.of("first", "last")))
                .isInstanceOf(PatternException.class)
                .hasMessageContaining(message);
    }

    @Test
    void titlesWithHyphensAreFields() {
        TextPattern pattern = TextPattern.compile("{E-mail} {E-mail-allCaps}", "E-mail"::equals, List.of());
        assertThat(pattern.format(name -> "a@b.example")).isEqualTo("a@b.example A@B.EXAMPLE");
    }
}
