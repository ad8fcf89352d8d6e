/**
 * The titles of columns of parts, in several vocabularies, and the parts of a row found again by them.
 *
 * <p>Start from {@link io.inkwellsplit.table.part.PartTitles}: the same part is <em>Last name</em> for people, {@code last} for programs,
 * {@code family-name} for web forms. {@link io.inkwellsplit.table.part.UsualTitles} knows what others call it ({@code Surname},
 * {@code Zip}), so that a table which was split elsewhere can be put together here.
 */
@NullMarked
package io.inkwellsplit.table.part;

import org.jspecify.annotations.NullMarked;
