/**
 * Hides what single values hold: masks, and pseudonyms that are the same for the same value.
 *
 * <p>Start from {@link io.inkwellsplit.hide.Mask}.
 */
@NullMarked
package io.inkwellsplit.hide;

import org.jspecify.annotations.NullMarked;
