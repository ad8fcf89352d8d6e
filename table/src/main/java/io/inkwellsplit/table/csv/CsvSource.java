package io.inkwellsplit.table.csv;

import de.siegmar.fastcsv.reader.CsvParseException;
import de.siegmar.fastcsv.reader.CsvReader;
import de.siegmar.fastcsv.reader.CsvRecord;
import io.inkwellsplit.table.Row;
import io.inkwellsplit.table.RowSource;
import io.inkwellsplit.table.TableException;
import io.inkwellsplit.table.TableException.Problem;
import io.inkwellsplit.table.csv.Encodings.Found;
import java.io.ByteArrayInputStream;
import java.io.Closeable;
import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.io.Reader;
import java.io.SequenceInputStream;
import java.io.UncheckedIOException;
import java.nio.charset.CharacterCodingException;
import java.nio.charset.Charset;
import java.nio.charset.CodingErrorAction;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.NoSuchFileException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Iterator;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * Reads a text table whose encoding, separator, quoting and line ends are told from its beginning.
 *
 * <p>Cells come as they are written: nothing is trimmed, no number is touched. Confined to one thread.
 */
public final class CsvSource implements RowSource, Closeable {
    private static final int SAMPLE = 1 << 18;

    private final String name;
    private final Charset charset;
    private final boolean guessed;
    private final Dialect dialect;
    private final CsvReader<CsvRecord> reader;
    private final Iterator<CsvRecord> records;
    private @Nullable List<String> header;
    private final @Nullable CsvRecord first;
    private long row;

    private CsvSource(String name, InputStream in, Settings settings) throws IOException {
        this.name = name;
        byte[] sample = in.readNBytes(SAMPLE);
        if (sample.length == 0) {
            throw new TableException(Problem.INPUT, name + " is empty: there is not even a header.");
        }
        Found found = Encodings.find(sample, sample.length);
        String wanted = settings.charset;
        this.charset = wanted == null ? found.charset() : Encodings.named(wanted);
        this.guessed = wanted == null && !charset.name().startsWith("UTF");
        int mark = found.charset().equals(charset) || charset.name().startsWith("UTF-16") ? found.markLength() : 0;
        Charset byMark = mark == 2 ? found.charset() : charset;
        String text = new String(sample, mark, sample.length - mark, byMark);
        this.dialect = DialectFinder.find(text, sample.length < SAMPLE, mark > 0);
        InputStream whole = new SequenceInputStream(new ByteArrayInputStream(sample, mark, sample.length - mark), in);
        Reader decoded = new InputStreamReader(
                whole,
                byMark.newDecoder()
                        .onMalformedInput(CodingErrorAction.REPORT)
                        .onUnmappableCharacter(CodingErrorAction.REPORT));
        this.reader = CsvReader.builder()
                .fieldSeparator(dialect.separator())
                .skipEmptyLines(false)
                .allowExtraFields(true)
                .allowMissingFields(true)
                .allowExtraCharsAfterClosingQuote(true)
                .ofCsvRecord(decoded);
        this.records = reader.iterator();
        CsvRecord top = next();
        if (top == null) {
            throw new TableException(Problem.INPUT, name + " has no rows: there is not even a header.");
        }
        if (settings.header == Header.FIRST_ROW) {
            header = List.copyOf(top.getFields());
            first = null;
        } else {
            List<String> numbered = new ArrayList<>();
            for (int i = 1; i <= top.getFieldCount(); i++) {
                numbered.add("Column " + i);
            }
            header = List.copyOf(numbered);
            first = top;
        }
    }

    /** Whether the first row holds the titles. */
    public enum Header {
        FIRST_ROW,
        /** There is none: the columns are called {@code Column 1}, {@code Column 2} … */
        NONE
    }

    /**
     * What a caller knows of a table beforehand.
     *
     * @param header whether the first row holds the titles
     * @param charset the name of the encoding; null to tell it from the text
     */
    public record Settings(Header header, @Nullable String charset) {
        /** A header, and an encoding told from the text. */
        public static final Settings STANDARD = new Settings(Header.FIRST_ROW, null);
    }

    /** Opens a file with the standard settings. */
    public static CsvSource open(Path file) {
        return open(file, Settings.STANDARD);
    }

    /**
     * Opens a file.
     *
     * @throws TableException if it is missing, empty, a folder, or cannot be read
     */
    public static CsvSource open(Path file, Settings settings) {
        if (Files.isDirectory(file)) {
            throw new TableException(Problem.INPUT, file + " is a folder; name a file in it.");
        }
        try {
            return new CsvSource(file.toString(), Files.newInputStream(file), settings);
        } catch (NoSuchFileException e) {
            throw new TableException(Problem.INPUT, "There is no file " + file + "; check the name and the folder.", e);
        } catch (IOException e) {
            throw new TableException(Problem.INPUT, file + " cannot be read: " + e.getMessage() + ".", e);
        }
    }

    /**
     * Reads a stream.
     *
     * @param name what messages call it
     */
    public static CsvSource open(String name, InputStream in, Settings settings) {
        try {
            return new CsvSource(name, in, settings);
        } catch (IOException e) {
            throw new TableException(Problem.INPUT, name + " cannot be read: " + e.getMessage() + ".", e);
        }
    }

    @Override
    public List<String> header() {
        return header == null ? List.of() : header;
    }

    public Dialect dialect() {
        return dialect;
    }

    /** Returns the encoding that the text is read in. */
    public Charset charset() {
        return charset;
    }

    /** Returns whether the encoding is a guess, because the text is no UTF-8. */
    public boolean isCharsetGuessed() {
        return guessed;
    }

    @Override
    public Iterator<Row> rows() {
        return new Iterator<>() {
            private @Nullable CsvRecord ahead = first != null ? first : CsvSource.this.next();

            @Override
            public boolean hasNext() {
                return ahead != null;
            }

            @Override
            public Row next() {
                CsvRecord record = ahead;
                if (record == null) {
                    throw new java.util.NoSuchElementException();
                }
                row++;
                Row next = new Row(row, record.getStartingLineNumber(), record.getFields());
                ahead = CsvSource.this.next();
                return next;
            }
        };
    }

    /** Returns the next row; an empty line is no row, unless the table has a single column. */
    private @Nullable CsvRecord next() {
        try {
            while (records.hasNext()) {
                CsvRecord record = records.next();
                boolean emptyLine =
                        record.getFieldCount() == 1 && record.getField(0).isEmpty();
                if (!emptyLine || header != null && header.size() == 1) {
                    return record;
                }
            }
            return null;
        } catch (CsvParseException | UncheckedIOException e) {
            throw refuse(e);
        }
    }

    private TableException refuse(RuntimeException e) {
        String place = name + ", after row " + row + ": ";
        for (Throwable cause = e; cause != null; cause = cause.getCause()) {
            if (cause instanceof CharacterCodingException) {
                String instead = charset.equals(StandardCharsets.UTF_8) ? "windows-1252" : "UTF-8";
                return new TableException(
                        Problem.INPUT,
                        place + "there are bytes that are not " + charset + ". Give the encoding, such as --charset "
                                + instead + ".",
                        e);
            }
        }
        if (e instanceof CsvParseException) {
            return new TableException(
                    Problem.INPUT,
                    place + "a cell is too long or a quote is never closed; look for a stray \" there.",
                    e);
        }
        return new TableException(Problem.INPUT, place + "the file cannot be read on.", e);
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
