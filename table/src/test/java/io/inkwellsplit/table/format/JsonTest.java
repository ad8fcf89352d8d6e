package io.inkwellsplit.table.format;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import io.inkwellsplit.table.Row;
import io.inkwellsplit.table.TableException;
import io.inkwellsplit.table.TableException.Problem;
import io.inkwellsplit.table.TableInput;
import io.inkwellsplit.table.job.Job;
import io.inkwellsplit.table.job.JobRun;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.zip.GZIPInputStream;
import java.util.zip.GZIPOutputStream;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.NotEmpty;
import net.jqwik.api.constraints.Size;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Records in JSON both ways, packed text, and files that are no table. */
class JsonTest {
    @TempDir
    Path folder;

    private List<String> read(String name, String text) throws IOException {
        Path file = Files.writeString(folder.resolve(name), text);
        List<String> lines = new ArrayList<>();
        try (TableInput input = Formats.shipped().open(file, ReadSettings.STANDARD)) {
            lines.add(String.join("|", input.header()));
            for (int pass = 0; pass < 2; pass++) {
                lines.subList(1, lines.size()).clear();
                input.rows()
                        .forEachRemaining((Row row) -> lines.add(row.line() + ": " + String.join("|", row.cells())));
            }
        }
        return lines;
    }

    @Test
    void recordsOnLinesAreRows() throws IOException {
        assertThat(read("a.jsonl", """
                        {"Id": "00123", "Name": "Ines \\"Dot\\" Brandt"}
                        {"Name": "Jörg", "Seats": 2, "Id": "7"}

                        {}
                        """))
                .containsExactly("Id|Name|Seats", "1: 00123|Ines \"Dot\" Brandt|", "2: 7|Jörg|2", "4: ||");
    }

    @Test
    void valuesComeAsTheyAreWritten() throws IOException {
        assertThat(read("a.json", """
                        [{"a": 12345678901234567890, "b": 1.50, "c": 1e5, "d": true, "e": null},
                         {"a": [1, "x", {"y": [null]}], "b": {"c": {"d": "deep"}, "e": 2}}]
                        """))
                .containsExactly(
                        "a|b|c|d|e|b.c.d|b.e",
                        "1: 12345678901234567890|1.50|1e5|true|||",
                        "2: [1,\"x\",{\"y\":[null]}]|||||deep|2");
    }

    @ParameterizedTest(name = "{0}")
    @CsvSource(delimiter = '|', textBlock = """
            {"a": 1           | this is no JSON
            {"a": 1} x        | this is no JSON
            [1, 2]            | a record in braces is needed here
            "text"            | a record in braces is needed here
            """)
    void whatIsNoTableIsToldWithItsPlace(String text, String sentence) throws IOException {
        Path file = Files.writeString(folder.resolve("a.jsonl"), text);
        assertThatThrownBy(() -> Formats.shipped().open(file, ReadSettings.STANDARD))
                .isInstanceOfSatisfying(
                        TableException.class, e -> assertThat(e.problem()).isEqualTo(Problem.INPUT))
                .hasMessageContaining("a.jsonl, line 1, column")
                .hasMessageContaining(sentence);
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "[]", "{}", "\n\n"})
    void nothingIsNoTable(String text) throws IOException {
        Path file = Files.writeString(folder.resolve("a.json"), text);
        assertThatThrownBy(() -> Formats.shipped().open(file, ReadSettings.STANDARD))
                .hasMessageContaining("has no records");
    }

    private Path split(String in, String out) {
        Path to = folder.resolve(out);
        JobRun.of(Job.reading(folder.resolve(in))
                        .step("split", step -> step.set("name", "Name")
                                .set("parts", "last")
                                .set("no-checks"))
                        .writing(to)
                        .replacing())
                .run();
        return to;
    }

    @Test
    void aJobGoesFromOneFormToAnother() throws IOException {
        Files.writeString(folder.resolve("a.csv"), "Id,Name,Note,Note\n007,Ines Brandt,x,y\n");
        assertThat(split("a.csv", "b.jsonl"))
                .hasContent("{\"Id\":\"007\",\"Name\":\"Ines Brandt\",\"Last name\":\"Brandt\","
                        + "\"Remarks\":\"First name: Ines\",\"Note\":\"x\",\"Note 2\":\"y\"}\n");
        assertThat(split("a.csv", "b.json")).hasContent("""
                [{"Id":"007","Name":"Ines Brandt","Last name":"Brandt","Remarks":"First name: Ines","Note":"x","Note 2":"y"}]
                """);
        Files.writeString(folder.resolve("c.jsonl"), "{\"Name\":\"Wren Marlow\",\"No\":7}\n");
        assertThat(split("c.jsonl", "d.csv"))
                .hasContent("Name,Last name,Remarks,No\nWren Marlow,Marlow,First name: Wren,7\n");
    }

    @Property(tries = 60)
    void everyTextComesBack(@ForAll @Size(min = 1, max = 4) List<@NotEmpty String> cells) throws IOException {
        Path in = Files.createTempFile("in", ".jsonl");
        Path out = Files.createTempFile("out", ".jsonl");
        try {
            StringBuilder record = new StringBuilder("{");
            for (int i = 0; i < cells.size(); i++) {
                String cell = cells.get(i).codePoints().allMatch(c -> !Character.isSurrogate((char) c) || c > 0xFFFF)
                        ? cells.get(i)
                        : "x";
                String quoted = new String(com.fasterxml.jackson.core.io.JsonStringEncoder.getInstance()
                        .quoteAsString(cell));
                record.append(i == 0 ? "" : ",")
                        .append("\"c")
                        .append(i)
                        .append("\":\"")
                        .append(quoted)
                        .append('"');
            }
            Files.writeString(in, record + "}\n", StandardCharsets.UTF_8);
            JobRun.of(Job.reading(in)
                            .step("columns", step -> step.set("first", "c0"))
                            .writing(out)
                            .replacing())
                    .run();
            assertThat(Files.readString(out)).isEqualTo(Files.readString(in));
        } finally {
            Files.delete(in);
            Files.delete(out);
        }
    }

    @Test
    void rowsSetAsideGoToAText() throws IOException {
        Files.writeString(folder.resolve("a.csv"), "Id,Name\n007,Ines Brandt\n8\n");
        split("a.csv", "b.jsonl");
        assertThat(folder.resolve("b.jsonl.set-aside.csv")).content().contains("2,3,", "8");
    }

    @Test
    void packedTextIsReadByItsName() throws IOException {
        Path file = folder.resolve("a.csv.gz");
        try (OutputStream out = new GZIPOutputStream(Files.newOutputStream(file))) {
            out.write("Id,Name\n007,Ines Brandt\n".getBytes(StandardCharsets.UTF_8));
        }
        assertThat(split("a.csv.gz", "b.csv")).content().contains("007,Ines Brandt,Brandt");
        Path packed = split("a.csv.gz", "c.csv.gz");
        try (GZIPInputStream in = new GZIPInputStream(Files.newInputStream(packed))) {
            assertThat(new String(in.readAllBytes(), StandardCharsets.UTF_8))
                    .isEqualTo(Files.readString(folder.resolve("b.csv")));
        }
        Files.writeString(folder.resolve("b.csv.gz"), "Id\n");
        assertThatThrownBy(() -> split("b.csv.gz", "b.csv")).hasMessageContaining("is not packed by gzip");
        assertThatThrownBy(() -> split("none.csv.gz", "b.csv")).hasMessageContaining("There is no file");
    }

    @ParameterizedTest
    @CsvSource({
        "a.xls, is an old spreadsheet",
        "a.PDF, 'is a page, and no table'",
        "a.docx, is a letter",
        "a.zip, is packed",
        "a.parquet, the module inkwell-split-parquet reads and writes it"
    })
    void whatIsNoTableIsRefusedByItsEnding(String name, String sentence) throws IOException {
        Files.writeString(folder.resolve(name), "Id,Name\n1,Ines\n");
        assertThatThrownBy(() -> split(name, "b.csv")).hasMessageContaining(sentence);
        Files.writeString(folder.resolve("a.csv"), "Id,Name\n1,Ines\n");
        assertThatThrownBy(() -> split("a.csv", "out-" + name))
                .hasMessageContaining("cannot be written")
                .hasMessageContaining(sentence);
        assertThat(folder.resolve("out-" + name)).doesNotExist();
    }

    @ParameterizedTest
    @CsvSource({
        "504b0304, is packed like a spreadsheet",
        "1f8b0800, is packed by gzip",
        "25504446, is a PDF",
        "d0cf11e0, is an old binary file"
    })
    void contentThatIsNoTextIsTold(String bytes, String sentence) throws IOException {
        Path file = folder.resolve("a.csv");
        Files.write(file, java.util.HexFormat.of().parseHex(bytes));
        assertThatThrownBy(() -> split("a.csv", "b.csv")).hasMessageContaining(sentence);
    }
}
