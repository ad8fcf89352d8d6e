package io.inkwellsplit.address;

import static org.assertj.core.api.Assertions.assertThat;

import io.inkwellsplit.Accounted;
import io.inkwellsplit.reading.AddressPart;
import io.inkwellsplit.reading.Kind;
import io.inkwellsplit.reading.Reading;
import java.util.Locale;
import java.util.stream.Collectors;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What people write into a cell of addresses, each read alone: one line a cell, with all that is read in it. */
class AddressCellsTest {
    private static final AddressSplitter SPLITTER = AddressSplitter.standard();

    private static String plain(Reading<AddressPart> reading) {
        String start = reading.kind() == Kind.BLANK ? "blank" : reading.country();
        return start
                + reading.parts().stream()
                        .map(part -> "; " + part.key().key() + "=" + part.text())
                        .collect(Collectors.joining());
    }

    @ParameterizedTest
    @CsvSource(delimiter = '~', quoteCharacter = '`', textBlock = """
            12 Fore Street, Plymouth, PL1 1AA ~ GB; street=12 Fore Street; city=Plymouth; postcode=PL1 1AA; number=12; street_name=Fore; street_type=Street
            12 Fore Street Plymouth PL1 1AA ~ GB; street=12 Fore Street; city=Plymouth; postcode=PL1 1AA; number=12; street_name=Fore; street_type=Street
            12 Fore Street, Plymouth, Devon PL1 1AA, United Kingdom ~ GB; street=12 Fore Street; city=Plymouth; county=Devon; postcode=PL1 1AA; country=United Kingdom; number=12; street_name=Fore; street_type=Street
            Flat 3, 12 Fore Street, Plymouth PL1 1AA ~ GB; street=12 Fore Street; unit=Flat 3; city=Plymouth; postcode=PL1 1AA; number=12; street_name=Fore; street_type=Street; unit_word=Flat; unit_id=3
            3/12 Fore Street, Edinburgh EH1 1AA ~ GB; street=3/12 Fore Street; city=Edinburgh; postcode=EH1 1AA; number=3/12; street_name=Fore; street_type=Street
            Harbour House, 12 Fore Street, Plymouth PL1 1AA ~ GB; building=Harbour House; street=12 Fore Street; city=Plymouth; postcode=PL1 1AA; number=12; street_name=Fore; street_type=Street
            Unit 4, Harbour Trading Estate, Plymouth PL1 1AA ~ GB; building=Harbour Trading Estate; unit=Unit 4; city=Plymouth; postcode=PL1 1AA; unit_word=Unit; unit_id=4
            12a Fore Street, Plymouth, PL1 1AA ~ GB; street=12a Fore Street; city=Plymouth; postcode=PL1 1AA; number=12a; street_name=Fore; street_type=Street
            12-14 Fore Street, Plymouth, PL1 1AA ~ GB; street=12-14 Fore Street; city=Plymouth; postcode=PL1 1AA; number=12-14; street_name=Fore; street_type=Street
            Top Floor Flat, 12 Fore Street, Plymouth PL1 1AA ~ GB; street=12 Fore Street; unit=Top Floor Flat; city=Plymouth; postcode=PL1 1AA; number=12; street_name=Fore; street_type=Street; unit_word=Flat; unit_id=Top Floor
            Ground Floor Flat 4, 12 Fore Street, Plymouth PL1 1AA ~ GB; street=12 Fore Street; unit=Ground Floor Flat 4; city=Plymouth; postcode=PL1 1AA; number=12; street_name=Fore; street_type=Street; unit_id=Ground Floor Flat 4
            PO Box 41, Plymouth PL1 1AA ~ GB; box=PO Box 41; city=Plymouth; postcode=PL1 1AA
            P.O. Box 41, Plymouth PL1 1AA ~ GB; box=P.O. Box 41; city=Plymouth; postcode=PL1 1AA
            Rose Cottage, Upper Lane, Totnes TQ9 5AA ~ GB; building=Rose Cottage; street=Upper Lane; city=Totnes; postcode=TQ9 5AA; street_name=Upper; street_type=Lane
            c/o Harrow Ltd, 12 Fore Street, Plymouth PL1 1AA ~ GB; care_of=Harrow Ltd; street=12 Fore Street; city=Plymouth; postcode=PL1 1AA; number=12; street_name=Fore; street_type=Street
            Ada Thorne, 12 Fore Street, Plymouth PL1 1AA ~ GB; recipient=Ada Thorne; street=12 Fore Street; city=Plymouth; postcode=PL1 1AA; number=12; street_name=Fore; street_type=Street
            Ada Thorne, Rose Cottage, Upper Lane, Totnes TQ9 5AA ~ GB; recipient=Ada Thorne; building=Rose Cottage; street=Upper Lane; city=Totnes; postcode=TQ9 5AA; street_name=Upper; street_type=Lane
            Harrow Ltd, 12 Fore Street, Plymouth PL1 1AA ~ GB; recipient=Harrow Ltd; street=12 Fore Street; city=Plymouth; postcode=PL1 1AA; number=12; street_name=Fore; street_type=Street
            12 Fore Street, Stonehouse, Plymouth, PL1 1AA ~ GB; street=12 Fore Street; locality=Stonehouse; city=Plymouth; postcode=PL1 1AA; number=12; street_name=Fore; street_type=Street
            120 Main St, Montpelier, VT 05602 ~ US; street=120 Main St; city=Montpelier; state=VT; postcode=05602; number=120; street_name=Main; street_type=St
            120 Main St Montpelier VT 05602 ~ US; street=120 Main St; city=Montpelier; state=VT; postcode=05602; number=120; street_name=Main; street_type=St
            120 Main Street, Montpelier, Vermont 05602 ~ US; street=120 Main Street; city=Montpelier; state=Vermont; postcode=05602; number=120; street_name=Main; street_type=Street
            120 Main St, Apt 4B, Montpelier, VT 05602-1234 ~ US; street=120 Main St; unit=Apt 4B; city=Montpelier; state=VT; postcode=05602-1234; number=120; street_name=Main; street_type=St; unit_word=Apt; unit_id=4B
            120 Main St #4B, Montpelier VT 05602 ~ US; street=120 Main St; unit=#4B; city=Montpelier; state=VT; postcode=05602; number=120; street_name=Main; street_type=St; unit_id=4B
            120 N Main St Ste 200, Montpelier, VT 05602 ~ US; street=120 N Main St; unit=Ste 200; city=Montpelier; state=VT; postcode=05602; number=120; street_predirection=N; street_name=Main; street_type=St; unit_word=Ste; unit_id=200
            120 Main St NW, Washington, DC 20001 ~ US; street=120 Main St NW; city=Washington; state=DC; postcode=20001; number=120; street_name=Main; street_type=St; street_postdirection=NW
            120 1/2 Main St, Montpelier, VT 05602 ~ US; street=120 1/2 Main St; city=Montpelier; state=VT; postcode=05602; number=120 1/2; street_name=Main; street_type=St
            120-A Main St, Montpelier, VT 05602 ~ US; street=120-A Main St; city=Montpelier; state=VT; postcode=05602; number=120-A; street_name=Main; street_type=St
            PO Box 120, Montpelier, VT 05602 ~ US; box=PO Box 120; city=Montpelier; state=VT; postcode=05602
            P O BOX 120 MONTPELIER VT 05602 ~ US; box=P O BOX 120; city=MONTPELIER; state=VT; postcode=05602
            RR 2 Box 120, Montpelier, VT 05602 ~ US; box=RR 2 Box 120; city=Montpelier; state=VT; postcode=05602
            HC 1 Box 120, Montpelier, VT 05602 ~ US; box=HC 1 Box 120; city=Montpelier; state=VT; postcode=05602
            PSC 1234 Box 12, APO AE 09204 ~ US; box=PSC 1234 Box 12; city=APO; state=AE; postcode=09204
            120 County Road 12, Montpelier, VT 05602 ~ US; street=120 County Road 12; city=Montpelier; state=VT; postcode=05602; number=120; street_name=12; street_type=County Road
            120 Highway 7 South, Montpelier, VT 05602 ~ US; street=120 Highway 7 South; city=Montpelier; state=VT; postcode=05602; number=120; street_name=7; street_type=Highway; street_postdirection=South
            120 US-2, Montpelier, VT 05602 ~ US; street=120 US-2; city=Montpelier; state=VT; postcode=05602; number=120; street_name=US-2
            Main St & State St, Montpelier, VT ~ US; street=Main St & State St; city=Montpelier; state=VT; street_name=Main St & State; street_type=St
            120 Main St, Floor 3, Montpelier, VT 05602 ~ US; street=120 Main St; unit=Floor 3; city=Montpelier; state=VT; postcode=05602; number=120; street_name=Main; street_type=St; unit_word=Floor; unit_id=3
            120 Main St, 3rd Floor, Montpelier, VT 05602 ~ US; street=120 Main St; unit=3rd Floor; city=Montpelier; state=VT; postcode=05602; number=120; street_name=Main; street_type=St; unit_word=Floor; unit_id=3rd
            120 Main St, Rear, Montpelier, VT 05602 ~ US; street=120 Main St; unit=Rear; city=Montpelier; state=VT; postcode=05602; number=120; street_name=Main; street_type=St; unit_word=Rear
            120 Main St Bsmt, Montpelier, VT 05602 ~ US; street=120 Main St; unit=Bsmt; city=Montpelier; state=VT; postcode=05602; number=120; street_name=Main; street_type=St; unit_word=Bsmt
            120 Main St, Montpelier, VT 05602, USA ~ US; street=120 Main St; city=Montpelier; state=VT; postcode=05602; country=USA; number=120; street_name=Main; street_type=St
            120 Main St, Montpelier, VT 05602, United States of America ~ US; street=120 Main St; city=Montpelier; state=VT; postcode=05602; country=United States of America; number=120; street_name=Main; street_type=St
            120 Main St, Montpelier VT ~ US; street=120 Main St; city=Montpelier; state=VT; number=120; street_name=Main; street_type=St
            Montpelier, VT 05602 ~ US; city=Montpelier; state=VT; postcode=05602
            120 Main St, St. Albans, VT 05478 ~ US; street=120 Main St; city=St. Albans; state=VT; postcode=05478; number=120; street_name=Main; street_type=St
            120 St. Albans St, Montpelier, VT 05602 ~ US; street=120 St. Albans St; city=Montpelier; state=VT; postcode=05602; number=120; street_name=St. Albans; street_type=St
            120 Avenue A, New York, NY 10009 ~ US; street=120 Avenue A; city=New York; state=NY; postcode=10009; number=120; street_name=Avenue A
            120 Broadway, New York, NY 10271 ~ US; street=120 Broadway; city=New York; state=NY; postcode=10271; number=120; street_name=Broadway
            120 Martin Luther King Jr Blvd, Boston, MA 02110 ~ US; street=120 Martin Luther King Jr Blvd; city=Boston; state=MA; postcode=02110; number=120; street_name=Martin Luther King Jr; street_type=Blvd
            Musterstraße 12, 10115 Berlin ~ DE; street=Musterstraße 12; city=Berlin; postcode=10115; number=12; street_name=Musterstraße
            Musterstr. 12, 10115 Berlin, Deutschland ~ DE; street=Musterstr. 12; city=Berlin; postcode=10115; country=Deutschland; number=12; street_name=Musterstr.
            Musterstraße 12 a, D-10115 Berlin ~ DE; street=Musterstraße 12 a; city=Berlin; postcode=D-10115; number=12 a; street_name=Musterstraße
            Ada Thorne, Musterstraße 12, 10115 Berlin, Germany ~ DE; recipient=Ada Thorne; street=Musterstraße 12; city=Berlin; postcode=10115; country=Germany; number=12; street_name=Musterstraße
            Musterstraße 12, 3. OG, 10115 Berlin ~ DE; street=Musterstraße 12; unit=3. OG; city=Berlin; postcode=10115; number=12; street_name=Musterstraße; unit_word=OG; unit_id=3.
            Postfach 12 34, 10115 Berlin ~ DE; box=Postfach 12 34; city=Berlin; postcode=10115
            Am Hafen 7, 20457 Hamburg ~ DE; street=Am Hafen 7; city=Hamburg; postcode=20457; number=7; street_name=Am Hafen
            Hauptstraße 5, 1010 Wien, Österreich ~ AT; street=Hauptstraße 5; city=Wien; postcode=1010; country=Österreich; number=5; street_name=Hauptstraße
            Hauptstraße 5/3/12, 1010 Wien, Austria ~ AT; street=Hauptstraße 5; unit=3/12; city=Wien; postcode=1010; country=Austria; number=5; street_name=Hauptstraße; unit_id=3/12
            Bahnhofstrasse 5, 8001 Zürich ~ CH; street=Bahnhofstrasse 5; city=Zürich; postcode=8001; number=5; street_name=Bahnhofstrasse
            Bahnhofstrasse 5, CH-8001 Zürich, Schweiz ~ CH; street=Bahnhofstrasse 5; city=Zürich; postcode=CH-8001; country=Schweiz; number=5; street_name=Bahnhofstrasse
            12 rue du Port, 75001 Paris ~ FR; street=12 rue du Port; city=Paris; postcode=75001; number=12; street_name=du Port; street_type=rue
            12 bis rue du Port, 75001 Paris, France ~ FR; street=12 bis rue du Port; city=Paris; postcode=75001; country=France; number=12 bis; street_name=du Port; street_type=rue
            12, rue du Port, F-75001 Paris ~ FR; street=12, rue du Port; city=Paris; postcode=F-75001; number=12; street_name=du Port; street_type=rue
            Bâtiment B, 12 rue du Port, 69001 Lyon ~ FR; building=Bâtiment B; street=12 rue du Port; city=Lyon; postcode=69001; number=12; street_name=du Port; street_type=rue
            BP 12, 75001 Paris Cedex 01 ~ FR; box=BP 12; city=Paris Cedex 01; postcode=75001
            12 rue du Port, 75008 PARIS CEDEX 08 ~ FR; street=12 rue du Port; city=PARIS CEDEX 08; postcode=75008; number=12; street_name=du Port; street_type=rue
            Rue du Port 12, 1000 Bruxelles, Belgique ~ BE; street=Rue du Port 12; city=Bruxelles; postcode=1000; country=Belgique; number=12; street_name=du Port; street_type=Rue
            Havenstraat 12, 1000 Brussel ~ BE; street=Havenstraat 12; city=Brussel; postcode=1000; number=12; street_name=Havenstraat
            Havenstraat 12 bus 3, 2000 Antwerpen ~ BE; street=Havenstraat 12; unit=bus 3; city=Antwerpen; postcode=2000; number=12; street_name=Havenstraat; unit_word=bus; unit_id=3
            Havenstraat 12, 1011 AB Amsterdam ~ NL; street=Havenstraat 12; city=Amsterdam; postcode=1011 AB; number=12; street_name=Havenstraat
            Havenstraat 12-III, 1011AB Amsterdam, Nederland ~ NL; street=Havenstraat 12-III; city=Amsterdam; postcode=1011AB; country=Nederland; number=12-III; street_name=Havenstraat
            Via del Porto 12, 00100 Roma RM ~ IT; street=Via del Porto 12; city=Roma; state=RM; postcode=00100; number=12; street_name=del Porto; street_type=Via
            Via del Porto, 12 - 20121 Milano (MI) ~ IT; street=Via del Porto, 12; city=Milano; state=MI; postcode=20121; number=12; street_name=del Porto; street_type=Via
            Via del Porto 12, 20121 Milano MI, Italia ~ IT; street=Via del Porto 12; city=Milano; state=MI; postcode=20121; country=Italia; number=12; street_name=del Porto; street_type=Via
            Calle del Puerto 12, 28001 Madrid ~ ES; street=Calle del Puerto 12; city=Madrid; postcode=28001; number=12; street_name=del Puerto; street_type=Calle
            C/ del Puerto, 12, 3º B, 28001 Madrid, España ~ ES; street=C/ del Puerto, 12; unit=3º B; city=Madrid; postcode=28001; country=España; number=12; street_name=del Puerto; street_type=C/; unit_id=3º B
            Avda. del Puerto 12, 46001 Valencia (Valencia) ~ ES; street=Avda. del Puerto 12; city=Valencia; state=Valencia; postcode=46001; number=12; street_name=del Puerto; street_type=Avda.
            Rua do Porto 12, 1100-001 Lisboa ~ PT; street=Rua do Porto 12; city=Lisboa; postcode=1100-001; number=12; street_name=do Porto; street_type=Rua
            Rua do Porto, 12, 2.º Esq., 1100-001 Lisboa, Portugal ~ PT; street=Rua do Porto, 12; unit=2.º Esq.; city=Lisboa; postcode=1100-001; country=Portugal; number=12; street_name=do Porto; street_type=Rua; unit_word=Esq.; unit_id=2.º
            Rua do Porto, 120 - Centro, Rio de Janeiro - RJ, 20010-000 ~ BR; street=Rua do Porto, 120; locality=Centro; city=Rio de Janeiro; state=RJ; postcode=20010-000; number=120; street_name=do Porto; street_type=Rua
            Rua do Porto, 120, apto 41, São Paulo - SP, 01310-000, Brasil ~ BR; street=Rua do Porto, 120; unit=apto 41; city=São Paulo; state=SP; postcode=01310-000; country=Brasil; number=120; street_name=do Porto; street_type=Rua; unit_word=apto; unit_id=41
            Storgatan 12, 111 22 Stockholm ~ SE; street=Storgatan 12; city=Stockholm; postcode=111 22; number=12; street_name=Storgatan
            Storgatan 12, 3 tr, 111 22 Stockholm, Sverige ~ SE; street=Storgatan 12; unit=3 tr; city=Stockholm; postcode=111 22; country=Sverige; number=12; street_name=Storgatan; unit_word=tr; unit_id=3
            Storgata 12, 0150 Oslo, Norge ~ NO; street=Storgata 12; city=Oslo; postcode=0150; country=Norge; number=12; street_name=Storgata
            Havnegade 12, 1058 København K ~ DK; street=Havnegade 12; city=København K; postcode=1058; number=12; street_name=Havnegade
            Havnegade 12, 2. tv, 1058 København K, Danmark ~ DK; street=Havnegade 12; unit=2. tv; city=København K; postcode=1058; country=Danmark; number=12; street_name=Havnegade; unit_word=tv; unit_id=2.
            Satamakatu 12 A 3, 00100 Helsinki ~ FI; street=Satamakatu 12; unit=A 3; city=Helsinki; postcode=00100; number=12; street_name=Satamakatu; unit_id=A 3
            ul. Portowa 12, 00-001 Warszawa ~ PL; street=ul. Portowa 12; city=Warszawa; postcode=00-001; number=12; street_name=Portowa; street_type=ul.
            ul. Portowa 12/34, 00-001 Warszawa, Polska ~ PL; street=ul. Portowa 12; unit=34; city=Warszawa; postcode=00-001; country=Polska; number=12; street_name=Portowa; street_type=ul.; unit_id=34
            Přístavní 12, 110 00 Praha 1 ~ CZ; street=Přístavní 12; city=Praha 1; postcode=110 00; number=12; street_name=Přístavní
            Kikötő utca 12, 1011 Budapest ~ HU; street=Kikötő utca 12; city=Budapest; postcode=1011; number=12; street_name=Kikötő; street_type=utca
            Str. Portului nr. 12, București 010101 ~ RO; street=Str. Portului nr. 12; city=București; postcode=010101; number=12; street_name=Portului; street_type=Str.
            Limani Cad. No: 12, 34000 İstanbul ~ TR; street=Limani Cad. No: 12; city=İstanbul; postcode=34000; number=12; street_name=Limani; street_type=Cad.
            Liman Caddesi No:12 D:3, 34710 Kadıköy/İstanbul, Türkiye ~ TR; street=Liman Caddesi No:12; unit=D:3; locality=Kadıköy; city=İstanbul; postcode=34710; country=Türkiye; number=12; street_name=Liman; street_type=Caddesi; unit_word=D; unit_id=3
            Οδός Λιμένος 12, 105 57 Αθήνα ~ GR; street=Οδός Λιμένος 12; city=Αθήνα; postcode=105 57; number=12; street_name=Λιμένος; street_type=Οδός
            12 Harbour St, Sydney NSW 2000 ~ AU; street=12 Harbour St; city=Sydney; state=NSW; postcode=2000; number=12; street_name=Harbour; street_type=St
            12 Harbour Street, SYDNEY NSW 2000, AUSTRALIA ~ AU; street=12 Harbour Street; city=SYDNEY; state=NSW; postcode=2000; country=AUSTRALIA; number=12; street_name=Harbour; street_type=Street
            GPO Box 12, Sydney NSW 2001 ~ AU; box=GPO Box 12; city=Sydney; state=NSW; postcode=2001
            12 Harbour Street, Ponsonby, Auckland 1011 ~ NZ; street=12 Harbour Street; locality=Ponsonby; city=Auckland; postcode=1011; number=12; street_name=Harbour; street_type=Street
            12 Harbour St, Toronto, ON M5V 1A1 ~ CA; street=12 Harbour St; city=Toronto; state=ON; postcode=M5V 1A1; number=12; street_name=Harbour; street_type=St
            12 Harbour St, Unit 3, Toronto ON M5V1A1, Canada ~ CA; street=12 Harbour St; unit=Unit 3; city=Toronto; state=ON; postcode=M5V1A1; country=Canada; number=12; street_name=Harbour; street_type=St; unit_word=Unit; unit_id=3
            12 Harbour Street, Dublin 2, D02 X285 ~ IE; street=12 Harbour Street; city=Dublin 2; postcode=D02 X285; number=12; street_name=Harbour; street_type=Street
            12 Harbour Street, Galway, Co. Galway, Ireland ~ IE; street=12 Harbour Street; city=Galway; county=Co. Galway; country=Ireland; number=12; street_name=Harbour; street_type=Street
            1-2-3 Minato, Minato-ku, Tokyo 105-0001, Japan ~ JP; street=1-2-3 Minato; locality=Minato-ku; city=Tokyo; postcode=105-0001; country=Japan; number=1-2-3; street_name=Minato
            12 Harbour Road, Mumbai 400001, India ~ IN; street=12 Harbour Road; city=Mumbai; postcode=400001; country=India; number=12; street_name=Harbour; street_type=Road
            12, Harbour Road, Fort, Mumbai - 400001, Maharashtra ~ IN; street=12, Harbour Road; locality=Fort; city=Mumbai; state=Maharashtra; postcode=400001; number=12; street_name=Harbour; street_type=Road
            Flat 12B, 5/F, Harbour Building, 12 Harbour Road, Wan Chai, Hong Kong ~ HK; building=Harbour Building; street=12 Harbour Road; unit=Flat 12B, 5/F; city=Wan Chai; country=Hong Kong; number=12; street_name=Harbour; street_type=Road; unit_word=Flat; unit_id=12B, 5/F
            12 Harbour Road, Beijing 100000, China ~ CN; street=12 Harbour Road; city=Beijing; postcode=100000; country=China; number=12; street_name=Harbour; street_type=Road
            No. 12, Gangkou Rd, Zhongzheng Dist., Taipei City 100, Taiwan (R.O.C.) ~ TW; street=No. 12, Gangkou Rd; locality=Zhongzheng Dist.; city=Taipei City; postcode=100; country=Taiwan (R.O.C.); number=12; street_name=Gangkou; street_type=Rd
            Calle del Puerto 120, Col. Centro, 06000 Ciudad de México, CDMX, México ~ MX; street=Calle del Puerto 120; locality=Col. Centro; city=Ciudad de México; state=CDMX; postcode=06000; country=México; number=120; street_name=del Puerto; street_type=Calle
            Calle del Puerto 120, C1001AAA Buenos Aires, Argentina ~ AR; street=Calle del Puerto 120; city=Buenos Aires; postcode=C1001AAA; country=Argentina; number=120; street_name=del Puerto; street_type=Calle
            Av. del Puerto 120, Of. 3, Santiago, Chile ~ CL; street=Av. del Puerto 120; unit=Of. 3; city=Santiago; country=Chile; number=120; street_name=del Puerto; street_type=Av.; unit_word=Of.; unit_id=3
            12 Harbour Street, Cape Town, 8001, South Africa ~ ZA; street=12 Harbour Street; city=Cape Town; postcode=8001; country=South Africa; number=12; street_name=Harbour; street_type=Street
            ul. Portovaya 12, Moscow 101000, Russia ~ RU; street=ul. Portovaya 12; city=Moscow; postcode=101000; country=Russia; number=12; street_name=Portovaya; street_type=ul.
            Rehov HaNamal 12, Tel Aviv 6100000, Israel ~ IL; street=Rehov HaNamal 12; city=Tel Aviv; postcode=6100000; country=Israel; number=12; street_name=Rehov HaNamal
            12 Jalan Pelabuhan, 50000 Kuala Lumpur, Malaysia ~ MY; street=12 Jalan Pelabuhan; city=Kuala Lumpur; postcode=50000; country=Malaysia; number=12; street_name=Pelabuhan; street_type=Jalan
            12 Harbour-ro, Jung-gu, Seoul 04500, Korea ~ KR; street=12 Harbour-ro; locality=Jung-gu; city=Seoul; postcode=04500; country=Korea; number=12; street_name=Harbour-ro
            n/a ~ blank
            unknown ~ blank
            TBC ~ blank
            same as above ~ blank
            12 Fore Street, Plymouth PL1 1AA (rear entrance) ~ GB; street=12 Fore Street; city=Plymouth; postcode=PL1 1AA; number=12; street_name=Fore; street_type=Street; unplaced=rear entrance
            12 Fore Street, Plymouth PL1 1AA; mail only ~ GB; street=12 Fore Street; city=Plymouth; postcode=PL1 1AA; number=12; street_name=Fore; street_type=Street; unplaced=mail only
            12 Fore Street, Plymouth PL1 1AA, 01752 555 0142 ~ GB; street=12 Fore Street; city=Plymouth; postcode=PL1 1AA; number=12; street_name=Fore; street_type=Street; unplaced=01752 555 0142
            12 Fore Street, Plymouth PL1 1AA, ada@quayside.example ~ GB; street=12 Fore Street; city=Plymouth; postcode=PL1 1AA; number=12; street_name=Fore; street_type=Street; unplaced=ada@quayside.example
            12 Fore Street | Plymouth | PL1 1AA ~ GB; street=12 Fore Street; city=Plymouth; postcode=PL1 1AA; number=12; street_name=Fore; street_type=Street
            12 FORE STREET PLYMOUTH PL11AA ~ GB; street=12 FORE STREET; city=PLYMOUTH; postcode=PL11AA; number=12; street_name=FORE; street_type=STREET
            12 fore street plymouth pl1 1aa ~ GB; street=12 fore street; city=plymouth; postcode=pl1 1aa; number=12; street_name=fore; street_type=street
            120 main st montpelier vt 05602 ~ US; street=120 main st; city=montpelier; state=vt; postcode=05602; number=120; street_name=main; street_type=st
            120 MAIN ST MONTPELIER VT 05602 USA ~ US; street=120 MAIN ST; city=MONTPELIER; state=VT; postcode=05602; country=USA; number=120; street_name=MAIN; street_type=ST
            120 Main St., Montpelier, Vt. 05602 ~ US; street=120 Main St.; city=Montpelier; state=Vt.; postcode=05602; number=120; street_name=Main; street_type=St.
            120 Main St; Montpelier; VT; 05602 ~ US; street=120 Main St; city=Montpelier; state=VT; postcode=05602; number=120; street_name=Main; street_type=St
            120 Main St - Montpelier - VT - 05602 ~ US; street=120 Main St; city=Montpelier; state=VT; postcode=05602; number=120; street_name=Main; street_type=St
            120 Main St,Montpelier,VT,05602 ~ US; street=120 Main St; city=Montpelier; state=VT; postcode=05602; number=120; street_name=Main; street_type=St
            120 Main St, Montpelier, VT, 05602, US ~ US; street=120 Main St; city=Montpelier; state=VT; postcode=05602; country=US; number=120; street_name=Main; street_type=St
            120 Main St, Montpelier 05602 ~ US; street=120 Main St; city=Montpelier; postcode=05602; number=120; street_name=Main; street_type=St
            Germany, 10115 Berlin, Musterstraße 12 ~ DE; street=Musterstraße 12; city=Berlin; postcode=10115; country=Germany; number=12; street_name=Musterstraße
            Lot 12, 120 Main St, Montpelier VT 05602 ~ US; street=120 Main St; unit=Lot 12; city=Montpelier; state=VT; postcode=05602; number=120; street_name=Main; street_type=St; unit_word=Lot; unit_id=12
            Bldg 4 Apt 12, 120 Main St, Montpelier VT 05602 ~ US; building=Bldg 4; street=120 Main St; unit=Apt 12; city=Montpelier; state=VT; postcode=05602; number=120; street_name=Main; street_type=St; unit_word=Apt; unit_id=12
            120 Main St Bldg 4 Apt 12 Montpelier VT 05602 ~ US; building=Bldg 4; street=120 Main St; unit=Apt 12; city=Montpelier; state=VT; postcode=05602; number=120; street_name=Main; street_type=St; unit_word=Apt; unit_id=12
            120 Main St, Trlr 12, Montpelier VT 05602 ~ US; street=120 Main St; unit=Trlr 12; city=Montpelier; state=VT; postcode=05602; number=120; street_name=Main; street_type=St; unit_word=Trlr; unit_id=12
            Attn: Box Office, 120 Main St, Montpelier, VT 05602 ~ US; recipient=Box Office; street=120 Main St; city=Montpelier; state=VT; postcode=05602; number=120; street_name=Main; street_type=St
            Harrow Ltd, Attn: Ada Thorne, 120 Main St, Montpelier, VT 05602 ~ US; recipient=Harrow Ltd Ada Thorne; street=120 Main St; city=Montpelier; state=VT; postcode=05602; number=120; street_name=Main; street_type=St
            Dept. of Music, Harbour University, 120 Main St, Montpelier, VT 05602 ~ US; recipient=Dept. of Music; building=Harbour University; street=120 Main St; city=Montpelier; state=VT; postcode=05602; number=120; street_name=Main; street_type=St
            120 E 42nd St, New York, NY 10017 ~ US; street=120 E 42nd St; city=New York; state=NY; postcode=10017; number=120; street_predirection=E; street_name=42nd; street_type=St
            120 Old County Rd W, Montpelier, VT 05602 ~ US; street=120 Old County Rd W; city=Montpelier; state=VT; postcode=05602; number=120; street_name=Old County; street_type=Rd; street_postdirection=W
            120 Route 100, Stowe, VT 05672 ~ US; street=120 Route 100; city=Stowe; state=VT; postcode=05672; number=120; street_name=100; street_type=Route
            120 VT Route 100, Stowe, VT 05672 ~ US; street=120 VT Route 100; city=Stowe; state=VT; postcode=05672; number=120; street_name=VT Route 100
            120 State Route 9A, Montpelier VT 05602 ~ US; street=120 State Route 9A; city=Montpelier; state=VT; postcode=05602; number=120; street_name=9A; street_type=State Route
            120 Calle Sol, San Juan, PR 00901 ~ US; street=120 Calle Sol; city=San Juan; state=PR; postcode=00901; number=120; street_name=Calle Sol
            Urb. Las Flores, 120 Calle Sol, San Juan PR 00926 ~ US; street=120 Calle Sol; locality=Urb. Las Flores; city=San Juan; state=PR; postcode=00926; number=120; street_name=Calle Sol
            120 Main St, Montpelier, V.T. 05602 ~ US; street=120 Main St; city=Montpelier; state=V.T.; postcode=05602; number=120; street_name=Main; street_type=St
            12 Fore Street, Plymouth PL1 1AA, 01752 5550142 ~ GB; street=12 Fore Street; city=Plymouth; postcode=PL1 1AA; number=12; street_name=Fore; street_type=Street; unplaced=01752 5550142
            12 Fore Street, Plymouth PL1 1AA, Tel: 01752 555 0142 ~ GB; street=12 Fore Street; city=Plymouth; postcode=PL1 1AA; number=12; street_name=Fore; street_type=Street; unplaced=Tel: 01752 555 0142
            12 Fore Street, Plymouth PL1 1AA, +44 1752 555 0142 ~ GB; street=12 Fore Street; city=Plymouth; postcode=PL1 1AA; number=12; street_name=Fore; street_type=Street; unplaced=+44 1752 555 0142
            12 Fore Street, Plymouth PL1 1AA 01752 555 0142 ~ GB; street=12 Fore Street; city=Plymouth; postcode=PL1 1AA; number=12; street_name=Fore; street_type=Street; unplaced=01752 555 0142
            120 Main St, Montpelier, VT 05602, 802-555-0142 ~ US; street=120 Main St; city=Montpelier; state=VT; postcode=05602; number=120; street_name=Main; street_type=St; unplaced=802-555-0142
            120 Main St, Montpelier, VT 05602 (802) 555-0142 ~ US; street=120 Main St; city=Montpelier; state=VT; postcode=05602; number=120; street_name=Main; street_type=St; unplaced=(802) 555-0142
            120 Main St, Montpelier, VT 05602, 802.555.0142 ~ US; street=120 Main St; city=Montpelier; state=VT; postcode=05602; number=120; street_name=Main; street_type=St; unplaced=802.555.0142
            120 Main St, Montpelier, VT 05602, 802 555 0142 ~ US; street=120 Main St; city=Montpelier; state=VT; postcode=05602; number=120; street_name=Main; street_type=St; unplaced=802 555 0142
            120 Main St, Montpelier, VT 05602, Phone 802 555 0142 ~ US; street=120 Main St; city=Montpelier; state=VT; postcode=05602; number=120; street_name=Main; street_type=St; unplaced=Phone 802 555 0142
            802-555-0142, 120 Main St, Montpelier, VT 05602 ~ US; street=120 Main St; unit=802-555-0142; city=Montpelier; state=VT; postcode=05602; number=120; street_name=Main; street_type=St; unit_id=802-555-0142
            Musterstraße 12, 10115 Berlin, Tel. 030 1234567 ~ DE; street=Musterstraße 12; city=Berlin; postcode=10115; number=12; street_name=Musterstraße; unplaced=Tel. 030 1234567
            Musterstraße 12, 10115 Berlin, 030 1234567 ~ DE; street=Musterstraße 12; city=Berlin; postcode=10115; number=12; street_name=Musterstraße; unplaced=030 1234567
            Musterstraße 12, 10115 Berlin, +49 30 1234567 ~ DE; street=Musterstraße 12; city=Berlin; postcode=10115; number=12; street_name=Musterstraße; unplaced=+49 30 1234567
            12 rue du Port, 75001 Paris, 01 42 68 53 00 ~ FR; street=12 rue du Port; city=Paris; postcode=75001; number=12; street_name=du Port; street_type=rue; unplaced=01 42 68 53 00
            12 rue du Port, 75001 Paris, tél. 01 42 68 53 00 ~ FR; street=12 rue du Port; city=Paris; postcode=75001; number=12; street_name=du Port; street_type=rue; unplaced=tél. 01 42 68 53 00
            Via del Porto 12, 20121 Milano MI, 02 1234567 ~ IT; street=Via del Porto 12; city=Milano; state=MI; postcode=20121; number=12; street_name=del Porto; street_type=Via; unplaced=02 1234567
            Rua do Porto, 120, Rio de Janeiro - RJ, 20010-000, (21) 2555-0142 ~ BR; street=Rua do Porto, 120; city=Rio de Janeiro; state=RJ; postcode=20010-000; number=120; street_name=do Porto; street_type=Rua; unplaced=(21) 2555-0142
            12 Harbour Road, Mumbai 400001, +91 22 5550 0142 ~ IN; street=12 Harbour Road; city=Mumbai; postcode=400001; number=12; street_name=Harbour; street_type=Road; unplaced=+91 22 5550 0142
            12 Harbour St, Sydney NSW 2000, (02) 5550 0142 ~ AU; street=12 Harbour St; city=Sydney; state=NSW; postcode=2000; number=12; street_name=Harbour; street_type=St; unplaced=(02) 5550 0142
            12 Harbour St, Sydney NSW 2000, 0491 570 156 ~ AU; street=12 Harbour St; city=Sydney; state=NSW; postcode=2000; number=12; street_name=Harbour; street_type=St; unplaced=0491 570 156
            Ada Thorne, 12 Fore Street, Plymouth PL1 1AA, 01752 555 0142 ~ GB; recipient=Ada Thorne; street=12 Fore Street; city=Plymouth; postcode=PL1 1AA; number=12; street_name=Fore; street_type=Street; unplaced=01752 555 0142
            120 Main St, Montpelier, VT 05602; fax 802-555-0142 ~ US; street=120 Main St; city=Montpelier; state=VT; postcode=05602; number=120; street_name=Main; street_type=St; unplaced=fax 802-555-0142
            12 Main St, Barre VT 05641 c/o Tom Brandt ~ US; care_of=Tom Brandt; street=12 Main St; city=Barre; state=VT; postcode=05641; number=12; street_name=Main; street_type=St
            12 Main St, Barre VT 05641 in care of Tom Brandt ~ US; care_of=Tom Brandt; street=12 Main St; city=Barre; state=VT; postcode=05641; number=12; street_name=Main; street_type=St
            12 Main St, Barre VT 05641 c/o Tom Brandt, 802-555-0142 ~ US; care_of=Tom Brandt; street=12 Main St; city=Barre; state=VT; postcode=05641; number=12; street_name=Main; street_type=St; unplaced=802-555-0142
            12 Main St, Barre VT 05641, ring bell, ada@quay.example ~ US; street=12 Main St; city=Barre; state=VT; postcode=05641; number=12; street_name=Main; street_type=St; unplaced=ring bell ada@quay.example
            12 Main St, Barre VT 05641 (mail only) (802) 555-0142 ~ US; street=12 Main St; city=Barre; state=VT; postcode=05641; number=12; street_name=Main; street_type=St; unplaced=(mail only) (802) 555-0142
            12 Main St, Barre VT 05641 - leave at door ~ US; street=12 Main St; city=Barre; state=VT; postcode=05641; number=12; street_name=Main; street_type=St; unplaced=leave at door
            Liman Cad. 12, Kadıköy / İstanbul ~ TR; street=Liman Cad. 12; locality=Kadıköy; city=İstanbul; number=12; street_name=Liman; street_type=Cad.
            Quai 12, 1700 Fribourg / Freiburg, CH ~ CH; street=Quai 12; city=Fribourg; state=Freiburg; postcode=1700; country=CH; number=12; street_name=Quai
            12 Quay St / Barre / VT / 05641 ~ US; street=12 Quay St; city=Barre; state=VT; postcode=05641; number=12; street_name=Quay; street_type=St
            Kai 12 - 20457 - Hamburg ~ DE; street=Kai 12; city=Hamburg; postcode=20457; number=12; street_name=Kai
            Kai 12 — 20457 Hamburg ~ DE; street=Kai 12; city=Hamburg; postcode=20457; number=12; street_name=Kai
            Kai 12 – Hamburg – 20457 ~ DE; street=Kai 12; city=Hamburg; postcode=20457; number=12; street_name=Kai
            12 Quay Rd, St. Ives, Cornwall TR26 1AA ~ GB; street=12 Quay Rd; city=St. Ives; county=Cornwall; postcode=TR26 1AA; number=12; street_name=Quay; street_type=Rd
            12 Quay Rd, Stoke-on-Trent, ST1 1AA ~ GB; street=12 Quay Rd; city=Stoke-on-Trent; postcode=ST1 1AA; number=12; street_name=Quay; street_type=Rd
            12 Quay Rd, Newcastle upon Tyne NE1 1AA ~ GB; street=12 Quay Rd; city=Newcastle upon Tyne; postcode=NE1 1AA; number=12; street_name=Quay; street_type=Rd
            12 Quay Rd, Kingston-upon-Hull, HU1 1AA, England ~ GB; street=12 Quay Rd; city=Kingston-upon-Hull; postcode=HU1 1AA; country=England; number=12; street_name=Quay; street_type=Rd
            12 Quay Rd, Cardiff, CF10 1AA, Wales, UK ~ GB; street=12 Quay Rd; city=Cardiff; postcode=CF10 1AA; country=Wales UK; number=12; street_name=Quay; street_type=Rd
            12 Quay Rd, Glasgow G1 1AA, Scotland ~ GB; street=12 Quay Rd; city=Glasgow; postcode=G1 1AA; country=Scotland; number=12; street_name=Quay; street_type=Rd
            12 Quay Rd, Belfast BT1 1AA, Northern Ireland ~ GB; street=12 Quay Rd; city=Belfast; postcode=BT1 1AA; country=Northern Ireland; number=12; street_name=Quay; street_type=Rd
            12 Quay Rd, Edinburgh, Midlothian, EH1 1AA ~ GB; street=12 Quay Rd; city=Edinburgh; county=Midlothian; postcode=EH1 1AA; number=12; street_name=Quay; street_type=Rd
            12 Quay Rd, Leeds, West Yorkshire, LS1 1AA, GB ~ GB; street=12 Quay Rd; city=Leeds; county=West Yorkshire; postcode=LS1 1AA; country=GB; number=12; street_name=Quay; street_type=Rd
            12 Quay Rd, Leeds, LS1 1AA, G.B. ~ GB; street=12 Quay Rd; city=Leeds; postcode=LS1 1AA; country=G.B.; number=12; street_name=Quay; street_type=Rd
            12 Quay Rd, London SW1A 1AA ~ GB; street=12 Quay Rd; city=London; postcode=SW1A 1AA; number=12; street_name=Quay; street_type=Rd
            12 Quay Rd, London, SW1A1AA ~ GB; street=12 Quay Rd; city=London; postcode=SW1A1AA; number=12; street_name=Quay; street_type=Rd
            12 Quay Rd, Chelsea, London SW3 1AA ~ GB; street=12 Quay Rd; locality=Chelsea; city=London; postcode=SW3 1AA; number=12; street_name=Quay; street_type=Rd
            Flat A, 12 Quay Rd, London N1 1AA ~ GB; street=12 Quay Rd; unit=Flat A; city=London; postcode=N1 1AA; number=12; street_name=Quay; street_type=Rd; unit_word=Flat; unit_id=A
            Flat 2/1, 12 Quay Rd, Glasgow G1 1AA ~ GB; street=12 Quay Rd; unit=Flat 2/1; city=Glasgow; postcode=G1 1AA; number=12; street_name=Quay; street_type=Rd; unit_word=Flat; unit_id=2/1
            Apartment 4, Quay Court, 12 Quay Rd, Leeds LS1 1AA ~ GB; building=Quay Court; street=12 Quay Rd; unit=Apartment 4; city=Leeds; postcode=LS1 1AA; number=12; street_name=Quay; street_type=Rd; unit_word=Apartment; unit_id=4
            Quay Court, Quay Rd, Leeds LS1 1AA ~ GB; building=Quay Court; street=Quay Rd; city=Leeds; postcode=LS1 1AA; street_name=Quay; street_type=Rd
            1st Floor, 12 Quay Rd, Leeds LS1 1AA ~ GB; street=12 Quay Rd; unit=1st Floor; city=Leeds; postcode=LS1 1AA; number=12; street_name=Quay; street_type=Rd; unit_word=Floor; unit_id=1st
            Basement Flat, 12 Quay Rd, Leeds LS1 1AA ~ GB; street=12 Quay Rd; unit=Basement Flat; city=Leeds; postcode=LS1 1AA; number=12; street_name=Quay; street_type=Rd; unit_word=Basement Flat
            Unit 7 Quay Business Park, Quay Rd, Leeds LS1 1AA ~ GB; building=Quay Business Park; street=Quay Rd; unit=Unit 7; city=Leeds; postcode=LS1 1AA; street_name=Quay; street_type=Rd; unit_word=Unit; unit_id=7
            The Old Rectory, Church Lane, Totnes, Devon TQ9 5AA ~ GB; building=The Old Rectory; street=Church Lane; city=Totnes; county=Devon; postcode=TQ9 5AA; street_name=Church; street_type=Lane
            Old Rectory Church Lane Totnes Devon TQ9 5AA ~ GB; building=Old Rectory; street=Church Lane; city=Totnes; county=Devon; postcode=TQ9 5AA; street_name=Church; street_type=Lane
            Wren Cottage Church Lane Totnes TQ9 5AA ~ GB; building=Wren Cottage; street=Church Lane; city=Totnes; postcode=TQ9 5AA; street_name=Church; street_type=Lane
            Quay Festival Office, Harbour Hall, 1 Quay Rd, Totnes TQ9 5AA ~ GB; recipient=Quay Festival Office; building=Harbour Hall; street=1 Quay Rd; city=Totnes; postcode=TQ9 5AA; number=1; street_name=Quay; street_type=Rd
            Ms Ada Thorne, Flat 2, 12 Quay Rd, Leeds LS1 1AA ~ GB; recipient=Ms Ada Thorne; street=12 Quay Rd; unit=Flat 2; city=Leeds; postcode=LS1 1AA; number=12; street_name=Quay; street_type=Rd; unit_word=Flat; unit_id=2
            Mr & Mrs Thorne, 12 Quay Rd, Leeds LS1 1AA ~ GB; recipient=Mr & Mrs Thorne; street=12 Quay Rd; city=Leeds; postcode=LS1 1AA; number=12; street_name=Quay; street_type=Rd
            The Occupier, 12 Quay Rd, Leeds LS1 1AA ~ GB; recipient=The Occupier; street=12 Quay Rd; city=Leeds; postcode=LS1 1AA; number=12; street_name=Quay; street_type=Rd
            Dr. A. Thorne, 12 Main St, Barre, VT 05641 ~ US; recipient=Dr. A. Thorne; street=12 Main St; city=Barre; state=VT; postcode=05641; number=12; street_name=Main; street_type=St
            Thorne Family Trust, 12 Main St, Barre, VT 05641 ~ US; recipient=Thorne Family Trust; street=12 Main St; city=Barre; state=VT; postcode=05641; number=12; street_name=Main; street_type=St
            Ada Thorne 12 Main St Barre VT 05641 ~ US; recipient=Ada Thorne; street=12 Main St; city=Barre; state=VT; postcode=05641; number=12; street_name=Main; street_type=St
            ADA THORNE 12 MAIN ST BARRE VT 05641 ~ US; recipient=ADA THORNE; street=12 MAIN ST; city=BARRE; state=VT; postcode=05641; number=12; street_name=MAIN; street_type=ST
            Ada Thorne & Neil Harrow, 12 Main St, Barre, VT 05641 ~ US; recipient=Ada Thorne & Neil Harrow; street=12 Main St; city=Barre; state=VT; postcode=05641; number=12; street_name=Main; street_type=St
            Ada Thorne c/o Tom Brandt, 12 Main St, Barre, VT 05641 ~ US; recipient=Ada Thorne; care_of=Tom Brandt; street=12 Main St; city=Barre; state=VT; postcode=05641; number=12; street_name=Main; street_type=St
            % Tom Brandt, 12 Main St, Barre, VT 05641 ~ US; care_of=Tom Brandt; street=12 Main St; city=Barre; state=VT; postcode=05641; number=12; street_name=Main; street_type=St
            Attention: Ada Thorne, 12 Main St, Barre, VT 05641 ~ US; recipient=Ada Thorne; street=12 Main St; city=Barre; state=VT; postcode=05641; number=12; street_name=Main; street_type=St
            12 Main St, PO Box 41, Barre, VT 05641 ~ US; street=12 Main St; box=PO Box 41; city=Barre; state=VT; postcode=05641; number=12; street_name=Main; street_type=St
            12 Main St PO Box 41 Barre VT 05641 ~ US; street=12 Main St; box=PO Box 41; city=Barre; state=VT; postcode=05641; number=12; street_name=Main; street_type=St
            PO Box 41, 12 Main St, Barre, VT 05641 ~ US; street=12 Main St; box=PO Box 41; city=Barre; state=VT; postcode=05641; number=12; street_name=Main; street_type=St
            Box 41, Barre, VT 05641 ~ US; box=Box 41; city=Barre; state=VT; postcode=05641
            Drawer 41, Barre, VT 05641 ~ US; box=Drawer 41; city=Barre; state=VT; postcode=05641
            PMB 41, 12 Main St, Barre, VT 05641 ~ US; street=12 Main St; box=PMB 41; city=Barre; state=VT; postcode=05641; number=12; street_name=Main; street_type=St
            12 Main St PMB 41, Barre, VT 05641 ~ US; street=12 Main St; box=PMB 41; city=Barre; state=VT; postcode=05641; number=12; street_name=Main; street_type=St
            12 Main St # 4, Barre, VT 05641 ~ US; street=12 Main St; unit=# 4; city=Barre; state=VT; postcode=05641; number=12; street_name=Main; street_type=St; unit_id=4
            12 Main St, Unit B, Barre, VT 05641 ~ US; street=12 Main St; unit=Unit B; city=Barre; state=VT; postcode=05641; number=12; street_name=Main; street_type=St; unit_word=Unit; unit_id=B
            12B Main St, Barre, VT 05641 ~ US; street=12B Main St; city=Barre; state=VT; postcode=05641; number=12B; street_name=Main; street_type=St
            12 Main St Apt B-4, Barre, VT 05641 ~ US; street=12 Main St; unit=Apt B-4; city=Barre; state=VT; postcode=05641; number=12; street_name=Main; street_type=St; unit_word=Apt; unit_id=B-4
            12 Main St, Apt. 4, Barre, VT 05641 ~ US; street=12 Main St; unit=Apt. 4; city=Barre; state=VT; postcode=05641; number=12; street_name=Main; street_type=St; unit_word=Apt.; unit_id=4
            12 Main St., Ste. 400-B, Barre, VT 05641 ~ US; street=12 Main St.; unit=Ste. 400-B; city=Barre; state=VT; postcode=05641; number=12; street_name=Main; street_type=St.; unit_word=Ste.; unit_id=400-B
            12 Main St, Room 4, Barre, VT 05641 ~ US; street=12 Main St; unit=Room 4; city=Barre; state=VT; postcode=05641; number=12; street_name=Main; street_type=St; unit_word=Room; unit_id=4
            12 Main St, Bldg. C, Ste 4, Barre, VT 05641 ~ US; building=Bldg. C; street=12 Main St; unit=Ste 4; city=Barre; state=VT; postcode=05641; number=12; street_name=Main; street_type=St; unit_word=Ste; unit_id=4
            12 Main St, Penthouse, Barre, VT 05641 ~ US; street=12 Main St; unit=Penthouse; city=Barre; state=VT; postcode=05641; number=12; street_name=Main; street_type=St; unit_word=Penthouse
            12 Main St, Lower Level, Barre, VT 05641 ~ US; street=12 Main St; unit=Lower Level; city=Barre; state=VT; postcode=05641; number=12; street_name=Main; street_type=St; unit_word=Lower Level
            12 Main St Upper, Barre, VT 05641 ~ US; street=12 Main St; unit=Upper; city=Barre; state=VT; postcode=05641; number=12; street_name=Main; street_type=St; unit_word=Upper
            12 Main St Fl 2, Barre, VT 05641 ~ US; street=12 Main St; unit=Fl 2; city=Barre; state=VT; postcode=05641; number=12; street_name=Main; street_type=St; unit_word=Fl; unit_id=2
            12 Main St 2nd Fl, Barre, VT 05641 ~ US; street=12 Main St; unit=2nd Fl; city=Barre; state=VT; postcode=05641; number=12; street_name=Main; street_type=St; unit_word=Fl; unit_id=2nd
            Apt 4 12 Main St Barre VT 05641 ~ US; street=12 Main St; unit=Apt 4; city=Barre; state=VT; postcode=05641; number=12; street_name=Main; street_type=St; unit_word=Apt; unit_id=4
            #4 12 Main St Barre VT 05641 ~ US; street=12 Main St; unit=#4; city=Barre; state=VT; postcode=05641; number=12; street_name=Main; street_type=St; unit_id=4
            12 Main St, Dept 4, Barre, VT 05641 ~ US; street=12 Main St; unit=Dept 4; city=Barre; state=VT; postcode=05641; number=12; street_name=Main; street_type=St; unit_word=Dept; unit_id=4
            12 Main St, Lot 4, Barre, VT 05641 ~ US; street=12 Main St; unit=Lot 4; city=Barre; state=VT; postcode=05641; number=12; street_name=Main; street_type=St; unit_word=Lot; unit_id=4
            12 Main St Slip 4, Barre, VT 05641 ~ US; street=12 Main St; unit=Slip 4; city=Barre; state=VT; postcode=05641; number=12; street_name=Main; street_type=St; unit_word=Slip; unit_id=4
            12 Main St, Hangar 4, Barre, VT 05641 ~ US; street=12 Main St; unit=Hangar 4; city=Barre; state=VT; postcode=05641; number=12; street_name=Main; street_type=St; unit_word=Hangar; unit_id=4
            12 North Main Street, Barre, VT 05641 ~ US; street=12 North Main Street; city=Barre; state=VT; postcode=05641; number=12; street_predirection=North; street_name=Main; street_type=Street
            12 N. Main St., Barre, VT 05641 ~ US; street=12 N. Main St.; city=Barre; state=VT; postcode=05641; number=12; street_predirection=N.; street_name=Main; street_type=St.
            12 S Main St, South Barre, VT 05641 ~ US; street=12 S Main St; city=South Barre; state=VT; postcode=05641; number=12; street_predirection=S; street_name=Main; street_type=St
            12 East St, East Barre, VT 05649 ~ US; street=12 East St; city=East Barre; state=VT; postcode=05649; number=12; street_name=East; street_type=St
            12 North St, North Troy, VT 05859 ~ US; street=12 North St; city=North Troy; state=VT; postcode=05859; number=12; street_name=North; street_type=St
            12 W 3rd Ave, Barre, VT 05641 ~ US; street=12 W 3rd Ave; city=Barre; state=VT; postcode=05641; number=12; street_predirection=W; street_name=3rd; street_type=Ave
            12 3rd St SW, Barre, VT 05641 ~ US; street=12 3rd St SW; city=Barre; state=VT; postcode=05641; number=12; street_name=3rd; street_type=St; street_postdirection=SW
            12 Third Street, Barre, VT 05641 ~ US; street=12 Third Street; city=Barre; state=VT; postcode=05641; number=12; street_name=Third; street_type=Street
            12 1st Ave N, Barre, VT 05641 ~ US; street=12 1st Ave N; city=Barre; state=VT; postcode=05641; number=12; street_name=1st; street_type=Ave; street_postdirection=N
            12 Ave of the Choirs, Barre, VT 05641 ~ US; street=12 Ave of the Choirs; city=Barre; state=VT; postcode=05641; number=12; street_name=Ave of the Choirs
            12 Rue de Main, Barre, VT 05641 ~ US; street=12 Rue de Main; city=Barre; state=VT; postcode=05641; number=12; street_name=Rue de Main
            12 El Camino Real, San Mateo, CA 94401 ~ US; street=12 El Camino Real; city=San Mateo; state=CA; postcode=94401; number=12; street_name=El Camino Real
            12 Via Verde, San Dimas, CA 91773 ~ US; street=12 Via Verde; city=San Dimas; state=CA; postcode=91773; number=12; street_name=Via Verde
            12 Camino del Mar, Del Mar, CA 92014 ~ US; street=12 Camino del Mar; city=Del Mar; state=CA; postcode=92014; number=12; street_name=Camino del Mar
            12 The Lane, Barre, VT 05641 ~ US; street=12 The Lane; city=Barre; state=VT; postcode=05641; number=12; street_name=The; street_type=Lane
            12 Quay Court, Barre, VT 05641 ~ US; street=12 Quay Court; city=Barre; state=VT; postcode=05641; number=12; street_name=Quay; street_type=Court
            12 Quay Park Dr, Barre, VT 05641 ~ US; street=12 Quay Park Dr; city=Barre; state=VT; postcode=05641; number=12; street_name=Quay Park; street_type=Dr
            12 Old Quay Hill Rd, Barre, VT 05641 ~ US; street=12 Old Quay Hill Rd; city=Barre; state=VT; postcode=05641; number=12; street_name=Old Quay Hill; street_type=Rd
            12 Quay Rd Ext, Barre, VT 05641 ~ US; street=12 Quay Rd Ext; city=Barre; state=VT; postcode=05641; number=12; street_name=Quay Rd; street_type=Ext
            12 Lake View Ter, Lake Placid, NY 12946 ~ US; street=12 Lake View Ter; city=Lake Placid; state=NY; postcode=12946; number=12; street_name=Lake View; street_type=Ter
            12 Mt Holly Rd, Mt. Holly, VT 05758 ~ US; street=12 Mt Holly Rd; city=Mt. Holly; state=VT; postcode=05758; number=12; street_name=Mt Holly; street_type=Rd
            12 Fort Hill Rd, Fort Wayne, IN 46802 ~ US; street=12 Fort Hill Rd; city=Fort Wayne; state=IN; postcode=46802; number=12; street_name=Fort Hill; street_type=Rd
            12 State St, Indiana, PA 15701 ~ US; street=12 State St; city=Indiana; state=PA; postcode=15701; number=12; street_name=State; street_type=St
            12 Texas Ave, Nevada, MO 64772 ~ US; street=12 Texas Ave; city=Nevada; state=MO; postcode=64772; number=12; street_name=Texas; street_type=Ave
            12 Washington St, Washington, VT 05675 ~ US; street=12 Washington St; city=Washington; state=VT; postcode=05675; number=12; street_name=Washington; street_type=St
            12 Delaware Ave, Delaware, OH 43015 ~ US; street=12 Delaware Ave; city=Delaware; state=OH; postcode=43015; number=12; street_name=Delaware; street_type=Ave
            12 Main St, California, MD 20619 ~ US; street=12 Main St; city=California; state=MD; postcode=20619; number=12; street_name=Main; street_type=St
            12 Main St, Paris, TX 75460 ~ US; street=12 Main St; city=Paris; state=TX; postcode=75460; number=12; street_name=Main; street_type=St
            12 Main St, Berlin, VT 05602 ~ US; street=12 Main St; city=Berlin; state=VT; postcode=05602; number=12; street_name=Main; street_type=St
            12 Main St, Lebanon, NH 03766 ~ US; street=12 Main St; city=Lebanon; state=NH; postcode=03766; number=12; street_name=Main; street_type=St
            12 Main St, Peru, IN 46970 ~ US; street=12 Main St; city=Peru; state=IN; postcode=46970; number=12; street_name=Main; street_type=St
            12 Main St, Mexico, MO 65265 ~ US; street=12 Main St; city=Mexico; state=MO; postcode=65265; number=12; street_name=Main; street_type=St
            12 Main St, Cuba, NY 14727 ~ US; street=12 Main St; city=Cuba; state=NY; postcode=14727; number=12; street_name=Main; street_type=St
            12 Main St, Jersey City NJ 07302 ~ US; street=12 Main St; city=Jersey City; state=NJ; postcode=07302; number=12; street_name=Main; street_type=St
            12 Main St, New London, CT 06320 ~ US; street=12 Main St; city=New London; state=CT; postcode=06320; number=12; street_name=Main; street_type=St
            12 Main St, St Johnsbury, Vt 05819 ~ US; street=12 Main St; city=St Johnsbury; state=Vt; postcode=05819; number=12; street_name=Main; street_type=St
            12 Main St, Barre, vermont ~ US; street=12 Main St; city=Barre; state=vermont; number=12; street_name=Main; street_type=St
            12 Main St Barre Vermont ~ US; street=12 Main St; city=Barre; state=Vermont; number=12; street_name=Main; street_type=St
            12 Main St, Barre Town, VT 05641 ~ US; street=12 Main St; city=Barre Town; state=VT; postcode=05641; number=12; street_name=Main; street_type=St
            """)
    void aCellIsReadWhole(String text, String parts) {
        Reading<AddressPart> reading = SPLITTER.split(text);
        assertThat(plain(reading)).isEqualTo(parts);
        assertThat(Accounted.problem(text, reading)).isEmpty();
    }

    /** Flats, floors, rooms and numbers of houses, as countries write them. */
    @ParameterizedTest
    @CsvSource(delimiter = '~', quoteCharacter = '`', textBlock = """
            3F, 12 Quay Road, Wan Chai, Hong Kong ~ HK; street=12 Quay Road; unit=3F; city=Wan Chai; country=Hong Kong; number=12; street_name=Quay; street_type=Road; unit_id=3F
            12/F, Quay Tower, 12 Quay Road, Central, Hong Kong ~ HK; building=Quay Tower; street=12 Quay Road; unit=12/F; city=Central; country=Hong Kong; number=12; street_name=Quay; street_type=Road; unit_word=F; unit_id=12/
            Room 1203, 12/F, Quay Tower, 12 Quay Road, Central, Hong Kong ~ HK; building=Quay Tower; street=12 Quay Road; unit=Room 1203, 12/F; city=Central; country=Hong Kong; number=12; street_name=Quay; street_type=Road; unit_word=Room; unit_id=1203, 12/F
            G/F, 12 Quay Road, Kowloon, Hong Kong ~ HK; street=12 Quay Road; unit=G/F; city=Kowloon; country=Hong Kong; number=12; street_name=Quay; street_type=Road; unit_word=F; unit_id=G/
            5F-2, No. 12, Quay Rd., Taipei City 100, Taiwan ~ TW; street=No. 12, Quay Rd.; unit=5F-2; city=Taipei City; postcode=100; country=Taiwan; number=12; street_name=Quay; street_type=Rd.; unit_id=5F-2
            5F., No. 12, Quay Rd., Taipei City 100, Taiwan ~ TW; street=No. 12, Quay Rd.; unit=5F.; city=Taipei City; postcode=100; country=Taiwan; number=12; street_name=Quay; street_type=Rd.; unit_id=5F.
            Level 3, 12 Quay St, Sydney NSW 2000 ~ AU; street=12 Quay St; unit=Level 3; city=Sydney; state=NSW; postcode=2000; number=12; street_name=Quay; street_type=St; unit_word=Level; unit_id=3
            Shop 4, 12 Quay St, Sydney NSW 2000 ~ AU; street=12 Quay St; unit=Shop 4; city=Sydney; state=NSW; postcode=2000; number=12; street_name=Quay; street_type=St; unit_word=Shop; unit_id=4
            3/12 Quay St, Sydney NSW 2000 ~ AU; street=12 Quay St; unit=3; city=Sydney; state=NSW; postcode=2000; number=12; street_name=Quay; street_type=St; unit_id=3
            Hafenstraße 5, EG rechts, 20457 Hamburg ~ DE; street=Hafenstraße 5; unit=EG rechts; city=Hamburg; postcode=20457; number=5; street_name=Hafenstraße; unit_word=EG rechts
            Hafenstraße 5, 2. OG links, 20457 Hamburg ~ DE; street=Hafenstraße 5; unit=2. OG links; city=Hamburg; postcode=20457; number=5; street_name=Hafenstraße; unit_id=2. OG links
            Hafenstraße 5, 3. Stock, 20457 Hamburg ~ DE; street=Hafenstraße 5; unit=3. Stock; city=Hamburg; postcode=20457; number=5; street_name=Hafenstraße; unit_word=Stock; unit_id=3.
            Hafenstraße 5 Hinterhaus, 20457 Hamburg ~ DE; street=Hafenstraße 5; unit=Hinterhaus; city=Hamburg; postcode=20457; number=5; street_name=Hafenstraße; unit_word=Hinterhaus
            Hafengasse 12/3/4, 1010 Wien ~ AT; street=Hafengasse 12; unit=3/4; city=Wien; postcode=1010; number=12; street_name=Hafengasse; unit_id=3/4
            Hafengasse 12 Stiege 3 Tür 4, 1010 Wien ~ AT; street=Hafengasse 12; unit=Stiege 3 Tür 4; city=Wien; postcode=1010; number=12; street_name=Hafengasse; unit_word=Stiege; unit_id=3 Tür 4
            Hafengasse 12/Top 4, 1010 Wien ~ AT; street=Hafengasse 12; unit=Top 4; city=Wien; postcode=1010; number=12; street_name=Hafengasse; unit_word=Top; unit_id=4
            Hafengasse 12, 2. Stock, Tür 7, 1010 Wien ~ AT; street=Hafengasse 12; unit=2. Stock, Tür 7; city=Wien; postcode=1010; number=12; street_name=Hafengasse; unit_id=2. Stock, Tür 7
            Storgatan 12, 3 tr ög, 111 22 Stockholm ~ SE; street=Storgatan 12; unit=3 tr ög; city=Stockholm; postcode=111 22; number=12; street_name=Storgatan; unit_id=3 tr ög
            Storgatan 12 lgh 1203, 111 22 Stockholm ~ SE; street=Storgatan 12; unit=lgh 1203; city=Stockholm; postcode=111 22; number=12; street_name=Storgatan; unit_word=lgh; unit_id=1203
            Havnegade 12, 1. sal, 1058 København K ~ DK; street=Havnegade 12; unit=1. sal; city=København K; postcode=1058; number=12; street_name=Havnegade; unit_word=sal; unit_id=1.
            Havnegade 12, st. th, 1058 København K ~ DK; street=Havnegade 12; unit=st. th; city=København K; postcode=1058; number=12; street_name=Havnegade; unit_word=st. th
            Havnegade 12, 3. mf., 1058 København K ~ DK; street=Havnegade 12; unit=3. mf.; city=København K; postcode=1058; number=12; street_name=Havnegade; unit_word=mf.; unit_id=3.
            Satamakatu 12 B 34, 00100 Helsinki ~ FI; street=Satamakatu 12; unit=B 34; city=Helsinki; postcode=00100; number=12; street_name=Satamakatu; unit_id=B 34
            Satamakatu 12 as 4, 00100 Helsinki ~ FI; street=Satamakatu 12; unit=as 4; city=Helsinki; postcode=00100; number=12; street_name=Satamakatu; unit_word=as; unit_id=4
            Havenstraat 12 bus 0301, 2000 Antwerpen ~ BE; street=Havenstraat 12; unit=bus 0301; city=Antwerpen; postcode=2000; number=12; street_name=Havenstraat; unit_word=bus; unit_id=0301
            Havenstraat 12 A, 1011 AB Amsterdam ~ NL; street=Havenstraat 12 A; city=Amsterdam; postcode=1011 AB; number=12 A; street_name=Havenstraat
            Havenstraat 12-3, 1011 AB Amsterdam ~ NL; street=Havenstraat 12-3; city=Amsterdam; postcode=1011 AB; number=12-3; street_name=Havenstraat
            12 rue du Port, 3e étage, 75001 Paris ~ FR; street=12 rue du Port; unit=3e étage; city=Paris; postcode=75001; number=12; street_name=du Port; street_type=rue; unit_word=étage; unit_id=3e
            12 rue du Port, Apt 4, Esc. B, 75001 Paris ~ FR; street=12 rue du Port; unit=Apt 4, Esc. B; city=Paris; postcode=75001; number=12; street_name=du Port; street_type=rue; unit_word=Apt; unit_id=4, Esc. B
            12 rue du Port, Bât. C, 2ème étage, 69001 Lyon ~ FR; building=Bât. C; street=12 rue du Port; unit=2ème étage; city=Lyon; postcode=69001; number=12; street_name=du Port; street_type=rue; unit_word=étage; unit_id=2ème
            Calle del Puerto 12, 3º B, 28001 Madrid ~ ES; street=Calle del Puerto 12; unit=3º B; city=Madrid; postcode=28001; number=12; street_name=del Puerto; street_type=Calle; unit_id=3º B
            Calle del Puerto 12, Esc. 2, 4º C, 28001 Madrid ~ ES; street=Calle del Puerto 12; unit=Esc. 2, 4º C; city=Madrid; postcode=28001; number=12; street_name=del Puerto; street_type=Calle; unit_word=Esc.; unit_id=2, 4º C
            Calle del Puerto 12, bajo izq., 28001 Madrid ~ ES; street=Calle del Puerto 12; unit=bajo izq.; city=Madrid; postcode=28001; number=12; street_name=del Puerto; street_type=Calle; unit_word=bajo izq.
            Calle del Puerto, 12, planta 3, puerta 4, 28001 Madrid ~ ES; street=Calle del Puerto, 12; unit=planta 3, puerta 4; city=Madrid; postcode=28001; number=12; street_name=del Puerto; street_type=Calle; unit_word=planta; unit_id=3, puerta 4
            Calle del Puerto s/n, 28001 Madrid ~ ES; street=Calle del Puerto s/n; city=Madrid; postcode=28001; number=s/n; street_name=del Puerto; street_type=Calle
            Rua do Porto 12, 3.º Dto., 1100-001 Lisboa ~ PT; street=Rua do Porto 12; unit=3.º Dto.; city=Lisboa; postcode=1100-001; number=12; street_name=do Porto; street_type=Rua; unit_word=Dto.; unit_id=3.º
            Rua do Porto 12, r/c Esq., 1100-001 Lisboa ~ PT; street=Rua do Porto 12; unit=r/c Esq.; city=Lisboa; postcode=1100-001; number=12; street_name=do Porto; street_type=Rua; unit_word=Esq.; unit_id=r/c
            Rua do Porto, 120, Bloco B, Apto 41, Centro, Rio de Janeiro - RJ, 20010-000 ~ BR; building=Bloco B; street=Rua do Porto, 120; unit=Apto 41; locality=Centro; city=Rio de Janeiro; state=RJ; postcode=20010-000; number=120; street_name=do Porto; street_type=Rua; unit_word=Apto; unit_id=41
            Rua do Porto, 120, sala 305, São Paulo - SP, 01310-000 ~ BR; street=Rua do Porto, 120; unit=sala 305; city=São Paulo; state=SP; postcode=01310-000; number=120; street_name=do Porto; street_type=Rua; unit_word=sala; unit_id=305
            Via del Porto 12, int. 4, 20121 Milano MI ~ IT; street=Via del Porto 12; unit=int. 4; city=Milano; state=MI; postcode=20121; number=12; street_name=del Porto; street_type=Via; unit_word=int.; unit_id=4
            Via del Porto 12, scala B, piano 2, 20121 Milano MI ~ IT; street=Via del Porto 12; unit=scala B, piano 2; city=Milano; state=MI; postcode=20121; number=12; street_name=del Porto; street_type=Via; unit_word=scala; unit_id=B, piano 2
            Via del Porto 12/A, 20121 Milano MI ~ IT; street=Via del Porto 12/A; city=Milano; state=MI; postcode=20121; number=12/A; street_name=del Porto; street_type=Via
            Via del Porto snc, 20121 Milano MI ~ IT; street=Via del Porto snc; city=Milano; state=MI; postcode=20121; number=snc; street_name=del Porto; street_type=Via
            ul. Portowa 12 m. 34, 00-001 Warszawa ~ PL; street=ul. Portowa 12; unit=m. 34; city=Warszawa; postcode=00-001; number=12; street_name=Portowa; street_type=ul.; unit_word=m.; unit_id=34
            ul. Portowa 12A/3, 00-001 Warszawa ~ PL; street=ul. Portowa 12A; unit=3; city=Warszawa; postcode=00-001; number=12A; street_name=Portowa; street_type=ul.; unit_id=3
            Přístavní 12/345, 110 00 Praha 1 ~ CZ; street=Přístavní 12/345; city=Praha 1; postcode=110 00; number=12/345; street_name=Přístavní
            Kikötő u. 12. 2. em. 5., 1011 Budapest ~ HU; street=Kikötő u. 12.; unit=2. em. 5.; city=Budapest; postcode=1011; number=12.; street_name=Kikötő; street_type=u.; unit_id=2. em. 5.
            Str. Portului nr. 12, bl. A3, sc. 2, et. 4, ap. 15, București 010101 ~ RO; building=bl. A3; street=Str. Portului nr. 12; unit=sc. 2, et. 4, ap. 15; city=București; postcode=010101; number=12; street_name=Portului; street_type=Str.; unit_word=sc.; unit_id=2, et. 4, ap. 15
            Liman Cad. No: 12 Kat: 5 Daire: 2, 34000 İstanbul ~ TR; street=Liman Cad. No: 12; unit=Kat: 5 Daire: 2; city=İstanbul; postcode=34000; number=12; street_name=Liman; street_type=Cad.; unit_word=Kat; unit_id=5 Daire: 2
            Calle del Puerto 120 Int. 4, Col. Centro, 06000 Ciudad de México, CDMX ~ MX; street=Calle del Puerto 120; unit=Int. 4; locality=Col. Centro; city=Ciudad de México; state=CDMX; postcode=06000; number=120; street_name=del Puerto; street_type=Calle; unit_word=Int.; unit_id=4
            Calle del Puerto No. 120-B, Col. Centro, 06000 Ciudad de México, CDMX ~ MX; street=Calle del Puerto No. 120-B; locality=Col. Centro; city=Ciudad de México; state=CDMX; postcode=06000; number=120-B; street_name=del Puerto; street_type=Calle
            Av. del Puerto 1200, Piso 4, Depto. B, C1001AAA Buenos Aires, Argentina ~ AR; street=Av. del Puerto 1200; unit=Piso 4, Depto. B; city=Buenos Aires; postcode=C1001AAA; country=Argentina; number=1200; street_name=del Puerto; street_type=Av.; unit_word=Piso; unit_id=4, Depto. B
            Av. del Puerto 1200 4º B, C1001AAA Buenos Aires, Argentina ~ AR; street=Av. del Puerto 1200; unit=4º B; city=Buenos Aires; postcode=C1001AAA; country=Argentina; number=1200; street_name=del Puerto; street_type=Av.; unit_id=4º B
            Av. del Puerto 120, depto 34, Las Condes, Región Metropolitana, Chile ~ CL; street=Av. del Puerto 120; unit=depto 34; city=Las Condes; state=Región Metropolitana; country=Chile; number=120; street_name=del Puerto; street_type=Av.; unit_word=depto; unit_id=34
            Flat No. 5, 2nd Floor, Quay Apartments, Quay Road, Mumbai 400001 ~ IN; building=Quay Apartments; street=Quay Road; unit=Flat No. 5, 2nd Floor; city=Mumbai; postcode=400001; street_name=Quay; street_type=Road; unit_word=Flat; unit_id=No. 5, 2nd Floor
            H.No. 12-3, Quay Road, Hyderabad 500001, India ~ IN; street=H.No. 12-3, Quay Road; city=Hyderabad; postcode=500001; country=India; number=12-3; street_name=Quay; street_type=Road
            4-123 Main St, Toronto, ON M5V 1A1 ~ CA; street=123 Main St; unit=4; city=Toronto; state=ON; postcode=M5V 1A1; number=123; street_name=Main; street_type=St; unit_id=4
            123 Main St Unit 4, Toronto ON M5V 1A1 ~ CA; street=123 Main St; unit=Unit 4; city=Toronto; state=ON; postcode=M5V 1A1; number=123; street_name=Main; street_type=St; unit_word=Unit; unit_id=4
            1203-123 Main St, Vancouver BC V6B 1A1 ~ CA; street=123 Main St; unit=1203; city=Vancouver; state=BC; postcode=V6B 1A1; number=123; street_name=Main; street_type=St; unit_id=1203
            #405 Quay Tower, 12 Harbour-ro, Jung-gu, Seoul 04500, Korea ~ KR; building=Quay Tower; street=12 Harbour-ro; unit=#405; locality=Jung-gu; city=Seoul; postcode=04500; country=Korea; number=12; street_name=Harbour-ro; unit_id=405
            Unit 4, 12 Quay Road, Cape Town, 8001, South Africa ~ ZA; street=12 Quay Road; unit=Unit 4; city=Cape Town; postcode=8001; country=South Africa; number=12; street_name=Quay; street_type=Road; unit_word=Unit; unit_id=4
            Flat 3, The Boathouse, 12 Quay Rd, Leeds LS1 1AA ~ GB; building=The Boathouse; street=12 Quay Rd; unit=Flat 3; city=Leeds; postcode=LS1 1AA; number=12; street_name=Quay; street_type=Rd; unit_word=Flat; unit_id=3
            2nd Floor Flat, 12 Quay Rd, Leeds LS1 1AA ~ GB; street=12 Quay Rd; unit=2nd Floor Flat; city=Leeds; postcode=LS1 1AA; number=12; street_name=Quay; street_type=Rd; unit_word=Flat; unit_id=2nd Floor
            First Floor, Quay House, 12 Quay Rd, Leeds LS1 1AA ~ GB; building=Quay House; street=12 Quay Rd; unit=First Floor; city=Leeds; postcode=LS1 1AA; number=12; street_name=Quay; street_type=Rd; unit_word=Floor; unit_id=First
            Garden Flat, 12 Quay Rd, Leeds LS1 1AA ~ GB; street=12 Quay Rd; unit=Garden Flat; city=Leeds; postcode=LS1 1AA; number=12; street_name=Quay; street_type=Rd; unit_word=Flat; unit_id=Garden
            Rear Ground Floor, 12 Quay Rd, Leeds LS1 1AA ~ GB; street=12 Quay Rd; unit=Rear Ground Floor; city=Leeds; postcode=LS1 1AA; number=12; street_name=Quay; street_type=Rd; unit_word=Floor; unit_id=Rear Ground
            35 Marlow Avenue 6C, Leeds LS1 1AA ~ GB; street=35 Marlow Avenue; unit=6C; city=Leeds; postcode=LS1 1AA; number=35; street_name=Marlow; street_type=Avenue; unit_id=6C
            12 Main St 14F, New York, NY 10001 ~ US; street=12 Main St; unit=14F; city=New York; state=NY; postcode=10001; number=12; street_name=Main; street_type=St; unit_id=14F
            12 Main St Fl 14, New York, NY 10001 ~ US; street=12 Main St; unit=Fl 14; city=New York; state=NY; postcode=10001; number=12; street_name=Main; street_type=St; unit_word=Fl; unit_id=14
            12 Main St Rm 1203, New York, NY 10001 ~ US; street=12 Main St; unit=Rm 1203; city=New York; state=NY; postcode=10001; number=12; street_name=Main; street_type=St; unit_word=Rm; unit_id=1203
            12 Main St, Apt. 14-F, New York, NY 10001 ~ US; street=12 Main St; unit=Apt. 14-F; city=New York; state=NY; postcode=10001; number=12; street_name=Main; street_type=St; unit_word=Apt.; unit_id=14-F
            12 Main St, Unit #4, New York, NY 10001 ~ US; street=12 Main St; unit=Unit #4; city=New York; state=NY; postcode=10001; number=12; street_name=Main; street_type=St; unit_word=Unit; unit_id=4
            12 Main St, Bldg 3 Rm 4, New York, NY 10001 ~ US; building=Bldg 3; street=12 Main St; unit=Rm 4; city=New York; state=NY; postcode=10001; number=12; street_name=Main; street_type=St; unit_word=Rm; unit_id=4
            12 Main St, Front, New York, NY 10001 ~ US; street=12 Main St; unit=Front; city=New York; state=NY; postcode=10001; number=12; street_name=Main; street_type=St; unit_word=Front
            12 Main St, 1st Floor Rear, New York, NY 10001 ~ US; street=12 Main St; unit=1st Floor Rear; city=New York; state=NY; postcode=10001; number=12; street_name=Main; street_type=St; unit_id=1st Floor Rear
            12 Main St, Basement Apt, New York, NY 10001 ~ US; street=12 Main St; unit=Basement Apt; city=New York; state=NY; postcode=10001; number=12; street_name=Main; street_type=St; unit_word=Basement Apt
            12 Main St, Spc 14, Montpelier VT 05602 ~ US; street=12 Main St; unit=Spc 14; city=Montpelier; state=VT; postcode=05602; number=12; street_name=Main; street_type=St; unit_word=Spc; unit_id=14
            12½ Main St, Montpelier VT 05602 ~ US; street=12½ Main St; city=Montpelier; state=VT; postcode=05602; number=12½; street_name=Main; street_type=St
            12-1/2 Main St, Montpelier VT 05602 ~ US; street=12-1/2 Main St; city=Montpelier; state=VT; postcode=05602; number=12-1/2; street_name=Main; street_type=St
            12/14 Main St, Montpelier VT 05602 ~ US; street=12/14 Main St; city=Montpelier; state=VT; postcode=05602; number=12/14; street_name=Main; street_type=St
            12 NE 3rd Ave SW, Portland OR 97201 ~ US; street=12 NE 3rd Ave SW; city=Portland; state=OR; postcode=97201; number=12; street_predirection=NE; street_name=3rd; street_type=Ave; street_postdirection=SW
            12 Circle Dr N, Montpelier VT 05602 ~ US; street=12 Circle Dr N; city=Montpelier; state=VT; postcode=05602; number=12; street_name=Circle; street_type=Dr; street_postdirection=N
            12 Court St, Montpelier VT 05602 ~ US; street=12 Court St; city=Montpelier; state=VT; postcode=05602; number=12; street_name=Court; street_type=St
            12 Street Rd, Montpelier VT 05602 ~ US; street=12 Street Rd; city=Montpelier; state=VT; postcode=05602; number=12; street_name=Street; street_type=Rd
            12 County Hwy 9, Montpelier VT 05602 ~ US; street=12 County Hwy 9; city=Montpelier; state=VT; postcode=05602; number=12; street_name=County Hwy 9
            12 FM 1960, Houston TX 77001 ~ US; street=12 FM 1960; city=Houston; state=TX; postcode=77001; number=12; street_name=FM 1960
            12 Interstate 89 N, Montpelier VT 05602 ~ US; street=12 Interstate 89 N; city=Montpelier; state=VT; postcode=05602; number=12; street_name=89; street_type=Interstate; street_postdirection=N
            """)
    void streetsAndUnitsAreCutAsTheirCountryWritesThem(String text, String parts) {
        Reading<AddressPart> reading = SPLITTER.split(text);
        assertThat(plain(reading)).isEqualTo(parts);
        assertThat(Accounted.problem(text, reading)).isEmpty();
    }

    /** Capitals and small letters say the same where there are commas. */
    @ParameterizedTest
    @CsvSource(delimiter = '~', quoteCharacter = '`', textBlock = """
            12 Quay Rd, Leeds, West Yorkshire, LS1 1AA
            Flat 2, 12 Quay Rd, Leeds LS1 1AA
            12 Main St, Apt 4, Barre, VT 05641
            PO Box 41, Barre, VT 05641
            12 N Main St, South Barre, VT 05641
            Hafenstraße 7, 20457 Hamburg
            12 rue du Port, 75001 Paris, France
            Calle del Puerto 12, 28001 Madrid
            Havenstraat 12, 1011 AB Amsterdam
            Storgatan 12, 111 22 Stockholm
            """)
    void theCaseOfLettersChangesNothing(String text) {
        String parts = plain(SPLITTER.split(text)).toLowerCase(Locale.ROOT).replace("ß", "ss");
        for (String other : new String[] {text.toUpperCase(Locale.ROOT), text.toLowerCase(Locale.ROOT)}) {
            assertThat(plain(SPLITTER.split(other)).toLowerCase(Locale.ROOT).replace("ß", "ss"))
                    .isEqualTo(parts);
        }
    }
}
