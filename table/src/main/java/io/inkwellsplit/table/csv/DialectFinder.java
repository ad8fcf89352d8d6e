package io.inkwellsplit.table.csv;

import de.siegmar.fastcsv.reader.CsvParseException;
import de.siegmar.fastcsv.reader.CsvReader;
import de.siegmar.fastcsv.reader.CsvRecord;
import io.inkwellsplit.table.Dialect;
import io.inkwellsplit.table.Dialect.Quoting;
import java.io.IOException;

/** Tells the dialect of a table from its first characters. */
final class DialectFinder {
    private static final char[] SEPARATORS = {',', ';', '\t', '|'};
    private static final int MAX_ROWS = 100;

    private DialectFinder() {}

    static Dialect find(String sample, boolean wholeFile, boolean byteOrderMark) {
        char separator = separator(sample, wholeFile);
        return new Dialect(separator, quoting(sample, separator), lineEnd(sample), byteOrderMark);
    }

    /** The separator that gives the most rows the header's number of cells; of equals the one that gives more cells. */
    private static char separator(String sample, boolean wholeFile) {
        char best = ',';
        double bestScore = 0;
        for (char candidate : SEPARATORS) {
            double score = score(sample, candidate, wholeFile);
            if (score > bestScore) {
                best = candidate;
                bestScore = score;
            }
        }
        return best;
    }

    private static double score(String sample, char separator, boolean wholeFile) {
        int cells = 0;
        int rows = 0;
        int alike = 0;
        try (CsvReader<CsvRecord> reader = reader(sample, separator)) {
            for (CsvRecord row : reader) {
                cells = rows == 0 ? row.getFieldCount() : cells;
                alike += row.getFieldCount() == cells ? 1 : 0;
                rows++;
                if (rows == MAX_ROWS) {
                    break;
                }
            }
        } catch (CsvParseException | IOException e) {
            return 0;
        }
        if (!wholeFile && rows > 1 && rows < MAX_ROWS) {
            // The last row of a sample may be cut off.
            alike = Math.min(alike + 1, rows);
        }
        return cells < 2 ? 0 : (double) alike / rows + Math.min(cells, 50) * 0.001;
    }

    private static CsvReader<CsvRecord> reader(String sample, char separator) {
        return CsvReader.builder()
                .fieldSeparator(separator)
                .allowExtraFields(true)
                .allowMissingFields(true)
                .allowExtraCharsAfterClosingQuote(true)
                .ofCsvRecord(sample);
    }

    /** Every cell of the first two lines must be quoted; a blank cell between two separators is not. */
    private static Quoting quoting(String sample, char separator) {
        boolean cellStart = true;
        boolean quoted = false;
        int lines = 0;
        for (int i = 0; i < sample.length() && lines < 2; i++) {
            char c = sample.charAt(i);
            if (cellStart && c != '"') {
                return Quoting.WHERE_NEEDED;
            }
            quoted ^= c == '"';
            boolean lineEnd = !quoted && (c == '\n' || c == '\r');
            if (lineEnd) {
                lines++;
                i += c == '\r' && i + 1 < sample.length() && sample.charAt(i + 1) == '\n' ? 1 : 0;
            }
            cellStart = lineEnd || !quoted && c == separator;
        }
        return lines > 0 ? Quoting.ALWAYS : Quoting.WHERE_NEEDED;
    }

    private static String lineEnd(String sample) {
        boolean quoted = false;
        for (int i = 0; i < sample.length(); i++) {
            char c = sample.charAt(i);
            if (c == '"') {
                quoted = !quoted;
            } else if (!quoted && c == '\n') {
                return "\n";
            } else if (!quoted && c == '\r') {
                return i + 1 < sample.length() && sample.charAt(i + 1) == '\n' ? "\r\n" : "\r";
            }
        }
        return "\n";
    }
}
