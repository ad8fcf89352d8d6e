package io.inkwellsplit;

import static org.assertj.core.api.Assertions.assertThat;

import io.inkwellsplit.address.AddressSplitter;
import io.inkwellsplit.name.NameSplitter;
import io.inkwellsplit.reading.AddressPart;
import io.inkwellsplit.reading.Evidence;
import io.inkwellsplit.reading.NamePart;
import io.inkwellsplit.reading.Part;
import io.inkwellsplit.reading.PartKey;
import io.inkwellsplit.reading.Reading;
import io.inkwellsplit.reading.Splitter;
import java.text.Normalizer;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Locale;
import java.util.Random;
import java.util.function.UnaryOperator;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Changes of a value that must not change how it is read, and changes of a column that must not change what it teaches. */
class MetamorphicTest {
    private static final List<String> NAMES = List.of(
            "Dr. Ines Brandt",
            "Brandt, Ines",
            "van der Meulen, Odalys W.",
            "Mr. & Mrs. Tobias Brandt",
            "Ines \"Dot\" Brandt",
            "Ines Brandt née Okonedo",
            "Harbour Savings Co",
            "Estate of Tobias Wren",
            "Tobias Wren c/o Ines Brandt",
            "García López, Juan",
            "Wren, Tobias, Jr.",
            "J. R. Brandt, PhD");

    private static final List<String> ADDRESSES = List.of(
            "12 Main St, Barre, VT 05641",
            "445 Industrial Lane Apt B, Grass Valley, CO 80202",
            "Flat 2/1, 14 Harbour Lane, Dunmere, Kent CT5 1AB",
            "Hafenstraße 3, 20457 Hamburg",
            "12 rue du Port, 33000 Bordeaux, France",
            "PO Box 112, Barre, VT 05641",
            "c/o Ines Brandt, 5 Elm St, Barre, VT 05641",
            "ul. Długa 5/7, 00-238 Warszawa",
            "Rua Azul 12, 01310-100 São Paulo - SP");

    static List<String> names() {
        return NAMES;
    }

    static List<String> addresses() {
        return ADDRESSES;
    }

    private static String plain(Reading<? extends PartKey> reading) {
        return reading.kind().key()
                + ' '
                + reading.country()
                + ' '
                + reading.parts().stream()
                        .map((Part<? extends PartKey> part) -> part.key().key() + "=" + part.text())
                        .collect(Collectors.joining("; "));
    }

    private static String name(String text) {
        return plain(NameSplitter.standard().split(text));
    }

    private static String address(String text) {
        return plain(AddressSplitter.standard().split(text));
    }

    private static void same(String value, UnaryOperator<String> change, UnaryOperator<String> read) {
        assertThat(read.apply(change.apply(value))).as(change.apply(value)).isEqualTo(read.apply(value));
    }

    @ParameterizedTest
    @MethodSource("names")
    void blanksAroundANameAndDoubledOnesSayNothing(String name) {
        same(name, text -> "  " + text + "\t", MetamorphicTest::name);
        same(name, text -> text.replace(" ", "  "), MetamorphicTest::name);
        same(name, text -> text.replace(' ', '\u00a0'), MetamorphicTest::name);
    }

    @ParameterizedTest
    @MethodSource("addresses")
    void blanksAroundAnAddressAndDoubledOnesSayNothing(String address) {
        same(address, text -> "  " + text + "  ", MetamorphicTest::address);
        same(address, text -> text.replace(", ", ",   "), MetamorphicTest::address);
        same(address, text -> text.replace(' ', '\u00a0'), MetamorphicTest::address);
    }

    @ParameterizedTest
    @MethodSource("addresses")
    void aCommaAtTheEndOfAnAddressSaysNothing(String address) {
        same(address, text -> text + ",", MetamorphicTest::address);
        same(address, text -> text + " ,", MetamorphicTest::address);
    }

    @ParameterizedTest
    @MethodSource("names")
    void lettersTakenApartAreTheSameNames(String name) {
        String apart = Normalizer.normalize(name, Normalizer.Form.NFD);
        assertThat(Normalizer.normalize(name(apart), Normalizer.Form.NFC)).isEqualTo(name(name));
    }

    @ParameterizedTest
    @MethodSource("addresses")
    void lettersTakenApartAreTheSameAddresses(String address) {
        String apart = Normalizer.normalize(address, Normalizer.Form.NFD);
        assertThat(Normalizer.normalize(address(apart), Normalizer.Form.NFC)).isEqualTo(address(address));
    }

    @ParameterizedTest
    @MethodSource("names")
    void capitalsChangeNoPartOfAName(String name) {
        String upper = name.toUpperCase(Locale.ROOT);
        assertThat(name(upper).toUpperCase(Locale.ROOT)).isEqualTo(name(name).toUpperCase(Locale.ROOT));
    }

    @ParameterizedTest
    @MethodSource("addresses")
    void capitalsChangeNoPartOfAnAddress(String address) {
        String upper = address.toUpperCase(Locale.ROOT);
        assertThat(address(upper).toUpperCase(Locale.ROOT))
                .isEqualTo(address(address).toUpperCase(Locale.ROOT));
    }

    @Test
    void readingAgainGivesTheSameWhateverStoodBetween() {
        List<Reading<NamePart>> names =
                NAMES.stream().map(NameSplitter.standard()::split).toList();
        List<Reading<AddressPart>> addresses =
                ADDRESSES.stream().map(AddressSplitter.standard()::split).toList();
        List<Integer> order = new ArrayList<>();
        for (int i = 0; i < NAMES.size(); i++) {
            order.add(i);
        }
        Collections.shuffle(order, new Random(7));
        for (int i : order) {
            assertThat(NameSplitter.standard().split(NAMES.get(i))).isEqualTo(names.get(i));
            if (i < ADDRESSES.size()) {
                assertThat(AddressSplitter.standard().split(ADDRESSES.get(i))).isEqualTo(addresses.get(i));
            }
        }
    }

    @ParameterizedTest
    @MethodSource("names")
    void theBestAlternativeIsTheReading(String name) {
        assertThat(NameSplitter.standard().alternatives(name).get(0).parts())
                .isEqualTo(NameSplitter.standard().split(name).parts());
    }

    /** Where the rules for a whole address forbid nearly every way. */
    @ParameterizedTest
    @ValueSource(strings = {"llaman/k/ f", "\u7a14,taylan &[oy]", "Kent, Kent, Kent", "VT 05641 VT 05641"})
    void sharesAreFromNoughtToOne(String address) {
        assertThat(AddressSplitter.standard().alternatives(address))
                .allSatisfy(way -> assertThat(way.share()).isBetween(0.0, 1.0));
        assertThat(AddressSplitter.standard().split(address).confidence()).isBetween(0.0, 1.0);
    }

    @ParameterizedTest
    @MethodSource("addresses")
    void sharesOfAlternativesFallAndAreNoMoreThanOne(String address) {
        double last = 1;
        double sum = 0;
        for (var way : AddressSplitter.standard().alternatives(address)) {
            assertThat(way.share()).isLessThanOrEqualTo(last + 1e-9);
            last = way.share();
            sum += way.share();
        }
        assertThat(sum).isLessThanOrEqualTo(1 + 1e-6);
        assertThat(AddressSplitter.standard().alternatives(address).get(0).parts())
                .isEqualTo(AddressSplitter.standard().split(address).parts());
    }

    @ParameterizedTest
    @ValueSource(ints = {1, 2, 3, 4})
    void theOrderOfRowsTeachesNothing(int seed) {
        order(NameSplitter.standard(), NAMES, seed);
        order(AddressSplitter.standard(), ADDRESSES, seed);
    }

    private static <P extends PartKey, E extends Evidence<E>> void order(
            Splitter<P, E> splitter, List<String> values, int seed) {
        List<String> column = new ArrayList<>();
        for (int i = 0; i < 6; i++) {
            column.addAll(values);
        }
        List<String> shuffled = new ArrayList<>(column);
        Collections.shuffle(shuffled, new Random(seed));
        Splitter<P, E> one = splitter.learn(column);
        Splitter<P, E> other = splitter.learn(shuffled);
        for (String value : values) {
            assertThat(other.split(value)).as(value).isEqualTo(one.split(value));
        }
    }
}
