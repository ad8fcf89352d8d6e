/** Measures speed and accuracy; {@code docs/performance.md} and {@code docs/accuracy.md} hold what it printed. */
@NullMarked
package io.inkwellsplit.bench;

import org.jspecify.annotations.NullMarked;
