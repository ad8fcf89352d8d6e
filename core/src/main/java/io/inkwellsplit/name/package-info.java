/**
 * Splits personal names into titled parts.
 *
 * <p>Start from {@link io.inkwellsplit.name.NameSplitter}.
 *
 * <pre>{@code
 * Reading<NamePart> reading = NameSplitter.standard().split("van der Meulen, Odalys W.");
 * reading.text(NamePart.LAST);     // "van der Meulen"
 * reading.text(NamePart.MIDDLE);   // "W."
 * }</pre>
 */
@NullMarked
package io.inkwellsplit.name;

import org.jspecify.annotations.NullMarked;
