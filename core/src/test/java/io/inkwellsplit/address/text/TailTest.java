package io.inkwellsplit.address.text;

import static org.assertj.core.api.Assertions.assertThat;

import io.inkwellsplit.Accounted;
import io.inkwellsplit.address.AddressSplitter;
import io.inkwellsplit.reading.AddressPart;
import io.inkwellsplit.reading.Doubt;
import io.inkwellsplit.reading.Reading;
import io.inkwellsplit.text.Tokens;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** What people write behind an address, and slips in its end; the address must stay whole. */
class TailTest {
    private static final AddressSplitter SPLITTER = AddressSplitter.standard();

    private static String plain(Reading<AddressPart> reading) {
        return reading.plainParts().stream()
                .map(part -> part.key().key() + "=" + part.text())
                .collect(Collectors.joining("; "));
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', quoteCharacter = '`', textBlock = """
            , tel. 01632 960 001          | unplaced=tel. 01632 960 001
            ` Tel: (01632) 960001`        | unplaced=Tel: (01632) 960001
            ` +44 1632 960001`            | unplaced=+44 1632 960001
            ` ada@quay.example`           | unplaced=ada@quay.example
            , e-mail: ada.t@quay.example  | unplaced=e-mail: ada.t@quay.example
            ; mail only                   | unplaced=mail only
            ` (mail only)`                | unplaced=mail only
            ` - ring bell`                | unplaced=ring bell
            , 01632 960 001               | unplaced=01632 960 001
            ` 01632 960001`               | unplaced=01632 960001
            , 802-555-0142                | unplaced=802-555-0142
            ` (802) 555-0142`             | unplaced=(802) 555-0142
            ` 802 555 0142`               | unplaced=802 555 0142
            , 1-802-555-0142              | unplaced=1-802-555-0142
            , 802.555.0142                | unplaced=802.555.0142
            , (01632) 960001              | unplaced=(01632) 960001
            , 01 63 29 60 01              | unplaced=01 63 29 60 01
            , phone 960 0011, a@quay.example | unplaced=phone 960 0011 a@quay.example
            """)
    void isSetAside(String tail, String unplaced) {
        String text = "12 Main St, Barre, VT 05641" + tail;
        Reading<AddressPart> reading = SPLITTER.split(text);
        assertThat(plain(reading)).isEqualTo("street=12 Main St; city=Barre; state=VT; postcode=05641; " + unplaced);
        assertThat(reading.doubts()).contains(Doubt.UNPLACED);
        assertThat(Accounted.problem(text, reading)).isEmpty();
    }

    @ParameterizedTest
    @ValueSource(strings = {" c/o Tom Brandt", ", c/o Tom Brandt", "; care of Tom Brandt", " (c/o Tom Brandt)"})
    void whoReceivesIsItsPart(String tail) {
        String text = "12 Main St, Barre, VT 05641" + tail;
        Reading<AddressPart> reading = SPLITTER.split(text);
        assertThat(plain(reading))
                .isEqualTo("care_of=Tom Brandt; street=12 Main St; city=Barre; state=VT; postcode=05641");
        assertThat(Accounted.problem(text, reading)).isEmpty();
    }

    /** Numbers and words that belong to the address. */
    @ParameterizedTest
    @ValueSource(
            strings = {
                "12 Main St, Barre, VT 05641-1234",
                "12 Main St, Barre, VT 05641 1234",
                "Kai 3-12, 060-0042 Sapporo",
                "Hafenstraße 12, 01067 Dresden",
                "c/o Tom Brandt, 12 Main St, Barre, VT 05641",
                "Rua Azul 12, 01310-100 São Paulo - SP",
                "12 Phone St, Barre, VT 05641",
                "Storgatan 5, 111 22 Stockholm",
                "Teststr. 3, 20457 Hamburg"
            })
    void whatBelongsToTheAddressStays(String text) {
        Tokens tokens = new Tokens();
        tokens.read(text);
        assertThat(new Tail().before(tokens)).isEqualTo(tokens.count());
        assertThat(SPLITTER.split(text).part(AddressPart.UNPLACED)).isEmpty();
    }

    @ParameterizedTest
    @ValueSource(strings = {"ada@quay.example", "tel. 01632 960001", "c/o Tom Brandt", "mail only"})
    void aTailAloneIsNone(String text) {
        Tokens tokens = new Tokens();
        tokens.read(text);
        assertThat(new Tail().before(tokens)).isEqualTo(tokens.count());
        assertThat(Accounted.problem(text, SPLITTER.split(text))).isEmpty();
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', quoteCharacter = '`', textBlock = """
            12 Main St, Barre, VT05641       | street=12 Main St; city=Barre; state=VT; postcode=05641
            12 Main St, Barre, VT-05641      | street=12 Main St; city=Barre; state=VT; postcode=05641
            12 Main St, Barre, VT 05641 1234 | street=12 Main St; city=Barre; state=VT; postcode=05641 1234
            12 Main St / Barre / VT 05641    | street=12 Main St; city=Barre; state=VT; postcode=05641
            12 Main St, Barre, VT O5641      | street=12 Main St; city=Barre; state=VT; postcode=O5641
            Hafenstraße 3, 2O457 Hamburg     | street=Hafenstraße 3; city=Hamburg; postcode=2O457
            Hafenstrasse 3, DE-20457 Hamburg | street=Hafenstrasse 3; city=Hamburg; postcode=DE-20457
            12 Main St, unknown              | street=12 Main St; unplaced=unknown
            Gasse 45/12, 1010 Wien           | street=Gasse 45; unit=12; city=Wien; postcode=1010
            """)
    void slipsInTheEndAreRead(String text, String expected) {
        assertThat(plain(SPLITTER.split(text))).isEqualTo(expected);
        assertThat(Accounted.problem(text, SPLITTER.split(text))).isEmpty();
    }

    @Test
    void aLetterForANoughtIsToldAndSuggested() {
        Reading<AddressPart> reading = SPLITTER.split("12 Main St, Barre, VT O5641");
        assertThat(reading.doubts()).contains(Doubt.POSTCODE_FORM);
        assertThat(reading.suggestions()).singleElement().satisfies(one -> {
            assertThat(one.part()).isEqualTo(AddressPart.POSTCODE);
            assertThat(one.value()).isEqualTo("05641");
        });
        assertThat(SPLITTER.split("12 Main St, unknown").doubts()).contains(Doubt.NO_CITY);
    }

    @ParameterizedTest
    @CsvSource({"O5641,true", "2O457,true", "05641,false", "OOO12,false", "1O,false", "A5641,false", "O'12,false"})
    void noughtsAreMendedInNumbersAlone(String word, boolean mended) {
        Tokens tokens = new Tokens();
        tokens.read(word);
        long before = tokens.hash(0);
        assertThat(tokens.mendNoughts(0)).isEqualTo(mended);
        Tokens meant = new Tokens();
        meant.read(word.replace('O', '0'));
        assertThat(tokens.hash(0)).isEqualTo(mended ? meant.hash(0) : before);
    }

    @Test
    void letterAndNumberArePartedWithTheTokensBehind() {
        Tokens tokens = new Tokens();
        tokens.read("a VT-05641, b");
        tokens.cutBehindLetters(1, 2);
        StringBuilder all = new StringBuilder();
        for (int i = 0; i < tokens.count(); i++) {
            all.append(tokens.kind(i))
                    .append(tokens.text(), tokens.start(i), tokens.end(i))
                    .append(' ');
        }
        assertThat(all).hasToString("WORDa WORDVT MARK- NUMBER05641 COMMA, WORDb ");
    }
}
