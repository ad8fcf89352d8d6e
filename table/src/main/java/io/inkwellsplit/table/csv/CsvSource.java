package io.inkwellsplit.table.csv;

import de.siegmar.fastcsv.reader.CsvRecord;
import io.inkwellsplit.table.Row;
import io.inkwellsplit.table.RowSource;
import io.inkwellsplit.table.TableException;
import io.inkwellsplit.table.TableException.Problem;
import io.inkwellsplit.table.csv.Encodings.Found;
import java.io.Closeable;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.Charset;
import java.nio.file.Files;
import java.nio.file.NoSuchFileException;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.util.ArrayList;
import java.util.Iterator;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * Reads a text table whose encoding, separator, quoting and line ends are told from its beginning.
 *
 * <p>Cells come as they are written: nothing is trimmed, no number is touched. A stream is kept in a temporary file,
 * readable by its owner alone, so that it can be gone through twice. Confined to one thread.
 */
public final class CsvSource implements RowSource, Closeable {
    private static final int SAMPLE = 1 << 18;

    private final CsvText text;
    private final boolean temporary;
    private final boolean guessed;
    private final boolean headless;
    private final List<String> header;
    private @Nullable RecordIterator pass;

    private CsvSource(String name, Path file, boolean temporary, Settings settings) throws IOException {
        this.temporary = temporary;
        byte[] sample;
        try (InputStream in = Files.newInputStream(file)) {
            sample = in.readNBytes(SAMPLE);
        }
        if (sample.length == 0) {
            throw new TableException(Problem.INPUT, name + " is empty: there is not even a header.");
        }
        Found found = Encodings.find(sample, sample.length);
        String wanted = settings.charset;
        Charset charset = wanted == null ? found.charset() : Encodings.named(wanted);
        this.guessed = wanted == null && !charset.name().startsWith("UTF");
        int mark = found.charset().equals(charset) || charset.name().startsWith("UTF-16") ? found.markLength() : 0;
        Charset decoding = mark == 2 ? found.charset() : charset;
        String beginning = new String(sample, mark, sample.length - mark, decoding);
        Dialect dialect = DialectFinder.find(beginning, sample.length < SAMPLE, mark > 0);
        this.text = new CsvText(name, file, decoding, mark, dialect);
        this.headless = settings.header == Header.NONE;
        try (RecordIterator records = new RecordIterator(text, 0)) {
            if (!records.hasNext()) {
                throw new TableException(Problem.INPUT, name + " has no rows: there is not even a header.");
            }
            CsvRecord top = records.next();
            this.header = headless ? numbered(top.getFieldCount()) : List.copyOf(top.getFields());
        }
    }

    private static List<String> numbered(int columns) {
        List<String> titles = new ArrayList<>();
        for (int i = 1; i <= columns; i++) {
            titles.add("Column " + i);
        }
        return List.copyOf(titles);
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
            return new CsvSource(file.toString(), file, false, settings);
        } catch (NoSuchFileException e) {
            throw new TableException(Problem.INPUT, "There is no file " + file + "; check the name and the folder.", e);
        } catch (IOException e) {
            throw new TableException(Problem.INPUT, file + " cannot be read.", e);
        }
    }

    /**
     * Reads a stream to its end.
     *
     * @param name what messages call it
     */
    public static CsvSource open(String name, InputStream in, Settings settings) {
        Path spool = null;
        try {
            spool = Files.createTempFile("inkwell", ".spool");
            spool.toFile().deleteOnExit();
            Files.copy(in, spool, StandardCopyOption.REPLACE_EXISTING);
            return new CsvSource(name, spool, true, settings);
        } catch (IOException e) {
            delete(spool);
            throw new TableException(Problem.INPUT, name + " cannot be read, or not be kept in a temporary file.", e);
        } catch (TableException e) {
            delete(spool);
            throw e;
        }
    }

    private static void delete(@Nullable Path spool) {
        try {
            if (spool != null) {
                Files.deleteIfExists(spool);
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    @Override
    public List<String> header() {
        return header;
    }

    public Dialect dialect() {
        return text.dialect();
    }

    /** Returns the encoding that the text is read in. */
    public Charset charset() {
        return text.charset();
    }

    /** Returns whether the encoding is a guess, because the text is no UTF-8. */
    public boolean isCharsetGuessed() {
        return guessed;
    }

    @Override
    public Iterator<Row> rows() {
        closePass();
        RecordIterator records = new RecordIterator(text, header.size());
        pass = records;
        if (!headless && records.hasNext()) {
            records.next();
        }
        return new Iterator<>() {
            private long number;

            @Override
            public boolean hasNext() {
                return records.hasNext();
            }

            @Override
            public Row next() {
                CsvRecord record = records.next();
                number++;
                return new Row(number, record.getStartingLineNumber(), record.getFields());
            }
        };
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
        if (temporary) {
            delete(text.file());
        }
    }
}
