package io.inkwellsplit.table.csv;

import de.siegmar.fastcsv.writer.CsvWriter;
import de.siegmar.fastcsv.writer.LineDelimiter;
import de.siegmar.fastcsv.writer.QuoteStrategies;
import io.inkwellsplit.table.Dialect;
import io.inkwellsplit.table.Dialect.Quoting;
import io.inkwellsplit.table.file.Delivery;
import java.io.IOException;
import java.io.OutputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.List;

/** Writes rows to a stream as a text table in UTF-8. */
final class CsvRows {
    private final String name;
    private final CsvWriter writer;

    /** @param name what messages call the stream */
    CsvRows(String name, OutputStream out, Dialect dialect) {
        this.name = name;
        this.writer = CsvWriter.builder()
                .fieldSeparator(dialect.separator())
                .quoteStrategy(dialect.quoting() == Quoting.ALWAYS ? QuoteStrategies.ALWAYS : QuoteStrategies.REQUIRED)
                .lineDelimiter(LineDelimiter.of(dialect.lineEnd()))
                .build(out, StandardCharsets.UTF_8);
        if (dialect.byteOrderMark()) {
            try {
                out.write(new byte[] {(byte) 0xEF, (byte) 0xBB, (byte) 0xBF});
            } catch (IOException e) {
                throw Delivery.refused(name, e);
            }
        }
    }

    void row(List<String> cells) {
        try {
            writer.writeRecord(cells);
        } catch (UncheckedIOException e) {
            throw Delivery.refused(name, e.getCause() == null ? new IOException(e) : e.getCause());
        }
    }

    /** Writes what is still held back; the stream stays open. */
    void flush() {
        try {
            writer.flush();
        } catch (IOException e) {
            throw Delivery.refused(name, e);
        }
    }
}
