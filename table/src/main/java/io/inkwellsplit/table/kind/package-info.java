/**
 * What a step of a job can be, by name and settings: the one declaration from which commands, job files and their schema are
 * made.
 *
 * <pre>{@code
 * StepKind sort = StepKinds.named("sort");
 * Step step = sort.step(Values.of(sort, List.of(new Values.Given("by", "Last name"))), List.of());
 * }</pre>
 */
@NullMarked
package io.inkwellsplit.table.kind;

import org.jspecify.annotations.NullMarked;
