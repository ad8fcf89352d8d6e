package io.inkwellsplit.sheets;

import io.inkwellsplit.table.ColumnType.Kind;
import io.inkwellsplit.table.Row;
import io.inkwellsplit.table.RowSink;
import io.inkwellsplit.table.TableException;
import io.inkwellsplit.table.TableException.Problem;
import io.inkwellsplit.table.TableOutput;
import io.inkwellsplit.table.csv.AsideFile;
import io.inkwellsplit.table.file.Delivery;
import io.inkwellsplit.table.format.WriteSettings;
import java.io.IOException;
import java.nio.file.Path;
import java.util.Collections;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * Writes a table as a sheet, and others as sheets behind it: text as text, numbers, dates and truth values of typed columns as
 * what they are. What a spreadsheet has no room for is refused, never cut.
 */
final class SheetOutput implements TableOutput {
    private static final int MOST_CHARACTERS = 32_767;
    private static final int MOST_COLUMNS = 16_384;
    private static final long MOST_ROWS = 1 << 20;

    private final String name;
    private final SheetWriter writer;
    private final AsideFile aside;
    private final WriteSettings settings;
    private List<Kind> kinds = List.of();
    private long rows;

    /** Writes cells in a form. */
    interface SheetWriter {
        /** Starts a sheet; the one before it ends with that. */
        void header(List<String> titles) throws IOException;

        /** Writes a row; each cell as what its column holds, where its text is such a value. */
        void row(List<String> cells, List<Kind> kinds) throws IOException;

        void end() throws IOException;
    }

    SheetOutput(String name, SheetWriter writer, WriteSettings settings) {
        this.name = name;
        this.writer = writer;
        this.aside = settings.aside();
        this.settings = settings;
    }

    @Override
    public void header(List<String> titles) {
        start(titles);
        kinds = titles.stream()
                .map(title -> settings.types().containsKey(title)
                        ? settings.types().get(title).kind()
                        : Kind.TEXT)
                .toList();
    }

    private void start(List<String> titles) {
        if (titles.size() > MOST_COLUMNS) {
            throw tooMuch(titles.size() + " columns; a sheet has " + MOST_COLUMNS + " at most");
        }
        rows = 1;
        check(titles);
        try {
            writer.header(titles);
        } catch (IOException e) {
            throw Delivery.refused(name, e);
        }
        kinds = Collections.nCopies(titles.size(), Kind.TEXT);
    }

    @Override
    public void row(List<String> cells) {
        if (++rows > MOST_ROWS) {
            throw tooMuch("more than " + MOST_ROWS + " rows; a sheet has no more");
        }
        check(cells);
        try {
            writer.row(cells, kinds);
        } catch (IOException e) {
            throw Delivery.refused(name, e);
        }
    }

    private void check(List<String> cells) {
        for (String cell : cells) {
            if (cell.length() > MOST_CHARACTERS) {
                throw tooMuch("a cell of " + cell.length() + " characters in row " + rows + "; a spreadsheet takes "
                        + MOST_CHARACTERS + " at most");
            }
        }
    }

    private TableException tooMuch(String what) {
        return new TableException(
                Problem.OUTPUT, name + " would have " + what + ". Write a text table instead, with a name in .csv.");
    }

    @Override
    public RowSink follow(String sheet) {
        return new RowSink() {
            @Override
            public void header(List<String> titles) {
                start(titles);
            }

            @Override
            public void row(List<String> cells) {
                SheetOutput.this.row(cells);
            }

            @Override
            public void setAside(Row row, String reason) {
                throw new UnsupportedOperationException("no rows are set aside beside the table");
            }

            @Override
            public void finish() {
                // It ends with the next sheet, or with the file.
            }
        };
    }

    @Override
    public void setAside(Row row, String reason) {
        aside.add(row, reason);
    }

    @Override
    public void finish() {
        try {
            writer.end();
        } catch (IOException e) {
            throw Delivery.refused(name, e);
        }
        aside.finish();
    }

    @Override
    public @Nullable Path asideFile() {
        return aside.file();
    }

    @Override
    public void close() {}
}
