package io.inkwellsplit.table.csv;

import io.inkwellsplit.table.Dialect;
import io.inkwellsplit.table.file.InputFile;
import java.nio.charset.Charset;

/**
 * A text table as it was found.
 *
 * @param file its bytes
 * @param charset its encoding
 * @param start how many bytes stand before the header: a byte-order mark, lines above it
 * @param linesBefore how many lines stand above the header
 * @param dialect how it is written
 * @param quotes what stands around quoted cells
 */
record CsvText(InputFile file, Charset charset, int start, int linesBefore, Dialect dialect, Quotes quotes) {
    /** Returns what messages call it. */
    String name() {
        return file.name();
    }
}
