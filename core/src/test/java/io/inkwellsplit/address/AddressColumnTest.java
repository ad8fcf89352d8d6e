package io.inkwellsplit.address;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import org.junit.jupiter.api.Test;

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

    private static AddressEvidence gathered(List<String> column) {
        AddressEvidence evidence = new AddressEvidence();
        column.forEach(value -> ALONE.gather(value, evidence));
        return evidence;
    }
}
