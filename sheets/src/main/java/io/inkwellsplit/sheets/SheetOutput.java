package io.inkwellsplit.sheets;

import io.inkwellsplit.table.Row;
import io.inkwellsplit.table.TableException;
import io.inkwellsplit.table.TableException.Problem;
import io.inkwellsplit.table.TableOutput;
import io.inkwellsplit.table.csv.AsideFile;
import io.inkwellsplit.table.file.Delivery;
import java.io.IOException;
import java.nio.file.Path;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** Writes a table as one sheet, every cell as text; what a spreadsheet has no room for is refused, never cut. */
final class SheetOutput implements TableOutput {
    private static final int MOST_CHARACTERS = 32_767;
    private static final int MOST_COLUMNS = 16_384;
    private static final long MOST_ROWS = 1 << 20;

    private final String name;
    private final SheetWriter writer;
    private final AsideFile aside;
    private long rows;

    /** Writes cells in a form. */
    interface SheetWriter {
        void header(List<String> titles) throws IOException;

        void row(List<String> cells) throws IOException;

        void end() throws IOException;
    }

    SheetOutput(String name, SheetWriter writer, AsideFile aside) {
        this.name = name;
        this.writer = writer;
        this.aside = aside;
    }

    @Override
    public void header(List<String> titles) {
        if (titles.size() > MOST_COLUMNS) {
            throw tooMuch(titles.size() + " columns; a sheet has " + MOST_COLUMNS + " at most");
        }
        check(titles);
        try {
            writer.header(titles);
        } catch (IOException e) {
            throw Delivery.refused(name, e);
        }
        rows = 1;
    }

    @Override
    public void row(List<String> cells) {
        if (++rows > MOST_ROWS) {
            throw tooMuch("more than " + MOST_ROWS + " rows; a sheet has no more");
        }
        check(cells);
        try {
            writer.row(cells);
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
