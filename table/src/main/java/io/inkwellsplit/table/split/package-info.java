/**
 * Splits columns of names and addresses into columns of their parts, and explains how a value was read.
 *
 * <p>Start from {@link io.inkwellsplit.table.split.SplitStep}.
 */
@NullMarked
package io.inkwellsplit.table.split;

import org.jspecify.annotations.NullMarked;
