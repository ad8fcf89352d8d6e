/**
 * Parquet files as tables to read and to write. Nothing has to be called: where this module is there, every command, job and
 * {@link io.inkwellsplit.table.format.Formats} know files in {@code .parquet}.
 */
@NullMarked
package io.inkwellsplit.parquet;

import org.jspecify.annotations.NullMarked;
