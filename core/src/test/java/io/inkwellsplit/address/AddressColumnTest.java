package io.inkwellsplit.address;

import static org.assertj.core.api.Assertions.assertThat;

import io.inkwellsplit.address.place.AddressWords;
import io.inkwellsplit.address.place.Countries;
import io.inkwellsplit.address.text.AddressText;
import io.inkwellsplit.reading.AddressPart;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class AddressColumnTest {
    private static final AddressSplitter ALONE = AddressSplitter.standard();

    @Test
    void townsOfOtherRowsHelp() {
        AddressSplitter taught = ALONE.learn(
                List.of("3 Quay Street, Great Wexcombe Hill, Kent CT5 1AB", "14 Harbour Lane Great Wexcombe Hill"));
        assertThat(taught.split("14 Harbour Lane Great Wexcombe Hill").text(AddressPart.CITY))
                .isEqualTo("Great Wexcombe Hill");
    }

    @Test
    void theCountryOfOtherRowsHelps() {
        List<String> column = new ArrayList<>(Collections.nCopies(12, "Kerkstraat 12, 9000 Gent, Belgium"));
        column.add("Havenstraat 3, 2000 Zandbergem");
        AddressSplitter taught = ALONE.learn(column);
        assertThat(taught.split("Havenstraat 3 bus 4, 2000 Zandbergem").country())
                .isEqualTo("BE");
        assertThat(taught.split("Havenstraat 3 bus 4, 2000 Zandbergem").text(AddressPart.UNIT))
                .isEqualTo("bus 4");
    }

    @Test
    void aLostZeroIsSeenWhereTheColumnIsSureOfTheCountry() {
        List<String> column = Collections.nCopies(8, "Hauptstraße 12, 10115 Berlin, Germany");
        AddressSplitter taught = ALONE.learn(column);
        assertThat(taught.split("Hafenstraße 3, 1067 Dresden")
                        .suggestions()
                        .get(0)
                        .value())
                .isEqualTo("01067");
    }

    @Test
    void partsOfAColumnMergeInAnyOrder() {
        List<String> one = List.of("3 Quay Street, Wexcombe, Kent CT5 1AB", "5 Elm St, Boston, MA 02108");
        List<String> other = List.of("Hauptstr. 12, 10115 Berlin", "14 Mill Lane, Wexcombe, Kent CT5 1AC");
        String text = "14 Harbour Lane Wexcombe";
        AddressEvidence forward = gathered(one);
        forward.merge(gathered(other));
        AddressEvidence backward = gathered(other);
        backward.merge(gathered(one));
        List<String> whole = new ArrayList<>(one);
        whole.addAll(other);
        double confidence = ALONE.inLightOf(gathered(whole)).split(text).confidence();
        assertThat(ALONE.inLightOf(forward).split(text).confidence()).isEqualTo(confidence);
        assertThat(ALONE.inLightOf(backward).split(text).confidence()).isEqualTo(confidence);
    }

    /** A state of many rows is a country in another, and what many do holds for their country. */
    @ParameterizedTest
    @ValueSource(
            strings = {
                "3 Harbour St., Rehovot 76701, IL",
                "Hauptstraße 12, 10115 Berlin",
                "12 Quay Road, Mumbai 400001, IN"
            })
    void aMixedColumnReadsNoWorseThanValuesAlone(String text) {
        List<String> column = new ArrayList<>();
        for (int i = 1; i <= 30; i++) {
            column.add(i + " Main St, Springfield, IL 62701");
            column.add(i + " Elm St, Carmel, IN 46032");
            column.add("Storgatan " + i + ", 111 22 Stockholm, Sweden");
        }
        column.add(text);
        assertThat(ALONE.learn(column).split(text).parts())
                .isEqualTo(ALONE.split(text).parts());
    }

    @Test
    void aLongColumnDoesNotTakeEveryWordForAPlace() {
        List<String> column = new ArrayList<>();
        for (int i = 0; i < 60_000; i++) {
            column.add(i + " Main St, " + town(i) + ", OH 43001");
        }
        AddressEvidence evidence = gathered(column);
        AddressText text = new AddressText(AddressWords.shipped());
        int seen = 0;
        for (int i = 0; i < 1000; i++) {
            text.read(town(i + 1_000_000));
            text.use(Countries.shipped().withCode("US").orElseThrow());
            seen += evidence.counts.seen(text, 0, 1).cities() > 1 ? 1 : 0;
        }
        assertThat(seen).isLessThan(30);
    }

    /** A word that hardly any other number gives. */
    private static String town(int number) {
        StringBuilder town = new StringBuilder("W");
        for (int rest = number; rest > 0; rest /= 20) {
            town.append("bcdfghklmnprstvwxzjq".charAt(rest % 20)).append("aeiou".charAt(rest % 5));
        }
        return town.append("ton").toString();
    }

    private static AddressEvidence gathered(List<String> column) {
        AddressEvidence evidence = new AddressEvidence();
        column.forEach(value -> ALONE.gather(value, evidence));
        return evidence;
    }
}
