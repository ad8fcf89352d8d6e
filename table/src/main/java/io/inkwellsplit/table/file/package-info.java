/**
 * Files that are read and written so that none is lost: inputs that must not change while they are read, outputs that
 * appear complete and together or not at all, and temporary files that nobody else can read.
 *
 * <p>Start from {@link io.inkwellsplit.table.file.FilePlan}.
 *
 * <pre>{@code
 * FilePlan plan = new FilePlan(WhenThere.REFUSE);
 * plan.reads("the table", Path.of("members.csv"));
 * plan.writes("the output", Path.of("split.csv"));
 * try (Delivery delivery = plan.open()) {
 *     delivery.write(Path.of("split.csv"), stream -> stream.write(bytes));
 *     delivery.publish();
 * }
 * }</pre>
 */
@NullMarked
package io.inkwellsplit.table.file;

import org.jspecify.annotations.NullMarked;
