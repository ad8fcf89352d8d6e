package io.inkwellsplit.address.outline;

import static org.assertj.core.api.Assertions.assertThat;

import io.inkwellsplit.address.place.AddressWords;
import io.inkwellsplit.address.text.AddressText;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** What an address looks like without its words: alike where only names and numbers are others, and nowhere else. */
class OutlineTest {
    private final AddressText text = new AddressText(AddressWords.shipped());
    private final Outline outline = new Outline(text);

    private boolean draw(String country, String address) {
        text.read(address.replace("\\n", "\n"));
        text.use(AddressWords.shipped().countries().withCode(country).orElseThrow());
        return outline.draw();
    }

    private record Drawn(long head, long end, int headTokens) {}

    private Drawn drawn(String country, String address) {
        assertThat(draw(country, address)).as(address).isTrue();
        return new Drawn(outline.head(), outline.end(), outline.headTokens());
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            US | 12 Main St, Barre, VT 05641         | 7 Orme Rd, Dover, DE 19901              | other words
            US | 12 Main St, Barre, VT 05641         | 1204 Thorne Ave, Salem, OR 97301        | more digits
            US | 12 Main St, Barre, VT 05641         | 12 MAIN ST, BARRE, VT 05641             | capitals
            US | 3 Elm St, Apt 4B, Barre, VT 05641   | 9 Oak Ln, Unit 12C, Salem, OR 97301     | a unit by another word
            US | 12 Virginia St, Barre, VT 05641     | 12 Harrow St, Barre, VT 05641           | a street like a state
            US | 12 Main Street Barre VT 05641       | 7 Orme Road Dover DE 19901              | towns that are known, no comma
            US | 12 Main St, Barre, VT 05641, USA    | 7 Orme Rd, Dover, DE 19901, USA         | with the country
            GB | 4 Fore Street, Leeds LS1 1AA        | 19 Orme Road, York YO1 7HH              | British
            GB | Flat 2, 4 Fore Street, York, Kent CT14 7AB | Flat 6, 19 Orme Road, Leeds, Somerset LS1 1AB | with a county
            """)
    void isTheSameWithOtherNames(String country, String one, String other, String why) {
        assertThat(drawn(country, one)).as(why).isEqualTo(drawn(country, other));
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            US | 12 Main St, Barre, VT 05641         | 12 Main St Barre, VT 05641              | a comma less
            US | 12 Main St, Barre, VT 05641         | 12 Main St\\nBarre, VT 05641            | a line's end for a comma
            US | 12 Main St, Barre, VT 05641         | 12 Main, Barre, VT 05641                | no type of street
            US | 12 Main St, Barre, VT 05641         | 12 N Main St, Barre, VT 05641           | a direction
            US | 12 Main St, Barre, VT 05641         | 12 Main St, North Barre, VT 05641       | a longer town
            US | 12 Main St, Barre, VT 05641         | 12 Main St, Barre, Vermont 05641        | a state in full
            US | 12 Main St, Barre, VT 05641         | 12 Main St, Barre, VT 05641-1234        | a longer postcode
            US | 12 Main St, Barre, VT 05641         | 12 Main St, Barre, VT 97301             | a postcode of another state
            US | 12 Main St, Barre, VT 05641         | 12000 Main St, Barre, VT 05641          | a number like a postcode
            US | 12 Main St, Barre, VT 05641         | 12 Main St., Barre, VT 05641, USA       | with the country
            US | 12 Main Street Barre VT 05641       | 12 Main Street Barre OR 97301           | a town of another state
            US | 3 Elm St, Apt 4B, Barre, VT 05641   | 3 Elm St, Apt 4, Barre, VT 05641        | a letter less
            US | 3 Elm St, Apt B, Barre, VT 05641    | 3 Elm St, Apt B., Barre, VT 05641       | a dot behind a letter
            GB | 4 Fore Street, Leeds LS1 1AA        | 4 Fore Street, Leeds, LS1 1AA           | a comma more
            GB | 4 Fore Street, York, Kent CT14 7AB  | 4 Fore Street, Walmer, York CT14 7AB    | a locality for a county
            """)
    void isAnotherWhereMoreIsOther(String country, String one, String other, String why) {
        Drawn first = drawn(country, one);
        Drawn second = drawn(country, other);
        assertThat(first).as(why).isNotEqualTo(second);
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            US | 12 Main St, Barre, VT 05641         | 3
            US | Apt 4, 12 Main St, Barre, VT 05641  | 5
            US | 12 Main Street South Barre VT 05670 | 3
            US | PO Box 112, Barre, VT 05641         | 3
            """)
    void theHeadEndsBeforeTheCity(String country, String address, int tokens) {
        assertThat(drawn(country, address).headTokens()).isEqualTo(tokens);
    }

    @Test
    void theCountryMakesADifference() {
        Drawn american = drawn("US", "12 Main St, Barre, VT 05641");
        assertThat(drawn("AU", "12 Main St, Barre, VT 05641").head()).isNotEqualTo(american.head());
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "12 Main St, Barre, VT",
                "12 Main St",
                "05641",
                "VT 05641",
                "12 Main St Zennorvale VT 05641",
                "Barre, VT 05641 12 Main St",
                "12 Main St, Barre, VT 05641 Лондон",
                ", , 05641",
                "a b c d e f g h i j k l m n o p q r s t u v w x y z a b c, Barre, VT 05641"
            })
    void hasNoneWithoutPostcodeOrCity(String address) {
        assertThat(draw("US", address)).isFalse();
    }
}
