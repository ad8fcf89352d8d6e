package io.inkwellsplit.address;

import static org.assertj.core.api.Assertions.assertThat;

import io.inkwellsplit.reading.AddressPart;
import io.inkwellsplit.reading.Kind;
import io.inkwellsplit.reading.Reading;
import java.util.Locale;
import java.util.stream.Collectors;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Usual addresses, each read alone: one line an address, with its country and all parts but the finer ones. */
class UsualAddressesTest {
    private static final AddressSplitter SPLITTER = AddressSplitter.standard();

    private static String plain(String text) {
        Reading<AddressPart> reading = SPLITTER.split(text);
        String start = reading.kind() == Kind.BLANK ? "blank" : reading.country();
        return reading.parts().stream()
                .filter(part -> !part.key().isFiner())
                .map(part -> "; " + part.key().key() + "=" + part.text())
                .collect(Collectors.joining("", start, ""));
    }

    @ParameterizedTest
    @CsvSource(delimiter = '~', quoteCharacter = '`', textBlock = """
            445 Industrial Lane, Apt B, Tallow Creek, VT 05641           ~ US; street=445 Industrial Lane; unit=Apt B; city=Tallow Creek; state=VT; postcode=05641
            445 Industrial Lane Apt B Tallow Creek VT 05641              ~ US; street=445 Industrial Lane; unit=Apt B; city=Tallow Creek; state=VT; postcode=05641
            445 INDUSTRIAL LANE APT B, TALLOW CREEK VT 05641-1234        ~ US; street=445 INDUSTRIAL LANE; unit=APT B; city=TALLOW CREEK; state=VT; postcode=05641-1234
            445 Industrial Ln #B, Tallow Creek, Vermont 05641            ~ US; street=445 Industrial Ln; unit=#B; city=Tallow Creek; state=Vermont; postcode=05641
            PO Box 112, Harrow Point, ME 04101                           ~ US; box=PO Box 112; city=Harrow Point; state=ME; postcode=04101
            POB 112, Harrow Point, ME 04101                              ~ US; box=POB 112; city=Harrow Point; state=ME; postcode=04101
            445 Industrial Lane, PO Box 112, Harrow Point, ME 04101      ~ US; street=445 Industrial Lane; box=PO Box 112; city=Harrow Point; state=ME; postcode=04101
            Unit 5, 12 Quay Street, Harrow Point, ME 04101               ~ US; street=12 Quay Street; unit=Unit 5; city=Harrow Point; state=ME; postcode=04101
            12 Quay Street, Suite 300, Harrow Point, ME 04101            ~ US; street=12 Quay Street; unit=Suite 300; city=Harrow Point; state=ME; postcode=04101
            12 Quay St, Fl 3, Harrow Point, ME 04101                     ~ US; street=12 Quay St; unit=Fl 3; city=Harrow Point; state=ME; postcode=04101
            12 Quay St Rear, Harrow Point, ME 04101                      ~ US; street=12 Quay St; unit=Rear; city=Harrow Point; state=ME; postcode=04101
            12 1/2 Quay St, Harrow Point, ME 04101                       ~ US; street=12 1/2 Quay St; city=Harrow Point; state=ME; postcode=04101
            12-14 Quay St, Harrow Point, ME 04101                        ~ US; street=12-14 Quay St; city=Harrow Point; state=ME; postcode=04101
            12A Quay St, Harrow Point, ME 04101                          ~ US; street=12A Quay St; city=Harrow Point; state=ME; postcode=04101
            Harrow Savings Co, 12 Quay St, Harrow Point, ME 04101        ~ US; recipient=Harrow Savings Co; street=12 Quay St; city=Harrow Point; state=ME; postcode=04101
            c/o Ada Thorne, 12 Quay St, Harrow Point, ME 04101           ~ US; care_of=Ada Thorne; street=12 Quay St; city=Harrow Point; state=ME; postcode=04101
            Attn: Ada Thorne, 12 Quay St, Harrow Point, ME 04101         ~ US; recipient=Ada Thorne; street=12 Quay St; city=Harrow Point; state=ME; postcode=04101
            12 Quay St, Harrow Point, ME 04101, USA                      ~ US; street=12 Quay St; city=Harrow Point; state=ME; postcode=04101; country=USA
            12 Quay St, Harrow Point, ME 04101, United States of America ~ US; street=12 Quay St; city=Harrow Point; state=ME; postcode=04101; country=United States of America
            12 Quay St, Harrow Point, Maine, US                          ~ US; street=12 Quay St; city=Harrow Point; state=Maine; country=US
            RR 2 Box 45, Tallow Creek, VT 05641                          ~ US; box=RR 2 Box 45; city=Tallow Creek; state=VT; postcode=05641
            HC 61 Box 12, Tallow Creek, VT 05641                         ~ US; box=HC 61 Box 12; city=Tallow Creek; state=VT; postcode=05641
            PSC 123 Box 456, APO AE 09096                                ~ US; box=PSC 123 Box 456; city=APO; state=AE; postcode=09096
            CMR 415 Box 5, APO AE 09114                                  ~ US; box=CMR 415 Box 5; city=APO; state=AE; postcode=09114
            12 Quay Street, Plymouth PL1 1AA                             ~ GB; street=12 Quay Street; city=Plymouth; postcode=PL1 1AA
            12 Quay Street, Plymouth, Devon, PL1 1AA                     ~ GB; street=12 Quay Street; city=Plymouth; county=Devon; postcode=PL1 1AA
            Flat 4, 12 Quay Street, Plymouth PL1 1AA                     ~ GB; street=12 Quay Street; unit=Flat 4; city=Plymouth; postcode=PL1 1AA
            4 Fore Street, Barbican, Plymouth, PL1 1AA, UK               ~ GB; street=4 Fore Street; locality=Barbican; city=Plymouth; postcode=PL1 1AA; country=UK
            Top Floor Flat, 4 Fore Street, Plymouth PL1 1AA              ~ GB; street=4 Fore Street; unit=Top Floor Flat; city=Plymouth; postcode=PL1 1AA
            Unit 3, Harbour Estate, Fore Street, Plymouth PL1 1AA        ~ GB; building=Harbour Estate; street=Fore Street; unit=Unit 3; city=Plymouth; postcode=PL1 1AA
            Rose Cottage, Fore Street, Plymouth PL1 1AA                  ~ GB; building=Rose Cottage; street=Fore Street; city=Plymouth; postcode=PL1 1AA
            PO Box 12, Plymouth PL1 1AA                                  ~ GB; box=PO Box 12; city=Plymouth; postcode=PL1 1AA
            12 Quay Street, Plymouth, PL11AA                             ~ GB; street=12 Quay Street; city=Plymouth; postcode=PL11AA
            Hafenstraße 3, 20457 Hamburg                                 ~ DE; street=Hafenstraße 3; city=Hamburg; postcode=20457
            Hafenstr. 3a, 20457 Hamburg, Deutschland                     ~ DE; street=Hafenstr. 3a; city=Hamburg; postcode=20457; country=Deutschland
            Hafenstraße 3, D-20457 Hamburg                               ~ DE; street=Hafenstraße 3; city=Hamburg; postcode=D-20457
            Postfach 12 34 56, 20457 Hamburg                             ~ DE; box=Postfach 12 34 56; city=Hamburg; postcode=20457
            12 rue du Port, 29200 Brest                                  ~ FR; street=12 rue du Port; city=Brest; postcode=29200
            12 bis, rue du Port, 29200 BREST, France                     ~ FR; street=12 bis, rue du Port; city=BREST; postcode=29200; country=France
            Bâtiment B, 12 rue du Port, 29200 Brest                      ~ FR; building=Bâtiment B; street=12 rue du Port; city=Brest; postcode=29200
            Via del Porto 12, 16100 Genova GE                            ~ IT; street=Via del Porto 12; city=Genova; state=GE; postcode=16100
            Via del Porto, 12 - 16100 Genova (GE)                        ~ IT; street=Via del Porto, 12; city=Genova; state=GE; postcode=16100
            Havenstraat 12, 3011 AB Rotterdam                            ~ NL; street=Havenstraat 12; city=Rotterdam; postcode=3011 AB
            Havenstraat 12-2, 3011AB Rotterdam, Nederland                ~ NL; street=Havenstraat 12-2; city=Rotterdam; postcode=3011AB; country=Nederland
            12 Harbour Street, Sydney NSW 2000                           ~ AU; street=12 Harbour Street; city=Sydney; state=NSW; postcode=2000
            12 Harbour St, Halifax, NS B3H 1A1                           ~ CA; street=12 Harbour St; city=Halifax; state=NS; postcode=B3H 1A1
            12 Harbour St, Halifax, Nova Scotia, B3H 1A1, Canada         ~ CA; street=12 Harbour St; city=Halifax; state=Nova Scotia; postcode=B3H 1A1; country=Canada
            Hamngatan 12, 111 47 Stockholm                               ~ SE; street=Hamngatan 12; city=Stockholm; postcode=111 47
            Havnegade 12, 3. tv., 1058 København K                       ~ DK; street=Havnegade 12; unit=3. tv.; city=København K; postcode=1058
            ul. Portowa 12 m. 3, 80-001 Gdańsk                           ~ PL; street=ul. Portowa 12; unit=m. 3; city=Gdańsk; postcode=80-001
            Rua do Porto 12, 3.º Esq., 1100-001 Lisboa                   ~ PT; street=Rua do Porto 12; unit=3.º Esq.; city=Lisboa; postcode=1100-001
            Rua do Porto, 12 - Centro, Santos - SP, 11010-000            ~ BR; street=Rua do Porto, 12; locality=Centro; city=Santos; state=SP; postcode=11010-000
            12 Quay St, Harrow Point, ME 04101 tel. 207-555-0142         ~ US; street=12 Quay St; city=Harrow Point; state=ME; postcode=04101; unplaced=tel. 207-555-0142
            12 Quay St, Harrow Point, ME 04101 ada@quayside.example      ~ US; street=12 Quay St; city=Harrow Point; state=ME; postcode=04101; unplaced=ada@quayside.example
            12 Quay St / Harrow Point / ME 04101                         ~ US; street=12 Quay St; city=Harrow Point; state=ME; postcode=04101
            Harrow Point, ME 04101                                       ~ US; city=Harrow Point; state=ME; postcode=04101
            ME 04101                                                     ~ US; state=ME; postcode=04101
            unknown                                                      ~ blank
            """)
    void anAddressIsReadWhole(String text, String parts) {
        assertThat(plain(text)).isEqualTo(parts);
    }

    /** Blanks at the ends and doubled ones, line ends in place of commas, capitals: the same city, state, postcode and country. */
    @ParameterizedTest
    @ValueSource(
            strings = {
                "445 Industrial Lane, Apt B, Tallow Creek, VT 05641",
                "12 Quay Street, Plymouth, PL1 1AA",
                "Hafenstraße 3, 20457 Hamburg, Deutschland",
                "12 rue du Port, 29200 Brest, France",
                "12 Harbour St, Halifax, NS B3H 1A1",
                "Hamngatan 12, 111 47 Stockholm"
            })
    void whatChangesNothingChangesNothing(String text) {
        Reading<AddressPart> plain = SPLITTER.split(text);
        for (String other : new String[] {
            "  " + text + " ",
            text.replace(", ", ",  "),
            text.replace(", ", "\n"),
            text.replace(", ", " ; "),
            text + "."
        }) {
            assertSameEnd(plain, SPLITTER.split(other), false);
        }
        assertSameEnd(plain, SPLITTER.split(text.toUpperCase(Locale.ROOT)), true);
    }

    private static void assertSameEnd(Reading<AddressPart> plain, Reading<AddressPart> other, boolean capitals) {
        assertThat(other.country()).as(other.source()).isEqualTo(plain.country());
        for (AddressPart part :
                new AddressPart[] {AddressPart.CITY, AddressPart.STATE, AddressPart.POSTCODE, AddressPart.COUNTRY}) {
            String wanted = capitals ? plain.text(part).toUpperCase(Locale.ROOT) : plain.text(part);
            assertThat(other.text(part)).as(other.source()).isEqualTo(wanted);
        }
    }
}
