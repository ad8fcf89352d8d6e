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
            {nickname¦first} {last}            | first=Ines;last=Brandt           | Ines Brandt
            {nickname¦first¦"friend"}          | last=Brandt                      | friend
            {last}{?, née {birth}}             | last=Brandt;birth=Harlow         | Brandt, née Harlow
            {last}{?, née {birth}}             | last=Brandt                      | Brandt
            {?Dear {title} {last}¦Dear {first}¦Dear friend} | title=Dr.;last=Brandt | Dear Dr. Brandt
            {?Dear {title} {last}¦Dear {first}¦Dear friend} | first=Ines;last=Brandt | Dear Ines
            {?Dear {title} {last}¦Dear {first}¦Dear friend} | last=Brandt         | Dear friend
            {?{first} {middle¦} {last}¦{last}} | first=Ines;last=Brandt           | Ines Brandt
            {?{a}\\¦{b}¦none}                  | a=1;b=2                          | 1¦2
            {last-lower} {last-upper}          | last=Brandt                      | brandt BRANDT
            {last-tidy}                        | last=MCELROY                     | McElroy
            {first-letters}{last-monogram}     | first=Hugh Piers;last=Brandt     | HPB
            {first-initial} {first-initial-retain} | first=Anne-Marie             | A. M. A.-M.
            {first-initial}                    | first=J.R.                       | J. R.
            {last-initialCap}                  | last=van den Berg                | Van den Berg
            """)
    void fillsAndMendsAroundEmptyFields(String pattern, String values, String expected) {
        assertThat(TextPattern.compile(pattern.strip().replace('¦', '|')).format(map(values)::get))
                .isEqualTo(expected.replace('¦', '|'));
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
            {?{last}   | at character 1: a { without its }
            {last¦"a}  | at character 7: a text without its closing quote
            {¦last}    | at character 1
            """)
    void saysWhereAPatternIsBroken(String pattern, String message) {
        assertThatThrownBy(() -> TextPattern.compile(
                        pattern.replace('¦', '|'), List.of("first", "last")::contains, List.of("first", "last")))
                .isInstanceOf(PatternException.class)
                .hasMessageContaining(message);
    }

    @Test
    void titlesWithHyphensAreFields() {
        TextPattern pattern = TextPattern.compile("{E-mail} {E-mail-allCaps}", "E-mail"::equals, List.of());
        assertThat(pattern.format(name -> "a@b.example")).isEqualTo("a@b.example A@B.EXAMPLE");
    }

    @Test
    void refusesPatternsThatAreTooLongOrTooDeep() {
        assertThatThrownBy(() -> TextPattern.compile("{?".repeat(21) + "}".repeat(21)))
                .hasMessageContaining("at character 41: more than 20 choices inside one another");
        assertThatThrownBy(() -> TextPattern.compile("x".repeat(10_001))).hasMessageContaining("has 10001 characters");
        assertThat(TextPattern.compile("{?{a}}".repeat(500))).isNotNull();
    }
}
