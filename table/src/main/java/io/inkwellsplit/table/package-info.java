/**
 * Tables as streams of rows.
 *
 * <p>Start from {@link io.inkwellsplit.table.run.Run}, which carries rows from a source through steps into an output.
 *
 * <pre>{@code
 * try (CsvSource source = CsvSource.open(Path.of("patrons.csv"));
 *         CsvOutput output = CsvOutput.create(Path.of("split.csv"), source.dialect(), WhenThere.REFUSE)) {
 *     Run.of(source, List.of(SplitStep.builder().name("Patron").build())).into(output);
 * }
 * }</pre>
 */
@NullMarked
package io.inkwellsplit.table;

import org.jspecify.annotations.NullMarked;
