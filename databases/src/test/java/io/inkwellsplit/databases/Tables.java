package io.inkwellsplit.databases;

import io.inkwellsplit.table.Dialect;
import io.inkwellsplit.table.Row;
import io.inkwellsplit.table.TableInput;
import io.inkwellsplit.table.TableOutput;
import io.inkwellsplit.table.csv.AsideFile;
import io.inkwellsplit.table.csv.Formulas;
import io.inkwellsplit.table.file.Delivery;
import io.inkwellsplit.table.file.FilePlan;
import io.inkwellsplit.table.file.WhenThere;
import io.inkwellsplit.table.format.Formats;
import io.inkwellsplit.table.format.ReadSettings;
import io.inkwellsplit.table.format.WriteSettings;
import io.inkwellsplit.table.run.Run;
import io.inkwellsplit.table.step.Step;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.ArrayList;
import java.util.List;

/** Carries tables from one place to another as the command line does, and looks at databases by their own means. */
final class Tables {
    private Tables() {}

    static void carry(Path from, Path to, WhenThere whenThere, Step... steps) {
        FilePlan plan = new FilePlan(whenThere);
        plan.reads("the table that is read", from);
        plan.writes("the output", to);
        plan.check();
        try (TableInput in = Formats.shipped().open(from, ReadSettings.STANDARD);
                Delivery delivery = plan.open()) {
            WriteSettings settings =
                    new WriteSettings(Dialect.STANDARD, AsideFile.none(), Formulas.COUNT).typed(in.types());
            Run run = Run.of(in, List.of(steps));
            try (TableOutput out = Formats.shipped().toWrite(to).start(to, delivery, settings)) {
                if (steps.length == 0) {
                    out.header(in.header());
                    in.rows().forEachRemaining(row -> out.row(row.cells()));
                    out.finish();
                } else {
                    run.into(out);
                }
            }
            delivery.publish();
        }
    }

    static List<List<String>> read(Path table) {
        try (TableInput in = Formats.shipped().open(table, ReadSettings.STANDARD)) {
            List<List<String>> rows = new ArrayList<>();
            in.rows().forEachRemaining(row -> rows.add(row.cells()));
            return rows;
        }
    }

    static List<Row> rows(TableInput in) {
        List<Row> rows = new ArrayList<>();
        in.rows().forEachRemaining(rows::add);
        return rows;
    }

    static void execute(String url, String... statements) throws SQLException {
        try (Connection connection = DriverManager.getConnection(url);
                Statement statement = connection.createStatement()) {
            for (String one : statements) {
                statement.execute(one);
            }
        }
    }

    /** Returns what a query gives, a line a row, {@code ~} for no value. */
    static List<String> query(String url, String query) throws SQLException {
        try (Connection connection = DriverManager.getConnection(url);
                Statement statement = connection.createStatement();
                ResultSet rows = statement.executeQuery(query)) {
            List<String> lines = new ArrayList<>();
            while (rows.next()) {
                StringBuilder line = new StringBuilder();
                for (int i = 1; i <= rows.getMetaData().getColumnCount(); i++) {
                    String text = rows.getString(i);
                    line.append(i == 1 ? "" : "|").append(text == null ? "~" : text);
                }
                lines.add(line.toString());
            }
            return lines;
        }
    }
}
