package io.inkwellsplit.databases;

import io.inkwellsplit.table.ColumnType;
import io.inkwellsplit.table.ColumnType.Kind;
import io.inkwellsplit.table.NoValue;
import io.inkwellsplit.table.Row;
import io.inkwellsplit.table.TableException;
import io.inkwellsplit.table.TableException.Problem;
import io.inkwellsplit.table.TableOutput;
import io.inkwellsplit.table.csv.AsideFile;
import io.inkwellsplit.table.format.WriteSettings;
import java.nio.file.Path;
import java.sql.SQLException;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/** Writes rows into a table that is not there yet for others; columns of a database keep their types, all others are text. */
final class DatabaseOutput implements TableOutput {
    private final PendingTable table;
    private final AsideFile aside;
    private final Map<String, ColumnType> known;
    private final List<ColumnType> types = new ArrayList<>();
    private @Nullable RowWriter writer;

    DatabaseOutput(PendingTable table, WriteSettings settings) {
        this.table = table;
        this.aside = settings.aside();
        this.known = settings.types();
    }

    @Override
    public void header(List<String> titles) {
        Set<String> seen = new HashSet<>();
        for (String title : titles) {
            if (title.isBlank() || !seen.add(title.toLowerCase(Locale.ROOT))) {
                throw new TableException(
                        Problem.OUTPUT,
                        table.named() + " would have "
                                + (title.isBlank() ? "a column without a title" : "two columns called " + title)
                                + ", which no database takes; rename it with columns.");
            }
            types.add(known.getOrDefault(title, new ColumnType(Kind.TEXT, "", "")));
        }
        writer = table.make(titles, types);
    }

    private RowWriter writer() {
        if (writer == null) {
            throw new IllegalStateException("no header has come");
        }
        return writer;
    }

    @Override
    public void row(List<String> cells) {
        List<String> values = cells;
        for (int i = 0; i < cells.size(); i++) {
            // Where no text can stand an empty cell is no value.
            if (cells.get(i).isEmpty() && types.get(i).kind() != Kind.TEXT && !NoValue.is(cells.get(i))) {
                values = values == cells ? new ArrayList<>(cells) : values;
                values.set(i, NoValue.CELL);
            }
        }
        try {
            writer().row(values);
        } catch (SQLException e) {
            throw Trouble.writing(table.named(), e);
        }
    }

    @Override
    public void setAside(Row row, String reason) {
        aside.add(row, reason);
    }

    @Override
    public void finish() {
        try {
            writer().end();
        } catch (SQLException e) {
            throw Trouble.writing(table.named(), e);
        }
        writer().close();
        aside.finish();
    }

    @Override
    public @Nullable Path asideFile() {
        return aside.file();
    }

    @Override
    public void close() {
        if (writer != null) {
            writer.close();
        }
    }
}
