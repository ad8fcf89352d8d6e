/**
 * Text tables with separators: reading in whatever dialect and encoding, writing in the same dialect.
 *
 * <p>Start from {@link io.inkwellsplit.table.csv.CsvSource} and {@link io.inkwellsplit.table.csv.CsvOutput}. A source tells the encoding,
 * the separator, the quotes and the line ends from the beginning of the file, and can be gone through more than once; an output
 * appears when all of it is written. Nothing is trimmed, and a leading zero stays.
 *
 * <pre>{@code
 * try (CsvSource source = CsvSource.open(Path.of("members.csv"));
 *         CsvOutput output = CsvOutput.create(Path.of("split.csv"), source.dialect(), WhenThere.REFUSE)) {
 *     Run.of(source, List.of(SplitStep.builder().name("Member").build())).into(output);
 * }
 * }</pre>
 */
@NullMarked
package io.inkwellsplit.table.csv;

import org.jspecify.annotations.NullMarked;
