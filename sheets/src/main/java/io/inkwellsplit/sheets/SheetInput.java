package io.inkwellsplit.sheets;

import io.inkwellsplit.table.ColumnKinds;
import io.inkwellsplit.table.ColumnType;
import io.inkwellsplit.table.Dialect;
import io.inkwellsplit.table.Row;
import io.inkwellsplit.table.RowSource;
import io.inkwellsplit.table.TableException;
import io.inkwellsplit.table.TableException.Problem;
import io.inkwellsplit.table.TableInput;
import io.inkwellsplit.table.file.InputFile;
import io.inkwellsplit.table.format.ReadSettings;
import java.util.ArrayList;
import java.util.Iterator;
import java.util.List;
import java.util.Map;
import java.util.NoSuchElementException;
import java.util.function.Supplier;
import org.jspecify.annotations.Nullable;

/** A sheet as a table: its first row is the header, shorter rows end in empty cells. */
final class SheetInput implements TableInput {
    private final InputFile file;
    private final Supplier<SheetRows> sheet;
    private final Runnable end;
    private final boolean headless;
    private final List<String> header;
    private final List<String> names;
    private final List<String> notes;
    private @Nullable SheetRows pass;

    /**
     * @param sheet opens the sheet from its beginning
     * @param names the names of all sheets
     * @param end gives back what is held beside the file
     */
    SheetInput(
            InputFile file,
            ReadSettings settings,
            Supplier<SheetRows> sheet,
            List<String> names,
            List<String> notes,
            Runnable end) {
        this.file = file;
        this.sheet = sheet;
        this.end = end;
        this.names = names;
        this.notes = notes;
        this.headless = !settings.hasHeader();
        try (SheetRows rows = sheet.get()) {
            List<String> first = rows.next();
            if (first == null) {
                throw new TableException(Problem.INPUT, file.name() + " has no rows: there is not even a header.");
            }
            this.header = headless ? RowSource.numberedTitles(width()) : List.copyOf(first);
        }
    }

    /** Without a header the widest row tells how many columns there are. */
    private int width() {
        int width = 0;
        try (SheetRows rows = sheet.get()) {
            for (List<String> row = rows.next(); row != null; row = rows.next()) {
                width = Math.max(width, row.size());
            }
        }
        return width;
    }

    @Override
    public List<String> header() {
        return header;
    }

    @Override
    public Dialect dialect() {
        return Dialect.STANDARD;
    }

    @Override
    public List<String> notes() {
        return notes;
    }

    @Override
    public List<String> tables() {
        return names;
    }

    @Override
    public Map<String, ColumnType> types() {
        ColumnKinds kinds = new ColumnKinds();
        try (SheetRows rows = sheet.get()) {
            List<String> cells = headless ? rows.next() : skipped(rows);
            for (; cells != null; cells = rows.next()) {
                for (int i = 0; i < cells.size(); i++) {
                    if (!cells.get(i).isEmpty() && !SheetRows.isError(cells.get(i))) {
                        kinds.add(i, rows.kinds().get(i), cells.get(i));
                    }
                }
            }
        }
        return kinds.types(header);
    }

    private static @Nullable List<String> skipped(SheetRows rows) {
        rows.next();
        return rows.next();
    }

    @Override
    public Iterator<Row> rows() {
        closePass();
        SheetRows rows = sheet.get();
        pass = rows;
        if (!headless) {
            rows.next();
        }
        return new Iterator<>() {
            private @Nullable List<String> next = rows.next();
            private long number;

            @Override
            public boolean hasNext() {
                return next != null;
            }

            @Override
            public Row next() {
                List<String> cells = next;
                if (cells == null) {
                    throw new NoSuchElementException();
                }
                number++;
                next = rows.next();
                return new Row(number, number + (headless ? 0 : 1), filled(cells));
            }
        };
    }

    private List<String> filled(List<String> cells) {
        if (cells.size() >= header.size()) {
            return cells;
        }
        List<String> filled = new ArrayList<>(cells);
        while (filled.size() < header.size()) {
            filled.add("");
        }
        return filled;
    }

    private void closePass() {
        if (pass != null) {
            pass.close();
            pass = null;
        }
    }

    @Override
    public void close() {
        closePass();
        end.run();
        file.close();
    }
}
