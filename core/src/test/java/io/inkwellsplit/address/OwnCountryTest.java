package io.inkwellsplit.address;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import io.inkwellsplit.assemble.AddressLabel;
import io.inkwellsplit.reading.AddressPart;
import io.inkwellsplit.reading.Reading;
import io.inkwellsplit.words.OwnCountry;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.NoSuchFileException;
import java.nio.file.Path;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class OwnCountryTest {
    private static final String MALTA = """
            [country]
            Malta
            [form]
            uses\ten
            postcode\t@@@ 9999
            order\trecipient, building, number street, unit, box, city, postcode
            [street head]
            Triq
            [label]
            {recipient}
            {street}
            {city}
            {postcode}
            [example]
            12 Triq il-Port, Sliema, SLM 1234, Malta\tstreet=12 Triq il-Port; city=Sliema; postcode=SLM 1234; country=Malta\t12 Triq il-Port / Sliema / SLM 1234
            """;

    @TempDir
    Path folder;

    private OwnCountry malta(String code, String text) throws IOException {
        return OwnCountry.read(code, Files.writeString(folder.resolve("MT.txt"), text));
    }

    @Test
    void itsAddressesAreRead() throws IOException {
        AddressSplitter with = AddressSplitter.standard().withCountry(malta("mt", MALTA));
        Reading<AddressPart> reading = with.split("12 Triq il-Port, Sliema, SLM 1234, Malta");
        assertThat(reading.country()).isEqualTo("MT");
        assertThat(reading.text(AddressPart.STREET)).isEqualTo("12 Triq il-Port");
        assertThat(reading.text(AddressPart.CITY)).isEqualTo("Sliema");
        assertThat(reading.text(AddressPart.POSTCODE)).isEqualTo("SLM 1234");
        assertThat(with.country("Malta").split("3 Triq, Sliema").country()).isEqualTo("MT");
        assertThatThrownBy(() -> AddressSplitter.standard().country("BT")).isInstanceOf(IllegalArgumentException.class);
    }

    @Test
    void itsColumnTeachesAndIsCarriedAsBytes() throws IOException {
        AddressSplitter with = AddressSplitter.standard().withCountry(malta("MT", MALTA));
        AddressEvidence evidence = with.newEvidence();
        List.of("12 Triq il-Port, Sliema, SLM 1234, Malta", "8 Triq il-Kbira, Rabat, RBT 1200, Malta")
                .forEach(one -> with.gather(one, evidence));
        AddressEvidence merged = with.evidence(evidence.toBytes());
        merged.merge(evidence);
        assertThat(with.inLightOf(merged)
                        .split("5 Triq San Pawl, Mdina, MDN 1100")
                        .country())
                .isEqualTo("MT");
    }

    @Test
    void theOthersAreReadAsBefore() throws IOException {
        AddressSplitter with = AddressSplitter.standard().withCountry(malta("MT", MALTA));
        for (String address : List.of(
                "445 Industrial Lane Apt B, Grass Valley, CO 05641",
                "The Boathouse, 4 Fore Street, Plymouth PL1 1AA",
                "Hafenstraße 3, 20457 Hamburg")) {
            assertThat(with.split(address).parts())
                    .as(address)
                    .isEqualTo(AddressSplitter.standard().split(address).parts());
        }
    }

    @Test
    void aShippedCountryIsReadByTheFileInstead() throws IOException {
        String text = MALTA.replace("Malta", "Ireland").replace("@@@ 9999", "999999");
        AddressSplitter with = AddressSplitter.standard().withCountry(OwnCountry.of("IE", "ireland", text));
        assertThat(with.country("IE").split("4 Quay St, Wexcombe, 123456").text(AddressPart.POSTCODE))
                .isEqualTo("123456");
        assertThat(with.country("IE").split("4 Quay St, Wexcombe, 123456").country())
                .isEqualTo("IE");
    }

    @Test
    void itsLabelsAreWritten() throws IOException {
        OwnCountry malta = malta("MT", MALTA);
        Reading<AddressPart> reading =
                AddressSplitter.standard().withCountry(malta).split("8 Triq il-Kbira, Rabat, RBT 1200, Malta");
        List<String> lines = List.of("8 Triq il-Kbira", "Rabat", "RBT 1200");
        List<String> abroad = List.of("8 Triq il-Kbira", "Rabat", "RBT 1200", "MALTA");
        AddressLabel.Parts unnamed = part -> part == AddressPart.COUNTRY ? "" : reading.text(part);
        assertThat(AddressLabel.fromAnywhere().withCountry(malta).lines(reading))
                .isEqualTo(abroad);
        assertThat(AddressLabel.from("GB").withCountry(malta).lines(reading)).isEqualTo(abroad);
        assertThat(AddressLabel.from(malta).lines(reading)).isEqualTo(lines);
        assertThat(AddressLabel.from("DE")
                        .withCountry(malta)
                        .lines(part -> part == AddressPart.COUNTRY ? "MLT" : unnamed.apply(part)))
                .startsWith("8 Triq il-Kbira", "Rabat", "RBT 1200");
        assertThat(AddressLabel.fromAnywhere().withCountry(malta).lines(unnamed))
                .isEqualTo(lines);
        assertThat(AddressLabel.from(malta).oneLine(unnamed)).isEqualTo("8 Triq il-Kbira, Rabat, RBT 1200");
        assertThatThrownBy(() -> AddressLabel.fromAnywhere()
                        .withCountry(OwnCountry.of("MT", "malta", MALTA.replace("[label]", "[lable]"))))
                .isInstanceOf(IllegalArgumentException.class)
                .hasMessageContaining("malta, line 10: the section [lable] is unknown");
    }

    @Test
    void whatTheFileMayNotHoldIsRefused() throws IOException {
        AddressSplitter standard = AddressSplitter.standard();
        OwnCountry misspelt = malta("MT", MALTA.replace("[street head]", "[street hed]"));
        assertThatThrownBy(() -> standard.withCountry(misspelt))
                .isInstanceOf(IllegalArgumentException.class)
                .hasMessageContaining("MT.txt, line 8: the section [street hed] is unknown");
        OwnCountry lettered = malta("MT", MALTA.replace("@@@ 9999", "SLM 9999"));
        assertThatThrownBy(() -> standard.withCountry(lettered))
                .hasMessageContaining("the setting \"postcode\" cannot be \"SLM 9999\"");
        assertThatThrownBy(() -> OwnCountry.of("MLT", "malta", MALTA)).hasMessageContaining("two letters");
        assertThatThrownBy(() -> OwnCountry.read("MT", folder.resolve("none.txt")))
                .isInstanceOf(NoSuchFileException.class);
    }
}
