package io.inkwellsplit.address.place;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;

import io.inkwellsplit.address.AddressSplitter;
import io.inkwellsplit.address.CountryLayout;
import io.inkwellsplit.reading.AddressPart;
import io.inkwellsplit.text.Tokens;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;

class CountriesTest {
    static List<String> codes() {
        return AddressSplitter.countries();
    }

    @ParameterizedTest
    @MethodSource("codes")
    void everyCountryHasWhatReadingNeeds(String code) {
        Country country = Countries.shipped().withCode(code).orElseThrow();
        assertThat(CountryLayout.of(country.code).lines()).isNotEmpty().allMatch(line -> line.contains("{"));
        Reader reader = new Reader(code);
        assertThat(reader.city()).isNotEmpty();
    }

    /** Reads an address made of the country's own first postcode form. */
    private record Reader(String code) {
        String city() {
            Country country = Countries.shipped().withCode(code).orElseThrow();
            List<String> forms = country.postcodes.spellings();
            // The Emirates and Hong Kong have no postcodes.
            String postcode = forms.isEmpty()
                    ? ""
                    : forms.get(0).replace('9', '5').replace('@', 'B').replace('*', 'B');
            String place = country.postcodeBeforeCity ? postcode + " Wexcombe" : "Wexcombe " + postcode;
            return AddressSplitter.standard()
                    .country(code)
                    .split("Harbour 14, " + place)
                    .text(AddressPart.CITY);
        }
    }

    @Test
    void refusesACountryItDoesNotKnow() {
        assertThatIllegalArgumentException()
                .isThrownBy(() -> AddressSplitter.standard().country("XX"))
                .withMessageContaining("XX")
                .withMessageContaining("DE");
    }

    @ParameterizedTest
    @CsvSource({
        "US, 05641, true", "US, 0564, false", "GB, SW1A 2AA, true", "GB, ct51ab, true", "GB, CT5 1A, false",
        "NL, 1012 AB, true", "NL, 9802 Le, false", "DE, D-50667, true", "CA, K1A 0B1, true", "PL, 00-950, true",
        "PL, 00950, false", "SE, 111 35, true", "SE, 11135, true", "BR, 01310-100, true", "JP, 104-0061, true",
        "IE, D02 X285, true", "PT, 1200-203, true", "AR, C1043AAZ, true", "AR, 5000, true", "IN, 400 058, true"
    })
    void knowsPostcodesByTheirForm(String code, String text, boolean expected) {
        assertThat(Countries.shipped().withCode(code).orElseThrow().postcodes.matches(text))
                .isEqualTo(expected);
    }

    @Test
    void aNumberIsCutAtItsHyphenOnlyBetweenDigits() {
        Tokens tokens = new Tokens();
        tokens.read("4-123 Main A-12");
        assertThat(tokens.cutAtHyphen(2)).isFalse();
        assertThat(tokens.cutAtHyphen(0)).isTrue();
        assertThat(tokens.count()).isEqualTo(5);
        assertThat(tokens.start(2)).isEqualTo(2);
        assertThat(tokens.end(3)).isEqualTo(10);
    }
}
