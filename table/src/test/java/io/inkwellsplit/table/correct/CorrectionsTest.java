package io.inkwellsplit.table.correct;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import io.inkwellsplit.address.AddressSplitter;
import io.inkwellsplit.name.NameLearning;
import io.inkwellsplit.name.NameSplitter;
import io.inkwellsplit.reading.AddressPart;
import io.inkwellsplit.reading.Alternative;
import io.inkwellsplit.reading.Doubt;
import io.inkwellsplit.reading.Kind;
import io.inkwellsplit.reading.NamePart;
import io.inkwellsplit.reading.Part;
import io.inkwellsplit.reading.PartKey;
import io.inkwellsplit.reading.Reading;
import io.inkwellsplit.reading.Span;
import io.inkwellsplit.table.ColumnValues;
import io.inkwellsplit.table.TableException;
import io.inkwellsplit.table.Ways;
import io.inkwellsplit.table.csv.CsvOutput;
import io.inkwellsplit.table.csv.CsvSource;
import io.inkwellsplit.table.file.WhenThere;
import io.inkwellsplit.table.run.Run;
import io.inkwellsplit.table.split.SplitStep;
import io.inkwellsplit.table.split.Splitters;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.function.Function;
import java.util.stream.Collectors;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;

class CorrectionsTest {
    private static final Function<String, Reading<PartKey>> NAMES =
            value -> NameSplitter.standard().split(value).ofAnyKind();
    private static final Function<String, Reading<PartKey>> ADDRESSES =
            value -> AddressSplitter.standard().split(value).ofAnyKind();
    private static final Ways NAME_WAYS = value -> NameSplitter.standard().alternatives(value).stream()
            .map(Alternative::ofAnyKind)
            .toList();
    private static final Ways ADDRESS_WAYS = value -> AddressSplitter.standard().alternatives(value).stream()
            .map(Alternative::ofAnyKind)
            .toList();

    @TempDir
    Path folder;

    private Corrections corrections(String... lines) throws IOException {
        Path file = folder.resolve("corrections.csv");
        Files.writeString(file, "Column,For,Text,Is\n" + String.join("\n", lines) + "\n");
        return Corrections.read(file);
    }

    /** What was suggested is meant, wherever it stands in the value; what was not has to stand there. */
    @Test
    void aSuggestionIsMeant() throws IOException {
        String address = "780 Old Ropewalk Rd, Tallow Creek, VT 5641";
        String parts = "street=780 Old Ropewalk Rd; city=Tallow Creek; state=VT; postcode=";
        Reading<PartKey> reading = corrections("Address,value,\"" + address + "\"," + parts + "05641")
                .forAddresses("Address")
                .read(address, ADDRESSES, ADDRESS_WAYS);
        assertThat(ReviewSheet.parts(reading.parts())).isEqualTo(parts + "05641");
        assertThat(reading.part(AddressPart.POSTCODE).orElseThrow().spans()).containsExactly(new Span(38, 42));
        assertThat(reading.doubts()).isEmpty();
        ColumnCorrections unused = corrections("Address,value,\"" + address + "\"," + parts + "99999")
                .forAddresses("Address");
        assertThat(ReviewSheet.parts(
                        unused.read(address, ADDRESSES, ADDRESS_WAYS).parts()))
                .isEqualTo(parts + "5641");
        assertThat(unused.unused()).containsExactly(2L);
    }

    @ParameterizedTest
    @org.junit.jupiter.params.provider.CsvSource(
            delimiter = '|',
            value = {
                "Patron,shape,AA AA,last | line 2: the shape has 2 words, and Is tells 1 part; tell one for each, or - for none.",
                "Patron,shape,\"Aa, Aa A.\",last first | line 2: the shape has 3 words, and Is tells 2 parts",
                "Patron,value,Ines Brandt,frist=Ines | line 2: \"frist=Ines\" has a key that is no part.",
                "Patron,value,Ines Brandt,first=Inez | line 2: a part of Is does not stand in Text."
            })
    void whatCannotBeIsRefusedWithItsLine(String line, String sentence) {
        assertThatThrownBy(() -> corrections(line))
                .isInstanceOf(TableException.class)
                .hasMessageContaining(sentence);
    }

    @Test
    void aMisspeltColumnIsRefusedAndAnotherTablesIsNot() throws IOException {
        Corrections told = corrections("Invoice,word,Ada,first", "Patorn,word,Ines,first");
        assertThatThrownBy(() -> told.checkColumns(List.of("Order", "Patron")))
                .isInstanceOf(TableException.class)
                .hasMessage("corrections.csv, line 3: there is no column \"Patorn\"; do you mean \"Patron\"?");
        told.checkColumns(List.of("Singer", "Voices"));
        told.checkColumns(List.of("PATORN"));
    }

    private static String name(Corrections corrections, String value) {
        return NameLearning.plainParts(corrections
                        .forNames("Patron")
                        .read(value, NAMES, NAME_WAYS)
                        .ofKind(NamePart.class))
                .toString();
    }

    @Test
    void valuesWordsAndShapesStandAboveWhatIsRead() throws IOException {
        assertThat(name(corrections("Patron,value,Brandt  Marlow,first=Marlow; last=Brandt"), "Brandt Marlow"))
                .isEqualTo("{first=Marlow, last=Brandt}");
        assertThat(name(corrections(",word,Mary Ann,first"), "Dr. Mary Ann Louise Brandt"))
                .isEqualTo("{title=Dr., first=Mary Ann, middle=Louise, last=Brandt}");
        assertThat(name(corrections("Patron,word,marlow,last"), "Marlow James"))
                .isEqualTo("{first=James, last=Marlow}");
        assertThat(name(corrections("Patron,shape,AA AA,last first"), "BRANDT INES"))
                .isEqualTo("{first=INES, last=BRANDT}");
        assertThat(name(corrections("Patron,value,BRANDT JR,first=J; middle=R; last=BRANDT"), "BRANDT JR"))
                .isEqualTo("{first=J, middle=R, last=BRANDT}");
        assertThat(name(
                        corrections("Patron,value,Ines & Tobias Brandt,first=Ines; second_first=Tobias; last=Brandt"),
                        "Ines & Tobias Brandt"))
                .isEqualTo(name(Corrections.none(), "Ines & Tobias Brandt"));
        assertThat(name(corrections("Patron,value,The Quay,organisation=The Quay"), "The Quay"))
                .contains("organisation=The Quay");
        assertThat(name(corrections("Other,value,Brandt Marlow,first=Marlow; last=Brandt"), "Brandt Marlow"))
                .isEqualTo("{first=Brandt, last=Marlow}");
    }

    /** A word that a person speaks for settles a close call, and is found in the second person of a couple. */
    @Test
    void aWordSettlesWhatWasClose() throws IOException {
        ColumnCorrections words =
                corrections("Patron,word,Bartholomew,first", ",word,Wren,first").forNames("Patron");
        assertThat(NameSplitter.standard().split("BARTHOLOMEW BIRDWHISTLE").doubts())
                .contains(Doubt.CLOSE_CALL);
        Reading<PartKey> settled = words.read("BARTHOLOMEW BIRDWHISTLE", NAMES, NAME_WAYS);
        assertThat(settled.doubts()).isEmpty();
        assertThat(settled.confidence()).isGreaterThan(0.98);
        assertThat(settled.text(NamePart.LAST)).isEqualTo("BIRDWHISTLE");
        Reading<PartKey> couple = words.read("Hugh Pargeter and Wren Okonedo", NAMES, NAME_WAYS);
        assertThat(couple.text(NamePart.SECOND_FIRST)).isEqualTo("Wren");
        Reading<PartKey> around = words.read("Odalys Brandt c/o Wren Pargeter", NAMES, NAME_WAYS);
        assertThat(around.text(NamePart.CARE_OF)).isEqualTo("Wren Pargeter");
        assertThat(words.corrected()).isEqualTo(1);
    }

    @Test
    void whatNoPartClaimsIsUnplaced() throws IOException {
        Reading<PartKey> reading = corrections("Patron,value,\"Brandt, Ines (x7)\",first=Ines; last=Brandt")
                .forNames("Patron")
                .read("Brandt, Ines (x7)", NAMES, NAME_WAYS);
        assertThat(NameLearning.plainParts(reading.ofKind(NamePart.class)))
                .isEqualTo(Map.of("first", "Ines", "last", "Brandt", "unplaced", "x7"));
        assertThat(reading.confidence()).isEqualTo(1);
    }

    @Test
    void aTownIsATown() throws IOException {
        ColumnCorrections towns = corrections("Address,word,Old Quay,city").forAddresses("Address");
        Reading<PartKey> reading = towns.read("5 Elm St Old Quay CO 80911", ADDRESSES, ADDRESS_WAYS);
        assertThat(reading.text(io.inkwellsplit.reading.AddressPart.CITY)).isEqualTo("Old Quay");
        assertThat(reading.text(io.inkwellsplit.reading.AddressPart.STREET)).isEqualTo("5 Elm St");
        Reading<PartKey> told = corrections(
                        "Address,value,5 Elm St Old Quay CO 80911,street=5 Elm St; city=Old Quay; unplaced=CO 80911")
                .forAddresses("Address")
                .read("5 Elm St Old Quay CO 80911", ADDRESSES, ADDRESS_WAYS);
        assertThat(told.text(io.inkwellsplit.reading.AddressPart.NUMBER)).isEqualTo("5");
    }

    @Test
    void countsAndReportsWhatMatchesNothing() throws IOException {
        Path list = folder.resolve("list.csv");
        Files.writeString(list, "Patron\nBrandt Marlow\nMarlow James\nInes Okonedo\n");
        Corrections told = corrections(
                "Patron,value,Brandt Marlow,first=Marlow; last=Brandt",
                "Patron,value,Nobody Here,first=Nobody; last=Here",
                "Patron,word,Marlow,last",
                "Patron,word,MARLOW,first",
                "Patron,value,Ines Okonedo,");
        assertThat(told.contradictions()).containsExactly("line 5 contradicts line 4, which is followed");
        ReviewSheet sheet = new ReviewSheet();
        SplitStep split = SplitStep.builder()
                .name("Patron")
                .corrections(told)
                .watch(sheet)
                .build();
        try (CsvSource source = CsvSource.open(list);
                CsvOutput out = CsvOutput.create(folder.resolve("out.csv"), source.dialect(), WhenThere.REFUSE)) {
            Run run = Run.of(source, List.of(split));
            run.into(out);
            assertThat(run.steps().get(0).report())
                    .contains("corrections.csv: line 3 matches nothing any more")
                    .anyMatch(line -> line.contains("2 corrected") || line.contains("1 corrected"));
        }
        assertThat(Files.readString(folder.resolve("out.csv")))
                .contains("Brandt Marlow,,Marlow,,Brandt,", ",James,,Marlow,");
    }

    /** A review sheet whose runner-up is taken over is a corrections file. */
    @Test
    void theReviewSheetIsACorrectionsFile() throws IOException {
        Path list = folder.resolve("list.csv");
        Files.writeString(list, "Patron\nMARLOW JAMES\nJAMES MARLOW\nBRANDT INES\nMARLOW JAMES\nInes Okonedo\n");
        ReviewSheet sheet = new ReviewSheet();
        Path review = folder.resolve("review.csv");
        split(
                list,
                SplitStep.builder()
                        .name("Patron")
                        .splitters(Splitters.standard().doubtBelow(1))
                        .watch(sheet),
                "one.csv");
        try (CsvOutput out = CsvOutput.create(review, io.inkwellsplit.table.Dialect.STANDARD, WhenThere.REFUSE)) {
            sheet.writeTo(out);
        }
        List<String> lines = Files.readAllLines(review);
        assertThat(lines.get(0)).startsWith("Column,For,Text,Is,Rows,Group");
        assertThat(lines.get(1)).startsWith("Patron,value,MARLOW JAMES,,2,1,").contains("AA AA", "Read so because");
        Files.writeString(
                review,
                String.join("\n", lines).replace("BRANDT INES,,", "BRANDT INES,last=BRANDT; first=INES,") + "\n");
        String out = split(list, SplitStep.builder().name("Patron").corrections(Corrections.read(review)), "two.csv");
        assertThat(out).contains("BRANDT INES,,INES,,BRANDT,,,1.000,");
    }

    @ParameterizedTest
    @org.junit.jupiter.params.provider.CsvSource(delimiter = '|', textBlock = """
            12 Main St, Barre, VT 5641    | 0.97 | 0 | the postcode lacks its zero, the parts are certain
            12 Main St, Barre, VT 5641    | 1    | 1 | a close call for who wants to be sure
            Main Barre Town 12 Vt         | 0.97 | 1 | a close call
            """)
    void whereOnlyThePostcodeContradictsNoOtherWayIsLookedFor(String address, double sure, int times, String why) {
        AddressSplitter splitter = AddressSplitter.standard().doubtBelow(sure);
        Reading<PartKey> reading = splitter.split(address).ofAnyKind();
        assertThat(reading.doubts()).as(why).isNotEmpty();
        AtomicInteger asked = new AtomicInteger();
        Ways ways = value -> {
            asked.incrementAndGet();
            return splitter.alternatives(value).stream()
                    .map(Alternative::ofAnyKind)
                    .toList();
        };
        ReviewSheet sheet = new ReviewSheet();
        sheet.seen("Address", reading, ways).run();
        assertThat(asked).as(why).hasValue(times);
        List<ReviewCase> cases = new ArrayList<>();
        sheet.drain(cases::add);
        assertThat(cases).singleElement().satisfies(one -> {
            assertThat(one.ways()).isNotEmpty();
            assertThat(one.cell("Text")).isEqualTo(address);
        });
    }

    /** To say that a value was read rightly changes none of its parts, whatever the value. */
    @ParameterizedTest
    @org.junit.jupiter.params.provider.CsvSource({
        "box-office,Patron",
        "box-office,Address",
        "members,Member",
        "sign-ups,Singer"
    })
    void whatWasReadRightlyStays(String list, String column) {
        boolean addresses = column.equals("Address");
        CorrectedReading made = addresses ? CorrectedReading.ofAddresses() : CorrectedReading.ofNames();
        try (CsvSource source = CsvSource.open(Path.of("..", "demo", list + ".csv"))) {
            for (ColumnValues values = new ColumnValues(source, source.header().indexOf(column)); values.hasNext(); ) {
                String value = values.next();
                Reading<PartKey> read = addresses ? ADDRESSES.apply(value) : NAMES.apply(value);
                if (read.kind() == Kind.BLANK) {
                    continue;
                }
                Map<PartKey, String> told = new LinkedHashMap<>();
                read.parts().stream()
                        .filter(part -> !part.key().isFiner())
                        .forEach(part -> told.put(part.key(), part.text()));
                Reading<PartKey> corrected = made.of(read, told, addresses ? ADDRESS_WAYS : NAME_WAYS)
                        .orElseThrow(() -> new AssertionError(value));
                // Who says that a word is a first name says that it is a person's.
                boolean said = read.kind() == Kind.UNCLEAR && told.containsKey(NamePart.FIRST);
                assertThat(corrected.kind()).as(value).isEqualTo(said ? Kind.PERSON : read.kind());
                assertThat(texts(corrected)).as(value).isEqualTo(texts(read));
            }
        }
    }

    private static Map<PartKey, String> texts(Reading<PartKey> reading) {
        return reading.parts().stream().collect(Collectors.toMap(Part::key, Part::text));
    }

    /** One line settles its whole group, but for the lines that say something themselves. */
    @Test
    void oneLineOfAReviewSheetSettlesItsGroup() throws IOException {
        Path file = folder.resolve("sheet.csv");
        String sheet = """
                Column,For,Text,Is,Group,Read as,Runner-up
                P,group,BRANDT INES,runner-up,1,first=BRANDT; last=INES,last=BRANDT; first=INES
                P,value,MARLOW JAMES,,1,first=MARLOW; last=JAMES,first=JAMES; last=MARLOW
                P,value,OKONEDO WREN,As Read,1,first=OKONEDO; last=WREN,first=WREN; last=OKONEDO
                P,value,QUILL,,1,first=QUILL,
                P,value,JAMES RAE,,2,first=JAMES; last=RAE,first=RAE; last=JAMES
                ,,,,,,
                """;
        Files.writeString(file, sheet);
        Corrections told = Corrections.read(file);
        assertThat(told.lines()).containsExactly(2L, 3L, 4L);
        ColumnCorrections names = told.forNames("P");
        assertThat(List.of("BRANDT INES", "MARLOW JAMES", "OKONEDO WREN", "JAMES RAE"))
                .extracting(value -> names.read(value, NAMES, NAME_WAYS).text(NamePart.LAST))
                .containsExactly("BRANDT", "MARLOW", "WREN", "RAE");
        Files.writeString(file, sheet.replace(",runner-up,1", ",first=BRANDT,1"));
        assertThatThrownBy(() -> Corrections.read(file))
                .hasMessageContaining("line 2: for a group, Is is \"as read\", \"runner-up\" or \"suggested\"");
    }

    /** A text may hold the sign that parts stand between. */
    @Test
    void aSemicolonWithinAPartStays() {
        assertThat(new Correction(1, "", Correction.Scope.VALUE, "", "credentials=RN; BSN; last=Brandt;").parts())
                .containsExactly(Map.entry("credentials", "RN; BSN"), Map.entry("last", "Brandt"));
    }

    private String split(Path list, SplitStep.Builder step, String name) throws IOException {
        try (CsvSource source = CsvSource.open(list);
                CsvOutput out = CsvOutput.create(folder.resolve(name), source.dialect(), WhenThere.REFUSE)) {
            Run.of(source, List.of(step.build())).into(out);
        }
        return Files.readString(folder.resolve(name));
    }

    @ParameterizedTest
    @org.junit.jupiter.params.provider.CsvSource(delimiter = '|', textBlock = """
            P,value,Ines,first=Tobias    | line 2: a part of Is does not stand in Text
            P,value,Ines,first=I         | line 2: a part of Is does not stand in Text
            P,value,Ines,Ines            | line 2: "Ines" has a key that is no part
            P,word,Ines,frist            | line 2: "frist" has a key that is no part
            P,shape,Aa Aa,first lsat     | has a key that is no part
            P,colour,Ines,first          | For is "colour"; it is value, word, shape or group
            P,group,Ines,as read         | line 2: For is group, but there is no Group
            P,value,Ines,as read         | line 2: Is is "as read", but there is no Read as
            """)
    void refusesWhatCannotBe(String line, String message) {
        assertThatThrownBy(() -> corrections(line)).hasMessageContaining(message);
    }

    @Test
    void refusesATableThatIsNone() throws IOException {
        Path file = folder.resolve("x.csv");
        Files.writeString(file, "Patron\nInes\n");
        assertThatThrownBy(() -> Corrections.read(file)).hasMessageContaining("has no column \"Column\"");
    }

    /** Whatever is said of whichever value, nothing of it is lost and nothing stands in two parts. */
    @Property(tries = 300)
    void nothingIsLost(@ForAll String value, @ForAll String words) {
        CorrectedReading made = CorrectedReading.ofNames();
        made.of(value, Map.of(io.inkwellsplit.reading.NamePart.LAST, words)).ifPresent(reading -> {
            int[] claimed = new int[value.length()];
            for (Part<PartKey> part : reading.parts()) {
                for (Span span : part.spans()) {
                    for (int i = span.start(); i < span.end(); i++) {
                        claimed[i]++;
                    }
                }
            }
            for (int i = 0; i < value.length(); i++) {
                assertThat(claimed[i]).isLessThanOrEqualTo(1);
                if (Character.isLetterOrDigit(value.charAt(i))) {
                    assertThat(claimed[i]).isEqualTo(1);
                }
            }
        });
    }
}
