package io.inkwellsplit.table.csv;

import io.inkwellsplit.table.Dialect;
import io.inkwellsplit.table.Row;
import io.inkwellsplit.table.RowSource;
import io.inkwellsplit.table.TableException;
import io.inkwellsplit.table.TableException.Problem;
import io.inkwellsplit.table.TableInput;
import io.inkwellsplit.table.csv.Encodings.Found;
import io.inkwellsplit.table.file.InputFile;
import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.nio.charset.CharacterCodingException;
import java.nio.charset.Charset;
import java.nio.charset.CodingErrorAction;
import java.util.ArrayList;
import java.util.Iterator;
import java.util.List;
import java.util.NoSuchElementException;
import org.jspecify.annotations.Nullable;

/**
 * Reads text whose columns have fixed widths, a row on each line; the blanks that fill a cell up are left out, and blank lines
 * are no rows. Confined to one thread.
 */
public final class FixedWidthSource implements TableInput {
    private static final int SAMPLE = 1 << 16;
    private static final int MOST_LINES_SEEN = 200;
    private static final String AUTO = "auto";

    private final InputFile file;
    private final Charset charset;
    private final int mark;
    private final int above;
    private final boolean hasHeader;
    private final FixedWidths widths;
    private final boolean found;
    private final List<String> header;
    private @Nullable BufferedReader pass;

    private FixedWidthSource(InputFile file, CsvSource.Settings settings, String told) throws IOException {
        this.file = file;
        byte[] sample;
        try (InputStream in = file.open()) {
            sample = in.readNBytes(SAMPLE);
        }
        Found encoding = Encodings.find(sample, sample.length);
        String wanted = settings.charset();
        this.charset = wanted == null ? encoding.charset() : Encodings.named(wanted);
        this.mark = encoding.charset().equals(charset) ? encoding.markLength() : 0;
        this.above = Math.max(0, settings.skipLines());
        this.hasHeader = settings.header() == CsvSource.Header.FIRST_ROW;
        this.found = told.strip().equals(AUTO);
        this.widths = found
                ? FixedWidths.find(firstLines(), hasHeader)
                        .orElseThrow(() -> new TableException(
                                Problem.SETTING,
                                file.name()
                                        + " shows no columns of fixed widths: no place is blank in all of its first "
                                        + "lines. Say the widths, such as 12,20,8."))
                : FixedWidths.told(told);
        Lines lines = new Lines();
        String first = lines.next();
        if (first == null) {
            throw new TableException(Problem.INPUT, file.name() + " has no rows: there is not even a header.");
        }
        this.header = hasHeader
                ? List.copyOf(widths.cells(first))
                : RowSource.numberedTitles(widths.starts().size());
    }

    /**
     * Opens a file; closing this closes it.
     *
     * @param file the file
     * @param settings what is known of it; separators and quotes have no meaning here
     * @param widths how many characters wide the columns are, with commas between, or {@code auto}
     * @return the table
     * @throws TableException if it cannot be read, or the widths are none
     */
    public static FixedWidthSource open(InputFile file, CsvSource.Settings settings, String widths) {
        try {
            return new FixedWidthSource(file, settings, widths);
        } catch (IOException e) {
            file.close();
            throw new TableException(Problem.INPUT, file.name() + " cannot be read.", e);
        } catch (RuntimeException e) {
            file.close();
            throw e;
        }
    }

    private List<String> firstLines() {
        List<String> first = new ArrayList<>();
        Lines lines = new Lines();
        for (String line = lines.next(); line != null && first.size() < MOST_LINES_SEEN; line = lines.next()) {
            first.add(line);
        }
        return first;
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
        return found
                ? List.of("Widths of the columns that were found: " + widths.text()
                        + " (the last one is the rest). If they are wrong, say them.")
                : List.of();
    }

    @Override
    public Iterator<Row> rows() {
        Lines lines = new Lines();
        if (hasHeader) {
            lines.next();
        }
        return new Iterator<>() {
            private @Nullable String next = lines.next();
            private long line = lines.number;
            private long number;

            @Override
            public boolean hasNext() {
                return next != null;
            }

            @Override
            public Row next() {
                if (next == null) {
                    throw new NoSuchElementException();
                }
                Row row = new Row(++number, line, widths.cells(next));
                next = lines.next();
                line = lines.number;
                return row;
            }
        };
    }

    /** The lines that hold something, from the first one on. */
    private final class Lines {
        private final BufferedReader reader;
        private long number;

        Lines() {
            closePass();
            try {
                InputStream in = file.open();
                in.skipNBytes(mark);
                reader = new BufferedReader(new InputStreamReader(
                        in,
                        charset.newDecoder()
                                .onMalformedInput(CodingErrorAction.REPORT)
                                .onUnmappableCharacter(CodingErrorAction.REPORT)));
            } catch (IOException e) {
                throw new TableException(Problem.INPUT, file.name() + " cannot be read.", e);
            }
            pass = reader;
        }

        @Nullable String next() {
            try {
                String line = reader.readLine();
                number++;
                while (line != null && (number <= above || line.isBlank())) {
                    line = reader.readLine();
                    number++;
                }
                if (line == null) {
                    file.checkUnchanged();
                }
                return line;
            } catch (CharacterCodingException e) {
                throw new TableException(
                        Problem.INPUT,
                        file.name() + " has bytes behind line " + number + " that are no text in " + charset
                                + "; say the charset.",
                        e);
            } catch (IOException e) {
                throw new TableException(Problem.INPUT, file.name() + " cannot be read.", e);
            }
        }
    }

    private void closePass() {
        if (pass != null) {
            try {
                pass.close();
            } catch (IOException e) {
                throw new TableException(Problem.INPUT, file.name() + " cannot be read.", e);
            }
            pass = null;
        }
    }

    @Override
    public void close() {
        closePass();
        file.close();
    }
}
