package io.inkwellsplit.address;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import io.inkwellsplit.address.place.AddressWords;
import io.inkwellsplit.address.place.Countries;
import io.inkwellsplit.address.place.Country;
import io.inkwellsplit.address.text.AddressText;
import io.inkwellsplit.reading.AddressPart;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** What a column of addresses is counted to say, in whatever pieces it comes. */
class AddressEvidenceTest {
    private static final AddressSplitter SPLITTER = AddressSplitter.standard();

    private static List<String> column(int seed) {
        List<String> column = new ArrayList<>();
        for (int i = 1; i <= 40; i++) {
            column.add(i + " Main St, " + (i % 3 == 0 ? "Tallow Creek" : "Barre") + ", VT 05641");
            column.add("Hafenstraße " + i + ", 20457 Hamburg");
        }
        Collections.shuffle(column, new Random(seed));
        return column;
    }

    private static AddressEvidence gathered(List<String> column) {
        AddressEvidence evidence = SPLITTER.newEvidence();
        column.forEach(value -> SPLITTER.gather(value, evidence));
        return evidence;
    }

    @ParameterizedTest
    @ValueSource(ints = {1, 2, 3})
    void theOrderOfRowsAndTheCutOfTheColumnDoNotMatter(int seed) {
        byte[] whole = gathered(column(0)).toBytes();
        List<String> other = column(seed);
        assertThat(gathered(other).toBytes()).isEqualTo(whole);
        AddressEvidence left = gathered(other.subList(0, 17));
        AddressEvidence right = gathered(other.subList(17, other.size()));
        right.merge(left);
        assertThat(right.toBytes()).isEqualTo(whole);
        assertThat(SPLITTER.evidence(whole).toBytes()).isEqualTo(whole);
    }

    @Test
    void bytesOfAnotherKindAreRefused() {
        byte[] bytes = gathered(column(0)).toBytes();
        bytes[0] = 'N';
        assertThatThrownBy(() -> SPLITTER.evidence(bytes)).isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> SPLITTER.evidence(new byte[0])).isInstanceOf(IllegalArgumentException.class);
    }

    @Test
    void countsCountriesAndIsSureOfOneAlone() {
        AddressEvidence mixed = gathered(column(0));
        Country us = Countries.shipped().withCode("US").orElseThrow();
        assertThat(mixed.counts.countryShare(us.index)).isBetween(0.01, 0.1);
        assertThat(mixed.counts.isSure()).isFalse();
        AddressEvidence one = gathered(List.of(
                "1 Main St, Barre, VT 05641",
                "2 Main St, Barre, VT 05641",
                "3 Main St, Barre, VT 05641",
                "4 Main St, Barre, VT 05641",
                "5 Main St, Barre, VT 05641"));
        assertThat(one.counts.isSure()).isTrue();
        assertThat(one.counts.countryShare(us.index)).isGreaterThan(0.5);
        assertThat(SPLITTER.newEvidence().counts.countryShare(us.index)).isZero();
    }

    @Test
    void placesCountForTheirOwnCountry() {
        AddressEvidence evidence = gathered(column(0));
        AddressText text = new AddressText(AddressWords.shipped());
        text.read("Tallow Creek");
        text.use(Countries.shipped().withCode("US").orElseThrow());
        assertThat(evidence.counts.seen(text, 0, 2).cities()).isEqualTo(13);
        text.use(Countries.shipped().withCode("DE").orElseThrow());
        assertThat(evidence.counts.seen(text, 0, 2).cities()).isZero();
        assertThat(evidence.counts.seen(text, 0, 2).localities()).isZero();
        evidence.teach("Tallow Creek", AddressPart.LOCALITY, 5);
        assertThat(evidence.counts.seen(text, 0, 2).localities()).isEqualTo(5);
        evidence.teach("Tallow Creek", AddressPart.STREET, 5);
        assertThat(evidence.counts.seen(text, 0, 2).cities()
                        + evidence.counts.seen(text, 0, 2).states())
                .isZero();
    }

    @Test
    void habitsAreThoseOfMostRows() {
        AddressEvidence streetFirst = gathered(List.of("1 Main St, Barre, VT 05641", "2 Main St, Barre, VT 05641"));
        Country us = Countries.shipped().withCode("US").orElseThrow();
        assertThat(streetFirst.counts.habits(us).cityFirst()).isNegative();
        assertThat(streetFirst.counts.habits(us).commas()).isPositive();
        assertThat(streetFirst.counts.habits(us).recipients()).isNegative();
        assertThat(streetFirst
                        .counts
                        .habits(Countries.shipped().withCode("DE").orElseThrow())
                        .commas())
                .isZero();
    }
}
