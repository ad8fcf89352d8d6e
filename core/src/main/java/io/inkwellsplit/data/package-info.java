/**
 * The data files that ship with the code, and the one loader that reads them.
 *
 * <p>Start from {@link io.inkwellsplit.data.Resources}.
 */
@NullMarked
package io.inkwellsplit.data;

import org.jspecify.annotations.NullMarked;
