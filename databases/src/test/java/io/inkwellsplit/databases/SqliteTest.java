package io.inkwellsplit.databases;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import io.inkwellsplit.table.TableException;
import io.inkwellsplit.table.TableException.Problem;
import io.inkwellsplit.table.TableInput;
import io.inkwellsplit.table.TableOutput;
import io.inkwellsplit.table.file.Delivery;
import io.inkwellsplit.table.file.FilePlan;
import io.inkwellsplit.table.file.WhenThere;
import io.inkwellsplit.table.format.Formats;
import io.inkwellsplit.table.format.ReadSettings;
import io.inkwellsplit.table.format.WriteSettings;
import io.inkwellsplit.table.split.SplitStep;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.PreparedStatement;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.stream.IntStream;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Tables of SQLite both ways: nothing is lost, nothing is half there, what cannot be is told. */
class SqliteTest {
    @TempDir
    Path folder;

    private Path file;
    private String url;

    @BeforeEach
    void fill() throws SQLException {
        file = folder.resolve("register.sqlite");
        url = "jdbc:sqlite:" + file;
        Tables.execute(
                url,
                "create table patrons (\"Order\" integer primary key, Patron text, \"Πόλη \"\"x\" varchar(9), "
                        + "given real, note text)",
                "insert into patrons values (1, 'Thorne, Ada M.', '05641', 12.5, null)",
                "insert into patrons values (2, 'Tobias Wren & Edda Wren', '', 0.1, '')",
                "insert into patrons values (3, null, null, 3, 'x''; drop table patrons; --')");
    }

    private Path table(String name) {
        return folder.resolve("register.sqlite#" + name);
    }

    private static SplitStep split() {
        return SplitStep.builder().name("Patron").build();
    }

    @Test
    void allComesBackAsItWas() throws SQLException {
        Tables.carry(table("patrons"), table("again"), WhenThere.REFUSE);
        assertThat(Tables.query(url, "select *, typeof(\"Order\"), typeof(given), typeof(note) from again"))
                .isEqualTo(Tables.query(url, "select *, typeof(\"Order\"), typeof(given), typeof(note) from patrons"))
                .contains("3|~|~|3.0|x'; drop table patrons; --|integer|real|text");
        assertThat(Tables.query(url, "select name, type from pragma_table_info('again')"))
                .containsExactly("Order|INTEGER", "Patron|TEXT", "Πόλη \"x|VARCHAR", "given|REAL", "note|TEXT");
    }

    @Test
    void partsStandBesideTheSourceAndCanBeJoined() throws SQLException {
        Tables.carry(
                table("patrons"),
                table("parts"),
                WhenThere.REFUSE,
                SplitStep.builder()
                        .name("Patron")
                        .key("Order")
                        .parts(List.of("last"))
                        .build());
        assertThat(Tables.query(
                        url, "select \"Last name\", note from patrons join parts using (\"Order\") order by \"Order\""))
                .containsExactly("Thorne|~", "Wren|", "|x'; drop table patrons; --");
        assertThat(Tables.query(url, "select name from pragma_table_info('parts')"))
                .containsExactly("Order", "Last name", "Remarks", "Confidence", "Doubts");
    }

    @Test
    void aTableThatIsThereStaysUnlessItIsToBeReplaced() throws SQLException {
        Tables.execute(url, "create table split (a text)", "insert into split values ('old')");
        assertThatThrownBy(() -> Tables.carry(table("patrons"), table("Split"), WhenThere.REFUSE, split()))
                .isInstanceOf(TableException.class)
                .hasMessage(table("Split") + " is there already; give --replace to replace it, or another name.");
        assertThat(Tables.query(url, "select * from split")).containsExactly("old");
        Tables.carry(table("patrons"), table("Split"), WhenThere.REPLACE, split());
        assertThat(Tables.query(url, "select count(*) from split")).containsExactly("3");
        assertThat(Tables.query(url, "select name from sqlite_master where type = 'table' order by 1"))
                .containsExactly("patrons", "split");
    }

    @ParameterizedTest
    @CsvSource({"patrons", "Patrons", "main.patrons"})
    void whatIsReadIsNeverReplaced(String name) throws SQLException {
        assertThatThrownBy(() -> Tables.carry(table("patrons"), table(name), WhenThere.REPLACE, split()))
                .isInstanceOf(TableException.class)
                .hasMessageContaining("an input is never written");
        assertThat(Tables.query(url, "select count(*) from patrons")).containsExactly("3");
    }

    @Test
    void theOnlyTableNeedNotBeNamedAndIsNotReplacedEither() throws SQLException {
        assertThatThrownBy(() -> Tables.carry(file, table("patrons"), WhenThere.REPLACE, split()))
                .isInstanceOf(TableException.class)
                .hasMessage(table("patrons")
                        + " is the table that is read, and an input is never written; give another name.");
        Tables.carry(file, table("split"), WhenThere.REFUSE, split());
        Tables.carry(table("patrons"), table("split"), WhenThere.REPLACE, split());
        assertThat(Tables.query(url, "select count(*) from patrons join split using (\"Order\")"))
                .containsExactly("3");
    }

    @Test
    void theDatabaseItselfIsNoPlaceForAnOutput() throws SQLException {
        FilePlan plan = new FilePlan(WhenThere.REPLACE);
        plan.reads("the table that is read", table("patrons"));
        plan.writes("the report", file);
        assertThatThrownBy(plan::check).hasMessageContaining("cannot be the report: it is the table that is read");
        FilePlan outputs = new FilePlan(WhenThere.REPLACE);
        outputs.writes("the report", file);
        outputs.writes("the output", table("new"));
        assertThatThrownBy(outputs::check).hasMessageContaining("it is the report already");
    }

    @Test
    void whatBreaksOffLeavesNothing() throws SQLException, IOException {
        Tables.execute(url, "create table split (a text)", "insert into split values ('old')");
        try (TableInput in = Formats.shipped().open(table("patrons"), ReadSettings.STANDARD);
                Delivery delivery = new Delivery(WhenThere.REPLACE)) {
            for (Path to : List.of(table("split"), folder.resolve("new.sqlite#split"))) {
                TableOutput out = Formats.shipped().toWrite(to).start(to, delivery, WriteSettings.standard());
                out.header(in.header());
                Tables.rows(in).forEach(row -> out.row(row.cells()));
                out.finish();
                out.close();
            }
            assertThat(folder.resolve("new.sqlite")).exists();
        }
        assertThat(folder.resolve("new.sqlite")).doesNotExist();
        assertThat(Tables.query(url, "select * from split")).containsExactly("old");
        assertThat(Tables.query(url, "select name from sqlite_master where type = 'table' order by 1"))
                .containsExactly("patrons", "split");
    }

    @Test
    void aKilledProgramLeavesNothing() throws Exception {
        Tables.execute(url, "create table split (a text)", "insert into split values ('old')");
        assertThat(Killed.run(table("patrons"), table("split"))).isTrue();
        assertThat(Tables.query(url, "select * from split")).containsExactly("old");
        assertThat(Tables.query(url, "select name from sqlite_master where type = 'table' order by 1"))
                .containsExactly("patrons", "split");
    }

    @Test
    void bothPassesSeeTheSameRows() throws SQLException {
        Tables.execute(url, "pragma journal_mode = wal");
        try (TableInput in = Formats.shipped().open(table("patrons"), ReadSettings.STANDARD)) {
            assertThat(Tables.rows(in)).hasSize(3);
            Tables.execute(url, "delete from patrons where \"Order\" = 2");
            assertThat(Tables.rows(in)).hasSize(3);
        }
        assertThat(Tables.read(table("patrons"))).hasSize(2);
    }

    @Test
    void wideTablesAndOddValuesPass() throws SQLException {
        List<String> titles =
                IntStream.range(0, 300).mapToObj(i -> "Στήλη " + i + "\"; --").toList();
        List<String> cells = new ArrayList<>(Collections.nCopies(300, "00123"));
        cells.set(1, "tab\tnew\nline\r\\N \\. 'q' \"d\"");
        cells.set(2, "👩‍👩‍👧 山田");
        cells.set(3, "12345678901234567890");
        Path wide = folder.resolve("wide.sqlite#a.b c");
        try (Delivery delivery = new Delivery(WhenThere.REFUSE)) {
            TableOutput out = Formats.shipped().toWrite(wide).start(wide, delivery, WriteSettings.standard());
            out.header(titles);
            out.row(cells);
            out.finish();
            out.close();
            delivery.publish();
        }
        try (TableInput in = Formats.shipped().open(folder.resolve("wide.sqlite"), ReadSettings.STANDARD)) {
            assertThat(in.header()).isEqualTo(titles);
            assertThat(Tables.rows(in).get(0).cells()).isEqualTo(cells);
        }
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "register.sqlite#patrns | has no table patrns; it holds the table patrons.",
                "none.sqlite#patrons | There is no file",
                "text.sqlite#patrons | is no database, whatever its name says",
                "text.sqlite | is no database, whatever its name says",
                "empty.sqlite | holds no table; name one behind a #",
                "bytes.sqlite | holds bytes and no text in the column b, row 2; leave that column out.",
                "two.sqlite | holds the tables a, b; name one behind a #: "
            })
    void whatCannotBeReadIsTold(String name, String sentence) throws IOException, SQLException {
        Files.writeString(folder.resolve("text.sqlite"), "Patron,Address\n".repeat(200));
        Files.createFile(folder.resolve("empty.sqlite"));
        Tables.execute("jdbc:sqlite:" + folder.resolve("two.sqlite"), "create table a (x)", "create table b (x)");
        Tables.execute(
                "jdbc:sqlite:" + folder.resolve("bytes.sqlite"),
                "create table t (a text, b blob)",
                "insert into t values ('x', 'y'), ('x', x'00ff')");
        assertThatThrownBy(() -> Tables.read(folder.resolve(name)))
                .isInstanceOf(TableException.class)
                .hasMessageContaining(sentence)
                .extracting(e -> ((TableException) e).problem())
                .isEqualTo(Problem.INPUT);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "other.sqlite | name the one to write behind a #",
                "register.sqlite#view | is a view, and no table",
                "locked.sqlite#x | is locked by another program; run it again later"
            })
    void whatCannotBeWrittenIsTold(String name, String sentence) throws SQLException {
        Tables.execute(url, "create view view as select * from patrons");
        String lockedUrl = "jdbc:sqlite:" + folder.resolve("locked.sqlite");
        try (Connection other = DriverManager.getConnection(lockedUrl);
                Statement statement = other.createStatement()) {
            statement.execute("create table a (x)");
            statement.execute("begin exclusive");
            assertThatThrownBy(() -> Tables.carry(table("patrons"), folder.resolve(name), WhenThere.REPLACE, split()))
                    .isInstanceOf(TableException.class)
                    .hasMessageContaining(sentence);
            statement.execute("rollback");
        }
        assertThat(Tables.query(url, "select count(*) from patrons")).containsExactly("3");
    }

    @Test
    void titlesThatNoDatabaseTakesAreRefused() {
        for (List<String> titles : List.of(List.of("A", "a"), List.of("A", " "))) {
            try (Delivery delivery = new Delivery(WhenThere.REFUSE)) {
                TableOutput out =
                        Formats.shipped().toWrite(table("x")).start(table("x"), delivery, WriteSettings.standard());
                assertThatThrownBy(() -> out.header(titles))
                        .isInstanceOf(TableException.class)
                        .hasMessageContaining("which no database takes; rename it with columns");
                out.close();
            }
        }
    }

    @Test
    void manyRowsComeInTheSameOrderOnSeveralThreads() throws SQLException {
        try (Connection connection = DriverManager.getConnection(url)) {
            connection.setAutoCommit(false);
            try (PreparedStatement insert =
                    connection.prepareStatement("insert into patrons (\"Order\", Patron) values (?, ?)")) {
                for (int i = 4; i <= 5000; i++) {
                    insert.setInt(1, i);
                    insert.setString(2, "Ada " + (char) ('a' + i % 26) + "orne");
                    insert.addBatch();
                }
                insert.executeBatch();
            }
            connection.commit();
        }
        Tables.carry(table("patrons"), table("split"), WhenThere.REFUSE, split());
        assertThat(Tables.query(url, "select \"Order\" from split where \"Order\" <> rowid or Patron is null"))
                .containsExactly("3");
        assertThat(Tables.query(url, "select count(*), max(\"First name\") from split"))
                .containsExactly("5000|Tobias");
    }
}
