package io.inkwellsplit.spark;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import io.inkwellsplit.table.TableException;
import io.inkwellsplit.table.job.Job;
import io.inkwellsplit.table.job.JobReader;
import io.inkwellsplit.table.job.JobRun;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.PrintStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.apache.spark.sql.Column;
import org.apache.spark.sql.Dataset;
import org.apache.spark.sql.Row;
import org.apache.spark.sql.SparkSession;
import org.apache.spark.sql.functions;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Jobs give the same rows, counts and rows set aside as on one machine; what was there before is never lost. */
class SparkJobTest {
    private static final Path BOX_OFFICE =
            Path.of("../demo/box-office.csv").toAbsolutePath().normalize();
    private static final String SPLIT = "  - split: {name: Patron, address: Address}\n";

    private static SparkSession session;

    @TempDir
    Path folder;

    @BeforeAll
    static void start() {
        session = OneProcess.session();
    }

    @AfterAll
    static void stop() {
        session.stop();
    }

    private Path job(String input, String steps, String output) throws IOException {
        return Files.writeString(
                folder.resolve("job.yaml"),
                "input: {file: \"" + input + "\"}\nsteps:\n" + steps + "output: {file: " + output + "}\n");
    }

    private Job boxOffice(String steps, String output) throws IOException {
        return JobReader.read(job(BOX_OFFICE.toString(), steps, output));
    }

    private List<List<String>> written(String name, List<String> titles) {
        String form = name.substring(name.lastIndexOf('.') + 1);
        // The engine reads the largest file first.
        Dataset<Row> read = session.read()
                .option("header", true)
                .option("escape", "\"")
                .option("multiLine", form.equals("csv"))
                .option("emptyValue", "")
                .option("nullValue", "\u0000")
                .format(form.equals("jsonl") ? "json" : form)
                .load(folder.resolve(name).toString())
                .withColumn("in file", functions.input_file_name())
                .withColumn("in it", functions.monotonically_increasing_id())
                .orderBy("in file", "in it")
                .select(titles.stream()
                        .map(title -> functions.col("`" + title + "`"))
                        .toArray(Column[]::new));
        List<List<String>> rows = new ArrayList<>(List.of(List.of(read.columns())));
        read.collectAsList().forEach(row -> rows.add(ChainOnSpark.cells(row)));
        return rows;
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "split: {name: Patron, address: Address}; tidy: {column: Last name, what: name-case}; "
                        + "rows: {where: \"Seats is 2\"}",
                "split: {name: Patron, parts: [first, last], no-checks: true}; "
                        + "sort: {by: [Last name], by-number-falling: [Price]}; columns: {first: [Price]}",
                "sort: {by-number: [Seats]}; replace: {column: [Patron], text: e, with: E}",
                "count: {column: [Seats]}",
                "split: {name: Patron, parts: [first, last]}; count: {column: [Last name, Seats]}",
                "split: {name: Patron, parts: [first, last]}; duplicates: {by: [Last name, First name]}",
                "duplicates: {by: [Patron]}; count: {column: [Likeness]}; sort: {by: [Likeness]}",
                "group: {column: Patron, by: [Seats]}",
                "split: {name: Patron}; group: {column: First name, by: [Last name], sorted: true, distinct: true, most: 3}; "
                        + "rows: {where: \"Rows is not 1\"}",
                "rows: {where: \"Seats is 99\"}; count: {column: [Seats]}",
                "cut: {column: [Address], at: [\",\"], into: 3}; split: {name: Patron}; sort: {by: [Address 2, Order]}"
            })
    void aJobGivesTheSameRowsAndCountsInTheSameOrder(String steps) throws IOException {
        StringBuilder yaml = new StringBuilder();
        for (String step : steps.split("; ")) {
            yaml.append("  - ").append(step).append('\n');
        }
        Job job = boxOffice(yaml.toString(), "out.parquet");
        OneProcess.Outcome expected = OneProcess.onOneMachine(job.writingNothing());
        SparkDone done = SparkJob.of(job).run(session);
        assertThat(written("out.parquet", expected.rows().get(0))).isEqualTo(expected.rows());
        assertThat(done.report()).isEqualTo(expected.report());
        assertThat(done.rows()).isEqualTo(152);
        assertThat(done.rowsOut()).isEqualTo(expected.rows().size() - 1);
        assertThat(done.setAside()).isZero();
    }

    @ParameterizedTest
    @ValueSource(strings = {"csv", "jsonl", "parquet"})
    void aJobWritesTheFormThatItsOutputIsCalledBy(String form) throws IOException {
        Job job = boxOffice(SPLIT, "out." + form);
        SparkJob.of(job).run(session);
        List<List<String>> expected =
                OneProcess.onOneMachine(job.writingNothing()).rows();
        assertThat(written("out." + form, expected.get(0))).isEqualTo(expected);
        // And a job reads what another one has written.
        Job next = JobReader.read(
                job(folder.resolve("out." + form).toString(), "  - count: {column: [City]}\n", "next.csv"));
        assertThat(SparkJob.of(next).run(session).rows()).isEqualTo(152);
    }

    @Test
    void linesOfJsonKeepTheirOrderOfColumnsAndTheirDigits() throws IOException {
        Path list = Files.writeString(
                folder.resolve("roll.jsonl"),
                "{\"Singer\": \"Ada Thorne\", \"Fee\": 18.50, \"Card\": 12345678901234567890123}\n"
                        + "{\"Singer\": \"Neil Harrow\", \"Fee\": 7.25}\n");
        Job job = JobReader.read(job(list.toString(), "  - split: {name: Singer}\n", "out.csv"));
        List<List<String>> expected =
                OneProcess.onOneMachine(job.writingNothing()).rows();
        SparkJob.of(job).run(session);
        List<List<String>> rows = written("out.csv", expected.get(0));
        assertThat(rows).isEqualTo(expected);
        Files.writeString(list, "{\"Singer\": {\"first\": \"Ada\"}}\n");
        Job nested = JobReader.read(job(list.toString(), "  - split: {name: Singer}\n", "other.csv"));
        assertThatThrownBy(() -> SparkJob.of(nested).run(session)).hasMessageContaining("holds records or lists");
        Files.writeString(list, "{\"Singer\": \"Ada Thorne\"}\n{\"Singer\": \n");
        Job broken = JobReader.read(job(list.toString(), "  - split: {name: Singer}\n", "other.csv"));
        assertThatThrownBy(() -> SparkJob.of(broken).run(session)).isNotNull();
        assertThat(folder.resolve("other.csv")).doesNotExist();
    }

    @Test
    void rowsThatDoNotFitAreSetAsideWithTheirReason() throws IOException {
        Path list = Files.writeString(
                folder.resolve("roll.csv"),
                "Singer,Reason\nAda Thorne,Alto\nNeil Harrow\n\"Orme, Tom\",Bass,\"late, \"\"again\"\"\"\n"
                        + "\"Ines\nBrandt\",Tenor\n\nWren Okonedo,\n");
        Job job = JobReader.read(job(list.toString(), "  - split: {name: Singer}\n", "out.csv"));
        OneProcess.Outcome expected = OneProcess.onOneMachine(job.writingNothing());
        SparkDone done = SparkJob.of(job).run(session);
        assertThat(written("out.csv", expected.rows().get(0))).isEqualTo(expected.rows());
        assertThat(done.setAside()).isEqualTo(expected.asides().size()).isGreaterThan(1);
        List<List<String>> asides = new ArrayList<>();
        written("out.csv.set-aside.csv", List.of("Row", "Reason", "Singer", "Reason of the table", "Cell 3")).stream()
                .skip(1)
                .map(ArrayList::new)
                .forEach(aside -> {
                    aside.removeIf(String::isEmpty);
                    asides.add(aside);
                });
        expected.asides()
                .replaceAll(
                        aside -> aside.stream().filter(cell -> !cell.isEmpty()).toList());
        assertThat(asides).isEqualTo(expected.asides());
        Files.writeString(list, "Singer,Reason\nAda Thorne,Alto\n");
        // What was set aside before is no answer to a table that is all right now; it is kept beside.
        Job mended = JobReader.read(job(list.toString(), "  - split: {name: Singer}\n", "out.csv, replace: true"));
        assertThat(SparkJob.of(mended).run(session).setAside()).isZero();
        assertThat(folder.resolve("out.csv.set-aside.csv")).doesNotExist();
        assertThat(folder.resolve("out.csv.set-aside.csv.before")).exists();
        // Rows that were set aside before are not written over, and that is said before any work is done.
        Job again = JobReader.read(job(
                list.toString(), "  - split: {name: Singer}\n", "other.csv, set-aside: out.csv.set-aside.csv.before"));
        assertThatThrownBy(() -> SparkJob.of(again).run(session)).hasMessageContaining("is there already");
        assertThat(done.summary())
                .contains("Rows: " + done.rows() + ", set aside: " + done.setAside())
                .anyMatch(line -> line.startsWith("Set aside, with the reason for each row: "));
    }

    @Test
    void whatIsThereIsKeptUntilTheNewIsWhole() throws IOException {
        SparkJob.of(boxOffice(SPLIT, "out.csv")).run(session);
        List<List<String>> first = written("out.csv", List.of("Patron"));
        SparkJob again = SparkJob.of(boxOffice(SPLIT, "out.csv"));
        assertThatThrownBy(() -> again.run(session)).hasMessageContaining("out.csv is there already");
        String count = "  - count: {column: [Seats]}\n";
        SparkJob broken = SparkJob.of(JobReader.read(job(broken().toString(), count, "out.csv, replace: true")));
        assertThatThrownBy(() -> broken.run(session)).isNotNull();
        assertThat(written("out.csv", List.of("Patron"))).isEqualTo(first);
        SparkJob.of(boxOffice(count, "out.csv, replace: true")).run(session);
        assertThat(written("out.csv", List.of("Seats", "Count")).get(1)).first().isEqualTo("4");
        assertThat(session.read()
                        .option("header", true)
                        .csv(folder.resolve("out.csv.before").toString())
                        .columns())
                .contains("Patron");
        try (Stream<Path> all = Files.list(folder)) {
            assertThat(all.map(Path::getFileName).map(Path::toString))
                    .containsExactlyInAnyOrder("broken.parquet", "job.yaml", "out.csv", "out.csv.before");
        }
        Job onto = JobReader.read(
                job(folder.resolve("out.csv").toString(), "  - count: {column: [Seats]}\n", "out.csv, replace: true"));
        assertThatThrownBy(() -> SparkJob.of(onto).run(session)).hasMessageContaining("an input is never written");
    }

    /** A table whose end, which tells its columns, is whole, and whose rows are not. */
    private Path broken() throws IOException {
        Path table = folder.resolve("broken.parquet");
        session.sql("select id as Seats from range(1000)").coalesce(1).write().parquet(table.toString());
        List<Path> files;
        try (Stream<Path> all = Files.list(table)) {
            files = all.toList();
        }
        for (Path file : files) {
            if (file.toString().endsWith(".crc")) {
                Files.delete(file);
            } else if (file.toString().endsWith(".parquet")) {
                byte[] bytes = Files.readAllBytes(file);
                Arrays.fill(bytes, 4, 400, (byte) -1);
                Files.write(file, bytes);
            }
        }
        return table;
    }

    /** One in this process, and those servers that the surroundings name; see scripts/databases. */
    static Stream<Arguments> databases() {
        List<Arguments> all = new ArrayList<>(List.of(Arguments.of("jdbc:h2:mem:festival;DB_CLOSE_DELAY=-1", "")));
        Map.of("INKWELL_MARIADB_URL", "root", "INKWELL_POSTGRES_URL", "postgres")
                .forEach((variable, user) -> {
                    String url = System.getenv(variable);
                    assertThat(url != null || !"required".equals(System.getenv("INKWELL_DATABASE_TESTS")))
                            .as(variable)
                            .isTrue();
                    if (url != null) {
                        all.add(Arguments.of(url, user));
                    }
                });
        return all.stream();
    }

    @ParameterizedTest
    @MethodSource("databases")
    void tablesOfDatabasesAreReadAndWritten(String url, String user) throws Exception {
        Files.writeString(folder.resolve("festival.db.yaml"), "url: \"" + url + "\"\nuser: \"" + user + "\"\n");
        String all = "  - rows: {where: \"Order is not nothing\"}\n";
        JobRun.of(boxOffice(all, "\"festival.db.yaml#of_spark\"")).run();
        try {
            Job job = JobReader.read(job("festival.db.yaml#of_spark", SPLIT, "\"festival.db.yaml#of_spark_split\""));
            assertThat(SparkJob.of(job).run(session).rowsOut()).isEqualTo(152);
            List<List<String>> written = OneProcess.onOneMachine(
                            JobReader.read(job("festival.db.yaml#of_spark_split", all, "x.csv"))
                                    .writingNothing())
                    .rows();
            assertThat(written)
                    .containsExactlyInAnyOrderElementsOf(
                            OneProcess.onOneMachine(boxOffice(SPLIT, "x.csv").writingNothing())
                                    .rows());
            assertThatThrownBy(() -> SparkJob.of(job).run(session)).hasMessageContaining("is there already");
            Job again = JobReader.read(
                    job("festival.db.yaml#of_spark", SPLIT, "\"festival.db.yaml#of_spark_split\", replace: true"));
            assertThat(SparkJob.of(again).run(session).rowsOut()).isEqualTo(152);
            Job onto = JobReader.read(
                    job("festival.db.yaml#of_spark", SPLIT, "\"festival.db.yaml#of_spark\", replace: true"));
            assertThatThrownBy(() -> SparkJob.of(onto).run(session)).hasMessageContaining("an input is never written");
            // A table that cannot be finished leaves nothing behind.
            Job failing = JobReader.read(
                    job(broken().toString(), all.replace("Order", "Seats"), "\"festival.db.yaml#of_spark_failed\""));
            assertThatThrownBy(() -> SparkJob.of(failing).run(session)).isNotNull();
            Job missing = JobReader.read(job("festival.db.yaml#of_spark_failed", all, "x.csv"))
                    .writingNothing();
            assertThatThrownBy(() -> OneProcess.onOneMachine(missing))
                    .hasMessageContaining("of_spark, of_spark_split")
                    .hasMessageNotContaining("inkwell_part");
        } finally {
            dropped(url, user, List.of("of_spark", "of_spark_split"));
        }
    }

    private static void dropped(String url, String user, List<String> tables) throws SQLException {
        String quote = url.contains("mariadb") ? "`" : "\"";
        try (Connection connection = DriverManager.getConnection(url, user, "");
                Statement statement = connection.createStatement()) {
            for (String table : tables) {
                statement.execute("drop table if exists " + quote + table + quote);
            }
        }
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            out.xlsx                  | split: {name: Patron}          | is in no form that Spark reads
            out.csv, describe: true   | split: {name: Patron}          | describe of the output has no counterpart
            out.csv                   | split: {name: Patron, review: r.csv} | review of the step split has no counterpart
            out.csv                   | cut: {column: [Address]}       | The step cut has to see the whole table
            out.csv                   | split: {name: Nobody}          | Nobody
            """)
    void whatHasNoCounterpartIsRefusedBeforeAnythingRuns(String output, String step, String sentence)
            throws IOException {
        SparkJob job = SparkJob.of(boxOffice("  - " + step + "\n", output));
        assertThatThrownBy(() -> job.run(session))
                .isInstanceOf(TableException.class)
                .hasMessageContaining(sentence);
        try (Stream<Path> all = Files.list(folder)) {
            assertThat(all.map(Path::getFileName).map(Path::toString)).containsExactly("job.yaml");
        }
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            Singer\\nAda Thorne\\n             | split: {name: Singer}    | 0 | Rows: 1
            Singer,Voice\\nAda Thorne\\n       | split: {name: Singer}    | 3 | Rows: 1, set aside: 1
            Singer\\nAda Thorne\\n             | split: {name: Nobody}    | 2 | Nobody
            Singer,Singer\\nAda,Neil\\n        | split: {name: Singer}    | 2 | two columns of one title
            ''                                | split: {name: Singer}    | 4 | There is no file
            """)
    void theExitCodeTellsHowItEnded(String content, String step, int code, String sentence) throws IOException {
        Path list = folder.resolve("list.csv");
        if (!content.isEmpty()) {
            Files.writeString(list, content.replace("\\n", "\n"));
        }
        Path file = job(list.toString(), "  - " + step + "\n", "out.csv");
        ByteArrayOutputStream said = new ByteArrayOutputStream();
        PrintStream to = new PrintStream(said, true, StandardCharsets.UTF_8);
        System.setProperty("spark.master", "local[2]");
        try {
            assertThat(SparkMain.run(new String[] {file.toString()}, to, to)).isEqualTo(code);
        } finally {
            System.clearProperty("spark.master");
            session = OneProcess.session();
        }
        assertThat(said.toString(StandardCharsets.UTF_8)).contains(sentence);
    }
}
