/**
 * The operations on a table that a job is made of.
 *
 * <p>Start from {@link io.inkwellsplit.table.split.SplitStep} and {@link io.inkwellsplit.table.step.AssembleStep}.
 */
@NullMarked
package io.inkwellsplit.table.step;

import org.jspecify.annotations.NullMarked;
