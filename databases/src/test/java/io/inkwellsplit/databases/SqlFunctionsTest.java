package io.inkwellsplit.databases;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import io.inkwellsplit.address.AddressSplitter;
import io.inkwellsplit.name.NameSplitter;
import java.lang.reflect.Method;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** The functions as two databases call them, from SQL. */
class SqlFunctionsTest {
    private static final String QUERY = "select name_part(p, 'last'), name_part(p, 'middle'), full_name(p, 'index'), "
            + "full_name(p, '{last|}: {first|}'), address_part(a, 'postcode'), name_doubts(p), address_doubts(a), "
            + "name_confidence(p) > 0.9, address_confidence(a) > 0.9 from t order by id";

    private static Connection open(String url) throws SQLException {
        Connection connection = DriverManager.getConnection(url);
        if (url.startsWith("jdbc:sqlite")) {
            SqliteFunctions.register(connection, SqlReader.standard());
        } else {
            for (Method method : SqlFunctions.class.getMethods()) {
                if (method.getDeclaringClass() != SqlFunctions.class) {
                    continue;
                }
                String name = method.getName().replaceAll("([A-Z])", "_$1");
                execute(
                        connection,
                        "create alias " + name + " for '" + SqlFunctions.class.getName() + "." + method.getName()
                                + "'");
            }
        }
        execute(connection, "create table t (id int, p varchar(99), a varchar(99))");
        execute(
                connection,
                "insert into t values (1, 'Thorne, Ada M.', '12 Fore Street, Barre, VT 05641'), (2, null, null), "
                        + "(3, '', 'Barre, VT 05641')");
        return connection;
    }

    private static void execute(Connection connection, String sql) throws SQLException {
        try (Statement statement = connection.createStatement()) {
            statement.execute(sql);
        }
    }

    @ParameterizedTest
    @ValueSource(strings = {"jdbc:sqlite::memory:", "jdbc:h2:mem:"})
    void partsComeInSql(String url) throws SQLException {
        List<String> lines = new ArrayList<>();
        try (Connection connection = open(url);
                Statement statement = connection.createStatement();
                ResultSet rows = statement.executeQuery(QUERY)) {
            while (rows.next()) {
                List<String> cells = new ArrayList<>();
                for (int i = 1; i <= 7; i++) {
                    cells.add(rows.getString(i));
                }
                cells.add(rows.getObject(8) == null ? null : Boolean.toString(rows.getBoolean(8)));
                lines.add(String.join("|", cells.stream().map(String::valueOf).toList()));
            }
        }
        assertThat(lines)
                .containsExactly(
                        "Thorne|M.|Thorne, Ada M.|Thorne: Ada|05641|null|null|true",
                        "null|null|null|null|null|null|null|null",
                        "null|null|||05641|null|no-street|true");
    }

    @ParameterizedTest
    @ValueSource(strings = {"jdbc:sqlite::memory:", "jdbc:h2:mem:"})
    void aWrongPartIsTold(String url) throws SQLException {
        try (Connection connection = open(url)) {
            assertThatThrownBy(() -> execute(connection, "select max(name_part(p, 'lst')) from t"))
                    .isInstanceOf(SQLException.class)
                    .hasMessageContaining("There is no part lst; do you mean last?");
            assertThatThrownBy(() -> execute(connection, "select max(full_name(p, '{frst}')) from t"))
                    .isInstanceOf(SQLException.class)
                    .hasMessageContaining("frst");
        }
    }

    @Test
    void aLearnedColumnReadsInItsOwnOrder() {
        List<String> column = Arrays.asList("Thorne Ada", "Wren Tobias", "Orme Neil", "Harrow Edda", "Lark Rosa");
        SqlReader reader = SqlReader.of(NameSplitter.standard().learn(column), AddressSplitter.standard());
        assertThat(reader.namePart("Thorne Ada", "last")).isEqualTo("Thorne");
        assertThat(reader.namePart("Thorne Ada", null)).isNull();
        assertThat(SqlReader.standard().namePart("Ada Thorne", "last")).isEqualTo("Thorne");
    }
}
