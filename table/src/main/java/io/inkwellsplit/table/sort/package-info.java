/**
 * Sorting of tables that may be larger than memory.
 *
 * <p>Start from {@link io.inkwellsplit.table.sort.RowSorter} and {@link io.inkwellsplit.table.sort.SortKey}.
 */
@NullMarked
package io.inkwellsplit.table.sort;

import org.jspecify.annotations.NullMarked;
