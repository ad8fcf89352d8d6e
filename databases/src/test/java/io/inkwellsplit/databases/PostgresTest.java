package io.inkwellsplit.databases;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.junit.jupiter.api.Assumptions.assumeTrue;

import io.inkwellsplit.table.TableException;
import io.inkwellsplit.table.TableInput;
import io.inkwellsplit.table.TableOutput;
import io.inkwellsplit.table.file.Delivery;
import io.inkwellsplit.table.file.WhenThere;
import io.inkwellsplit.table.format.Formats;
import io.inkwellsplit.table.format.ReadSettings;
import io.inkwellsplit.table.format.WriteSettings;
import io.inkwellsplit.table.split.SplitStep;
import io.zonky.test.db.postgres.embedded.EmbeddedPostgres;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermissions;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.List;
import java.util.stream.IntStream;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Tables of a real server: types, snapshots, rights and a server that goes away. */
class PostgresTest {
    private static EmbeddedPostgres server;

    @TempDir
    Path folder;

    @BeforeAll
    static void start() throws IOException {
        try {
            server = EmbeddedPostgres.builder().setCleanDataDirectory(true).start();
        } catch (IOException | RuntimeException e) {
            if ("required".equals(System.getenv("INKWELL_DATABASE_TESTS"))) {
                throw e;
            }
        }
        assumeTrue(server != null, "no server starts here");
    }

    @AfterAll
    static void stop() throws IOException {
        if (server != null) {
            server.close();
        }
    }

    private static String url() {
        return server.getJdbcUrl("postgres", "postgres");
    }

    private static String plainUrl() {
        return "jdbc:postgresql://localhost:" + server.getPort() + "/postgres";
    }

    @BeforeEach
    void fill() throws SQLException, IOException {
        Files.writeString(
                folder.resolve("box-office.db.yaml"),
                "url: " + plainUrl()
                        + "\nuser: postgres\nqueries:\n  gone: select patron, nope from patrons\n  late: select \"Order\", patron from patrons where "
                        + "since > '2024-01-15'\n  broken: select nothing from nowhere\n");
        Tables.execute(
                url(),
                "drop schema public cascade",
                "drop schema if exists other cascade",
                "create schema public",
                "create table patrons (\"Order\" serial primary key, patron text, code varchar(5), given numeric(10,2), "
                        + "since date, seen timestamptz, active boolean, tags text[], \"Ώρα \"\"x\" time)",
                "insert into patrons values (1, 'Thorne, Ada M.', '05641', 12.50, '2024-01-01', "
                        + "'2024-01-01 10:00+00', true, '{a,\"b c\"}', '10:30'), (2, E'Wren\\tTobias \\\\. \\n x', '', "
                        + "null, null, null, false, null, null), (3, null, null, 0, '2024-02-01', null, null, '{}', null)");
    }

    private Path table(String name) {
        return folder.resolve("box-office.db.yaml#" + name);
    }

    private static SplitStep split() {
        return SplitStep.builder().name("patron").build();
    }

    @Test
    void typesAndMissingValuesAreKept() throws SQLException {
        Tables.carry(table("patrons"), table("again"), WhenThere.REFUSE);
        String type = "select column_name, data_type, character_maximum_length, numeric_scale from "
                + "information_schema.columns where table_name = '%s' order by ordinal_position";
        assertThat(Tables.query(url(), "select * from again order by 1"))
                .isEqualTo(Tables.query(url(), "select * from patrons order by 1"));
        assertThat(Tables.query(url(), type.formatted("again")))
                .isEqualTo(Tables.query(url(), type.formatted("patrons")));
    }

    @Test
    void rowsGoToFilesAndToOtherDatabasesAndBack() throws SQLException {
        Path sqlite = folder.resolve("copy.sqlite#patrons");
        Tables.carry(table("patrons"), sqlite, WhenThere.REFUSE, split());
        Tables.carry(sqlite, table("back"), WhenThere.REFUSE);
        assertThat(Tables.query(url(), "select \"Order\", \"Last name\", code, since from back order by 1"))
                .containsExactly("1|Thorne|05641|2024-01-01", "2|Wren||~", "3||~|2024-02-01");
        Tables.carry(table("late"), folder.resolve("late.csv"), WhenThere.REFUSE, split());
        assertThat(Tables.read(folder.resolve("late.csv")).get(0).get(0)).isEqualTo("3");
    }

    @Test
    void theSnapshotOutlastsAChange() throws SQLException {
        try (TableInput in = Formats.shipped().open(table("patrons"), ReadSettings.STANDARD)) {
            Tables.execute(url(), "delete from patrons where \"Order\" = 1");
            assertThat(Tables.rows(in)).hasSize(3);
            assertThatThrownBy(() -> Tables.execute(url(), "set lock_timeout = '200ms'", "drop table patrons"))
                    .as("what is read cannot go between two passes")
                    .hasMessageContaining("lock timeout");
            assertThat(Tables.rows(in)).hasSize(3);
        }
    }

    @Test
    void aTableIsReplacedWholeOrNotAtAll() throws SQLException {
        Tables.execute(url(), "create table split (a text)", "insert into split values ('old')");
        assertThatThrownBy(() -> Tables.carry(table("patrons"), table("split"), WhenThere.REFUSE, split()))
                .hasMessageContaining("is there already; give --replace");
        Tables.execute(url(), "create view on_split as select * from split");
        assertThatThrownBy(() -> Tables.carry(table("patrons"), table("split"), WhenThere.REPLACE, split()))
                .isInstanceOf(TableException.class)
                .hasMessageContaining("views or keys that stand on the table which would be replaced");
        assertThat(Tables.query(url(), "select * from on_split")).containsExactly("old");
        Tables.execute(url(), "drop view on_split");
        Tables.carry(table("patrons"), table("public.split"), WhenThere.REPLACE, split());
        assertThat(Tables.query(url(), "select count(*) from split")).containsExactly("3");
        assertThat(Tables.query(url(), "select tablename from pg_tables where schemaname = 'public' order by 1"))
                .containsExactly("patrons", "split");
    }

    /** Only the very table is replaced: not one of another schema, nor one that differs in capitals. */
    @Test
    void noOtherTableIsReplaced() throws SQLException {
        Tables.execute(
                url(),
                "create schema other",
                "create table other.split (a text)",
                "create table \"Split\" (a bytea)",
                "insert into \"Split\" values ('\\x00ff')");
        Tables.carry(table("patrons"), table("split"), WhenThere.REPLACE, split());
        Tables.carry(table("Split"), table("bytes"), WhenThere.REFUSE);
        assertThat(Tables.query(
                        url(),
                        "select table_schema, table_name from information_schema.tables where "
                                + "table_schema in ('public', 'other')"))
                .containsExactlyInAnyOrder(
                        "other|split", "public|Split", "public|bytes", "public|patrons", "public|split");
        assertThat(Tables.query(url(), "select a from \"Split\" union all select a from bytes"))
                .containsExactly("\\x00ff", "\\x00ff");
        Tables.carry(table("patrons"), table("other.split"), WhenThere.REPLACE, split());
        assertThat(Tables.query(url(), "select count(*) from other.split")).containsExactly("3");
    }

    @Test
    void whatDoesNotFitATypeIsToldWithoutItsValue() throws SQLException {
        try (Delivery delivery = new Delivery(WhenThere.REFUSE);
                TableInput in = Formats.shipped().open(table("patrons"), ReadSettings.STANDARD)) {
            WriteSettings standard = WriteSettings.standard();
            WriteSettings settings =
                    new WriteSettings(standard.dialect(), standard.aside(), standard.formulas()).typed(in.types());
            TableOutput out = Formats.shipped().toWrite(table("x")).start(table("x"), delivery, settings);
            out.header(List.of("given"));
            out.row(List.of("1.5"));
            out.row(List.of("secret 12"));
            assertThatThrownBy(out::finish)
                    .isInstanceOf(TableException.class)
                    .hasMessageContaining("a cell of the column given in row 2 does not fit the type of its column")
                    .hasMessageNotContaining("secret");
            out.close();
        }
        assertThat(Tables.query(url(), "select count(*) from pg_tables where schemaname = 'public'"))
                .containsExactly("1");
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "broken | knows no table of that name, or knows it no more",
                "gone | does not understand the query: ERROR: column \"nope\" does not exist",
                "patrns | has no table patrns; it holds the table patrons.",
                "late | is a query, which is read only; give another name."
            })
    void whatCannotBeIsTold(String name, String sentence) {
        assertThatThrownBy(() -> Tables.carry(
                        name.equals("late") ? table("patrons") : table(name),
                        name.equals("late") ? table(name) : folder.resolve("out.csv"),
                        WhenThere.REPLACE,
                        split()))
                .isInstanceOf(TableException.class)
                .hasMessageContaining(sentence);
    }

    @Test
    void rightsAndPasswordsAreTold() throws SQLException, IOException {
        Tables.execute(
                url(),
                "drop role if exists reader",
                "create role reader login password 'q1'",
                "grant usage on schema public to reader",
                "grant select on patrons to reader",
                "revoke create on schema public from public");
        Path secret = folder.resolve("secret");
        Files.writeString(secret, "q1\n");
        Files.writeString(
                folder.resolve("reader.db.yaml"), "url: " + plainUrl() + "\nuser: reader\npassword: {file: secret}\n");
        Path own = folder.resolve("reader.db.yaml#patrons");
        Files.setPosixFilePermissions(secret, PosixFilePermissions.fromString("rw-r--r--"));
        assertThatThrownBy(() -> Tables.read(own)).hasMessageContaining("others can read it; take their rights away");
        Files.setPosixFilePermissions(secret, PosixFilePermissions.fromString("rw-------"));
        assertThat(Tables.read(own)).hasSize(3);
        assertThatThrownBy(() -> Tables.carry(own, folder.resolve("reader.db.yaml#x"), WhenThere.REFUSE, split()))
                .isInstanceOf(TableException.class)
                .hasMessageContaining("gives the user no right to do that")
                .hasMessageContaining("Nothing was written");
        Tables.execute(url(), "drop owned by reader", "drop role reader");
        assertThatThrownBy(() -> Tables.read(own))
                .isInstanceOf(TableException.class)
                .hasMessageContaining("refuses the user or the password");
    }

    @Test
    void aKilledProgramLeavesNothing() throws Exception {
        Tables.execute(url(), "create table split (a text)", "insert into split values ('old')");
        assertThat(Killed.run(table("patrons"), table("split"))).isTrue();
        assertThat(Tables.query(url(), "select * from split")).containsExactly("old");
        assertThat(Tables.query(url(), "select tablename from pg_tables where schemaname = 'public' order by 1"))
                .containsExactly("patrons", "split");
    }

    @Test
    void wideTablesWithAnyTitlesPass() {
        List<String> titles =
                IntStream.range(0, 300).mapToObj(i -> "Στήλη " + i + "\"; --").toList();
        try (Delivery delivery = new Delivery(WhenThere.REFUSE)) {
            TableOutput out =
                    Formats.shipped().toWrite(table("wide")).start(table("wide"), delivery, WriteSettings.standard());
            out.header(titles);
            out.row(titles);
            out.finish();
            out.close();
            delivery.publish();
        }
        assertThat(Tables.read(table("wide"))).containsExactly(titles);
    }

    @Test
    void aLostConnectionLeavesNothing() throws SQLException {
        try (Delivery delivery = new Delivery(WhenThere.REFUSE);
                TableInput in = Formats.shipped().open(table("patrons"), ReadSettings.STANDARD)) {
            TableOutput out =
                    Formats.shipped().toWrite(table("x")).start(table("x"), delivery, WriteSettings.standard());
            out.header(in.header());
            Tables.rows(in).forEach(row -> out.row(row.cells()));
            Tables.execute(
                    url(),
                    "select pg_terminate_backend(pid) from pg_stat_activity where pid <> pg_backend_pid() "
                            + "and backend_type = 'client backend'");
            assertThatThrownBy(() -> {
                        out.finish();
                        delivery.publish();
                    })
                    .isInstanceOf(TableException.class)
                    .hasMessageContaining("closed the connection");
            assertThatThrownBy(() -> Tables.rows(in))
                    .isInstanceOf(TableException.class)
                    .hasMessageContaining("closed the connection");
            out.close();
        }
        assertThat(Tables.query(url(), "select count(*) from pg_tables where schemaname = 'public'"))
                .containsExactly("1");
    }

    @Test
    void aLockedTableIsWaitedForAndThenTold() throws SQLException {
        try (Connection other = DriverManager.getConnection(url());
                Statement statement = other.createStatement()) {
            other.setAutoCommit(false);
            statement.execute("lock table patrons in access exclusive mode");
            assertThatThrownBy(() -> Tables.read(table("patrons")))
                    .isInstanceOf(TableException.class)
                    .hasMessageContaining("is locked by somebody else; run it again later");
            other.rollback();
        }
    }
}
