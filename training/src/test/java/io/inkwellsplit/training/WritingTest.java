package io.inkwellsplit.training;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import io.inkwellsplit.address.AddressSplitter;
import io.inkwellsplit.reading.AddressPart;
import io.inkwellsplit.reading.NamePart;
import io.inkwellsplit.training.Calibrator.Knot;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.function.UnaryOperator;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** Values that are written together with their labels, and the files of labels and weights. */
class WritingTest {
    private static final Path DATA = Path.of("data");

    @TempDir
    Path folder;

    @Test
    void aDraftKeepsItsTextAndItsLabelsTogether() {
        Labelled labelled = new Draft(text -> text.toUpperCase(Locale.ROOT))
                .part(NamePart.LAST, "Brandt")
                .plain(", ")
                .part(NamePart.FIRST, "Ines")
                .plain(" ")
                .part(NamePart.MIDDLE, "Maria")
                .partInFront(NamePart.MIDDLE, " W.")
                .label("kind", "person")
                .share(NamePart.LAST, NamePart.SECOND_LAST)
                .share(NamePart.SUFFIX, NamePart.SECOND_SUFFIX)
                .labelled("test", UnaryOperator.identity());
        assertThat(labelled.text()).isEqualTo("BRANDT, INES MARIA W.");
        assertThat(labelled.parts())
                .containsEntry("last", "BRANDT")
                .containsEntry("first", "INES")
                .containsEntry("middle", " W. MARIA")
                .containsEntry("kind", "person")
                .containsEntry("second_last", "BRANDT")
                .doesNotContainKey("second_suffix");
        assertThat(labelled.places())
                .extracting(place -> labelled.text().substring(place.start(), place.end()))
                .containsExactly("BRANDT", "INES", "MARIA");
    }

    @Test
    void noiseBetweenPartsLeavesCommasInside() {
        Labelled labelled = new Draft(UnaryOperator.identity())
                .part(AddressPart.CARE_OF, "Wren, Marlow")
                .plain(", ")
                .part(AddressPart.CITY, "Barre")
                .labelled("test", text -> text.replace(", ", " ,  "));
        assertThat(labelled.text()).isEqualTo("Wren, Marlow ,  Barre");
        assertThat(labelled.places()).hasSize(2);
    }

    @Test
    void aPieceThatIsNotInTheTextHasNoPlace() {
        Labelled lost = new Labelled("Ines", "test", Map.of(), List.of(new Labelled.Piece("first", "Tom")));
        assertThat(lost.places()).isEmpty();
        Labelled spaced = new Labelled("I n e s B", "test", Map.of(), List.of(new Labelled.Piece("first", "Ines")));
        assertThat(spaced.places()).singleElement().isEqualTo(new Labelled.Place("first", 0, 7));
    }

    @Test
    void labelsAreReadFromAFile() throws IOException {
        Path file = Files.writeString(
                folder.resolve("labels.csv"),
                "text,format,parts\n\"Brandt, Ines\",comma,last=Brandt|first=Ines\nN/A,nothing,\n");
        assertThat(LabelFile.read(file))
                .containsExactly(
                        new Labelled("Brandt, Ines", "comma", Map.of("last", "Brandt", "first", "Ines")),
                        new Labelled("N/A", "nothing", Map.of()));
        assertThatThrownBy(() -> LabelFile.read(folder.resolve("none.csv")))
                .isInstanceOf(java.io.UncheckedIOException.class);
    }

    @Test
    void weightsAreWrittenAsTheCoreLoadsThem() throws IOException {
        Path file = folder.resolve("weights.txt");
        WeightsFile.write(
                file,
                "names",
                List.of("A", "B"),
                new double[] {1.5, -2},
                List.of(new Knot(0.5, 0.25), new Knot(1, 0.9)));
        assertThat(file).hasContent("""
                # Learned by the training program from generated names; see docs/training.md.
                [weights]
                A\t1.5000
                B\t-2.0000

                [calibration]
                0.500000\t0.25000
                1.000000\t0.90000
                """);
    }

    /** Every piece stands in its text, in one place, and together the pieces of a part are its label. */
    private static void isConsistent(Labelled row) {
        if (row.pieces().isEmpty()) {
            return;
        }
        List<Labelled.Place> places = row.places();
        assertThat(places).as(row.text()).hasSameSizeAs(row.pieces());
        int end = 0;
        for (Labelled.Place place : places) {
            assertThat(place.start()).as(row.text()).isGreaterThanOrEqualTo(end);
            end = place.end();
        }
        assertThat(end).isLessThanOrEqualTo(row.text().length());
    }

    @ParameterizedTest
    @EnumSource(AddressSets.Set.class)
    void addressesOfASetAreConsistentAndComeAgain(AddressSets.Set set) {
        List<Labelled> rows = new AddressSets(DATA, 5).rows(set, 200);
        assertThat(rows).hasSize(200).isEqualTo(new AddressSets(DATA, 5).rows(set, 200));
        assertThat(rows).isNotEqualTo(new AddressSets(DATA, 6).rows(set, 200));
        rows.forEach(WritingTest::isConsistent);
        assertThat(rows).allSatisfy(row -> assertThat(row.text()).isNotBlank());
    }

    @Test
    void wideAddressesAreConsistentAndOfManyCountries() {
        List<Labelled> rows = new WideAddresses(DATA, 5).rows(1_500);
        rows.forEach(WritingTest::isConsistent);
        List<String> formats = rows.stream().map(Labelled::format).distinct().toList();
        assertThat(formats).hasSizeGreaterThan(60).allMatch(format -> format.matches("wide [A-Z]{2}"));
        assertThat(formats).anyMatch(format -> !AddressSplitter.countries().contains(format.substring(5)));
        assertThat(rows).isEqualTo(new WideAddresses(DATA, 5).rows(1_500));
    }

    @ParameterizedTest
    @EnumSource(NameSets.Set.class)
    void namesOfASetComeAgain(NameSets.Set set) {
        List<Labelled> rows = new NameSets(DATA, 5).column(set);
        assertThat(rows).isNotEmpty().isEqualTo(new NameSets(DATA, 5).column(set));
        assertThat(rows).allSatisfy(row -> {
            isConsistent(row);
            row.parts().forEach((key, value) -> assertThat(value).as(key).isNotBlank());
        });
    }
}
