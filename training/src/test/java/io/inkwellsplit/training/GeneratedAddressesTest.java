package io.inkwellsplit.training;

import static org.assertj.core.api.Assertions.assertThat;

import io.inkwellsplit.address.AddressLearning;
import io.inkwellsplit.address.AddressSplitter;
import io.inkwellsplit.reading.AddressPart;
import io.inkwellsplit.training.AddressSets.Set;
import java.nio.file.Path;
import java.util.Map;
import java.util.TreeMap;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** The shipped weights and the gazetteer read generated addresses well. */
class GeneratedAddressesTest {
    private static final Path DATA = Path.of("data");
    private static final long SEED = 4711;
    private static final int ROWS = 3000;

    /** Floors a little under what is measured, so that a fault in the code is seen and chance is not. */
    @ParameterizedTest
    @CsvSource({"US_COMMAS, 99.5", "US_BARE, 98.4", "US_TRICKY, 98.3", "UK, 99.3", "OTHERS, 98.5"})
    void readsGeneratedAddresses(Set set, double floor) {
        int right = 0;
        for (Labelled row : new AddressSets(DATA, SEED).rows(set, ROWS)) {
            right += AddressLearning.plainParts(AddressSplitter.standard().split(row.text()))
                            .equals(row.parts())
                    ? 1
                    : 0;
        }
        assertThat(100.0 * right / ROWS).isGreaterThan(floor);
    }

    @Test
    void readsEveryCountry() {
        Map<String, int[]> countries = new TreeMap<>();
        for (Labelled row : new AddressSets(DATA, SEED).rows(Set.OTHERS, 33 * 100)) {
            int[] count = countries.computeIfAbsent(row.format(), code -> new int[1]);
            boolean right = AddressLearning.plainParts(
                            AddressSplitter.standard().split(row.text()))
                    .equals(row.parts());
            count[0] += right ? 1 : 0;
        }
        assertThat(countries)
                .hasSize(33)
                .allSatisfy((code, count) -> assertThat(count[0]).as(code).isGreaterThan(90));
    }

    @Test
    void theSameSeedGivesTheSameAddresses() {
        for (Set set : Set.values()) {
            assertThat(new AddressSets(DATA, SEED).rows(set, 50)).isEqualTo(new AddressSets(DATA, SEED).rows(set, 50));
        }
    }

    @ParameterizedTest
    @CsvSource(delimiter = '=', textBlock = """
            55 Elm Ave West Palm Beach FL 33401      = West Palm Beach
            123 N Main St North Little Rock AR 72114 = North Little Rock
            123 Main St St. Paul MN 55101            = St. Paul
            1 BROADWAY NEW YORK NY 10004             = NEW YORK
            4672 A STREET SE SALEM OR 97302          = SALEM
            10 High Street Newcastle upon Tyne NE1 4ST = Newcastle upon Tyne
            14 Harbour Lane Wexcombe Kent CT5 1AB    = Wexcombe
            """)
    void theGazetteerHelpsWhereNoCommaDoes(String text, String city) {
        assertThat(AddressSplitter.standard().split(text).text(AddressPart.CITY))
                .isEqualTo(city);
    }
}
