package io.inkwellsplit.address.place;

import static org.assertj.core.api.Assertions.assertThat;

import io.inkwellsplit.address.AddressSplitter;
import io.inkwellsplit.assemble.AddressLabel;
import io.inkwellsplit.data.Resources.Line;
import io.inkwellsplit.reading.AddressPart;
import io.inkwellsplit.reading.Reading;
import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** The examples in the file of each country: a text, its parts, and the lines of its label at home. */
class CountryExamplesTest {
    record Example(String country, String text, String parts, String label) {}

    static Stream<Example> examples() {
        return AddressSplitter.countries().stream().flatMap(CountryExamplesTest::examples);
    }

    private static Stream<Example> examples(String country) {
        return CountryFile.COUNTRY
                .read(CountryFile.class, "country/" + country + ".txt")
                .getOrDefault("example", List.of())
                .stream()
                .map(Line::fields)
                .map(fields -> new Example(country, fields[0], fields[1], fields[2]));
    }

    @ParameterizedTest
    @MethodSource("examples")
    void readsAndWritesWhatTheFileSays(Example example) {
        Reading<AddressPart> reading = AddressSplitter.standard().split(example.text);
        assertThat(reading.plainParts().stream()
                        .map(part -> part.key().key() + "=" + part.text())
                        .collect(Collectors.joining("; ")))
                .isEqualTo(example.parts);
        assertThat(reading.country()).isEqualTo(example.country);
        assertThat(String.join(" / ", AddressLabel.from(example.country).lines(reading)))
                .isEqualTo(example.label);
    }
}
