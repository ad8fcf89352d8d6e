package io.inkwellsplit.databases;

import io.inkwellsplit.table.ColumnType;
import io.inkwellsplit.table.Dialect;
import io.inkwellsplit.table.NoValue;
import io.inkwellsplit.table.Row;
import io.inkwellsplit.table.TableException;
import io.inkwellsplit.table.TableException.Problem;
import io.inkwellsplit.table.TableInput;
import java.sql.ResultSet;
import java.sql.ResultSetMetaData;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Iterator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.NoSuchElementException;
import org.jspecify.annotations.Nullable;

/** Reads a table or a query, as often as it is asked, in one snapshot and in flat memory. Confined to one thread. */
final class DatabaseInput implements TableInput {
    private final Database database;
    private final Database.Source source;
    private final List<String> header = new ArrayList<>();
    private final Map<String, ColumnType> types = new LinkedHashMap<>();
    private @Nullable Rows pass;

    /** @throws TableException if it cannot be read */
    DatabaseInput(Database database, Database.Source source) {
        this.database = database;
        this.source = source;
        try {
            Rows first = new Rows();
            ResultSetMetaData data = first.rows.getMetaData();
            for (int i = 1; i <= data.getColumnCount(); i++) {
                header.add(data.getColumnLabel(i));
                types.put(data.getColumnLabel(i), database.engine().type(data, i));
            }
            pass = first;
        } catch (SQLException e) {
            throw Trouble.reading(source.called(), e);
        }
    }

    @Override
    public List<String> header() {
        return List.copyOf(header);
    }

    @Override
    public boolean hasNamedColumns() {
        return true;
    }

    @Override
    public Map<String, ColumnType> types() {
        return Map.copyOf(types);
    }

    @Override
    public Dialect dialect() {
        return Dialect.STANDARD;
    }

    @Override
    public Iterator<Row> rows() {
        endPass();
        try {
            Rows rows = new Rows();
            pass = rows;
            return rows;
        } catch (SQLException e) {
            throw Trouble.reading(source.called(), e);
        }
    }

    private void endPass() {
        if (pass != null) {
            pass.end();
        }
    }

    @Override
    public void close() {
        endPass();
        database.close();
    }

    private final class Rows implements Iterator<Row> {
        private final Statement statement;
        private final ResultSet rows;
        private long number;
        private boolean found;
        private boolean ended;

        Rows() throws SQLException {
            statement = database.connection().createStatement(ResultSet.TYPE_FORWARD_ONLY, ResultSet.CONCUR_READ_ONLY);
            try {
                statement.setFetchSize(database.engine().rowsAtOnce());
                rows = statement.executeQuery(source.query());
            } catch (SQLException e) {
                statement.close();
                throw e;
            }
        }

        @Override
        public boolean hasNext() {
            if (found || ended) {
                return found;
            }
            try {
                found = rows.next();
            } catch (SQLException e) {
                throw Trouble.reading(source.called(), e);
            }
            if (!found) {
                end();
            }
            return found;
        }

        @Override
        public Row next() {
            if (!hasNext()) {
                throw new NoSuchElementException();
            }
            found = false;
            number++;
            String[] cells = new String[header.size()];
            for (int i = 0; i < cells.length; i++) {
                cells[i] = cell(i);
            }
            return new Row(number, number, Arrays.asList(cells));
        }

        private String cell(int i) {
            try {
                String text = database.engine().text(rows, i + 1);
                return text == null ? NoValue.CELL : text;
            } catch (BytesInCell e) {
                throw new TableException(
                        Problem.INPUT,
                        source.called() + " holds bytes and no text in the column " + header.get(i) + ", row " + number
                                + "; leave that column out.",
                        e);
            } catch (SQLException e) {
                throw Trouble.reading(source.called(), e);
            }
        }

        /** Lets go of the table, which may be replaced from now on. */
        void end() {
            ended = true;
            try {
                rows.close();
                statement.close();
            } catch (SQLException e) {
                // All rows that were asked for have come.
                return;
            }
        }
    }
}
