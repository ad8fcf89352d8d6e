package io.inkwellsplit.examples;

import io.inkwellsplit.address.AddressSplitter;
import io.inkwellsplit.databases.SqlReader;
import io.inkwellsplit.databases.SqliteFunctions;
import io.inkwellsplit.name.NameSplitter;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.ArrayList;
import java.util.List;

/** Reads names in SQL, in the light of their column: the roll in a database writes the family name first. */
public final class PartsInSql {
    private PartsInSql() {}

    public static void main(String[] args) throws SQLException {
        try (Connection connection = DriverManager.getConnection("jdbc:sqlite::memory:");
                Statement statement = connection.createStatement()) {
            statement.execute("create table roll (member text, address text)");
            statement.execute(
                    "insert into roll values ('MILLER KAREN', '12 Fore Street, Barre, VT 05641'), "
                            + "('MARLOW JAMES', '4 Mill Ln, Montpelier VT 5602'), ('WILSON ROBERT', null), ('CARTER HELEN', null)");
            List<String> names = new ArrayList<>();
            try (ResultSet rows = statement.executeQuery("select member from roll")) {
                while (rows.next()) {
                    names.add(rows.getString(1));
                }
            }
            NameSplitter learned = NameSplitter.standard().learn(names);
            SqliteFunctions.register(connection, SqlReader.of(learned, AddressSplitter.standard()));
            try (ResultSet rows = statement.executeQuery(
                    "select full_name(member, 'index-core') as name, "
                            + "address_part(address, 'city') as city, address_doubts(address) as doubts from roll order by 1")) {
                while (rows.next()) {
                    System.out.printf(
                            "%-18s %-12s %s%n",
                            rows.getString("name"), rows.getString("city"), rows.getString("doubts"));
                }
            }
        }
    }
}
