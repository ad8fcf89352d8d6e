package io.inkwellsplit.address.weigh;

import static org.assertj.core.api.Assertions.assertThat;

import io.inkwellsplit.address.AddressSplitter;
import io.inkwellsplit.reading.AddressPart;
import io.inkwellsplit.reading.Part;
import java.util.List;
import java.util.stream.Collectors;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** An address has one of each part that stands once, and a city where it has any place; whatever its words are. */
class WholeRulesTest {
    private static final List<AddressPart> ONCE =
            List.of(AddressPart.CITY, AddressPart.STATE, AddressPart.POSTCODE, AddressPart.COUNTY);

    @ParameterizedTest
    @ValueSource(
            strings = {
                "12 Quay Road, Wexcombe, Kent, Norfolk, CT5 1AB, EX4 4QJ, UK, UK",
                "12 Main St, Springfield, Troy, IL, NY 62701",
                "Hafenstraße 3, 20457 Hamburg, 10115 Berlin",
                "Kai 4, Bremen, Hamburg, Kiel, Germany",
                "1 Quay, 2 Quay, 3 Quay, 4 Quay",
                "IL IL IL IL 62701 62702 62703",
                "Rue du Quai 4, 75001 Paris, 13001 Marseille, France, Belgium",
                "Zürich, Zürich, Zürich, Zürich"
            })
    void aPartThatStandsOnceIsReadOnce(String text) {
        List<AddressPart> read = AddressSplitter.standard().split(text).parts().stream()
                .flatMap(part -> part.spans().stream().map(span -> part.key()))
                .collect(Collectors.toList());
        for (AddressPart part : ONCE) {
            assertThat(read.stream().filter(part::equals).count())
                    .as(part + " in " + text)
                    .isLessThanOrEqualTo(1);
        }
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "Via del Molo 31, 00177 Roma, Italy",
                "Mariahilfer Straße 45, 1060 Wien, Austria",
                "Muelle 3, 08009 Barcelona, Spain",
                "12 Kaya Street, Jerusalem 91450, Israel"
            })
    void theOnlyPlaceIsTheCity(String text) {
        assertThat(AddressSplitter.standard().split(text).text(AddressPart.CITY))
                .isNotEmpty();
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "Muelle 3, 28001 Madrid",
                "12 bis rue du Quai, 75001 Paris, France",
                "Hafenstraße 5, 1010 Wien, Österreich",
                "Kaigata 24, 0403 Oslo, Norway",
                "Friedrich-Kai-Str. 61, Leipzig, 04109, Germany"
            })
    void noWayThatNamesAPlaceButNoCityIsARival(String text) {
        AddressSplitter splitter = AddressSplitter.standard();
        assertThat(splitter.split(text).doubts()).isEmpty();
        assertThat(splitter.alternatives(text)).allSatisfy(way -> {
            List<AddressPart> parts = way.parts().stream().map(Part::key).toList();
            assertThat(parts).as(way.toString()).containsAnyOf(AddressPart.CITY, AddressPart.STREET);
            if (!parts.contains(AddressPart.CITY)) {
                assertThat(parts).doesNotContain(AddressPart.LOCALITY, AddressPart.STATE);
            }
        });
    }
}
