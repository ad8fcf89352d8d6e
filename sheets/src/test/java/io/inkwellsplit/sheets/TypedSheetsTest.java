package io.inkwellsplit.sheets;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import io.inkwellsplit.table.ColumnType;
import io.inkwellsplit.table.ColumnType.Kind;
import io.inkwellsplit.table.Row;
import io.inkwellsplit.table.RowSink;
import io.inkwellsplit.table.TableException;
import io.inkwellsplit.table.TableInput;
import io.inkwellsplit.table.TableOutput;
import io.inkwellsplit.table.file.Delivery;
import io.inkwellsplit.table.file.WhenThere;
import io.inkwellsplit.table.format.Formats;
import io.inkwellsplit.table.format.ReadSettings;
import io.inkwellsplit.table.format.WriteSettings;
import io.inkwellsplit.table.job.Job;
import io.inkwellsplit.table.job.JobRun;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.zip.ZipFile;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Values that have a type in a spreadsheet, and what stands in it beside the table. */
class TypedSheetsTest {
    private static final List<String> HEADER =
            List.of("Singer", "Amount", "Seats", "Paid", "Since", "Seen", "At", "House", "Note");
    private static final List<List<String>> ROWS = List.of(
            List.of("Ada Thorne", "12.5", "2", "TRUE", "2019-03-01", "2026-11-29T18:00:00", "18:05:00", "12", "00123"),
            List.of("Tom Orme", "-0.1", "", "FALSE", "1904-01-01", "2026-11-30", "06:00:00", "12a", "=1+1"),
            List.of("Ines Brandt", "1E+20", "7", "", "", "2000-02-29T23:59:59", "", "9", "1e5"));

    private static final Map<String, Kind> KINDS = Map.of(
            "Amount", Kind.NUMBER,
            "Seats", Kind.WHOLE_NUMBER,
            "Paid", Kind.TRUTH,
            "Since", Kind.DATE,
            "Seen", Kind.MOMENT,
            "At", Kind.TIME);

    @TempDir
    Path folder;

    private Path write(String name, List<List<String>> rows) {
        Map<String, ColumnType> types = new TreeMap<>();
        KINDS.forEach((title, kind) -> types.put(title, new ColumnType(kind, "", "")));
        Path file = folder.resolve(name);
        try (Delivery delivery = new Delivery(WhenThere.REPLACE);
                TableOutput output = Formats.shipped()
                        .toWrite(file)
                        .start(file, delivery, WriteSettings.standard().typed(types))) {
            output.header(HEADER);
            rows.forEach(output::row);
            output.finish();
            delivery.publish();
        }
        return file;
    }

    private static List<List<String>> read(Path file, ReadSettings settings) {
        List<List<String>> rows = new ArrayList<>();
        try (TableInput input = Formats.shipped().open(file, settings)) {
            input.rows().forEachRemaining((Row row) -> rows.add(row.cells()));
        }
        return rows;
    }

    private static Map<String, Kind> kinds(Path file) {
        Map<String, Kind> kinds = new TreeMap<>();
        try (TableInput input = Formats.shipped().open(file, ReadSettings.STANDARD)) {
            input.types().forEach((title, type) -> kinds.put(title, type.kind()));
        }
        return kinds;
    }

    private static String entry(Path file, String name) throws IOException {
        try (ZipFile zip = new ZipFile(file.toFile())) {
            return new String(zip.getInputStream(zip.getEntry(name)).readAllBytes(), StandardCharsets.UTF_8);
        }
    }

    @ParameterizedTest
    @ValueSource(strings = {"a.xlsx", "a.ods"})
    void valuesHaveTheirTypesAndComeOutAsTheyWere(String name) {
        Path file = write(name, ROWS);
        assertThat(kinds(file)).isEqualTo(KINDS);
        assertThat(read(file, ReadSettings.STANDARD)).isEqualTo(ROWS);
        for (String form : List.of("xlsx", "ods")) {
            Path copy = folder.resolve("copy." + form);
            JobRun.of(Job.reading(file)
                            .step("columns", step -> step.set("first", "Singer"))
                            .writing(copy)
                            .replacing())
                    .run();
            assertThat(kinds(copy)).isEqualTo(KINDS);
            assertThat(read(copy, ReadSettings.STANDARD)).isEqualTo(ROWS);
        }
    }

    @Test
    void theyAreStoredAsWhatTheyAreAndNeverAsFormulas() throws IOException {
        String sheet = entry(write("a.xlsx", ROWS), "xl/worksheets/sheet1.xml");
        assertThat(sheet)
                .contains("<c r=\"B2\" s=\"2\"><v>12.5</v></c>", "<c r=\"D2\" s=\"6\" t=\"b\"><v>1</v></c>")
                .contains("<c r=\"E2\" s=\"3\"><v>43525</v></c>", "<c r=\"F2\" s=\"4\"><v>46355.75</v></c>")
                .contains("<c r=\"G3\" s=\"5\"><v>0.25</v></c>")
                .doesNotContain("<f>");
        assertThat(entry(write("a.ods", ROWS), "content.xml"))
                .contains("office:value-type=\"float\" office:value=\"12.5\"", "office:boolean-value=\"true\"")
                .contains("office:date-value=\"2019-03-01\"", "office:time-value=\"PT18H5M\"");
    }

    /** A number that a spreadsheet would round, a day before its count begins, and what is none, stay text. */
    @ParameterizedTest
    @CsvSource({
        "1, 12345678901234567890",
        "1, 007",
        "1, about 12",
        "2, 0x1F",
        "3, yes",
        "4, 1850-02-03",
        "4, 30.11.2026",
        "5, 2026-11-29T18:00:00.5",
        "6, 25:00:00"
    })
    void whatIsNoExactValueStaysText(int column, String text) {
        List<String> cells = new ArrayList<>(ROWS.get(0));
        cells.set(column, text);
        for (String name : List.of("b.xlsx", "b.ods")) {
            Path file = write(name, List.of(cells));
            assertThat(read(file, ReadSettings.STANDARD)).containsExactly(cells);
            assertThat(kinds(file)).doesNotContainKey(HEADER.get(column));
        }
    }

    @Test
    void anErrorStaysAnErrorInAColumnOfNumbers() throws IOException {
        List<String> cells = new ArrayList<>(ROWS.get(0));
        cells.set(1, "#DIV/0!");
        Path file = write("e.xlsx", List.of(cells, ROWS.get(1)));
        assertThat(entry(file, "xl/worksheets/sheet1.xml")).contains("<c r=\"B2\" s=\"2\" t=\"e\"><v>#DIV/0!</v></c>");
        assertThat(kinds(file)).containsEntry("Amount", Kind.NUMBER);
    }

    private Path register() throws IOException {
        return Files.writeString(
                folder.resolve("list.csv"),
                "Singer,Seats\nAda Thorne,2\nThorne,1\nTom Orme,3\nThorne,1\nx1 Marlow,1\n");
    }

    private static Job split(Path file) {
        return Job.reading(file).step("split", step -> step.set("name", "Singer"));
    }

    @ParameterizedTest
    @ValueSource(strings = {"out.xlsx", "out.ods"})
    void aSummaryAndTheDoubtfulValuesStandInSheetsOfTheirOwn(String name) throws IOException {
        Path out = folder.resolve(name);
        JobRun.of(split(register()).writing(out).with("with-sheets", "summary,doubtful"))
                .run();
        assertThat(read(out, ReadSettings.STANDARD)).hasSize(5);
        List<List<String>> doubtful = read(out, ReadSettings.STANDARD.onSheet("Doubtful"));
        assertThat(doubtful).anySatisfy(line -> assertThat(line).startsWith("Singer", "value", "Thorne", "", "2"));
        assertThat(read(out, ReadSettings.STANDARD.onSheet("Summary")))
                .contains(List.of("Table: list.csv"), List.of("Rows: 5"));
        String words =
                name.endsWith("xlsx") ? "\"as read,runner-up,suggested\"" : "&quot;as read&quot;;&quot;runner-up&quot;";
        assertThat(entry(out, name.endsWith("xlsx") ? "xl/worksheets/sheet2.xml" : "content.xml"))
                .contains(words);
    }

    @Test
    void furtherSheetsNeedASpreadsheet() throws IOException {
        Job job = split(register()).writing(folder.resolve("out.csv"));
        assertThatThrownBy(() -> JobRun.of(job.with("with-sheets", "summary")).run())
                .isInstanceOf(TableException.class)
                .hasMessageContaining("need a spreadsheet");
        assertThatThrownBy(() -> JobRun.of(job.with("with-sheets", "chart")))
                .hasMessageContaining("There is no further sheet \"chart\"; there are summary and doubtful");
    }

    /** What somebody chooses in a review sheet, and what stands in the sheet beside a table, is given back as corrections. */
    @ParameterizedTest
    @ValueSource(strings = {"review.xlsx", "review.ods", "out.xlsx", "out.ods"})
    void whatIsFilledInComesBackAsCorrections(String name) throws IOException {
        Path list = register();
        Path file = folder.resolve(name);
        Job job = Job.reading(list)
                .step("split", step -> {
                    step.set("name", "Singer");
                    if (name.startsWith("review")) {
                        step.set("review", file.toString());
                    }
                })
                .writing(name.startsWith("review") ? folder.resolve("first.csv") : file);
        JobRun.of(name.startsWith("review") ? job : job.with("with-sheets", "doubtful"))
                .run();
        Path filled = folder.resolve("filled-" + name);
        boolean beside = name.startsWith("out");
        try (TableInput sheet = Formats.shipped()
                        .open(file, beside ? ReadSettings.STANDARD.onSheet("Doubtful") : ReadSettings.STANDARD);
                Delivery delivery = new Delivery(WhenThere.REPLACE);
                TableOutput output = Formats.shipped()
                        .toWrite(filled)
                        .start(filled, delivery, beside ? two() : WriteSettings.standard())) {
            if (beside) {
                output.header(List.of("Singer"));
            }
            RowSink to = beside ? output.follow("Doubtful") : output;
            to.header(sheet.header());
            sheet.rows().forEachRemaining(row -> {
                List<String> cells = new ArrayList<>(row.cells());
                cells.set(3, cells.get(2).equals("Thorne") ? "first=Thorne" : "");
                to.row(cells);
            });
            output.finish();
            delivery.publish();
        }
        Path second = folder.resolve("second.csv");
        JobRun.of(Job.reading(list)
                        .step("split", step -> step.set("name", "Singer")
                                .set("corrections", filled.toString())
                                .set("parts", "first")
                                .set("no-checks"))
                        .writing(second))
                .run();
        assertThat(second).content().contains("\nThorne,Thorne,", "\nAda Thorne,Ada,");
    }

    private static WriteSettings two() {
        return WriteSettings.standard().followedBy(List.of(new WriteSettings.Sheet("Doubtful", Map.of())));
    }

    /** The office program takes values for what they are, and shows the words to choose from. */
    @ParameterizedTest
    @ValueSource(strings = {"a.xlsx", "a.ods"})
    void anOfficeProgramAgrees(String name) throws Exception {
        Office.assumeThere();
        write(name, ROWS);
        for (String form : List.of("xlsx", "ods")) {
            Path written = Office.written(folder.resolve(name), form, folder);
            assertThat(kinds(written)).isEqualTo(KINDS);
            List<List<String>> plain = read(written, ReadSettings.STANDARD);
            assertThat(plain.get(0)).isEqualTo(ROWS.get(0));
            assertThat(plain.get(1)).isEqualTo(ROWS.get(1));
        }
    }
}
