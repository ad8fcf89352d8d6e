package io.inkwellsplit.table.csv;

import de.siegmar.fastcsv.reader.CsvParseException;
import de.siegmar.fastcsv.reader.CsvReader;
import io.inkwellsplit.table.TableException;
import io.inkwellsplit.table.TableException.Problem;
import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.io.Reader;
import java.io.UncheckedIOException;
import java.nio.charset.CharacterCodingException;
import java.nio.charset.CodingErrorAction;
import java.nio.charset.StandardCharsets;
import java.util.Iterator;
import java.util.NoSuchElementException;
import org.jspecify.annotations.Nullable;

/**
 * One pass over the records of a text table; an empty line is no record, unless the table has a single column. At the end
 * it is refused if a quote was never closed, or if the table has changed meanwhile.
 */
final class RecordIterator implements Iterator<CsvRecord>, AutoCloseable {
    private final CsvText text;
    private final int columns;
    private final CsvReader<CsvRecord> reader;
    private final Iterator<CsvRecord> records;
    private @Nullable CsvRecord ahead;
    private boolean endsQuoted;
    private long passed = -1;

    /** @param columns how many columns the table has; 0 while that is not known */
    RecordIterator(CsvText text, int columns) {
        this.text = text;
        this.columns = columns;
        try {
            this.reader = CsvReader.builder()
                    .fieldSeparator(text.dialect().separator())
                    .quoteCharacter(text.quotes().sign())
                    .skipEmptyLines(false)
                    .allowExtraFields(true)
                    .allowMissingFields(true)
                    .allowExtraCharsAfterClosingQuote(true)
                    .build(new CsvRecords(text.linesBefore()), characters());
            this.records = reader.iterator();
        } catch (IOException e) {
            throw new TableException(Problem.INPUT, text.name() + " cannot be read.", e);
        }
        this.ahead = read();
    }

    private Reader characters() throws IOException {
        InputStream in = text.file().open();
        in.skipNBytes(text.start());
        return new InputStreamReader(
                in,
                text.charset()
                        .newDecoder()
                        .onMalformedInput(CodingErrorAction.REPORT)
                        .onUnmappableCharacter(CodingErrorAction.REPORT));
    }

    @Override
    public boolean hasNext() {
        return ahead != null;
    }

    @Override
    public CsvRecord next() {
        CsvRecord record = ahead;
        if (record == null) {
            throw new NoSuchElementException();
        }
        passed++;
        ahead = read();
        return record;
    }

    private @Nullable CsvRecord read() {
        try {
            while (records.hasNext()) {
                CsvRecord record = records.next();
                endsQuoted = record.endsQuoted();
                boolean emptyLine =
                        record.cells().size() == 1 && record.cells().get(0).isEmpty();
                if (!emptyLine || columns == 1) {
                    return record;
                }
            }
        } catch (CsvParseException | UncheckedIOException e) {
            throw refuse(e);
        }
        if (endsQuoted) {
            refuseOpenQuote();
        }
        text.file().checkUnchanged();
        return null;
    }

    private void refuseOpenQuote() {
        try (Reader characters = characters()) {
            long line = OpenQuote.line(
                    characters, text.dialect().separator(), text.quotes().sign());
            if (line > 0) {
                throw new TableException(
                        Problem.INPUT,
                        text.name() + ", line " + (line + text.linesBefore())
                                + ": a quote opens there and is never closed; look for a stray "
                                + text.quotes().sign() + ".");
            }
        } catch (IOException e) {
            throw new TableException(Problem.INPUT, text.name() + " cannot be read.", e);
        }
    }

    private TableException refuse(RuntimeException e) {
        String place = text.name() + (passed < 0 ? ", at its beginning: " : ", after row " + passed + ": ");
        for (Throwable cause = e; cause != null; cause = cause.getCause()) {
            if (cause instanceof CharacterCodingException) {
                String instead = text.charset().equals(StandardCharsets.UTF_8) ? "windows-1252" : "UTF-8";
                return new TableException(
                        Problem.INPUT,
                        place + "there are bytes that are not " + text.charset()
                                + ". Give the encoding, such as --charset " + instead + ".",
                        e);
            }
            if (cause instanceof TableException told) {
                return told;
            }
        }
        refuseOpenQuote();
        return new TableException(Problem.INPUT, place + "a cell is too long.", e);
    }

    @Override
    public void close() {
        try {
            reader.close();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
