/**
 * Carries the rows of a table through steps, on all cores, with the same result as on one.
 *
 * <p>Start from {@link io.inkwellsplit.table.run.Run}.
 *
 * <pre>{@code
 * Run.of(source, List.of(split)).into(output);
 * }</pre>
 */
@NullMarked
package io.inkwellsplit.table.run;

import org.jspecify.annotations.NullMarked;
