/** Conditions on the rows of a table, written in words: {@code Voice is one of Alto, Bass}. */
@NullMarked
package io.inkwellsplit.table.where;

import org.jspecify.annotations.NullMarked;
