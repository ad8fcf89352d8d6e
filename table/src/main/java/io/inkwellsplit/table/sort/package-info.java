/**
 * Sorting of tables that may be larger than memory.
 *
 * <p>Start from {@link io.inkwellsplit.table.sort.SortKey}, which makes bytes of a cell whose order is the order wanted (of a language,
 * of numbers, exact), and {@link io.inkwellsplit.table.sort.RowSorter}, which takes rows with such keys and hands them out in their
 * order; what does not fit into memory waits in temporary files that nobody else can read.
 *
 * <pre>{@code
 * RowSorter sorter = new RowSorter();
 * ByteArrayOutputStream key = new ByteArrayOutputStream();
 * SortKey.text(Locale.ENGLISH).add("Thorne", Direction.RISING, key);
 * sorter.add(key.toByteArray(), List.of("1", "Thorne"));
 * sorter.drain((bytes, cells) -> System.out.println(cells));
 * }</pre>
 */
@NullMarked
package io.inkwellsplit.table.sort;

import org.jspecify.annotations.NullMarked;
