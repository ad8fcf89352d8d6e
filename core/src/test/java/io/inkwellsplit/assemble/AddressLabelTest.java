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

    /** From the largest place to the smallest, where the country writes its own letters so. */
    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            JP | 〒739-0001 広島県広島市中区港町1-2-3 聖歌荘201号       | 〒739-0001;広島県広島市中区港町1-2-3;聖歌荘201号
            US | 〒739-0001 広島県広島市中区港町1-2-3                  | 〒739-0001;広島県広島市中区港町1-2-3;JAPAN
            CN | 广东省深圳市南山区港湾路66号3栋502室 518000            | 518000;广东省深圳市南山区港湾路66号3栋502室
            KR | 부산광역시 해운대구 해안대로 45, 101동 1203호 48094     | 부산광역시 해운대구 해안대로 45, 101동 1203호;48094
            JP | 1-2-3 Ginza, Chuo-ku, Tokyo 104-0061, Japan           | 1-2-3 Ginza;Chuo-ku;Tokyo, 104-0061
            RU | ул. Ленина, 12, Новосибирск, 630091, Россия           | ул. Ленина, 12;Новосибирск 630091
            """)
    void writesLabelsInTheLettersOfTheCountry(String home, String address, String expected) {
        Reading<AddressPart> reading = AddressSplitter.standard().split(address);
        assertThat(AddressLabel.from(home).lines(reading)).containsExactly(expected.split(";"));
        assertThat(AddressLabel.fromAnywhere().lines(reading::text)).startsWith(expected.split(";")[0]);
    }

    @Test
    void theReceiverStandsBehindTheAddressInChineseLetters() {
        Map<AddressPart, String> parts = Map.of(
                AddressPart.RECIPIENT, "林美玲",
                AddressPart.STREET, "和平路66號",
                AddressPart.CITY, "台北市",
                AddressPart.POSTCODE, "114");
        AddressLabel label = AddressLabel.from("TW");
        assertThat(label.lines(parts::get)).containsExactly("114", "台北市和平路66號", "林美玲");
        assertThat(label.oneLine(parts::get)).isEqualTo("114 台北市和平路66號 林美玲");
    }

    @Test
    void aCountryThatOnlyTheReaderKnowsByNameHasItsLabelToo() {
        Reading<AddressPart> reading = AddressSplitter.standard().split("شارع الملك فهد 12، الرياض 11564، السعودية");
        assertThat(AddressLabel.from("SA").lines(reading)).containsExactly("شارع الملك فهد 12", "الرياض 11564");
        assertThat(AddressLabel.from("SA").oneLine(reading::text)).isEqualTo("شارع الملك فهد 12, الرياض 11564");
    }

    static List<String> countries() {
        return AddressSplitter.countries();
    }

    /** A part that a country's label has no place for is not left out. */
    @ParameterizedTest
    @MethodSource("countries")
    void noPartIsLeftOut(String country) {
        Map<AddressPart, String> parts = new EnumMap<>(AddressPart.class);
        Map<AddressPart, String> inOwnLetters = new EnumMap<>(AddressPart.class);
        for (AddressPart part : AddressPart.values()) {
            if (!part.isFiner() && part != AddressPart.COUNTRY) {
                parts.put(part, "<" + part.key() + ">");
                inOwnLetters.put(part, "<港" + part.ordinal() + ">");
            }
        }
        assertThat(AddressLabel.from(country).oneLine(inOwnLetters::get)).contains(inOwnLetters.values());
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
