/**
 * The one place that knows which forms of tables can be read and written, by the ending of a file's name or its media type.
 *
 * <pre>{@code
 * try (TableInput patrons = Formats.shipped().open(Path.of("patrons.csv"), ReadSettings.STANDARD)) {
 *     patrons.header();
 * }
 * }</pre>
 */
@NullMarked
package io.inkwellsplit.table.format;

import org.jspecify.annotations.NullMarked;
