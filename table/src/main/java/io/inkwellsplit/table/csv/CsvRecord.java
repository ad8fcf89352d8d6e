package io.inkwellsplit.table.csv;

import java.util.List;

/**
 * One record of a text table.
 *
 * @param line where it begins, counted from 1
 * @param cells as they are written
 * @param endsQuoted whether its last cell is in quotes
 */
record CsvRecord(long line, List<String> cells, boolean endsQuoted) {}
