/**
 * The operations on a table that a job is made of: cutting, taking, matching, assembling, tidying, sorting, grouping, counting.
 *
 * <p>A {@link io.inkwellsplit.table.step.Step} says what is wanted; bound to the titles of a table it becomes a
 * {@link io.inkwellsplit.table.step.BoundStep} that takes rows and hands rows on. Steps that make one row of each
 * ({@link io.inkwellsplit.table.step.RowWise}) run on several threads, with the same bytes as on one. A
 * {@link io.inkwellsplit.table.run.Run} carries rows through several of them.
 */
@NullMarked
package io.inkwellsplit.table.step;

import org.jspecify.annotations.NullMarked;
