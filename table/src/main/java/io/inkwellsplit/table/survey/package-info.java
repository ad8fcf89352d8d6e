/**
 * Looks at a table before anything is done to it: what each column holds, which shapes its values have, how they would be
 * read.
 *
 * <p>Start from {@link io.inkwellsplit.table.survey.Survey}:
 *
 * <pre>{@code
 * Survey survey = Survey.of(source);
 * survey.columns().get(1).holds();                       // NAMES
 * ReadColumn.of(source, survey.columns().get(1), Splitters.standard());    // orders, layers, doubts
 * }</pre>
 */
@NullMarked
package io.inkwellsplit.table.survey;

import org.jspecify.annotations.NullMarked;
