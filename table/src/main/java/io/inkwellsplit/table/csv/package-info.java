/**
 * Text tables with separators: reading in whatever dialect and encoding, writing in the same dialect.
 *
 * <p>Start from {@link io.inkwellsplit.table.csv.CsvSource} and {@link io.inkwellsplit.table.csv.CsvOutput}.
 */
@NullMarked
package io.inkwellsplit.table.csv;

import org.jspecify.annotations.NullMarked;
