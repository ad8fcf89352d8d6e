package io.inkwellsplit.assemble;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import io.inkwellsplit.address.AddressSplitter;
import io.inkwellsplit.address.CountryLayout;
import io.inkwellsplit.reading.AddressPart;
import io.inkwellsplit.reading.Reading;
import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;

class AddressLabelTest {
    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            US | 445 Industrial Lane Apt B, Grass Valley CA 95945 | 445 Industrial Lane Apt B;Grass Valley, CA 95945
            GB | 445 Industrial Lane, Grass Valley CA 95945, USA  | 445 Industrial Lane;Grass Valley, CA 95945;USA
            US | 445 Industrial Lane, Grass Valley CA 95945, USA  | 445 Industrial Lane;Grass Valley, CA 95945
            GB | Flat 2, 3 Quay Mews, Wexcombe, Kent CT5 1AB | Flat 2;3 Quay Mews;WEXCOMBE;Kent;CT5 1AB
            US | Flat 2, 3 Quay Mews, Wexcombe, Kent CT5 1AB | Flat 2;3 Quay Mews;WEXCOMBE;Kent;CT5 1AB;UNITED KINGDOM
            DE | Musterstraße 7a, 50667 Köln                 | Musterstraße 7a;50667 Köln
            FR | Musterstraße 7a, 50667 Köln, Allemagne      | Musterstraße 7a;50667 Köln;ALLEMAGNE
            FR | 12 rue de la Paix, 75002 Paris              | 12 rue de la Paix;75002 PARIS
            SE | c/o Lindqvist, Box 12, 111 22 Stockholm     | c/o Lindqvist;Box 12;111 22 STOCKHOLM
            US | 3 Nanjing Road, Shanghai, China             | 3 Nanjing Road;Shanghai;CHINA
            """)
    void writesLabels(String home, String address, String expected) {
        Reading<AddressPart> reading = AddressSplitter.standard().split(address);
        assertThat(AddressLabel.from(home).lines(reading)).containsExactly(expected.split(";"));
    }

    static List<String> countries() {
        return AddressSplitter.countries();
    }

    /** A part that a country's label has no place for is not left out. */
    @ParameterizedTest
    @MethodSource("countries")
    void noPartIsLeftOut(String country) {
        Map<AddressPart, String> parts = new EnumMap<>(AddressPart.class);
        for (AddressPart part : AddressPart.values()) {
            if (!part.isFiner() && part != AddressPart.COUNTRY) {
                parts.put(part, "<" + part.key() + ">");
            }
        }
        AddressLabel label = AddressLabel.from(country);
        assertThat(label.oneLine(parts::get)).contains(parts.values());
        assertThat(String.join("\n", label.lines(parts::get)).toLowerCase(Locale.ROOT))
                .contains(parts.values());
        assertThat(CountryLayout.of(country).name()).isNotEmpty();
        assertThat(label.lines(part -> part == AddressPart.CITY ? "Wexcombe" : ""))
                .hasSize(1);
        assertThat(label.lines(part -> "")).isEmpty();
    }

    @Test
    void fromAnywhereGuessesTheCountry() {
        Map<AddressPart, String> parts =
                Map.of(AddressPart.STREET, "Musterstraße 7a", AddressPart.POSTCODE, "50667", AddressPart.CITY, "Köln");
        assertThat(AddressLabel.fromAnywhere().lines(parts::get)).containsExactly("Musterstraße 7a", "50667 Köln");
        assertThat(AddressLabel.fromAnywhere().oneLine(parts::get)).isEqualTo("Musterstraße 7a, 50667 Köln");
        assertThatThrownBy(() -> AddressLabel.from("Frence")).hasMessageContaining("no country");
    }
}
