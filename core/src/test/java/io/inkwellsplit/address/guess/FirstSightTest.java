package io.inkwellsplit.address.guess;

import static org.assertj.core.api.Assertions.assertThat;

import io.inkwellsplit.address.place.AddressWords;
import io.inkwellsplit.address.place.Countries;
import io.inkwellsplit.address.place.Country;
import io.inkwellsplit.address.text.AddressText;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Countries that are known by the end of an address alone, and ends that say nothing. */
class FirstSightTest {
    private final Countries countries = Countries.shipped();
    private final FirstSight firstSight = new FirstSight(countries);
    private final AddressText text = new AddressText(AddressWords.shipped());

    private String country(String address) {
        text.read(address);
        int found = firstSight.country(text);
        return found == FirstSight.NONE ? "none" : countries.get(found).code;
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            12 Main St, Barre, VT 05641             | US
            12 Main St, Barre, VT 05641,            | US
            12 Main St, Barre, VT, 05641            | US
            12 Main St, Barre, VT 05641-1234        | US
            12 Main St, Barre, VT 5641              | US
            12 Main St, Barre, Vermont 05641        | US
            VT 05641                                | US
            12 Smith St, Carlton VIC 3053           | AU
            4 Fore St, Plymouth PL1 1AA             | GB
            4 Fore St, Plymouth PL11AA              | GB
            12 Main St, Toronto ON M5V 2T6          | CA
            12 Main St, Barre, VT 05641, USA        | US
            4 Fore St, Plymouth PL1 1AA, England    | GB
            12 Main St, Barre, VT 05641, Canada     | none
            Hafenstraße 3, 20457 Hamburg            | none
            12 Main St, Barre                       | none
            7 Quayside St., Kfar-Marrow 40641, IL | none
            CO 110111                               | none
            x                                       | none
            , 5                                     | none
            05641                                   | none
            """)
    void knowsItByItsEnd(String address, String country) {
        assertThat(country(address)).isEqualTo(country);
    }

    @Test
    void aCodeThatIsACountrysGoesByItsPostcode() {
        // 05641 is one of Vermont, and Colorado's begin with 80 and 81.
        assertThat(country("12 Main St, Barre, CO 05641")).isEqualTo("none");
        assertThat(country("12 Main St, Barre, CO 80202")).isEqualTo("US");
    }

    @Test
    void saysWhetherTheCountryIsWritten() {
        country("12 Main St, Barre, VT 05641, USA");
        assertThat(firstSight.isWritten()).isTrue();
        country("12 Main St, Barre, VT 05641");
        assertThat(firstSight.isWritten()).isFalse();
    }

    @Test
    void smallLettersInMixedTextAreNoState() {
        text.read("Fő út 5, 1011 Budapest ut");
        Country us = countries.withCode("US").orElseThrow();
        assertThat(FirstSight.isState(text, us, text.count() - 1)).isFalse();
        text.read("5 ELM ST, PROVO UT");
        assertThat(FirstSight.isState(text, us, text.count() - 1)).isTrue();
    }
}
