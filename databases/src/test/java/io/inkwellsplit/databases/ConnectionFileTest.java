package io.inkwellsplit.databases;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import io.inkwellsplit.table.TableException;
import io.inkwellsplit.table.file.WhenThere;
import io.inkwellsplit.table.split.SplitStep;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.SQLException;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What leads to a database, and what may not stand in it. */
class ConnectionFileTest {
    @TempDir
    Path folder;

    private Path file(String text) throws IOException {
        return Files.writeString(folder.resolve("box-office.db.yaml"), text.replace("\\n", "\n"));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "just a text | holds no url, user, password, driver, queries",
                "url: [ | is no YAML",
                "user: ada | needs a url, such as jdbc:postgresql://localhost/register",
                "url: http://x | needs a url, such as jdbc:",
                "ulr: 'jdbc:h2:mem:' | says ulr, which is none of url, user, password, driver, queries; url?",
                "url: jdbc:postgresql://x/y?user=a&password=b | has a password in its url",
                "url: jdbc:postgresql://ada:b@x/y | has a password in its url",
                "url: 'jdbc:h2:mem:'\\npassword: hunter2 | may not hold the password itself",
                "url: 'jdbc:h2:mem:'\\npassword: {text: hunter2} | says password: {text}; it is environment, file or ask",
                "url: 'jdbc:h2:mem:'\\npassword: {file: a, ask: true} | needs one place where the password comes from",
                "url: 'jdbc:h2:mem:'\\npassword: {environment: INKWELL_NOT_SET} | INKWELL_NOT_SET of the environment",
                "url: 'jdbc:h2:mem:'\\npassword: {file: none} | to read a password from",
                "url: 'jdbc:h2:mem:'\\npassword: {ask: true} | there is no terminal to ask at",
                "url: 'jdbc:h2:mem:'\\nqueries: [a] | holds no queries by their names",
                "url: 'jdbc:none:x' | failed with the code 08001",
                "url: 'jdbc:h2:mem:'\\ndriver: none.jar | none.jar, and there is no such file",
                "url: 'jdbc:postgresql://localhost:1/x' | cannot be reached"
            })
    void whatMayNotStandInItIsTold(String text, String sentence) throws IOException {
        Path file = file(text);
        String told = sentence.equals("failed with the code 08001") ? "cannot be reached" : sentence;
        assertThatThrownBy(() -> Tables.read(file))
                .isInstanceOf(TableException.class)
                .hasMessageContaining(told)
                .hasMessageNotContaining("hunter2");
    }

    @Test
    void anyDatabaseWithADriverWillDo() throws IOException, SQLException {
        String url = "jdbc:h2:" + folder.resolve("h2");
        Tables.execute(
                url,
                "create table \"patrons\" (id int, \"Patron\" varchar(50), since date)",
                "insert into \"patrons\" values (1, 'Thorne, Ada', date '2024-01-02'), (2, '', null), (3, null, null)");
        Path to = file("url: '" + url + "'\nqueries: {first: 'select * from \"patrons\" where id = 1'}");
        Path table = to.resolveSibling(to.getFileName() + "#split");
        Path from = to.resolveSibling(to.getFileName() + "#patrons");
        SplitStep split =
                SplitStep.builder().name("Patron").key("id").key("Patron").build();
        Tables.carry(from, table, WhenThere.REFUSE, split);
        assertThat(Tables.query(url, "select id, \"Last name\", \"Patron\" from \"split\" order by 1"))
                .containsExactly("1|Thorne|Thorne, Ada", "2||", "3||~");
        Tables.carry(from, table, WhenThere.REPLACE, split);
        Path jar = Path.of(org.h2.Driver.class
                .getProtectionDomain()
                .getCodeSource()
                .getLocation()
                .getPath());
        Path named = Files.writeString(folder.resolve("jar.db.yaml"), "url: '" + url + "'\ndriver: " + jar + "\n");
        assertThat(Tables.read(named.resolveSibling("jar.db.yaml#split"))).hasSize(3);
        Files.delete(named);
        assertThat(Tables.read(to.resolveSibling(to.getFileName() + "#first"))).hasSize(1);
        assertThat(Tables.query(
                        url,
                        "select lower(table_name) from information_schema.tables where table_schema = "
                                + "'PUBLIC' order by 1"))
                .containsExactly("patrons", "split");
        try (Stream<Path> files = Files.list(folder)) {
            assertThat(files.map(path -> path.getFileName().toString()))
                    .containsExactlyInAnyOrder("h2.mv.db", "box-office.db.yaml");
        }
    }
}
