package io.inkwellsplit.table.csv;

import io.inkwellsplit.table.Dialect;
import io.inkwellsplit.table.Row;
import io.inkwellsplit.table.RowSource;
import io.inkwellsplit.table.TableException;
import io.inkwellsplit.table.TableException.Problem;
import io.inkwellsplit.table.TableInput;
import io.inkwellsplit.table.csv.Encodings.Found;
import io.inkwellsplit.table.file.InputFile;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.Charset;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Iterator;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/**
 * Reads a text table whose encoding, separator, quoting and line ends are told from its beginning.
 *
 * <p>Cells come as they are written: nothing is trimmed, no number is touched. A stream or a pipe is kept in a
 * temporary file, so that it can be gone through twice. A file that changes meanwhile, or whose quotes are never closed, is
 * refused. Confined to one thread.
 */
public final class CsvSource implements TableInput {
    private static final int SAMPLE = 1 << 18;
    private static final int MOST_LINES_SEEN = 200;

    private final CsvText text;
    private final boolean guessed;
    private final boolean headless;
    private final boolean isOneColumn;
    private final Dialect dialect;
    private final Opening opening;
    /** The widths that the columns may have; empty where there are separators. */
    private final Optional<FixedWidths> widths;

    private final long rowsAbout;
    private final List<String> header;
    private @Nullable RecordIterator pass;

    private CsvSource(InputFile file, Settings settings) throws IOException {
        String name = file.name();
        byte[] sample;
        try (InputStream in = file.open()) {
            sample = in.readNBytes(SAMPLE);
        }
        if (sample.length == 0) {
            throw new TableException(Problem.INPUT, name + " is empty: there is not even a header.");
        }
        Found found = Encodings.find(sample, sample.length);
        this.rowsAbout = rowsAbout(sample, file.size());
        String wanted = settings.charset;
        Charset charset = wanted == null ? found.charset() : Encodings.named(wanted);
        this.guessed = wanted == null && !charset.name().startsWith("UTF");
        int mark = found.charset().equals(charset) || charset.name().startsWith("UTF-16") ? found.markLength() : 0;
        Charset decoding = mark == 2 ? found.charset() : charset;
        Quotes quotes = Quotes.told(settings.quote);
        String beginning = quotes.usual(new String(sample, mark, sample.length - mark, decoding));
        Opening begins = settings.skipLines < 0
                ? Opening.of(beginning)
                : Opening.skipping(beginning, settings.skipLines, Optional.empty());
        String above = new String(sample, mark, sample.length - mark, decoding).substring(0, begins.characters());
        int skipped = above.getBytes(decoding).length;
        // Where bytes are no text, their places cannot be told; then nothing is skipped, and reading refuses them.
        boolean exact = mark + skipped <= sample.length && new String(sample, mark, skipped, decoding).equals(above);
        this.opening = exact ? begins : Opening.skipping(beginning, 0, Optional.empty());
        skipped = exact ? skipped : 0;
        Dialect told = DialectFinder.find(beginning.substring(opening.characters()), sample.length < SAMPLE, mark > 0);
        char separator = separator(settings).or(opening::separator).orElse(told.separator());
        this.dialect = new Dialect(separator, told.quoting(), told.lineEnd(), told.byteOrderMark());
        this.widths = header(settings, beginning)
                .filter(line -> line.indexOf(separator) < 0)
                .flatMap(line -> FixedWidths.find(
                        beginning
                                .lines()
                                .skip(opening.lines())
                                .limit(MOST_LINES_SEEN)
                                .toList(),
                        true));
        boolean oneColumn = opening.isOneColumn() && settings.separator == null;
        this.isOneColumn = oneColumn;
        char reading = oneColumn ? absent(beginning) : separator;
        this.text = new CsvText(
                file,
                decoding,
                mark + skipped,
                opening.lines(),
                new Dialect(reading, told.quoting(), told.lineEnd(), told.byteOrderMark()),
                quotes);
        this.headless = settings.header == Header.NONE;
        try (RecordIterator records = new RecordIterator(text, 0)) {
            if (!records.hasNext()) {
                throw new TableException(Problem.INPUT, name + " has no rows: there is not even a header.");
            }
            CsvRecord top = records.next();
            this.header = headless ? RowSource.numberedTitles(top.cells().size()) : List.copyOf(top.cells());
        }
    }

    /** By the line ends in its beginning; those in quotes end no row. */
    private static long rowsAbout(byte[] sample, long size) {
        long ends = 0;
        boolean quoted = false;
        for (byte b : sample) {
            quoted ^= b == '"';
            ends += b == '\n' && !quoted ? 1 : 0;
        }
        return size * ends / sample.length;
    }

    /** Returns the header as it is written; none where somebody has said what parts it, or that there is none. */
    private Optional<String> header(Settings settings, String beginning) {
        boolean told = settings.separator != null || settings.header == Header.NONE;
        return told ? Optional.empty() : beginning.lines().skip(opening.lines()).findFirst();
    }

    private static Optional<Character> separator(Settings settings) {
        String told = settings.separator;
        if (told == null) {
            return Optional.empty();
        }
        String plain = told.equals("\\t") || told.equalsIgnoreCase("tab") ? "\t" : told;
        if (plain.length() != 1 || plain.equals("\"") || plain.isBlank() && !plain.equals("\t")) {
            throw new TableException(
                    Problem.SETTING, "A separator is one sign, such as ; or \\t for a tab, not \"" + told + "\".");
        }
        return Optional.of(plain.charAt(0));
    }

    /** Returns a sign that does not stand in a text, so that it parts nothing. */
    private static char absent(String text) {
        return text.indexOf('\t') < 0 ? '\t' : '\u001F';
    }

    /** Whether the first row holds the titles. */
    public enum Header {
        /** The first row holds them. */
        FIRST_ROW,
        /** There is none: the columns are called {@code Column 1}, {@code Column 2} … */
        NONE
    }

    /**
     * What a caller knows of a table beforehand.
     *
     * @param header whether the first row holds the titles
     * @param charset the name of the encoding; null to tell it from the text
     * @param separator what stands between cells, one sign; null to tell it from the text
     * @param quote what stands around quoted cells, one sign or {@code none}; null for {@code "}
     * @param skipLines how many lines stand above the header; below 0 to find them
     */
    public record Settings(
            Header header,
            @Nullable String charset,
            @Nullable String separator,
            @Nullable String quote,
            int skipLines) {
        /** A header, and an encoding told from the text. */
        public static final Settings STANDARD = new Settings(Header.FIRST_ROW, null);

        /**
         * All else is found.
         *
         * @param header whether the first row holds the titles
         * @param charset the name of the encoding; null to tell it from the text
         */
        public Settings(Header header, @Nullable String charset) {
            this(header, charset, null, null, -1);
        }
    }

    /**
     * Opens a file with the standard settings.
     *
     * @param file the file
     * @return the table
     */
    public static CsvSource open(Path file) {
        return open(file, Settings.STANDARD);
    }

    /**
     * Opens a file, or reads a pipe to its end.
     *
     * @param file the file
     * @param settings the settings
     * @return the table
     * @throws TableException if it is missing, empty, a folder, or cannot be read
     */
    public static CsvSource open(Path file, Settings settings) {
        return open(InputFile.of(file), settings);
    }

    /**
     * Reads a stream to its end.
     *
     * @param name what messages call it
     * @param in the stream; it is read to its end
     * @param settings the settings
     * @return the table
     */
    public static CsvSource open(String name, InputStream in, Settings settings) {
        return open(InputFile.of(name, in), settings);
    }

    /**
     * Opens a file that somebody else has found; closing this closes it.
     *
     * @param file the file
     * @param settings what is known of it
     * @return the table
     * @throws TableException if it is missing, empty, a folder, or cannot be read
     */
    public static CsvSource open(InputFile file, Settings settings) {
        try {
            return new CsvSource(file, settings);
        } catch (IOException e) {
            file.close();
            throw new TableException(Problem.INPUT, file.name() + " cannot be read.", e);
        } catch (RuntimeException e) {
            file.close();
            throw e;
        }
    }

    @Override
    public List<String> header() {
        return header;
    }

    @Override
    public Dialect dialect() {
        return dialect;
    }

    /** {@return the encoding that the text is read in} */
    public Charset charset() {
        return text.charset();
    }

    @Override
    public List<String> notes() {
        List<String> notes = new ArrayList<>();
        if (guessed) {
            notes.add("The text is no UTF-8; it is read as " + charset() + ". If accents look wrong, say the charset.");
        }
        if (opening.lines() > 0 && opening.separator().isEmpty()) {
            notes.add("Lines above the header that were skipped: " + opening.lines()
                    + ". If there are others, say how many lines to skip.");
        }
        widths.ifPresent(
                found -> notes.add("The columns look as if they had fixed widths. To read them so, say the widths: "
                        + found.text() + ", or auto."));
        if (isOneColumn && widths.isEmpty()) {
            notes.add(
                    "The header has no separator, so every line is read as one cell. If that is wrong, say the separator.");
        }
        return notes;
    }

    /** {@return whether the encoding is a guess, because the text is no UTF-8} */
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
                return new Row(number, record.line(), record.cells());
            }
        };
    }

    @Override
    public long rowsAbout() {
        return rowsAbout;
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
        text.file().close();
    }
}
