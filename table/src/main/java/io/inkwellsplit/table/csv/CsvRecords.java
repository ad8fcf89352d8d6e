package io.inkwellsplit.table.csv;

import de.siegmar.fastcsv.reader.AbstractBaseCsvCallbackHandler;
import io.inkwellsplit.table.TableException;
import io.inkwellsplit.table.TableException.Problem;
import java.util.ArrayList;
import java.util.List;

/** Makes records of what the parser finds; tells, too, whether a record ends in a quoted cell. */
final class CsvRecords extends AbstractBaseCsvCallbackHandler<CsvRecord> {
    /** As many as the usual spreadsheet programs take. */
    static final int MOST_CELLS = 16_384;

    private List<String> cells = new ArrayList<>();
    private int usual = 16;
    private long line;
    private boolean endsQuoted;
    private final long linesBefore;

    /** @param linesBefore how many lines stand above the first one that is parsed */
    CsvRecords(long linesBefore) {
        this.linesBefore = linesBefore;
    }

    @Override
    protected void handleBegin(long startingLine) {
        line = startingLine + linesBefore;
        cells = new ArrayList<>(usual);
        endsQuoted = false;
    }

    @Override
    protected void handleField(int index, char[] text, int from, int length, boolean quoted) {
        if (index >= MOST_CELLS) {
            throw new TableException(
                    Problem.INPUT, "The row at line " + line + " has more than " + MOST_CELLS + " cells.");
        }
        cells.add(length == 0 ? "" : new String(text, from, length));
        endsQuoted = quoted;
    }

    @Override
    protected void handleEmpty() {
        cells.add("");
    }

    @Override
    protected CsvRecord buildRecord() {
        usual = Math.max(1, cells.size());
        return new CsvRecord(line, cells, endsQuoted);
    }
}
