/**
 * Runs that try to break the product: made-up values by the million, kills, signals, full disks, a growing heap.
 *
 * <p>Start from {@link io.inkwellsplit.bench.reliability.Reliability}, or {@code scripts/reliability}.
 */
@NullMarked
package io.inkwellsplit.bench.reliability;

import org.jspecify.annotations.NullMarked;
