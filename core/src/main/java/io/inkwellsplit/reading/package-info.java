/**
 * What comes back from reading a value: parts with their places in the source, a confidence and doubts.
 *
 * <p>Start from {@link io.inkwellsplit.reading.Reading}.
 *
 * <pre>{@code
 * Reading<NamePart> reading = NameSplitter.standard().split("Dr. Ines Brandt");
 * reading.text(NamePart.LAST);   // "Brandt"
 * reading.confidence();          // 0.9…
 * }</pre>
 */
@NullMarked
package io.inkwellsplit.reading;

import org.jspecify.annotations.NullMarked;
