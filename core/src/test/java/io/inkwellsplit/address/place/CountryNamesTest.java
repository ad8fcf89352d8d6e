package io.inkwellsplit.address.place;

import static org.assertj.core.api.Assertions.assertThat;

import io.inkwellsplit.address.AddressSplitter;
import io.inkwellsplit.reading.AddressPart;
import io.inkwellsplit.reading.Doubt;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;

/** Countries and regions by any of their names, and what only looks like one. */
class CountryNamesTest {
    private static final String COUNTRY_OR_REGION = """
            12 Quay Road, Sucre, Bolivia                       | Sucre              |                      | Bolivia
            12 Quay Road, Quito, EC                            | Quito              |                      | EC
            12 Quay Road, Sucre, BOL                           | Sucre              |                      | BOL
            Hafenstr. 12, 10115 Berlin, Alemania               | Berlin             |                      | Alemania
            Hafenstr. 12, 10115 Berlin, DE                     | Berlin             |                      | DE
            12 Quay Street, Dover, DE 19901                    | Dover              | DE                   |
            12 Quay Street, Davis, New Mexico                  | Davis              | New Mexico           |
            12 Quay St SE, Washington, District of Columbia    | Washington         | District of Columbia |
            32 Quay Lane, South Clearwater, British Columbia   | South Clearwater   | British Columbia     |
            Avenida del Muelle 12, Villa Alemana               | Villa Alemana      |                      |
            PO Box 12, Ralston, AR                             | Ralston            | AR                   |
            PO Box 12, Norfolk 23520                           | Norfolk            |                      |
            Via del Porto, 12 42008 Wexcombe FI                | Wexcombe           | FI                   |
            Satamatie 12 00100 Helsinki FI                     | Helsinki           |                      | FI
            Satamatie 12, 00100 Helsinki, Uusimaa              | Helsinki           | Uusimaa              |
            Calle Mayor 12, 05001 Flores de Ávila              | Flores de Ávila    |                      |
            2 Quay Street, Ponsonby, Auckland 1011             | Auckland           |                      |
            """;

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = COUNTRY_OR_REGION)
    void tellsCountriesFromRegionsAndTowns(String text, String city, String state, String country) {
        var reading = AddressSplitter.standard().split(text);
        assertThat(List.of(
                        reading.text(AddressPart.CITY),
                        reading.text(AddressPart.STATE),
                        reading.text(AddressPart.COUNTRY)))
                .containsExactly(city, state == null ? "" : state, country == null ? "" : country);
    }

    static List<String> shortTexts() {
        List<String> texts = new ArrayList<>();
        for (String code : List.of("FI", "RO", "AD", "XK", "AL", "US", "Bolivia")) {
            for (String before : List.of("", ",", ", ", "/", "/, ", "1 ", ",,", "\n")) {
                texts.add(before + code);
            }
        }
        return texts;
    }

    /** Nothing but a country's code or name, behind whatever sign. */
    @ParameterizedTest
    @MethodSource("shortTexts")
    void readsATextThatIsHardlyMoreThanACountry(String text) {
        var reading = AddressSplitter.standard().split(text);
        assertThat(reading.source()).isEqualTo(text);
        assertThat(reading.confidence()).isBetween(0.0, 1.0);
    }

    @Test
    void doubtsWhereTheCountryHasNoFile() {
        assertThat(AddressSplitter.standard()
                        .split("12 Quay Road, Sucre, Bolivia")
                        .doubts())
                .contains(Doubt.OTHER_COUNTRY);
        assertThat(AddressSplitter.standard()
                        .split("Hafenstr. 12, 10115 Berlin, Alemania")
                        .doubts())
                .doesNotContain(Doubt.OTHER_COUNTRY);
    }
}
