package io.inkwellsplit.table.format;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import io.inkwellsplit.table.ColumnType.Kind;
import io.inkwellsplit.table.Row;
import io.inkwellsplit.table.TableException;
import io.inkwellsplit.table.TableException.Problem;
import io.inkwellsplit.table.TableInput;
import io.inkwellsplit.table.job.Job;
import io.inkwellsplit.table.job.JobReader;
import io.inkwellsplit.table.job.JobRun;
import io.inkwellsplit.table.job.JobWriter;
import io.inkwellsplit.table.kind.Values.Given;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.Charset;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.AlphaChars;
import net.jqwik.api.constraints.NotEmpty;
import net.jqwik.api.constraints.Size;
import net.jqwik.api.constraints.StringLength;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Inputs other than one text table with separators: fixed widths, several files, contacts, a form that is told. */
class InputsTest {
    private static final String WIDE = """
            Singer              Street            Amount
            Ada Thorne          12 Quay Street     12.50
            Ines Brandt         3 Main St         100.00
            Tom Orme            The Boathouse       7.25

            Neil Harrow                            10.00
            """;

    @TempDir
    Path folder;

    private static List<String> lines(TableInput input) {
        List<String> lines = new ArrayList<>();
        lines.add(String.join("|", input.header()));
        for (int pass = 0; pass < 2; pass++) {
            lines.subList(1, lines.size()).clear();
            input.rows().forEachRemaining((Row row) -> lines.add(row.line() + ": " + String.join("|", row.cells())));
        }
        return lines;
    }

    private List<String> read(Path file, ReadSettings settings) {
        try (TableInput input = Formats.shipped().open(file, settings)) {
            return lines(input);
        }
    }

    private Path file(String name, String text) throws IOException {
        return Files.writeString(folder.resolve(name), text);
    }

    private static ReadSettings wide(String widths) {
        return ReadSettings.STANDARD.wide(Optional.of(widths));
    }

    @ParameterizedTest
    @ValueSource(strings = {"auto", "20,18,1", " 20, 18 ,9"})
    void columnsOfFixedWidthsAreFoundOrTold(String widths) throws IOException {
        assertThat(read(file("list.txt", WIDE), wide(widths)))
                .containsExactly(
                        "Singer|Street|Amount",
                        "2: Ada Thorne|12 Quay Street|12.50",
                        "3: Ines Brandt|3 Main St|100.00",
                        "4: Tom Orme|The Boathouse|7.25",
                        "6: Neil Harrow||10.00");
    }

    @Test
    void theyAreSuspectedWhereNothingPartsTheHeader() throws IOException {
        try (TableInput input = Formats.shipped().open(file("list.txt", WIDE), ReadSettings.STANDARD)) {
            assertThat(input.notes()).anySatisfy(note -> assertThat(note).contains("fixed widths", "20,18,1"));
        }
        Path names = file("names.txt", "Singer of the choir\nAda Thorne\nInes van der Brandt\nTom Orme\nNeil Harrow\n");
        try (TableInput input = Formats.shipped().open(names, ReadSettings.STANDARD)) {
            assertThat(input.notes()).noneSatisfy(note -> assertThat(note).contains("fixed widths"));
        }
    }

    @Test
    void encodingsLinesAboveAndNoHeaderAreMinded() throws IOException {
        Path latin = Files.write(
                folder.resolve("latin.txt"),
                "Roll of 1998\nZoë   Alto\nJörg  Bass\n".getBytes(Charset.forName("windows-1252")));
        ReadSettings settings = new ReadSettings(
                false,
                Optional.empty(),
                Optional.of("windows-1252"),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                OptionalInt.of(1),
                Optional.of("6,9"));
        assertThat(read(latin, settings)).containsExactly("Column 1|Column 2", "2: Zoë|Alto", "3: Jörg|Bass");
        Path marked = file("marked.txt", "\uFEFFA  B\n1  2\n");
        assertThat(read(marked, wide("3,3"))).containsExactly("A|B", "2: 1|2");
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "0,5", "a", "5,", "-3", "5;6", "100000"})
    void whatAreNoWidthsIsRefused(String widths) throws IOException {
        Path list = file("list.txt", WIDE);
        assertThatThrownBy(() -> read(list, wide(widths)))
                .isInstanceOfSatisfying(
                        TableException.class, e -> assertThat(e.problem()).isEqualTo(Problem.SETTING))
                .hasMessageContaining("Widths are numbers of characters");
    }

    @Test
    void whereNoPlaceIsBlankNoWidthsAreFound() throws IOException {
        Path list = file("list.txt", "Singer\nAdaThorne\nInesBrandt\nTomOrme\nNeilHarrow\n");
        assertThatThrownBy(() -> read(list, wide("auto"))).hasMessageContaining("no columns of fixed widths");
        Path broken = Files.write(folder.resolve("broken.txt"), new byte[] {'A', ' ', 'B', '\n', (byte) 0xC3, '\n'});
        assertThatThrownBy(() -> lines(Formats.shipped()
                        .open(
                                broken,
                                new ReadSettings(true, Optional.of("UTF-8"), Optional.empty())
                                        .wide(Optional.of("2,1")))))
                .hasMessageContaining("no text in UTF-8");
        assertThatThrownBy(() -> read(file("empty.txt", ""), wide("2,1"))).hasMessageContaining("has no rows");
    }

    @Property(tries = 200)
    void whatIsFilledUpToAWidthComesBack(
            @ForAll @Size(min = 1, max = 20) List<@Size(3) List<@AlphaChars @StringLength(max = 8) @NotEmpty String>> rows)
            throws IOException {
        String text = rows.stream()
                .map(row ->
                        row.stream().map(cell -> String.format("%-9s", cell)).collect(Collectors.joining()))
                .collect(Collectors.joining("\n"));
        Path list = Files.createTempFile("wide", ".txt");
        Files.writeString(list, "A        B        C\n" + text);
        try (TableInput input = Formats.shipped().open(list, wide("9,9,9"))) {
            List<List<String>> read = new ArrayList<>();
            input.rows().forEachRemaining(row -> read.add(row.cells()));
            assertThat(read).isEqualTo(rows);
        } finally {
            Files.delete(list);
        }
    }

    @Test
    void severalFilesAreOneTable() throws IOException {
        file("b-second.csv", "Singer;Amount\nTom Orme;2\n");
        file("a-first.csv", "Singer,Amount\nAda Thorne,1\n\"Brandt, Ines\",3\n");
        file("other.txt", "x");
        try (TableInput all = Formats.shipped().open(folder.resolve("?-*.csv"), ReadSettings.STANDARD)) {
            assertThat(lines(all))
                    .containsExactly(
                            "File|Singer|Amount",
                            "2: a-first.csv|Ada Thorne|1",
                            "3: a-first.csv|Brandt, Ines|3",
                            "2: b-second.csv|Tom Orme|2");
            assertThat(all.notes()).contains("Files that are read as one table: 2.");
        }
        file("c.csv", "Singer,Seats\nAda Thorne,1\n");
        assertThatThrownBy(() -> read(folder.resolve("*.csv"), ReadSettings.STANDARD))
                .hasMessageContaining("c.csv has other columns than ")
                .hasMessageContaining("Singer, Seats");
        assertThatThrownBy(() -> read(folder.resolve("*.ods"), ReadSettings.STANDARD))
                .hasMessageContaining("No file is called as");
        assertThatThrownBy(() -> read(folder.resolve("none/*.csv"), ReadSettings.STANDARD))
                .hasMessageContaining("cannot be read");
    }

    @Test
    void filesMayBeNamedOneByOne() throws IOException {
        Path one = file("z.csv", "Singer\nAda Thorne\n");
        Path two = file("a.jsonl", "{\"Singer\":\"Tom Orme\"}\n");
        Files.createDirectory(folder.resolve("more"));
        Path three = Files.writeString(folder.resolve("more/z.csv"), "Singer\nWren Marlow\n");
        List<String> names = List.of(one.toString(), folder.resolve("*.jsonl").toString(), three.toString());
        ByteArrayInputStream none = new ByteArrayInputStream(new byte[0]);
        try (TableInput all = Formats.shipped().open(names, none, ReadSettings.STANDARD)) {
            assertThat(lines(all))
                    .containsExactly(
                            "File|Singer",
                            "2: " + one + "|Ada Thorne",
                            "1: a.jsonl|Tom Orme",
                            "2: " + three + "|Wren Marlow");
        }
        assertThatThrownBy(() -> Formats.shipped().open(List.of("-", two.toString()), none, ReadSettings.STANDARD))
                .hasMessageContaining("cannot be read beside files");
        Path yaml = file(
                "job.yaml",
                "input: {file: [z.csv, a.jsonl]}\nsteps: [{sort: {by: [Singer]}}]\noutput: {file: out.csv}\n");
        JobRun.of(JobReader.read(yaml)).run();
        assertThat(folder.resolve("out.csv")).hasContent("File,Singer\nz.csv,Ada Thorne\na.jsonl,Tom Orme\n");
        assertThat(JobWriter.text(JobReader.read(yaml), yaml)).contains("- z.csv", "- a.jsonl");
    }

    @Test
    void aFileThatChangesBetweenTwoPassesIsRefused() throws IOException {
        file("a.csv", "Singer\nAda Thorne\n");
        Path second = file("b.csv", "Singer\nTom Orme\n");
        try (TableInput all = Formats.shipped().open(folder.resolve("*.csv"), ReadSettings.STANDARD)) {
            all.rows().forEachRemaining(row -> {});
            Files.writeString(second, "Singer\nTom Orme\nWren Marlow\n");
            assertThatThrownBy(() -> all.rows().forEachRemaining(row -> {}))
                    .hasMessageContaining("b.csv has changed while it was read");
        }
        List<String> names = List.of(second.toString(), "/dev/null");
        assertThatThrownBy(() ->
                        Formats.shipped().open(names, new ByteArrayInputStream(new byte[0]), ReadSettings.STANDARD))
                .hasMessageContaining("can be read more than once");
    }

    @Test
    void theirRowsAreNumberedThroughAndTheFileIsNoInputTwice() throws IOException {
        file("a.csv", "File,Singer\nx,Ada Thorne\n");
        file("b.csv", "File,Singer\ny,Tom Orme\n");
        Path out = folder.resolve("all.jsonl");
        JobRun.of(Job.reading(folder.resolve("*.csv"))
                        .step("split", step -> step.set("name", "Singer")
                                .set("parts", "first")
                                .set("no-checks"))
                        .writing(out))
                .run();
        assertThat(out)
                .content()
                .startsWith("{\"File 2\":\"a.csv\",\"File\":\"x\"")
                .contains("\"First name\":\"Tom\"");
        assertThatThrownBy(() -> JobRun.of(Job.reading(folder.resolve("*.csv"))
                                .step("sort", step -> step.set("by", "Singer"))
                                .writing(folder.resolve("b.csv"))
                                .replacing())
                        .run())
                .hasMessageContaining("an input is never written");
    }

    private static final String CARDS = """
            BEGIN:VCARD
            VERSION:3.0
            N:Brandt;Ines;Rosa;Dr.;
            FN:Dr. Ines Rosa Brandt
            ORG:Harbour Choir;Altos
            EMAIL:ines@quayside.example
            EMAIL;TYPE=work:office@quayside.example
            TEL;TYPE=cell:+44 1632 960001
            ADR;TYPE=home:;;12 Quay Street\\, Flat 2;Plymouth;Devon;PL1 1AA;United Kingdom
            NOTE:sings\\nalone
            PHOTO;ENCODING=b;TYPE=JPEG:AAAA
            END:VCARD
            BEGIN:VCARD
            VERSION:4.0
            FN:Harbour Ltd
            KIND:org
            TEL;VALUE=uri:tel:+44-1632-960002
            END:VCARD
            """;

    @Test
    void contactsAreATable() throws IOException {
        try (TableInput cards = Formats.shipped().open(file("c.vcf", CARDS), ReadSettings.STANDARD)) {
            assertThat(cards.header())
                    .containsExactly(
                            "Full name",
                            "Title",
                            "First name",
                            "Middle name",
                            "Last name",
                            "Organisation",
                            "E-mail",
                            "E-mail 2",
                            "Phone",
                            "Address",
                            "Street",
                            "City",
                            "State",
                            "Postcode",
                            "Country",
                            "Note");
            List<List<String>> rows = new ArrayList<>();
            cards.rows().forEachRemaining(row -> rows.add(row.cells()));
            assertThat(rows.get(0))
                    .containsExactly(
                            "Dr. Ines Rosa Brandt",
                            "Dr.",
                            "Ines",
                            "Rosa",
                            "Brandt",
                            "Harbour Choir, Altos",
                            "ines@quayside.example",
                            "office@quayside.example",
                            "+44 1632 960001",
                            "12 Quay Street, Flat 2, Plymouth, Devon PL1 1AA, United Kingdom",
                            "12 Quay Street, Flat 2",
                            "Plymouth",
                            "Devon",
                            "PL1 1AA",
                            "United Kingdom",
                            "sings\nalone");
            assertThat(rows.get(1)).startsWith("Harbour Ltd", "", "").contains("+44-1632-960002");
            assertThat(cards.notes()).containsExactly("What contacts have and the table has no column for: photo.");
        }
    }

    /** What is written as contacts is read again: the names, the address, what belongs to them. */
    @ParameterizedTest
    @ValueSource(strings = {".vcf", ".jcard"})
    void contactsGoBothWays(String ending) throws IOException {
        Path list = file(
                "list.csv",
                "Singer,E-mail,Address\n\"Brandt, Dr. Ines Rosa\",i@q.example,\"12 Quay Street, Plymouth PL1 1AA, UK\"\n"
                        + "Tom Orme Jr.,,\n");
        Path cards = folder.resolve("cards" + ending);
        JobRun.of(Job.reading(list)
                        .step("split", step -> step.set("name", "Singer").set("address", "Address"))
                        .writing(cards))
                .run();
        try (TableInput input = Formats.shipped().open(cards, ReadSettings.STANDARD)) {
            List<Map<String, String>> rows = new ArrayList<>();
            input.rows().forEachRemaining(row -> {
                Map<String, String> byTitle = new HashMap<>();
                for (int i = 0; i < row.cells().size(); i++) {
                    byTitle.put(input.header().get(i), row.cells().get(i));
                }
                rows.add(byTitle);
            });
            assertThat(rows).hasSize(2);
            assertThat(rows.get(0))
                    .containsEntry("Last name", "Brandt")
                    .containsEntry("Middle name", "Rosa")
                    .containsEntry("City", "Plymouth")
                    .containsEntry("E-mail", "i@q.example");
            assertThat(rows.get(1)).containsEntry("Suffix", "Jr.").containsEntry("City", "");
        }
    }

    @ParameterizedTest
    @CsvSource({"none.vcf, Singer, has no contacts", "none.jcard, [1, jCard", "a.jsonld, {}, written only"})
    void whatAreNoContactsIsTold(String name, String text, String sentence) throws IOException {
        Path cards = file(name, text);
        assertThatThrownBy(() -> read(cards, ReadSettings.STANDARD))
                .isInstanceOf(TableException.class)
                .hasMessageContaining(sentence);
    }

    @Test
    void aFormThatANameDoesNotTellIsTold() throws IOException {
        Path list = file("export.dat", "{\"Singer\":\"Ada Thorne\"}\n");
        ReadSettings lines = ReadSettings.STANDARD.in(Optional.of("jsonl"));
        assertThat(read(list, lines)).containsExactly("Singer", "1: Ada Thorne");
        try (TableInput stream =
                Formats.shipped().open("standard input", new ByteArrayInputStream(Files.readAllBytes(list)), lines)) {
            assertThat(stream.header()).containsExactly("Singer");
        }
        assertThatThrownBy(() -> read(list, ReadSettings.STANDARD.in(Optional.of("jsno"))))
                .hasMessageContaining("There is no form \"jsno\"; there are csv, ")
                .hasMessageContaining("jsonl");
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        JobRun.of(Job.of(
                                List.of(new Given("file", "-")),
                                Job.reading(list)
                                        .step("sort", step -> step.set("by", "Singer"))
                                        .steps(),
                                List.of())
                        .into("-")
                        .with("out-format", "json"))
                .streams(new ByteArrayInputStream("Singer\nTom\nAda\n".getBytes(StandardCharsets.UTF_8)), out)
                .run();
        assertThat(out).hasToString("[{\"Singer\":\"Ada\"},{\"Singer\":\"Tom\"}]\n");
        Path told = folder.resolve("export");
        JobRun.of(Job.of(
                                List.of(new Given("file", list.toString()), new Given("format", "ndjson")),
                                Job.reading(list)
                                        .step("sort", step -> step.set("by", "Singer"))
                                        .steps(),
                                List.of())
                        .writing(told)
                        .with("out-format", "tsv"))
                .run();
        assertThat(told).hasContent("Singer\nAda Thorne\n");
    }

    /** A name for tabs has tabs inside, whatever the input has; rows set aside beside it as well. */
    @ParameterizedTest
    @ValueSource(strings = {"out.tsv", "out.tab", "out.TSV"})
    void aNameForTabsHasTabs(String name) throws IOException {
        Path list = file("list.csv", "Singer,No\n\"Thorne, Ada\",1\nTom Orme\n");
        Path out = folder.resolve(name);
        JobRun.of(Job.reading(list)
                        .step("columns", step -> step.set("first", "No"))
                        .writing(out))
                .run();
        assertThat(out).hasContent("No\tSinger\n1\tThorne, Ada\n");
        try (Stream<Path> files = Files.list(folder)) {
            assertThat(files.filter(one -> one.toString().contains("aside")))
                    .singleElement()
                    .satisfies(one -> assertThat(Files.readString(one)).startsWith("Row\tLine\tReason\tSinger"));
        }
        ByteArrayOutputStream to = new ByteArrayOutputStream();
        JobRun.of(Job.reading(file("b.csv", "A;B\n1;2\n"))
                        .step("columns", step -> step.set("first", "B"))
                        .into("-")
                        .with("out-format", "tsv"))
                .streams(new ByteArrayInputStream(new byte[0]), to)
                .run();
        assertThat(to).hasToString("B\tA\n2\t1\n");
    }

    @Test
    void whatCannotBeAStreamIsToldInASentence() throws IOException {
        Job job = Job.reading(file("a.csv", "Singer\nAda Thorne\n"))
                .step("split", step -> step.set("name", "Singer"))
                .into("-")
                .with("out-format", "vcf");
        assertThatThrownBy(() -> JobRun.of(job).run())
                .isInstanceOfSatisfying(
                        TableException.class, e -> assertThat(e.problem()).isEqualTo(Problem.SETTING))
                .hasMessageContaining("cannot be written to standard output; name a file");
    }

    private String job(String name, String text, String flag) throws IOException {
        Path out = folder.resolve("out.jsonl");
        JobRun.of(Job.reading(file(name, text))
                        .step("split", step -> step.set("name", "Singer")
                                .set("parts", "first,last")
                                .set("no-checks")
                                .set("titles", "nested"))
                        .writing(out)
                        .with(flag)
                        .replacing())
                .run();
        return Files.readString(out);
    }

    @Test
    void partsStandInARecordOfTheirOwn() throws IOException {
        assertThat(job("a.csv", "Singer,No\nAda Thorne,7\n", "nested"))
                .isEqualTo(
                        "{\"Singer\":{\"text\":\"Ada Thorne\",\"first\":\"Ada\",\"last\":\"Thorne\",\"remarks\":\"\"},"
                                + "\"No\":\"7\"}\n");
        assertThatThrownBy(() -> job("b.csv", "Singer,Singer.text\nAda Thorne,7\n", "nested"))
                .hasMessageContaining("cannot have the column");
        assertThat(job("c.csv", "Singer,.no,No.\nAda Thorne,7,8\n", "nested")).contains("\".no\":\"7\",\"No.\":\"8\"");
    }

    @Test
    void typesOfRecordsAreKept() throws IOException {
        Path list = file("t.jsonl", """
                {"id": "007", "n": 12, "f": 1.50, "big": 12345678901234567890, "ok": true, "none": null, "mixed": 1}
                {"id": "8", "n": 13, "f": 2e3, "big": 1, "ok": false, "none": null, "mixed": "1a"}
                {"id": "", "n": null, "f": 0, "big": 0, "ok": null, "none": "", "mixed": 2}
                """);
        try (TableInput input = Formats.shipped().open(list, ReadSettings.STANDARD)) {
            Map<String, Kind> kinds = input.types().entrySet().stream()
                    .collect(Collectors.toMap(
                            Map.Entry::getKey, type -> type.getValue().kind()));
            assertThat(kinds)
                    .isEqualTo(Map.of("n", Kind.WHOLE_NUMBER, "f", Kind.NUMBER, "big", Kind.NUMBER, "ok", Kind.TRUTH));
        }
        Path out = folder.resolve("u.jsonl");
        JobRun.of(Job.reading(list)
                        .step("columns", step -> step.set("first", "id"))
                        .writing(out))
                .run();
        assertThat(out).hasContent("""
                {"id":"007","n":12,"f":1.50,"big":12345678901234567890,"ok":true,"none":null,"mixed":"1"}
                {"id":"8","n":13,"f":2e3,"big":1,"ok":false,"none":null,"mixed":"1a"}
                {"id":"","n":null,"f":0,"big":0,"ok":null,"none":"","mixed":"2"}
                """);
    }
}
