package io.inkwellsplit.text;

import static org.assertj.core.api.Assertions.assertThat;

import io.inkwellsplit.address.AddressSplitter;
import io.inkwellsplit.name.NameSplitter;
import io.inkwellsplit.reading.AddressPart;
import io.inkwellsplit.reading.Kind;
import io.inkwellsplit.reading.NamePart;
import io.inkwellsplit.reading.Reading;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class HtmlSignsTest {
    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            Harrow &amp; Sons        | Harrow & Sons
            Ines O&#39;Neill         | Ines O'Neill
            Ines O&#x27;Neill        | Ines O'Neill
            Jos&eacute; Brandt       | José Brandt
            Wren &lt;Quay&gt;        | Wren <Quay>
            12 Quay Road<br>Dunmere  | 12 Quay Road/Dunmere
            12 Quay Road<BR />Dunmere| 12 Quay Road/Dunmere
            <p>Wren</p>              | /Wren/
            Brandt & Wren; Thorne    | Brandt & Wren; Thorne
            Brandt &nothing; Wren    | Brandt &nothing; Wren
            Brandt &; Wren           | Brandt &; Wren
            Brandt &#; Wren          | Brandt &#; Wren
            Brandt &#1; Wren         | Brandt &#1; Wren
            Brandt &#99999999; Wren  | Brandt &#99999999; Wren
            Brandt &#xD800; Wren     | Brandt &#xD800; Wren
            Brandt <bread> Wren      | Brandt <bread> Wren
            Brandt <br               | Brandt <br
            Brandt &amp              | Brandt &amp
            """)
    void standForTheirCharacter(String value, String text) {
        Tokens tokens = new Tokens();
        tokens.read(value);
        assertThat(tokens.text()).isEqualTo(text.replace('/', '\n'));
    }

    @Test
    void placesAreThoseOfTheValue() {
        String value = "Ines O&#39;Neill &amp; Tobias Wren";
        Reading<NamePart> couple = NameSplitter.standard().split(value);
        assertThat(couple.kind()).isEqualTo(Kind.COUPLE);
        assertThat(couple.text(NamePart.LAST)).isEqualTo("O&#39;Neill");
        assertThat(couple.text(NamePart.SECOND_LAST)).isEqualTo("Wren");
    }

    @Test
    void aTagEndsALine() {
        Reading<AddressPart> address =
                AddressSplitter.standard().split("12 Quay Road<br>Wexcombe<br/>Kent&nbsp;CT5 1AB");
        assertThat(address.text(AddressPart.STREET)).isEqualTo("12 Quay Road");
        assertThat(address.text(AddressPart.CITY)).isEqualTo("Wexcombe");
        assertThat(address.text(AddressPart.POSTCODE)).isEqualTo("CT5 1AB");
    }
}
