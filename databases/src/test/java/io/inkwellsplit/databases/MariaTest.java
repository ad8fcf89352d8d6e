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
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.sql.Statement;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/**
 * Tables of a MariaDB server, where making a table ends a transaction. {@code scripts/databases} starts one, and
 * {@code INKWELL_MARIADB_URL} leads to it.
 */
class MariaTest {
    @TempDir
    Path folder;

    private String url;

    @BeforeEach
    void fill() throws SQLException, IOException {
        String server = System.getenv("INKWELL_MARIADB_URL");
        boolean required = "required".equals(System.getenv("INKWELL_DATABASE_TESTS"));
        assumeTrue(server != null || required, "no MariaDB server was named");
        url = server + "?user=root";
        Files.writeString(folder.resolve("festival.db.yaml"), "url: " + server + "\nuser: root\n");
        Files.writeString(folder.resolve("reader.db.yaml"), "url: " + server + "\nuser: reader\n");
        Tables.execute(
                url,
                "drop table if exists split",
                "drop table if exists again",
                "drop table if exists patrons",
                "create table patrons (`Order` int primary key, patron text, code varchar(5), given decimal(10,2), "
                        + "since date, seen datetime, active boolean, `Ώρα ``x` time) character set utf8mb4",
                "insert into patrons values (1, 'Thorne, Ada M.', '05641', 12.50, '2024-01-01', "
                        + "'2024-01-01 10:00:00', true, '10:30'), (2, 'Wren\\tTobias \\\\. \\n 👩', '', null, null, null, "
                        + "false, null), (3, null, null, 0, '2024-02-01', null, null, null)");
    }

    private Path table(String name) {
        return folder.resolve("festival.db.yaml#" + name);
    }

    private static SplitStep split() {
        return SplitStep.builder().name("patron").build();
    }

    private static final String TABLES =
            "select table_name from information_schema.tables where table_schema = 'festival' and "
                    + "(table_name in ('patrons', 'split') or table_name like 'inkwell%') order by 1";

    @Test
    void allComesBackAsItWas() throws SQLException {
        Tables.carry(table("patrons"), table("again"), WhenThere.REFUSE);
        String types = "select column_name, column_type from information_schema.columns where table_name = '%s' "
                + "order by ordinal_position";
        assertThat(Tables.query(url, "select * from again order by 1"))
                .isEqualTo(Tables.query(url, "select * from patrons order by 1"));
        assertThat(Tables.query(url, types.formatted("again")))
                .hasSize(8)
                .contains("given|decimal(10,2)", "code|varchar(5)", "since|date", "Ώρα `x|time");
    }

    @Test
    void aTableIsReplacedWholeOrNotAtAll() throws SQLException {
        Tables.execute(
                url,
                "create table split (a text)",
                "insert into split values ('old')",
                "create or replace table inkwell_part_0123456789abcdef_old (a text)");
        try (Delivery delivery = new Delivery(WhenThere.REPLACE);
                TableInput in = Formats.shipped().open(table("patrons"), ReadSettings.STANDARD)) {
            TableOutput out =
                    Formats.shipped().toWrite(table("split")).start(table("split"), delivery, WriteSettings.standard());
            out.header(in.header());
            Tables.rows(in).forEach(row -> out.row(row.cells()));
            out.finish();
            out.close();
        }
        assertThat(Tables.query(url, "select * from split")).containsExactly("old");
        assertThat(Tables.query(url, TABLES)).containsExactly("patrons", "split");
        Tables.carry(table("patrons"), table("split"), WhenThere.REPLACE, split());
        assertThat(Tables.query(url, "select count(*), max(`Last name`) from split"))
                .containsExactly("3|Thorne");
        assertThat(Tables.query(url, TABLES)).containsExactly("patrons", "split");
    }

    /** Making a table ends a transaction here: what is left goes with the next run. */
    @Test
    void aKilledProgramLeavesNothingThatLasts() throws Exception {
        Tables.execute(url, "create table split (a text)", "insert into split values ('old')");
        assertThat(Killed.run(table("patrons"), table("split"))).isTrue();
        assertThat(Tables.query(url, "select * from split")).containsExactly("old");
        Tables.carry(table("patrons"), table("split"), WhenThere.REPLACE, split());
        assertThat(Tables.query(url, TABLES)).containsExactly("patrons", "split");
    }

    @Test
    void bytesAreNotTakenForText() throws SQLException {
        Tables.execute(
                url, "create table split (a text, b blob)", "insert into split values ('x', null), ('x', x'00ff')");
        assertThatThrownBy(() -> Tables.read(table("split")))
                .isInstanceOf(TableException.class)
                .hasMessageContaining("holds bytes and no text in the column b, row 2");
    }

    @Test
    void theSnapshotOutlastsAChange() throws SQLException {
        try (TableInput in = Formats.shipped().open(table("patrons"), ReadSettings.STANDARD)) {
            Tables.execute(url, "delete from patrons where `Order` = 1");
            assertThat(Tables.rows(in)).hasSize(3);
            assertThat(Tables.rows(in)).hasSize(3);
        }
    }

    @Test
    void rightsPasswordsAndLocksAreTold() throws SQLException, IOException {
        Path reader = folder.resolve("reader.db.yaml#patrons");
        Path wrong = Files.writeString(
                folder.resolve("wrong.db.yaml"),
                Files.readString(folder.resolve("reader.db.yaml")) + "password: {environment: PATH}\n");
        assertThatThrownBy(() -> Tables.read(wrong))
                .isInstanceOf(TableException.class)
                .hasMessageContaining("refuses the user or the password")
                .hasMessageNotContaining(System.getenv("PATH"));
        assertThat(Tables.read(reader)).hasSize(3);
        assertThatThrownBy(() -> Tables.carry(reader, folder.resolve("reader.db.yaml#x"), WhenThere.REFUSE, split()))
                .isInstanceOf(TableException.class)
                .hasMessageContaining("gives the user no right to do that");
        try (Connection other = DriverManager.getConnection(url);
                Statement statement = other.createStatement()) {
            statement.execute("lock tables patrons write");
            assertThatThrownBy(() -> Tables.read(reader))
                    .isInstanceOf(TableException.class)
                    .hasMessageContaining("is locked by somebody else; run it again later");
        }
    }
}
