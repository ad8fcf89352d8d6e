/**
 * Splits columns of names and addresses into columns of their parts, and explains how a value was read.
 *
 * <p>Start from {@link io.inkwellsplit.table.split.SplitStep}. The column teaches: its rows are gone through once to learn its order,
 * its words and its towns, and then again to read each value in that light.
 *
 * <pre>{@code
 * SplitStep step = SplitStep.builder()
 *         .name("Patron")
 *         .address("Address")
 *         .corrections(Corrections.read(Path.of("corrections.csv")))
 *         .build();
 * }</pre>
 */
@NullMarked
package io.inkwellsplit.table.split;

import org.jspecify.annotations.NullMarked;
