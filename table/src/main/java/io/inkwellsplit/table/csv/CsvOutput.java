package io.inkwellsplit.table.csv;

import de.siegmar.fastcsv.writer.CsvWriter;
import de.siegmar.fastcsv.writer.LineDelimiter;
import de.siegmar.fastcsv.writer.QuoteStrategies;
import io.inkwellsplit.table.Row;
import io.inkwellsplit.table.RowSink;
import io.inkwellsplit.table.TableException;
import io.inkwellsplit.table.TableException.Problem;
import io.inkwellsplit.table.csv.Dialect.Quoting;
import java.io.Closeable;
import java.io.IOException;
import java.io.OutputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * Writes a text table in UTF-8: whole, or not at all.
 *
 * <p>Rows that were set aside go to a file of their own beside it. Both are written under other names, readable by their
 * owner alone, and get their names when {@link #finish} is called; without it, {@link #close} throws them away.
 */
public final class CsvOutput implements RowSink, Closeable {
    private final String name;
    private final Dialect dialect;
    private final WholeFile.@Nullable Pending pending;
    private final CsvWriter writer;
    private final @Nullable Path asideFile;
    private final WholeFile.WhenThere whenThere;
    private @Nullable CsvOutput aside;
    private List<String> sourceHeader = List.of();

    private CsvOutput(
            String name,
            OutputStream out,
            Dialect dialect,
            WholeFile.@Nullable Pending pending,
            @Nullable Path asideFile,
            WholeFile.WhenThere whenThere) {
        this.name = name;
        this.dialect = dialect;
        this.pending = pending;
        this.asideFile = asideFile;
        this.whenThere = whenThere;
        this.writer = CsvWriter.builder()
                .fieldSeparator(dialect.separator())
                .quoteStrategy(dialect.quoting() == Quoting.ALWAYS ? QuoteStrategies.ALWAYS : QuoteStrategies.REQUIRED)
                .lineDelimiter(LineDelimiter.of(dialect.lineEnd()))
                .build(out, StandardCharsets.UTF_8);
        if (dialect.byteOrderMark()) {
            try {
                out.write(new byte[] {(byte) 0xEF, (byte) 0xBB, (byte) 0xBF});
            } catch (IOException e) {
                throw refuse(e);
            }
        }
    }

    /**
     * Starts a file.
     *
     * @throws TableException if the file is there and may not be replaced, or its folder cannot be written
     */
    public static CsvOutput create(Path file, Dialect dialect, WholeFile.WhenThere whenThere) {
        return create(file, dialect, whenThere, asideOf(file));
    }

    /** Starts a file, with another one for the rows that are set aside. */
    public static CsvOutput create(Path file, Dialect dialect, WholeFile.WhenThere whenThere, Path asideFile) {
        WholeFile.Pending pending = WholeFile.start(file, whenThere);
        return new CsvOutput(file.toString(), pending.stream(), dialect, pending, asideFile, whenThere);
    }

    /**
     * Writes to a stream, which becomes visible at once.
     *
     * @param asideFile where rows go that are set aside; null if the first such row shall end the run
     */
    public static CsvOutput to(String name, OutputStream out, Dialect dialect, @Nullable Path asideFile) {
        return new CsvOutput(name, out, dialect, null, asideFile, WholeFile.WhenThere.REFUSE);
    }

    private static Path asideOf(Path file) {
        String text = file.getFileName().toString();
        int dot = text.lastIndexOf('.');
        String stem = dot > 0 ? text.substring(0, dot) : text;
        return file.resolveSibling(stem + ".set-aside" + (dot > 0 ? text.substring(dot) : ""));
    }

    /** Sets the titles of the source, which head the file of rows that are set aside. */
    public CsvOutput sourceHeader(List<String> titles) {
        sourceHeader = List.copyOf(titles);
        return this;
    }

    @Override
    public void header(List<String> titles) {
        row(titles);
    }

    @Override
    public void row(List<String> cells) {
        try {
            writer.writeRecord(cells);
        } catch (UncheckedIOException e) {
            throw refuse(new IOException(e.getMessage(), e));
        }
    }

    @Override
    public void setAside(Row row, String reason) {
        if (aside == null) {
            if (asideFile == null) {
                throw new TableException(
                        Problem.INPUT,
                        "Row " + row.number() + ", line " + row.line() + ", cannot be worked on: " + reason
                                + ". Mend it, or name a file for such rows with --set-aside.");
            }
            aside = create(asideFile, dialect, whenThere);
            List<String> titles = new ArrayList<>(List.of("Row", "Line", "Reason"));
            titles.addAll(sourceHeader);
            aside.header(titles);
        }
        List<String> cells = new ArrayList<>(List.of(Long.toString(row.number()), Long.toString(row.line()), reason));
        cells.addAll(row.cells());
        aside.row(cells);
    }

    @Override
    public void finish() {
        try {
            writer.flush();
            if (pending != null) {
                writer.close();
                pending.finish();
            }
        } catch (IOException e) {
            throw refuse(e);
        }
        if (aside != null) {
            aside.finish();
        }
    }

    /** Returns the file of the rows that were set aside; null if there were none. */
    public @Nullable Path asideFile() {
        return aside == null ? null : asideFile;
    }

    private TableException refuse(IOException e) {
        boolean closed = pending == null;
        return closed
                ? new TableException(
                        Problem.CLOSED, "The reader of " + name + " has closed it; the rest was not written.", e)
                : new TableException(Problem.OUTPUT, name + " cannot be written: " + e.getMessage() + ".", e);
    }

    @Override
    public void close() {
        if (pending != null) {
            pending.close();
        }
        if (aside != null) {
            aside.close();
        }
    }
}
