/**
 * The titles of columns of parts, and the parts of a row found by them.
 *
 * <p>Start from {@link io.inkwellsplit.table.part.PartTitles}.
 */
@NullMarked
package io.inkwellsplit.table.part;

import org.jspecify.annotations.NullMarked;
