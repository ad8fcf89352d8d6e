package io.inkwellsplit.address.cut;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Units, boxes, care of and the rest that its own words give away, by country. */
class MarksTest {
    @ParameterizedTest(name = "{0} {1}")
    @CsvSource(delimiter = '|', quoteCharacter = '`', emptyValue = "", textBlock = """
            US | 445 Industrial Lane Apt B | unit=Apt B
            US | 445 Industrial Lane, Apartment 12 | unit=Apartment 12
            US | 12 Main St #203 | unit=#203
            US | 12 Main St # 203 | unit=# 203
            US | #203 12 Main St | unit=#203
            US | 12 Main St Unit 4-C | unit=Unit 4-C
            US | 12 Main St Ste. 500 | unit=Ste. 500
            US | 12 Main St Fl 2 Apt 7 | unit=Fl 2 Apt 7
            US | 12 Main St 2nd Floor | unit=2nd Floor
            US | 12 Main St Rear | unit=Rear
            US | 12 Main St, Basement | unit=Basement
            US | 5 Unit Road | ``
            US | 12 Suite Street | ``
            US | PO Box 112 | box=PO Box 112
            US | P.O. Box 9, 12 Main St | box=P.O. Box 9
            US | POB 77 | box=POB 77
            US | RR 2 Box 9 | box=RR 2 Box 9
            US | PSC 4 Box 77 | box=PSC 4 Box 77
            US | HC 61 Box 18 | box=HC 61 Box 18
            US | 12 Boxwood Lane | ``
            US | c/o Ines Brandt, 12 Main St | announces=c/o; care_of=Ines Brandt
            US | 12 Main St, c/o Wren Marlow | announces=c/o; care_of=Wren Marlow
            US | % Tobias Wren, 5 Elm St | announces=%; care_of=Tobias Wren
            US | Attn: Ines Brandt, 5 Elm St | announces=Attn; recipient=Ines Brandt
            US | 8 Trailer Lot 5 | unit=Lot 5
            GB | Flat 2/1, 14 Harbour Lane | unit=Flat 2/1
            GB | Flat 4 Gullwing House | unit=Flat 4
            GB | Top Floor Flat, 9 Quay St | ``
            GB | Ground Floor Flat 4, 9 Quay St | unit=Flat 4
            GB | Unit 5 Wexcombe Estate | unit=Unit 5
            GB | Basement Flat, 3 Fore St | unit=Basement Flat
            GB | Room 12, Boathouse | unit=Room 12
            GB | Apt. 7, 12 Fore St | unit=Apt. 7
            AU | 3/12 Smith St | unit=3
            AU | Unit 5/18 Smith St | unit=Unit 5/18
            AU | Shop 4 20 Elm St | unit=Shop 4
            AU | U 6 12 High St | ``
            CA | 4-123 Main St | unit=4
            CA | 12 Main St Apt 3 | unit=Apt 3
            AT | Gasse 45/12 | unit=12
            AT | Gasse 45/2/12 | unit=2/12
            DE | Hafenstraße 3, 2. OG | unit=2. OG
            DE | Hafenstraße 3, EG rechts | ``
            DE | Hafenstraße 3 Whg. 12 | unit=Whg. 12
            DE | Hinterhaus, Hafenstraße 3 | unit=Hinterhaus
            DE | Postfach 12 34 | box=Postfach 12 34
            FR | 12 rue du Port, Bât. B, Apt 4 | building=Bât. B; unit=Apt 4
            FR | 12 rue du Port 3e étage | unit=3e étage
            FR | BP 120 | box=BP 120
            ES | Calle Mayor 3, 2º C | unit=2º C
            ES | Calle Mayor 3, Esc. 2, 4º C | unit=Esc. 2; unit=4º C
            ES | Calle Mayor 3, Piso 2 Puerta B | unit=Piso 2 Puerta B
            ES | Apartado 55 | box=Apartado 55
            PT | Rua do Porto 12, 3º Esq | unit=3º Esq
            PT | Rua do Porto 12 R/C | unit=R/C
            IT | Via Roma 5 int. 3 | unit=int. 3
            IT | Via Roma 5 scala B | unit=scala B
            NL | Havenstraat 12-H | ``
            NL | Postbus 77 | box=Postbus 77
            SE | Storgatan 5, 3 tr | unit=3 tr
            SE | Storgatan 5 lgh 1201 | unit=lgh 1201
            DK | Havnegade 5, 2. tv | unit=2. tv
            DK | Havnegade 5 st. th | unit=st. th
            FI | Kauppakatu 12 A 5 | unit=A 5
            PL | ul. Długa 5/7 | unit=7
            PL | ul. Długa 5 m. 7 | unit=m. 7
            CZ | Dlouhá 5, byt 3 | unit=byt 3
            HU | Fő utca 5. 2. em. 3. | unit=2. em. 3.
            BR | Rua Azul 12, Apto 34, Bloco B | unit=Apto 34; building=Bloco B
            BR | Rua Azul 12, Bairro Centro | ``
            MX | Calle Luna 5, Col. Centro | locality=Col. Centro
            MX | Calle Luna 5 Int. 4 | unit=Int. 4
            TR | 34710 Kadıköy/İstanbul | locality=Kadıköy
            IN | Flat No 5, Shivaji Nagar | unit=Flat No 5
            IN | Plot 12, Sector 5 | ``
            JP | 1-2-3 Minato-ku | locality=Minato-ku
            KR | 1203-ho, 101-dong | unit=1203-ho; unit=101-dong
            HK | Flat B 12/F Harbour Tower | unit=Flat B
            HK | Room 1201, Tower 2 | unit=Room 1201
            SG | #12-34 Blk 5 | unit=#12-34
            CN | Room 301, Building 5 | unit=Room 301
            IE | Apartment 5, Quay House | unit=Apartment 5
            NZ | Flat 2, 9 Elm St | unit=Flat 2
            ZA | Unit 4, Quay Court | unit=Unit 4
            RU | ul. Lenina 5 kv. 12 | unit=kv. 12
            """)
    void labelsWhatItsWordsGiveAway(String country, String address, String expected) {
        assertThat(Recognised.in(country, address, Marks::label)).isEqualTo(expected);
    }
}
