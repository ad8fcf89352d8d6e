package io.inkwellsplit.address;

import static org.assertj.core.api.Assertions.assertThat;

import io.inkwellsplit.reading.AddressPart;
import io.inkwellsplit.reading.Alternative;
import io.inkwellsplit.reading.Doubt;
import io.inkwellsplit.reading.Reading;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Addresses of a usual make are not weighed, and read as if they were. */
class OutlinedAddressesTest {
    private static final AddressLearning WEIGHING = AddressLearning.weighing();
    private static final AddressSplitter SPLITTER = AddressSplitter.standard();

    @ParameterizedTest
    @ValueSource(
            strings = {
                "12 Main St, Barre, VT 05641",
                "1204 N Harrow Ave, Apt 4B, Salem, OR 97301-1234",
                "77 THORNE LANE UNIT 12 BURLINGTON VT 05401",
                "PO Box 112, Barre, VT 05641",
                "4 Fore Street, Leeds LS1 1AA",
                "Flat 2, 19 Quay Road, Deal, Kent CT14 7AB",
                "12 Main St\nBarre, VT 05641\nUSA"
            })
    void readsWhatTheDecoderReads(String address) {
        Reading<AddressPart> reading = SPLITTER.split(address);
        assertThat(AddressLearning.plainParts(reading)).isEqualTo(WEIGHING.parts(address));
        assertThat(reading.confidence()).isGreaterThan(0.97);
        List<Alternative<AddressPart>> ways = SPLITTER.alternatives(address);
        assertThat(ways.get(0).parts()).isEqualTo(reading.parts());
    }

    @Test
    void whoWantsToBeSurerGetsItWeighed() {
        String address = "12 Main St, Barre, VT 05641";
        double usual = SPLITTER.split(address).confidence();
        double weighed = SPLITTER.doubtBelow(1).split(address).confidence();
        assertThat(weighed).isNotEqualTo(usual);
        assertThat(SPLITTER.doubtBelow(1).split(address).doubts()).contains(Doubt.CLOSE_CALL);
        assertThat(SPLITTER.split(address).doubts()).isEmpty();
    }

    @Test
    void whatSomebodyHasSaidOfPlacesIsWeighed() {
        AddressEvidence evidence = new AddressEvidence();
        evidence.teach("Quarryhaven", AddressPart.LOCALITY, 1);
        String address = "12 Main St, Barre, VT 05641";
        assertThat(SPLITTER.inLightOf(evidence).split(address).confidence())
                .isNotEqualTo(SPLITTER.split(address).confidence());
    }

    @Test
    void theCountryMayBeTold() {
        String address = "12 Main St, Barre, VT 05641";
        assertThat(SPLITTER.country("US").split(address)).isEqualTo(SPLITTER.split(address));
    }

    @Test
    void aColumnLearnsFromThem() {
        AddressEvidence evidence = SPLITTER.newEvidence();
        SPLITTER.gather("12 Main St, Barre, VT 05641", evidence);
        AddressEvidence taught = SPLITTER.newEvidence();
        WEIGHING.teach(
                "12 Main St, Barre, VT 05641",
                List.of(
                        new AddressLearning.Piece(AddressPart.STREET, 0, 10),
                        new AddressLearning.Piece(AddressPart.CITY, 12, 17),
                        new AddressLearning.Piece(AddressPart.STATE, 19, 21),
                        new AddressLearning.Piece(AddressPart.POSTCODE, 22, 27)),
                taught);
        assertThat(evidence.toBytes()).isEqualTo(taught.toBytes());
    }
}
