package io.inkwellsplit.sheets;

import io.inkwellsplit.table.ColumnType;
import io.inkwellsplit.table.ColumnType.Kind;
import io.inkwellsplit.table.Row;
import io.inkwellsplit.table.RowSink;
import io.inkwellsplit.table.TableException;
import io.inkwellsplit.table.TableException.Problem;
import io.inkwellsplit.table.TableOutput;
import io.inkwellsplit.table.csv.AsideFile;
import io.inkwellsplit.table.file.Delivery;
import io.inkwellsplit.table.format.WriteSettings;
import io.inkwellsplit.table.format.WriteSettings.Sheet;
import java.io.IOException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/**
 * Writes a table as a sheet, and others as sheets behind it: text as text, numbers, dates and truth values of typed columns as
 * what they are. What a spreadsheet has no room for is refused, never cut.
 */
final class SheetOutput implements TableOutput {
    private static final int MOST_CHARACTERS = 32_767;
    private static final int MOST_COLUMNS = 16_384;
    private static final long MOST_ROWS = 1 << 20;
    /** So many rows tell how wide the columns are. */
    private static final int FIRST_ROWS = 200;

    private static final long MOST_HELD = 1_000_000;

    /** How wide columns are, in characters. */
    static final int NARROWEST = 6;

    static final int WIDEST = 40;

    private final String name;
    private final SheetWriter writer;
    private final AsideFile aside;
    private final WriteSettings settings;
    private List<Kind> kinds = List.of();
    private List<String> titles = List.of();
    private final List<List<String>> first = new ArrayList<>();
    private boolean isHeld;
    private long held;
    private Map<String, List<String>> choices = Map.of();
    private long rows;

    /** Writes cells in a form. */
    interface SheetWriter {
        /**
         * Starts a sheet; the one before it ends with that.
         *
         * @param widths how many characters wide the columns are
         */
        void header(List<String> titles, List<Integer> widths) throws IOException;

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
        start(titles, settings.choices());
        kinds = ColumnType.kinds(titles, settings.types());
    }

    private void start(List<String> header, Map<String, List<String>> words) {
        release();
        choices = words;
        titles = List.copyOf(header);
        if (titles.size() > MOST_COLUMNS) {
            throw tooMuch(titles.size() + " columns; a sheet has " + MOST_COLUMNS + " at most");
        }
        rows = 1;
        check(titles);
        isHeld = true;
        held = 0;
        kinds = Collections.nCopies(titles.size(), Kind.TEXT);
    }

    @Override
    public void row(List<String> cells) {
        if (++rows > MOST_ROWS) {
            throw tooMuch("more than " + MOST_ROWS + " rows; a sheet has no more");
        }
        check(cells);
        if (isHeld && first.size() < FIRST_ROWS && held < MOST_HELD) {
            first.add(List.copyOf(cells));
            held += cells.stream().mapToInt(String::length).sum();
            return;
        }
        release();
        write(cells);
    }

    private void write(List<String> cells) {
        try {
            writer.row(cells, kinds);
        } catch (IOException e) {
            throw Delivery.refused(name, e);
        }
    }

    /** Starts the sheet with what its first rows show. */
    private void release() {
        if (!isHeld) {
            return;
        }
        isHeld = false;
        try {
            writer.header(titles, widths());
        } catch (IOException e) {
            throw Delivery.refused(name, e);
        }
        first.forEach(this::write);
        first.clear();
    }

    private int longest(String title) {
        return Stream.concat(Stream.of(title), choices.getOrDefault(title, List.of()).stream())
                .mapToInt(String::length)
                .max()
                .orElse(0);
    }

    /** A column is as wide as most of its first cells need, and its title. */
    private List<Integer> widths() {
        List<Integer> widths = new ArrayList<>();
        for (int c = 0; c < titles.size(); c++) {
            int column = c;
            int[] lengths = first.stream()
                    .filter(cells -> column < cells.size())
                    .mapToInt(cells -> cells.get(column).length())
                    .sorted()
                    .toArray();
            int most = lengths.length == 0 ? 0 : lengths[lengths.length * 9 / 10];
            widths.add(Math.max(NARROWEST, Math.min(WIDEST, Math.max(most, longest(titles.get(c))) + 2)));
        }
        return widths;
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
        Sheet more = settings.sheets().stream()
                .filter(one -> one.name().equals(sheet))
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException("nobody told of a sheet " + sheet));
        return new RowSink() {
            @Override
            public void header(List<String> titles) {
                start(titles, more.choices());
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
        release();
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
