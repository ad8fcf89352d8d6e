package io.inkwellsplit.address.cut;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** State, postcode and country at the end of an address, by country. */
class EndsTest {
    @ParameterizedTest(name = "{0} {1}")
    @CsvSource(delimiter = '|', quoteCharacter = '`', emptyValue = "", textBlock = """
            US | 12 Main St, Barre, VT 05641 | state=VT; postcode=05641
            US | 12 Main St, Barre VT 05641-1234 | state=VT; postcode=05641-1234
            US | 12 Main St, Barre, Vermont | state=Vermont
            US | 12 Main St, Barre, VT 5641 | state=VT; postcode=5641
            US | 12 Main St, Barre, VT, 05641, USA | state=VT; postcode=05641; country=USA
            US | 12 Main St, New York, NY | state=NY
            US | 12 Main St, Washington, DC 20001 | state=DC; postcode=20001
            US | 12 Main St, Barre, V.T. 05641 | postcode=05641
            US | 05641 Barre | ``
            US | 12 Main St, Grass Valley, CO 05641, United States of America | state=CO; postcode=05641; country=United States of America
            GB | 4 Fore St, Plymouth PL1 1AA | postcode=PL1 1AA
            GB | 4 Fore St, Plymouth, PL11AA, UK | postcode=PL11AA; country=UK
            GB | 4 Fore St, Dunmere, Kent CT5 1AB | county=Kent; postcode=CT5 1AB
            CA | 12 Rue Un, Montréal (QC) H2X 1Y4 | state=QC; postcode=H2X 1Y4
            CA | 12 Main St, Toronto ON M5V2T6 Canada | state=ON; postcode=M5V2T6; country=Canada
            AU | 12 Smith St, Carlton VIC 3053 | state=VIC; postcode=3053
            AU | 12 Smith St, Carlton, Victoria, Australia | state=Victoria; country=Australia
            DE | Hafenstraße 3, 20457 Hamburg | postcode=20457
            DE | Hafenstraße 3, D-20457 Hamburg | postcode=D-20457
            DE | Hafenstraße 3, 20457 Hamburg, Deutschland | postcode=20457; country=Deutschland
            DE | Hafenstraße 3, 20457 Hamburg, DE | postcode=20457; country=DE
            FR | 12 rue du Port, 33000 Bordeaux Cedex | postcode=33000
            FR | 12 rue du Port, 33000 Bordeaux, France | postcode=33000; country=France
            ES | Calle Mayor 3, 28013 Madrid (Madrid) | postcode=28013; state=Madrid
            IT | Via Roma 5, 50123 Firenze FI | postcode=50123; state=FI
            IT | Via Roma 5, 50123 Firenze (FI), Italia | postcode=50123; state=FI; country=Italia
            BR | Rua Azul 12, São Paulo - SP, 01310-100 | state=SP; postcode=01310-100
            BR | Rua Azul 12, São Paulo SP CEP 01310-100 | state=SP; announces=CEP; postcode=01310-100
            IN | 5 MG Road, Pune, Maharashtra 411001 | state=Maharashtra; postcode=411001
            IN | 5 MG Road, Pune - 411 001, India | postcode=411 001; country=India
            JP | 1-2-3 Minato, Tokyo 105-0001, Japan | state=Tokyo; postcode=105-0001; country=Japan
            PL | ul. Długa 5, 00-238 Warszawa | postcode=00-238
            NL | Havenstraat 12, 1012 AB Amsterdam | postcode=1012 AB
            NL | Havenstraat 12, NL-1012AB Amsterdam | postcode=NL-1012AB
            SE | Storgatan 5, 111 22 Stockholm | postcode=111 22
            CH | Seestrasse 14, 8002 Zürich ZH | postcode=8002; state=ZH
            SG | 5 Quay Road, Singapore 049123 | postcode=049123
            MX | Calle Luna 5, 06000 Ciudad de México, CDMX | postcode=06000; state=CDMX
            IE | 4 Quay St, Dublin 4, D04 A1B2 | postcode=D04 A1B2
            """)
    void findsTheEnds(String country, String address, String expected) {
        assertThat(Recognised.in(country, address, text -> new Ends().take(text, true)))
                .isEqualTo(expected);
    }
}
