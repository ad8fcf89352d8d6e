/**
 * Conditions on the rows of a table, written in words: {@code Voice is one of Alto, Bass}.
 *
 * <p>Start from {@link io.inkwellsplit.table.where.Conditions} and {@link io.inkwellsplit.table.where.RowsStep}.
 *
 * <pre>{@code
 * Conditions both = Conditions.parse(List.of("Voice is Alto", "Singer is filled"), Conditions.Join.ALL);
 * RowsStep altos = RowsStep.keeping(both);
 * }</pre>
 */
@NullMarked
package io.inkwellsplit.table.where;

import org.jspecify.annotations.NullMarked;
