package io.inkwellsplit.table.contact;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import ezvcard.Ezvcard;
import ezvcard.VCard;
import ezvcard.VCardVersion;
import io.inkwellsplit.table.Dialect;
import io.inkwellsplit.table.Row;
import io.inkwellsplit.table.csv.CsvMetadata;
import io.inkwellsplit.table.file.Delivery;
import io.inkwellsplit.table.file.WhenThere;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

class ContactOutputTest {
    private static final List<String> HEADER = List.of(
            "title",
            "first",
            "last",
            "credentials",
            "nickname",
            "second_first",
            "organisation",
            "street",
            "unit",
            "city",
            "state",
            "postcode",
            "E-mail",
            "Phone");
    private static final List<List<String>> ROWS = List.of(
            List.of(
                    "Dr.",
                    "Ines",
                    "Brandt, Jr; x",
                    "PhD",
                    "Dot",
                    "Tobias",
                    "",
                    "5 Elm St",
                    "Apt B",
                    "Grass Valley",
                    "CA",
                    "05641",
                    "ines@quayside.example",
                    "555-0101"),
            List.of("", "", "", "", "", "", "Harlow & Sons", "", "", "", "", "", "", ""),
            List.of("", "", "", "", "", "", "", "9 Quay", "", "", "", "", "", ""));

    @TempDir
    Path folder;

    private Path write(ContactFormat format) {
        Path file = folder.resolve("choir.out");
        try (ContactOutput output = ContactOutput.create(file, format, Dialect.STANDARD, WhenThere.REFUSE)) {
            output.header(HEADER);
            ROWS.forEach(output::row);
            output.setAside(new Row(4, 5, List.of("x")), "it is short");
            assertThat(file).doesNotExist();
            output.finish();
            assertThat(output.notes()).containsExactly("Contacts: 3");
            assertThat(output.asideFile())
                    .isEqualTo(folder.resolve("choir.out.set-aside.csv"))
                    .exists();
        }
        return file;
    }

    private static void check(List<VCard> cards) {
        assertThat(cards).hasSize(3);
        VCard ines = cards.get(0);
        assertThat(ines.getVersion()).isEqualTo(VCardVersion.V4_0);
        assertThat(ines.getStructuredName().getFamily()).isEqualTo("Brandt, Jr; x");
        assertThat(ines.getStructuredName().getSuffixes()).containsExactly("PhD");
        assertThat(ines.getAddresses().get(0).getPostalCode()).isEqualTo("05641");
        assertThat(ines.getAddresses().get(0).getStreetAddresses()).containsExactly("5 Elm St", "Apt B");
        assertThat(ines.getAddresses().get(0).getLabel()).isEqualTo("5 Elm St Apt B\nGrass Valley, CA 05641");
        assertThat(ines.getEmails().get(0).getValue()).isEqualTo("ines@quayside.example");
        assertThat(cards.get(1).getFormattedName().getValue()).isEqualTo("Tobias Brandt, Jr; x");
        assertThat(cards.get(2).getKind().isOrg()).isTrue();
        assertThat(cards.get(2).getOrganization().getValues()).containsExactly("Harlow & Sons");
    }

    @Test
    void vcardsReadBack() throws IOException {
        check(Ezvcard.parse(write(ContactFormat.VCARD)).all());
    }

    @Test
    void jcardsReadBack() throws IOException {
        check(Ezvcard.parseJson(write(ContactFormat.JCARD)).all());
    }

    @Test
    void jsonLdReadsBack() throws IOException {
        JsonNode graph = new ObjectMapper()
                .readTree(write(ContactFormat.JSON_LD).toFile())
                .get("@graph");
        assertThat(graph).hasSize(3);
        assertThat(graph.get(0).get("@type").asText()).isEqualTo("Person");
        assertThat(graph.get(0).get("honorificSuffix").asText()).isEqualTo("PhD");
        assertThat(graph.get(0).at("/address/postalCode").isTextual()).isTrue();
        assertThat(graph.get(2).get("@type").asText()).isEqualTo("Organization");
    }

    @ParameterizedTest
    @EnumSource(ContactFormat.class)
    void needsNames(ContactFormat format) {
        Path file = folder.resolve("none.out");
        try (ContactOutput output = ContactOutput.create(file, format, Dialect.STANDARD, WhenThere.REFUSE)) {
            assertThatThrownBy(() -> output.header(List.of("Order", "City")))
                    .hasMessageContaining("Contacts need names");
        }
        assertThat(folder).isEmptyDirectory();
        assertThat(ContactFormat.of(Path.of("A.VCF"))).contains(ContactFormat.VCARD);
        assertThat(ContactFormat.of(Path.of("a.csv"))).isEmpty();
    }

    @Test
    void columnsAreDescribed() throws IOException {
        Path csv = folder.resolve("split.csv");
        try (Delivery delivery = new Delivery(WhenThere.REFUSE)) {
            CsvMetadata.write(
                    csv,
                    Dialect.STANDARD,
                    List.of("Postcode", "Confidence", "First name", "First-name", "花"),
                    Map.of("Postcode", "It is text.", "Confidence", "0 to 1"),
                    delivery);
            delivery.publish();
        }
        assertThat(Files.exists(folder.resolve("split.csv-metadata.json"))).isTrue();
        JsonNode root = new ObjectMapper().readTree(CsvMetadata.beside(csv).toFile());
        assertThat(root.get("url").asText()).isEqualTo("split.csv");
        JsonNode columns = root.at("/tableSchema/columns");
        assertThat(columns.findValuesAsText("name"))
                .containsExactly("postcode", "confidence", "first_name", "first_name_2", "column");
        assertThat(columns.get(0).get("datatype").asText()).isEqualTo("string");
        assertThat(columns.get(0).get("dc:description").asText()).isEqualTo("It is text.");
        assertThat(columns.get(1).at("/datatype/base").asText()).isEqualTo("decimal");
    }

    @Test
    void whatWasFoundBesideTheNameReachesTheCard() throws IOException {
        Path file = folder.resolve("beside.vcf");
        try (ContactOutput output =
                ContactOutput.create(file, ContactFormat.VCARD, Dialect.STANDARD, WhenThere.REFUSE)) {
            output.header(List.of("First name", "Last name", "Remarks"));
            output.row(List.of(
                    "Ada", "Thorne", "E-mail: ada@quay.example; Telephone: 01632 960001; Organisation: Harrow Ltd"));
            output.row(List.of("Ada", "Harrow", "Kind: couple; Second person's first name: Neil"));
            output.row(List.of("", "", "Kind: organisation; Organisation: Harrow Ltd"));
            output.finish();
        }
        List<VCard> cards = Ezvcard.parse(file).all();
        assertThat(cards.stream().map(card -> card.getFormattedName().getValue()))
                .containsExactly("Ada Thorne", "Ada Harrow", "Neil Harrow", "Harrow Ltd");
        VCard person = cards.get(0);
        assertThat(person.getKind().isIndividual()).isTrue();
        assertThat(person.getOrganization().getValues()).containsExactly("Harrow Ltd");
        assertThat(person.getEmails().get(0).getValue()).isEqualTo("ada@quay.example");
        assertThat(person.getTelephoneNumbers().get(0).getText()).isEqualTo("01632 960001");
        assertThat(cards.get(3).getKind().isOrg()).isTrue();
    }
}
