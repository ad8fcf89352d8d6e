package io.inkwellsplit.address;

import static org.assertj.core.api.Assertions.assertThat;

import io.inkwellsplit.reading.AddressPart;
import io.inkwellsplit.reading.Doubt;
import io.inkwellsplit.reading.Reading;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Parts that contradict each other, and what is missing. */
class AddressChecksTest {
    private static String found(String address) {
        Reading<AddressPart> reading = AddressSplitter.standard().doubtBelow(0).split(address);
        String doubts = reading.doubts().stream().map(Doubt::code).sorted().collect(Collectors.joining(" "));
        return doubts
                + reading.suggestions().stream()
                        .map(one -> " " + one.part().key() + "=" + one.value())
                        .collect(Collectors.joining());
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', emptyValue = "", quoteCharacter = '`', textBlock = """
            12 Main St, Barre, VT 05641                 | ``
            PO Box 5, Barre, VT 05641                   | ``
            12 Main St, Barre, VT 5641                  | short-postcode postcode=05641
            Hafenstraße 3, 2045 Hamburg                 | short-postcode postcode=02045
            12 Main St, Barre, VT 90210                 | postcode-state state=CA
            12 Main St, Barre, VT O5641, USA            | postcode-form postcode=05641
            12 High Street, London SWIA 1AA, UK         | postcode-form postcode=SW1A 1AA
            12 Main St, Barre, VT 0564133, USA          | postcode-form
            12 Main St, Barre, CA 05641                 | postcode-state state=VT
            12 Main St, Xyzzyville, VT 05641            | ``
            12 Main St                                  | no-city
            Barre, VT 05641                             | no-street
            12 Main St, Thimphu 11001, Bhutan           | other-country
            12 Main St, Barre, VT 05641 (rear entrance) | unplaced
            """)
    void saysWhatDoesNotFit(String address, String expected) {
        assertThat(found(address)).isEqualTo(expected);
    }

    /** Whether the end is sure where the whole is not: that saves a look to those who only want cities and postcodes. */
    @ParameterizedTest
    @CsvSource(delimiter = '|', emptyValue = "", quoteCharacter = '`', textBlock = """
            Marlow House Suite 4 The Maltings, 12 Elm Street, Barre, VT 05641     | street-line
            Wren Centre North Block, Harbour Estate Quay Road, Southwold IP18 6AB | street-line
            Elm Barre Quay                                                        | close-call no-street
            Quay Barre Elm, Wexcombe Thorley Marsh                                | close-call
            12 Elm Street, Barre, VT 05641                                        | ``
            """)
    void saysWhereAnotherReadingIsNear(String address, String expected) {
        Reading<AddressPart> reading = AddressSplitter.standard().split(address);
        assertThat(reading.doubts().stream().map(Doubt::code).collect(Collectors.joining(" ")))
                .isEqualTo(expected);
        assertThat(reading.doubts().stream().anyMatch(Doubt::isClose)).isEqualTo(reading.confidence() < 0.97);
    }

    @Test
    void aSuggestionLeavesThePartAsItIsWritten() {
        Reading<AddressPart> reading = AddressSplitter.standard().split("12 Main St, Barre, VT 5641");
        assertThat(reading.text(AddressPart.POSTCODE)).isEqualTo("5641");
        assertThat(reading.suggestions()).singleElement().satisfies(one -> {
            assertThat(one.part()).isEqualTo(AddressPart.POSTCODE);
            assertThat(one.value()).isEqualTo("05641");
        });
    }
}
