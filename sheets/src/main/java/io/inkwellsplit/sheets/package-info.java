/**
 * Spreadsheets, read and written row by row: {@code .xlsx} (ECMA-376) and {@code .ods} (OpenDocument 1.3). Text stays text:
 * numbers, dates and truth values come as text that says the same.
 */
@NullMarked
package io.inkwellsplit.sheets;

import org.jspecify.annotations.NullMarked;
