package io.inkwellsplit.address;

import static org.assertj.core.api.Assertions.assertThat;

import io.inkwellsplit.reading.AddressPart;
import io.inkwellsplit.reading.Doubt;
import io.inkwellsplit.reading.Kind;
import io.inkwellsplit.reading.Part;
import io.inkwellsplit.reading.Reading;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class AddressSplitterTest {
    /** Values with ways that the rules for a whole address forbid. */
    @ParameterizedTest
    @ValueSource(strings = {"A Coruña,es", ",liant œ", "Col\u00a0ped", "Quay, es, es", "Plymouth, gb gb", "12 A, fr"})
    void everyShareIsOneOfAWhole(String value) {
        assertThat(AddressSplitter.standard().alternatives(value))
                .isNotEmpty()
                .allSatisfy(way -> assertThat(way.share()).isBetween(0.0, 1.0));
    }

    @ParameterizedTest
    @CsvSource(delimiter = '=', quoteCharacter = '`', textBlock = """
            445 Industrial Lane Apt B, Grass Valley, CO 05641 = street:445 Industrial Lane unit:Apt B city:Grass Valley state:CO postcode:05641
            445 Industrial Lane, Apt B, Grass Valley, CO 05641-1234 = street:445 Industrial Lane unit:Apt B city:Grass Valley state:CO postcode:05641-1234
            445 INDUSTRIAL LANE APT B GRASS VALLEY CO 95641 = street:445 INDUSTRIAL LANE unit:APT B city:GRASS VALLEY state:CO postcode:95641
            1501 New Hampshire Avenue NW Washington DC 20009 = street:1501 New Hampshire Avenue NW city:Washington state:DC postcode:20009
            12½ N Main St SE, Wexcombe, Illinois 62701 = street:12½ N Main St SE city:Wexcombe state:Illinois postcode:62701
            #203, 77 Court Street, Lowmarket, NY 10001, USA = street:77 Court Street unit:#203 city:Lowmarket state:NY postcode:10001 country:USA
            PO Box 112, Harrow Point, ME 4101 = box:PO Box 112 city:Harrow Point state:ME postcode:4101
            RR 2 Box 9, Tallow Creek, VT 05001 = box:RR 2 Box 9 city:Tallow Creek state:VT postcode:05001
            14 Quay Street, PO Box 31, North Quay, MA 02108 = street:14 Quay Street box:PO Box 31 city:North Quay state:MA postcode:02108
            c/o Lindqvist, 814 Coachway, Marl Springs, AZ 85001 = care_of:Lindqvist street:814 Coachway city:Marl Springs state:AZ postcode:85001
            Quay Choir Office, 9 North Street, Lowmarket, OH 44101 = recipient:Quay Choir Office street:9 North Street city:Lowmarket state:OH postcode:44101
            Flat 2/1, 14 Harbour Lane, Wexcombe, Dunmere, Kent CT5 1AB = street:14 Harbour Lane unit:Flat 2/1 locality:Wexcombe city:Dunmere county:Kent postcode:CT5 1AB
            Gullwing House, 3 Quay Street, Dunmere, ct51ab, England = building:Gullwing House street:3 Quay Street city:Dunmere postcode:ct51ab country:England
            14 Harbour Lane Wexcombe = street:14 Harbour Lane city:Wexcombe
            """)
    void readsAddresses(String text, String expected) {
        Reading<AddressPart> reading = AddressSplitter.standard().split(text);
        assertThat(reading.parts().stream()
                        .filter(part -> !part.key().isFiner())
                        .map(part -> part.key().key() + ":" + part.text())
                        .collect(Collectors.joining(" ")))
                .isEqualTo(expected);
    }

    @Test
    void cutsStreetAndUnitFiner() {
        Reading<AddressPart> reading = AddressSplitter.standard().split("12½ N Main St SE Apt B, Wexcombe, IL 62701");
        assertThat(reading.parts().stream().filter(part -> part.key().isFiner()).map(Part::text))
                .containsExactly("12½", "N", "Main", "St", "SE", "Apt", "B");
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', quoteCharacter = '`', textBlock = """
            Musterstraße 7a, 50667 Köln                  | number=7a street_name=Musterstraße
            Am Markt 3, 2. OG, 28195 Bremen              | number=3 street_name=Am Markt unit_word=OG unit_id=2.
            C/ Serrano, nº 12, 2º izq, 28001 Madrid      | number=12 street_name=Serrano street_type=C/ unit_word=izq unit_id=2º
            Avda. de la Constitución s/n, 41001 Sevilla  | number=s/n street_name=de la Constitución street_type=Avda.
            12 bis rue de la Paix, 75002 Paris           | number=12 bis street_name=de la Paix street_type=rue
            3/12 Smith St, Fitzroy VIC 3065              | number=12 street_name=Smith street_type=St unit_id=3
            4-123 Main St, Toronto, ON M5V 2T6           | number=123 street_name=Main street_type=St unit_id=4
            Highway 61 North, Natchez, MS 39120          | street_name=61 street_type=Highway street_postdirection=North
            ul. Długa 5/7, 00-238 Warszawa               | number=5 street_name=Długa street_type=ul. unit_id=7
            1-2-3 Ginza, Chuo-ku, Tokyo 104-0061         | number=1-2-3 street_name=Ginza
            """)
    void cutsFinerWhereverTheCountryHasThem(String text, String expected) {
        assertThat(AddressSplitter.standard().split(text).parts().stream()
                        .filter(part -> part.key().isFiner())
                        .map(part -> part.key().key() + "=" + part.text())
                        .collect(Collectors.joining(" ")))
                .isEqualTo(expected);
    }

    @Test
    void doubtsSayWhatIsOdd() {
        AddressSplitter splitter = AddressSplitter.standard();
        assertThat(splitter.split("PO Box 112, Harrow Point, ME 4101").doubts()).contains(Doubt.SHORT_POSTCODE);
        assertThat(splitter.split("PO Box 12, CO 80911").doubts()).contains(Doubt.NO_CITY);
        assertThat(splitter.split("7 Ferry Place, Sucre, Bolivia").doubts()).contains(Doubt.OTHER_COUNTRY);
        assertThat(splitter.split(" , ").kind()).isEqualTo(Kind.BLANK);
        assertThat(splitter.alternatives("14 Harbour Lane Wexcombe"))
                .hasSizeGreaterThan(1)
                .extracting(way -> way.kind())
                .containsOnly(Kind.ADDRESS);
    }
}
