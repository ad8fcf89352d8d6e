package io.inkwellsplit.parquet;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import io.inkwellsplit.table.ColumnType;
import io.inkwellsplit.table.ColumnType.Kind;
import io.inkwellsplit.table.NoValue;
import io.inkwellsplit.table.Row;
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
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Parquet files both ways, beside a second program that reads and writes them. */
class ParquetTest {
    private static final List<String> NASTY =
            List.of("00123", "12345678901234567890", " lead and trail ", "line\nbreak", "", "Zoë", "山田太郎", "a\u0000b");

    @TempDir
    Path folder;

    private Path write(String name, List<String> header, List<List<String>> rows, WriteSettings settings) {
        Path file = folder.resolve(name);
        try (Delivery delivery = new Delivery(WhenThere.REPLACE);
                TableOutput output = Formats.shipped().toWrite(file).start(file, delivery, settings)) {
            output.header(header);
            rows.forEach(output::row);
            output.finish();
            delivery.publish();
        }
        return file;
    }

    private static List<List<String>> read(Path file) {
        List<List<String>> rows = new ArrayList<>();
        try (TableInput input = Formats.shipped().open(file, ReadSettings.STANDARD)) {
            input.rows();
            rows.add(input.header());
            input.rows().forEachRemaining((Row row) -> rows.add(row.cells()));
        }
        return rows;
    }

    private Path copy(Path from, String name) {
        Path to = folder.resolve(name);
        JobRun.of(Job.reading(from)
                        .step("columns", step -> step.set("first", firstTitle(from)))
                        .writing(to)
                        .replacing())
                .run();
        return to;
    }

    private static String firstTitle(Path file) {
        try (TableInput input = Formats.shipped().open(file, ReadSettings.STANDARD)) {
            return input.header().get(0);
        }
    }

    /** Asks the second program, a line for each row. */
    private static List<String> ask(String sql) throws SQLException {
        List<String> lines = new ArrayList<>();
        try (Connection connection = DriverManager.getConnection("jdbc:duckdb:");
                Statement statement = connection.createStatement()) {
            if (!statement.execute(sql)) {
                return lines;
            }
            try (ResultSet rows = statement.getResultSet()) {
                while (rows.next()) {
                    List<String> cells = new ArrayList<>();
                    for (int i = 1; i <= rows.getMetaData().getColumnCount(); i++) {
                        cells.add(String.valueOf(rows.getString(i)));
                    }
                    lines.add(String.join("|", cells));
                }
            }
        }
        return lines;
    }

    @Test
    void textComesBackAsItWas() throws SQLException {
        List<List<String>> rows = NASTY.stream().map(text -> List.of("x", text)).toList();
        Path file = write("n.parquet", List.of("Singer", "Note.text"), rows, WriteSettings.standard());
        assertThat(read(file).subList(1, rows.size() + 1)).isEqualTo(rows);
        assertThat(ask("select \"Note.text\" from '" + file + "'")).isEqualTo(NASTY);
    }

    @Test
    void ofManyRowsEveryOneComesInItsPlace() throws SQLException {
        List<List<String>> rows = new ArrayList<>();
        Random random = new Random(7);
        for (int i = 0; i < 60_000; i++) {
            String text = random.ints(i % 1500, 'a', 'z')
                    .mapToObj(Character::toString)
                    .collect(Collectors.joining());
            rows.add(List.of(Integer.toString(i), text));
        }
        Path file = write(
                "many.parquet",
                List.of("No", "Text"),
                rows,
                WriteSettings.standard().typed(Map.of("No", new ColumnType(Kind.WHOLE_NUMBER, "", ""))));
        assertThat(read(file).subList(1, rows.size() + 1)).isEqualTo(rows);
        assertThat(ask("select count(*), sum(No), sum(length(Text)) from '" + file + "'"))
                .containsExactly("60000|1799970000|"
                        + rows.stream().mapToLong(row -> row.get(1).length()).sum());
        assertThat(ask("select count(distinct row_group_id) > 1 from parquet_metadata('" + file + "')"))
                .containsExactly("true");
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            quoteCharacter = '~',
            value = {
                "42::tinyint | 42",
                "-7::bigint | -7",
                "4000000000::uinteger | 4000000000",
                "12.50::decimal(9,2) | 12.50",
                "-12345678901234567890.5::decimal(30,1) | -12345678901234567890.5",
                "0.1::double | 0.1",
                "1.5::float | 1.5",
                "true | true",
                "date '2026-11-30' | 2026-11-30",
                "date '1850-02-03' | 1850-02-03",
                "time '18:05:00' | 18:05",
                "timestamp '2026-11-30 18:05:06.123456' | 2026-11-30T18:05:06.123456",
                "timestamp_ms '2026-11-30 18:05:06.5' | 2026-11-30T18:05:06.500",
                "uuid '00112233-4455-6677-8899-aabbccddeeff' | 00112233-4455-6677-8899-aabbccddeeff",
                "'Ines' | Ines",
                "null::integer | ~~"
            })
    void valuesOfEveryTypeAreReadAndComeOutAsTheyWere(String value, String text) throws SQLException {
        Path file = folder.resolve("typed.parquet");
        ask("copy (select " + value + " as v, 'Ada Thorne' as Singer) to '" + file + "' (format parquet)");
        assertThat(read(file)).containsExactly(List.of("v", "Singer"), List.of(text, "Ada Thorne"));
        Path copied = copy(file, "copied.parquet");
        String asked = "select typeof(v), v::varchar from '%s'";
        assertThat(ask(asked.formatted(copied))).isEqualTo(ask(asked.formatted(file)));
    }

    @ParameterizedTest
    @ValueSource(strings = {"uncompressed", "snappy", "gzip", "zstd", "lz4_raw"})
    void pagesMayBePackedInAnyWay(String packing) throws SQLException {
        Path file = folder.resolve("packed.parquet");
        ask("copy (select 'Ada Thorne ' || i as Singer from range(3000) t(i)) to '" + file
                + "' (format parquet, compression " + packing + ")");
        List<List<String>> rows = read(file);
        assertThat(rows).hasSize(3001);
        assertThat(rows.get(3000)).containsExactly("Ada Thorne 2999");
    }

    @Test
    void recordsAreGoneIntoAndListsAreJson() throws SQLException {
        Path file = folder.resolve("nested.parquet");
        ask(
                "copy (select {'first': 'Ada', 'no': 7} as name, ['alto', null, 'so\"lo'] as voices, [[1], [2, 3]] as deep, "
                        + "map {'a': 1} as m) to '" + file + "' (format parquet)");
        assertThat(read(file))
                .containsExactly(
                        List.of("name.first", "name.no", "voices", "deep", "m"),
                        List.of(
                                "Ada",
                                "7",
                                "[\"alto\",null,\"so\\\"lo\"]",
                                "[[1],[2,3]]",
                                "{\"key_value\":[{\"key\":\"a\",\"value\":1}]}"));
    }

    @Test
    void noValueIsToldFromAnEmptyText() throws SQLException {
        Path file = folder.resolve("null.parquet");
        ask("copy (select null::varchar as a, '' as b) to '" + file + "' (format parquet)");
        assertThat(read(file).get(1).get(0)).matches(NoValue::is);
        assertThat(ask("select a is null, b is null from '" + copy(file, "same.parquet") + "'"))
                .containsExactly("true|false");
    }

    @Test
    void partsAreDocumentedInTheFile() {
        Path file = write(
                "s.parquet", List.of("Singer", "No"), List.of(List.of("Ada Thorne", "1")), WriteSettings.standard());
        Path split = folder.resolve("split.parquet");
        JobRun.of(Job.reading(file)
                        .step("split", step -> step.set("name", "Singer"))
                        .writing(split))
                .run();
        try (TableInput input = Formats.shipped().open(split, ReadSettings.STANDARD)) {
            assertThat(input.meanings().get("Last name")).isNotEmpty();
            assertThat(input.meanings()).doesNotContainKey("No");
        }
        try (TableInput input = Formats.shipped().open(copy(split, "again.parquet"), ReadSettings.STANDARD)) {
            assertThat(input.meanings().get("Last name")).isNotEmpty();
        }
    }

    @Test
    void aColumnThatAStepHasMadeTextIsText() throws SQLException {
        Path file = folder.resolve("id.parquet");
        ask("copy (select 12 as id, 'Ada' as Singer) to '" + file + "' (format parquet)");
        Path masked = folder.resolve("masked.parquet");
        JobRun.of(Job.reading(file)
                        .step("replace", step -> step.set("column", "id")
                                .set("text", "1")
                                .set("with", "x"))
                        .writing(masked))
                .run();
        assertThat(ask("select typeof(id), id from '" + masked + "'")).containsExactly("VARCHAR|x2");
    }

    @Test
    void whatDoesNotFitBehindTheFirstRowsIsRefused() {
        List<List<String>> rows = new ArrayList<>();
        for (int i = 0; i < 10_001; i++) {
            rows.add(List.of(i == 10_000 ? "many" : "1"));
        }
        WriteSettings numbers = WriteSettings.standard().typed(Map.of("No", new ColumnType(Kind.WHOLE_NUMBER, "", "")));
        assertThatThrownBy(() -> write("late.parquet", List.of("No"), rows, numbers))
                .isInstanceOf(TableException.class)
                .hasMessageContaining("cannot hold \"many\" in row 10001 of the column No");
        assertThat(folder.resolve("late.parquet")).doesNotExist();
    }

    @Test
    void whatIsNoParquetFileIsTold() throws IOException, SQLException {
        Path text = Files.writeString(folder.resolve("text.parquet"), "Singer\nAda Thorne\n");
        assertThatThrownBy(() -> read(text)).hasMessageContaining("is no Parquet file");
        Path whole = write("w.parquet", List.of("A"), List.of(List.of("1")), WriteSettings.standard());
        byte[] bytes = Files.readAllBytes(whole);
        Path half = Files.write(folder.resolve("half.parquet"), Arrays.copyOf(bytes, bytes.length / 2));
        assertThatThrownBy(() -> read(half)).isInstanceOf(TableException.class);
        Path bytesIn = folder.resolve("bytes.parquet");
        ask("copy (select '\\xFF\\xFE'::blob as scan) to '" + bytesIn + "' (format parquet)");
        assertThatThrownBy(() -> read(bytesIn))
                .hasMessageContaining("holds bytes and no text in the column scan, row 1");
        assertThatThrownBy(() -> write("two.parquet", List.of("A", "A"), List.of(), WriteSettings.standard()))
                .hasMessageContaining("two columns called A");
        assertThatThrownBy(() -> write("none.parquet", List.of(" "), List.of(), WriteSettings.standard()))
                .hasMessageContaining("a column without a title");
    }

    @Test
    void theSameTableGivesTheSameBytes() throws IOException {
        List<List<String>> rows = List.of(List.of("Ada", "1"), List.of("Tom", ""));
        Path one = write("one.parquet", List.of("A", "B"), rows, WriteSettings.standard());
        Path two = write("two.parquet", List.of("A", "B"), rows, WriteSettings.standard());
        assertThat(Files.readAllBytes(one)).isEqualTo(Files.readAllBytes(two));
        assertThat(read(write("empty.parquet", List.of("A"), List.of(), WriteSettings.standard())))
                .containsExactly(List.of("A"));
    }
}
