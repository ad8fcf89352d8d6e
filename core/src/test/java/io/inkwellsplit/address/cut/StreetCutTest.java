package io.inkwellsplit.address.cut;

import static org.assertj.core.api.Assertions.assertThat;

import io.inkwellsplit.address.AddressSplitter;
import io.inkwellsplit.reading.AddressPart;
import io.inkwellsplit.reading.Reading;
import java.util.stream.Collectors;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** The finer parts of streets and units. */
class StreetCutTest {
    @ParameterizedTest(name = "{0} {1}")
    @CsvSource(delimiter = '|', quoteCharacter = '`', emptyValue = "", textBlock = """
            12 Main St, Barre, VT 05641 | number=12; street_name=Main; street_type=St
            12B N Main St, Barre, VT 05641 | number=12B; street_predirection=N; street_name=Main; street_type=St
            12½ N Main St NW, Barre, VT 05641 | number=12½; street_predirection=N; street_name=Main; street_type=St; street_postdirection=NW
            12-14 Elm Ave, Barre, VT 05641 | number=12-14; street_name=Elm; street_type=Ave
            1200 Old County Road South, Barre, VT 05641 | number=1200; street_name=Old County; street_type=Road; street_postdirection=South
            5 Highway 12, Barre, VT 05641 | number=5; street_name=12; street_type=Highway
            12 St. James Street, Dunmere, Kent CT5 1AB | number=12; street_name=St. James; street_type=Street
            The Boathouse, Quay Street, Dunmere CT5 1AB | street_name=Quay; street_type=Street
            Hafenstraße 3a, 20457 Hamburg | number=3a; street_name=Hafenstraße
            Am Markt 5, 20457 Hamburg | number=5; street_name=Am Markt
            12 bis rue du Port, 33000 Bordeaux | number=12 bis; street_name=du Port; street_type=rue
            14, avenue de la Gare, 33000 Bordeaux | number=14; street_name=de la Gare; street_type=avenue
            Calle Mayor 3, 28013 Madrid | number=3; street_name=Mayor; street_type=Calle
            Calle Mayor, s/n, 28013 Madrid | number=s/n; street_name=Mayor; street_type=Calle
            Rua Azul nº 12, 01310-100 São Paulo - SP | number=12; street_name=Azul; street_type=Rua
            Via Roma 5/B, 50123 Firenze FI | number=5/B; street_name=Roma; street_type=Via
            Havenstraat 12-H, 1012 AB Amsterdam | number=12-H; street_name=Havenstraat
            Storgatan 5 B, 111 22 Stockholm | number=5 B; street_name=Storgatan
            ul. Długa 5/7, 00-238 Warszawa | number=5; street_name=Długa; street_type=ul.; unit_id=7
            1-2-3 Minato, Tokyo 105-0001, Japan | number=1-2-3; street_name=Minato
            """)
    void cutsTheStreet(String address, String expected) {
        Reading<AddressPart> reading = AddressSplitter.standard().split(address);
        assertThat(reading.parts().stream()
                        .filter(part -> part.key().isFiner())
                        .map(part -> part.key().key() + "=" + part.text())
                        .collect(Collectors.joining("; ")))
                .isEqualTo(expected);
    }
}
