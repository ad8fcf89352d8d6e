package io.inkwellsplit.table.where;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import io.inkwellsplit.table.TableException;
import io.inkwellsplit.table.where.Conditions.Join;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Every question that can be asked of a cell, both ways, and what cannot be understood. */
class ConditionTest {
    private static final List<String> HEADER = List.of("Voice", "Full name", "Is paid", "Fee");

    private static boolean met(String condition, String cell) {
        return Condition.parse(condition).bind(HEADER).test(List.of(cell, cell, cell, cell));
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', quoteCharacter = '`', ignoreLeadingAndTrailingWhitespace = true, textBlock = """
            Voice is Alto                          | alto          | Tenor
            Voice is "Alto"                        | Alto          | "Alto"
            Voice is ""                            | ``            | x
            1 is Alto                              | ALTO          | Alto 2
            Voice is not Alto                      | Tenor         | Alto
            Voice is one of Alto, Bass             | bass          | Alto, Bass
            Voice is one of "Alto", "Bass"         | Alto          | Tenor
            Voice is not one of Alto, Bass         | Tenor         | Bass
            Full name contains quay                | Old Quay Rd   | Harbour
            Full name does not contain quay        | Harbour       | QUAY
            Full name starts with Dr.              | dr. Thorne    | Ada Dr.
            Full name does not start with Dr.      | Ada           | Dr. Ada
            Full name ends with Jr.                | Orme jr.      | Jr. Orme
            Full name does not end with Jr.        | Orme          | Orme Jr.
            Full name matches ^[A-Z][a-z]+$        | Ada           | ADA
            Full name matches "is [0-9]"           | this is 1     | this is x
            Full name does not match [0-9]         | Ada           | Ada 2
            Fee is blank                           | ` `           | 0
            Fee is filled                          | 0             | ``
            Full name is longer than 3             | Adam          | Ada
            Full name is not longer than 3         | Ada           | Adam
            Full name is shorter than 3            | Ed            | Ada
            Full name is not shorter than 3        | Ada           | Ed
            Fee is between 10 and 20               | 10            | 9.99
            Fee is between 10 and 20               | 20.00         | 20.01
            Fee is between 1,000 and 2,000.50      | 1500          | 15000
            Fee is between 2020-01-31 and 2021-01-01 | 2020-02-01  | 2020-01-30
            Fee is not between 10 and 20           | 21            | 15
            Fee is not between 10 and 20           | none          | 15
            Fee is at least 10                     | 1e1           | 9
            Fee is less than 10                    | 9             | 10
            Fee is at most -1.5                    | -1,5          | -1
            Fee is more than 10                    | 11            | 10
            Fee is at least 2026-11-29             | 2026-11-29    | 20261129
            "Is paid" is yes                       | Yes           | no
            "Is paid" is not yes                   | no            | yes
            Full name reads as person              | Ada Thorne    | Harrow Ltd
            Full name reads as a couple            | Ada & Neil Harrow | Ada Thorne
            Full name reads as an organisation     | Harrow Ltd    | Ada Thorne
            Full name does not read as person      | Harrow Ltd    | Ada Thorne
            Full name reads as blank               | N/A           | Ada Thorne
            Full name reads as a doubtful name     | Ada           | Ada Thorne
            Full name reads as a doubtful address  | Barre         | 12 Main St, Barre, VT 05641
            """)
    void isMetByTheOneAndNotByTheOther(String condition, String met, String not) {
        assertThat(met(condition, met)).as("%s: %s", condition, met).isTrue();
        assertThat(met(condition, not)).as("%s: %s", condition, not).isFalse();
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', quoteCharacter = '`', textBlock = """
            Alto                          | does not say what is asked of which column
            Voice equals Alto             | does not say what is asked of which column
            is Alto                       | does not say what is asked of which column
            "" is Alto                    | names no column
            Voice is                      | does not say what
            Voice is blank now            | has something behind "is blank"
            Fee is longer than ten        | A length is a whole number, not "ten"
            Fee is between 10             | needs two bounds
            Fee is at least soon          | neither a number nor a date
            Fee is between 1 and x        | "x" is neither a number nor a date
            Voice matches [a              | is broken
            Voice reads as cuople         | did you mean couple?
            Voice reads as a choir        | there are person, couple
            Nothing is Alto               | There is no column "Nothing"
            5 is Alto                     | Give a title or a number from 1 to 4
            Voice is listed in no-such    | There is no list no-such
            """)
    void whatCannotBeIsRefusedInASentence(String condition, String why) {
        assertThatThrownBy(() -> met(condition, "x"))
                .isInstanceOf(TableException.class)
                .hasMessageContaining(why);
    }

    @Test
    void aListIsAFileOfValues(@TempDir Path folder) throws IOException {
        Path list = Files.writeString(folder.resolve("voices.txt"), "Alto\n\n bass \n");
        Condition condition = Condition.parse("Voice is listed in \"" + list + "\"");
        assertThat(condition.list()).contains(list);
        assertThat(met("Voice is listed in " + list, "ALTO")).isTrue();
        assertThat(met("Voice is listed in " + list, "Bass")).isTrue();
        assertThat(met("Voice is listed in " + list, "")).isFalse();
        assertThat(met("Voice is not listed in " + list, "Tenor")).isTrue();
        assertThat(Condition.parse("Voice is Alto").list()).isEmpty();
    }

    @Test
    void severalAreJoinedByAllOrAny() {
        List<String> two = List.of("Voice is Alto", "Fee is filled");
        List<String> row = List.of("Alto", "", "", "");
        assertThat(Conditions.parse(two, Join.ALL).bind(HEADER).test(row)).isFalse();
        assertThat(Conditions.parse(two, Join.ANY).bind(HEADER).test(row)).isTrue();
        assertThat(Conditions.parse(two, Join.ANY).bind(HEADER).test(List.of("Bass", "", "", "")))
                .isFalse();
    }

    @Property(tries = 200)
    void oneWayOrTheOther(@ForAll String cell) {
        for (Verb verb : List.of(Verb.IS, Verb.CONTAINS, Verb.STARTS, Verb.ENDS, Verb.ONE_OF)) {
            assertThat(met("Voice " + verb.words + " a", cell))
                    .isNotEqualTo(met("Voice " + verb.opposite + " a", cell));
        }
        assertThat(met("Voice is blank", cell)).isNotEqualTo(met("Voice is filled", cell));
    }
}
