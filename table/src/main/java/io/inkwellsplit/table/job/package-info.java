/**
 * Jobs: an input, steps in their order, and an output, as a model that a program can build, read, write and run.
 *
 * <pre>{@code
 * Job job = Job.reading(Path.of("singers.csv"))
 *         .step("split", step -> step.set("name", "Singer"))
 *         .step("sort", step -> step.set("by", "Last name"))
 *         .writing(Path.of("register.csv"));
 * JobRun.of(job).run();
 * }</pre>
 */
@NullMarked
package io.inkwellsplit.table.job;

import org.jspecify.annotations.NullMarked;
