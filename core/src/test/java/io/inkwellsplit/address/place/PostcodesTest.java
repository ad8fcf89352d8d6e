package io.inkwellsplit.address.place;

import static org.assertj.core.api.Assertions.assertThat;

import io.inkwellsplit.text.Tokens;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Forms of postcodes: what has them, and how they are put in order. */
class PostcodesTest {
    private static Postcodes of(String country) {
        return Countries.shipped().withCode(country).orElseThrow().postcodes;
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            US | 05641        | true
            US | 05641-1234   | true
            US | 0564         | false
            US | 056411       | false
            US | O5641        | false
            GB | PL1 1AA      | true
            GB | pl11aa       | true
            GB | PL1          | false
            GB | PL1 1A       | false
            CA | M5V 2T6      | true
            CA | M5V2T6       | true
            CA | 5MV 2T6      | false
            DE | 20457        | true
            DE | D-20457      | true
            DE | A-20457      | false
            NL | 1012 AB      | true
            NL | 1012AB       | true
            NL | 1012 Ab      | false
            PL | 00-238       | true
            SE | 111 22       | true
            SE | 11122        | true
            BR | 01310-100    | true
            IN | 411 001      | true
            IE | D04 A1B2     | true
            AR | C1425ABC     | true
            """)
    void hasTheFormOrNot(String country, String text, boolean expected) {
        assertThat(of(country).matches(text)).isEqualTo(expected);
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            US | 5641     | 05641
            US | 05641    | 05641
            US | 056411234| 05641-1234
            GB | pl11aa   | PL1 1AA
            GB | PL1  1AA | PL1 1AA
            CA | m5v2t6   | M5V 2T6
            NL | 1012ab   | 1012 AB
            PL | 00238    | 00-238
            SE | 11122    | 111 22
            """)
    void isPutInOrder(String country, String written, String standard) {
        assertThat(of(country).standard(written)).isEqualTo(standard);
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', emptyValue = "", quoteCharacter = '`', textBlock = """
            US | O5641      | 05641
            US | o564I      | 05641
            US | 056411     | ``
            US | B5641      | ``
            US | O5641-1234 | 05641-1234
            GB | SWIA 1AA   | SW1A 1AA
            GB | SW1A OAA   | SW1A 0AA
            GB | PLI1AA     | PL1 1AA
            GB | PLZ 1AA    | ``
            CA | MSV 0B1    | M5V 0B1
            CA | M5V OB1    | M5V 0B1
            CA | M5V 080    | ``
            DE | 2O457      | 20457
            DE | D-2O457    | D-20457
            NL | 1012 A8    | ``
            NL | 1012 A5    | 1012 AS
            """)
    void aSignThatOnlyLooksLikeAnotherIsKnown(String country, String written, String meant) {
        assertThat(of(country).meant(written)).isEqualTo(meant);
    }

    @Test
    void matchesFromATokenOn() {
        Tokens tokens = new Tokens();
        tokens.read("4 Fore St Plymouth PL1 1AA Kent");
        assertThat(of("GB").match(tokens, 4, tokens.count())).isEqualTo(2);
        assertThat(of("GB").match(tokens, 5, tokens.count())).isZero();
        assertThat(of("GB").match(tokens, 4, 5)).isZero();
        assertThat(of("US").isShort(tokens, 0)).isFalse();
    }

    @Test
    void formsWithBlanksAreKnownWithoutThem() {
        Postcodes postcodes = new Postcodes(List.of("@9 9"), List.of(), List.of());
        assertThat(postcodes.spellings()).contains("@9 9", "@99");
        assertThat(postcodes.matches("A12")).isTrue();
    }
}
