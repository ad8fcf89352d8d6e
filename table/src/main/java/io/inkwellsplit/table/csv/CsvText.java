package io.inkwellsplit.table.csv;

import io.inkwellsplit.table.Dialect;
import io.inkwellsplit.table.file.InputFile;
import java.nio.charset.Charset;

/**
 * A text table as it was found.
 *
 * @param file its bytes
 * @param charset its encoding
 * @param markLength how many bytes of byte-order mark it starts with
 * @param dialect how it is written
 */
record CsvText(InputFile file, Charset charset, int markLength, Dialect dialect) {
    /** Returns what messages call it. */
    String name() {
        return file.name();
    }
}
