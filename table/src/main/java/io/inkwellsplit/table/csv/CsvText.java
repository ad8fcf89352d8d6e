package io.inkwellsplit.table.csv;

import java.nio.charset.Charset;
import java.nio.file.Path;

/**
 * A text table as it was found.
 *
 * @param name what messages call it
 * @param file where it is
 * @param charset its encoding
 * @param markLength how many bytes of byte-order mark it starts with
 * @param dialect how it is written
 */
record CsvText(String name, Path file, Charset charset, int markLength, Dialect dialect) {}
