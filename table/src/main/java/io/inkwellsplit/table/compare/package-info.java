/**
 * Compares two tables of the same things, such as two runs or two months of a register.
 *
 * <p>Start from {@link io.inkwellsplit.table.compare.Comparison}:
 *
 * <pre>{@code
 * Comparison.of(lastMonth, thisMonth, List.of("Number")).writeTo(output);
 * }</pre>
 */
@NullMarked
package io.inkwellsplit.table.compare;

import org.jspecify.annotations.NullMarked;
