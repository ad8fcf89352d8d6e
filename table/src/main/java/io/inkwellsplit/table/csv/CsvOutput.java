package io.inkwellsplit.table.csv;

import de.siegmar.fastcsv.writer.CsvWriter;
import de.siegmar.fastcsv.writer.LineDelimiter;
import de.siegmar.fastcsv.writer.QuoteStrategies;
import io.inkwellsplit.table.Row;
import io.inkwellsplit.table.TableException;
import io.inkwellsplit.table.TableException.Problem;
import io.inkwellsplit.table.TableOutput;
import io.inkwellsplit.table.csv.Dialect.Quoting;
import java.io.IOException;
import java.io.OutputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * Writes a text table in UTF-8: whole, or not at all.
 *
 * <p>Rows that were set aside go to a file of their own beside it. Both are written under other names, readable by their
 * owner alone, and get their names when {@link #finish} is called; without it, {@link #close} throws them away.
 */
public final class CsvOutput implements TableOutput {
    private final String name;
    private final WholeFile.@Nullable Pending pending;
    private final CsvWriter writer;
    private final AsideFile aside;

    private CsvOutput(
            String name, OutputStream out, Dialect dialect, WholeFile.@Nullable Pending pending, AsideFile aside) {
        this.name = name;
        this.pending = pending;
        this.aside = aside;
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
        return create(file, dialect, whenThere, AsideFile.beside(file));
    }

    /** Starts a file, with another one for the rows that are set aside. */
    public static CsvOutput create(Path file, Dialect dialect, WholeFile.WhenThere whenThere, Path asideFile) {
        WholeFile.Pending pending = WholeFile.start(file, whenThere);
        return new CsvOutput(
                file.toString(), pending.stream(), dialect, pending, new AsideFile(asideFile, dialect, whenThere));
    }

    /**
     * Writes to a stream, which becomes visible at once.
     *
     * @param asideFile where rows go that are set aside; null if the first such row shall end the run
     */
    public static CsvOutput to(String name, OutputStream out, Dialect dialect, @Nullable Path asideFile) {
        return new CsvOutput(name, out, dialect, null, new AsideFile(asideFile, dialect, WholeFile.WhenThere.REFUSE));
    }

    /** Sets the titles of the source, which head the file of rows that are set aside. */
    public CsvOutput sourceHeader(List<String> titles) {
        aside.sourceHeader(titles);
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
        aside.add(row, reason);
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
        aside.finish();
    }

    @Override
    public @Nullable Path asideFile() {
        return aside.file();
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
        aside.close();
    }
}
