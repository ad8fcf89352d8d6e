package io.inkwellsplit.parquet;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import io.inkwellsplit.table.ColumnType.Kind;
import io.inkwellsplit.table.NoValue;
import io.inkwellsplit.table.TableInput;
import io.inkwellsplit.table.format.Formats;
import io.inkwellsplit.table.format.ReadSettings;
import io.inkwellsplit.table.job.Job;
import io.inkwellsplit.table.job.JobRun;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.TreeMap;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import org.junit.jupiter.api.DynamicTest;
import org.junit.jupiter.api.TestFactory;
import org.junit.jupiter.api.function.Executable;
import org.junit.jupiter.api.io.TempDir;

/** Every line of the table of what forms keep, in {@code docs/formats.md}: a line without a test here fails. */
class KeptTest {
    private static final Path DOCS = Path.of("../docs/formats.md");
    private static final List<String> FORMS = List.of("csv", "xlsx", "ods", "jsonl", "json", "parquet");

    @TempDir
    Path folder;

    @TestFactory
    List<DynamicTest> everyLineHolds() throws IOException {
        String text = Files.readString(DOCS);
        int from = text.indexOf("## What is kept");
        List<String> lines = text.substring(from, text.indexOf("\n## ", from + 1))
                .lines()
                .filter(line -> line.startsWith("| ") && !line.startsWith("| |"))
                .map(line -> line.split("\\|")[1].strip())
                .toList();
        Map<String, Executable> tests = tests();
        assertThat(lines).containsExactlyInAnyOrderElementsOf(tests.keySet());
        return lines.stream()
                .map(line -> DynamicTest.dynamicTest(line, Objects.requireNonNull(tests.get(line))))
                .toList();
    }

    private Map<String, Executable> tests() {
        Map<String, Executable> tests = new HashMap<>();
        tests.put(
                "text such as `00123`, `12345678901234567890`, `=1+1`, `1e5`, `3-4`",
                () -> staysEverywhere("00123", "12345678901234567890", "=1+1", "1e5", "3-4"));
        tests.put(
                "blanks at the ends, line ends and tabs in a cell",
                () -> staysEverywhere(" lead", "trail ", "two\nlines", "a\tb"));
        tests.put("control characters", this::controlCharacters);
        tests.put("blank rows in the middle", () -> staysEverywhere("a", "", "b"));
        tests.put("numbers, in a column of numbers", this::numbers);
        tests.put("days and times, in a column of them", this::times);
        tests.put("truth values, in a column of them", this::truth);
        tests.put("a column that mixes numbers and text", this::mixed);
        tests.put("a number with more digits than a double has", this::longNumbers);
        tests.put("formulas", this::formulas);
        tests.put("errors such as `#N/A`", this::errors);
        tests.put("no value: `null`, a missing key", this::noValue);
        tests.put("a record in a record", this::records);
        tests.put("a list in a record", this::lists);
        tests.put("two columns of one title", this::twice);
        tests.put("what a column means", this::meanings);
        return tests;
    }

    private Path file(String name, String text) throws IOException {
        return Files.writeString(folder.resolve(name), text);
    }

    /** Copies a table into a form, by a step that changes nothing. */
    private Path into(String form, Path from) {
        Path to = folder.resolve(String.valueOf(from.getFileName()).replaceFirst("\\.[a-z]+$", "") + "-copy." + form);
        JobRun.of(Job.reading(from)
                        .step("columns", step -> step.set("first", "1"))
                        .writing(to)
                        .replacing())
                .run();
        return to;
    }

    private static List<String> header(Path file) {
        try (TableInput input = Formats.shipped().open(file, ReadSettings.STANDARD)) {
            return input.header();
        }
    }

    private static List<List<String>> rows(Path file) {
        List<List<String>> rows = new ArrayList<>();
        try (TableInput input = Formats.shipped().open(file, ReadSettings.STANDARD)) {
            input.rows().forEachRemaining(row -> rows.add(row.cells()));
        }
        return rows;
    }

    private static Map<String, String> kinds(Path file) {
        Map<String, String> kinds = new TreeMap<>();
        try (TableInput input = Formats.shipped().open(file, ReadSettings.STANDARD)) {
            input.types().forEach((title, type) -> {
                if (type.kind() != Kind.TEXT) {
                    kinds.put(title, type.kind().name());
                }
            });
        }
        return kinds;
    }

    private Path texts(String... texts) throws IOException {
        StringBuilder csv = new StringBuilder("Text,End\n");
        for (String text : texts) {
            csv.append('"')
                    .append(text)
                    .append("\",")
                    .append(text.isEmpty() ? "" : "x")
                    .append('\n');
        }
        return file("texts.csv", csv.toString());
    }

    private void staysEverywhere(String... texts) throws IOException {
        List<List<String>> rows = Arrays.stream(texts)
                .map(text -> List.of(text, text.isEmpty() ? "" : "x"))
                .toList();
        Path csv = texts(texts);
        for (String form : FORMS) {
            assertThat(rows(into(form, csv))).as(form).isEqualTo(rows);
        }
    }

    private void controlCharacters() throws IOException {
        Path csv = texts("bell\u0007");
        for (String form : FORMS) {
            assertThat(rows(into(form, csv)).get(0).get(0))
                    .as(form)
                    .isEqualTo(form.equals("ods") ? "bell\uFFFD" : "bell\u0007");
        }
    }

    /** Types as they are after a way through a form; what comes back is told as text. */
    private void typed(String records, Map<String, Map<String, String>> kindsByForm, List<String> values)
            throws IOException {
        Path json = file("typed.jsonl", records);
        for (String form : FORMS) {
            Path copy = into(form, json);
            assertThat(kinds(copy)).as(form).isEqualTo(kindsByForm.getOrDefault(form, Map.of()));
            assertThat(rows(copy).stream().map(row -> row.get(0)).toList())
                    .as(form)
                    .usingElementComparator((a, b) -> a.equalsIgnoreCase(b) ? 0 : 1)
                    .isEqualTo(values);
        }
    }

    private static Map<String, Map<String, String>> inAll(Map<String, String> kinds, String... forms) {
        Map<String, Map<String, String>> all = new HashMap<>();
        Arrays.stream(forms).forEach(form -> all.put(form, kinds));
        return all;
    }

    private void numbers() throws IOException {
        typed(
                "{\"n\":12.5,\"w\":1}\n{\"n\":-3.25,\"w\":2}\n",
                inAll(Map.of("n", "NUMBER", "w", "WHOLE_NUMBER"), "xlsx", "ods", "jsonl", "json", "parquet"),
                List.of("12.5", "-3.25"));
    }

    private void truth() throws IOException {
        typed(
                "{\"t\":true}\n{\"t\":false}\n",
                inAll(Map.of("t", "TRUTH"), "xlsx", "ods", "jsonl", "json", "parquet"),
                List.of("true", "false"));
    }

    private void mixed() throws IOException {
        typed("{\"m\":1}\n{\"m\":\"1a\"}\n", Map.of(), List.of("1", "1a"));
    }

    private void longNumbers() throws IOException {
        typed(
                "{\"n\":12345678901234567890}\n",
                inAll(Map.of("n", "NUMBER"), "jsonl", "json"),
                List.of("12345678901234567890"));
    }

    private void times() throws IOException {
        for (String epoch : List.of("0", "1")) {
            Path book = book(
                    epoch,
                    "<row><c t='str'><v>Since</v></c><c t='str'><v>Seen</v></c></row>"
                            + "<row><c s='1'><v>40000</v></c><c s='2'><v>40000.75</v></c></row>");
            String day = epoch.equals("0") ? "2009-07-06" : "2013-07-07";
            for (String form : FORMS) {
                Path copy = into(form, book);
                assertThat(rows(copy).get(0).get(0)).as(form).isEqualTo(day);
                assertThat(rows(copy).get(0).get(1)).as(form).matches(day + "T18:00(:00)?");
                boolean kept = !form.startsWith("json") && !form.equals("csv");
                assertThat(kinds(copy)).as(form).isEqualTo(kept ? Map.of("Since", "DATE", "Seen", "MOMENT") : Map.of());
            }
        }
    }

    private Path book(String epoch, String rows) throws IOException {
        Path file = folder.resolve("book" + epoch + ".xlsx");
        Map<String, String> entries = Map.of(
                "xl/workbook.xml",
                "<workbook xmlns:r='r'><workbookPr date1904='" + epoch
                        + "'/><sheets><sheet name='S' r:id='a'/></sheets></workbook>",
                "xl/_rels/workbook.xml.rels",
                "<Relationships><Relationship Id='a' Target='s.xml'/></Relationships>",
                "xl/styles.xml",
                "<styleSheet><cellXfs><xf numFmtId='0'/><xf numFmtId='14'/><xf numFmtId='22'/></cellXfs></styleSheet>",
                "xl/s.xml",
                "<worksheet><sheetData>" + rows + "</sheetData></worksheet>");
        try (ZipOutputStream zip = new ZipOutputStream(Files.newOutputStream(file))) {
            for (Map.Entry<String, String> entry : entries.entrySet()) {
                zip.putNextEntry(new ZipEntry(entry.getKey()));
                zip.write(entry.getValue().getBytes(StandardCharsets.UTF_8));
            }
        }
        return file;
    }

    private void formulas() throws IOException {
        Path book = book(
                "0",
                "<row><c t='str'><v>F</v></c></row><row><c t='str'><f>A1&amp;A1</f><v>FF</v></c></row>"
                        + "<row><c t='str'><v>=1+1</v></c></row>");
        for (String form : FORMS) {
            assertThat(rows(into(form, book))).as(form).containsExactly(List.of("FF"), List.of("=1+1"));
        }
    }

    private void errors() throws IOException {
        Path book = book(
                "0",
                "<row><c t='str'><v>N</v></c></row><row><c><v>1.5</v></c></row><row><c t='e'><v>#N/A</v></c></row>");
        for (String form : FORMS) {
            Path copy = into(form, book);
            assertThat(rows(copy)).as(form).containsExactly(List.of("1.5"), List.of("#N/A"));
            assertThat(kinds(copy))
                    .as(form)
                    .isEqualTo(form.equals("xlsx") || form.equals("ods") ? Map.of("N", "NUMBER") : Map.of());
        }
    }

    private void noValue() throws IOException {
        Path json = file("null.jsonl", "{\"a\":\"x\",\"b\":null}\n{\"a\":\"y\"}\n{\"a\":\"z\",\"b\":\"\"}\n");
        for (String form : FORMS) {
            List<String> cells =
                    rows(into(form, json)).stream().map(row -> row.get(1)).toList();
            assertThat(cells).as(form).containsExactly("", "", "");
            boolean kept = form.startsWith("json") || form.equals("parquet");
            assertThat(cells.stream().map(NoValue::is).toList()).as(form).containsExactly(kept, kept, false);
        }
    }

    private void records() throws IOException {
        Path json = file("nested.jsonl", "{\"name\":{\"first\":\"Ada\"},\"no\":1}\n");
        for (String form : FORMS) {
            assertThat(header(into(form, json))).as(form).containsExactly("name.first", "no");
        }
        Path nested = folder.resolve("again.jsonl");
        JobRun.of(Job.reading(into("parquet", json))
                        .step("columns", step -> step.set("first", "no"))
                        .writing(nested)
                        .with("nested"))
                .run();
        assertThat(nested).hasContent("{\"no\":1,\"name\":{\"first\":\"Ada\"}}\n");
    }

    private void lists() throws IOException {
        Path json = file("list.jsonl", "{\"voices\":[\"alto\",2]}\n");
        assertThat(rows(json)).containsExactly(List.of("[\"alto\",2]"));
        // For Parquet see the tests of its own.
        assertThat(rows(into("parquet", json))).containsExactly(List.of("[\"alto\",2]"));
    }

    private void twice() throws IOException {
        Path csv = file("twice.csv", "Note,Note\na,b\n");
        for (String form : List.of("csv", "xlsx", "ods")) {
            assertThat(header(into(form, csv))).as(form).containsExactly("Note", "Note");
        }
        assertThat(header(into("jsonl", csv))).containsExactly("Note", "Note 2");
        assertThatThrownBy(() -> into("parquet", csv)).hasMessageContaining("two columns called Note");
    }

    private void meanings() throws IOException {
        Path csv = file("singers.csv", "Singer\nAda Thorne\n");
        for (String form : List.of("csv", "parquet")) {
            Path to = folder.resolve("split." + form);
            Job job = Job.reading(csv)
                    .step("split", step -> step.set("name", "Singer"))
                    .writing(to);
            JobRun.of(form.equals("csv") ? job.with("describe") : job).run();
        }
        assertThat(folder.resolve("split.csv-metadata.json")).content().contains("Last name");
        try (TableInput input = Formats.shipped().open(folder.resolve("split.parquet"), ReadSettings.STANDARD)) {
            assertThat(input.meanings()).containsKey("Last name");
        }
    }
}
