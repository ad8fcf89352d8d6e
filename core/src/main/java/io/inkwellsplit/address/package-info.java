/**
 * Splits postal addresses into titled parts.
 *
 * <p>Start from {@link io.inkwellsplit.address.AddressSplitter}.
 *
 * <pre>{@code
 * Reading<AddressPart> reading = AddressSplitter.standard().split("445 Industrial Lane Apt B, Grass Valley, CO 05641");
 * reading.text(AddressPart.UNIT);   // "Apt B"
 * reading.text(AddressPart.CITY);   // "Grass Valley"
 * }</pre>
 */
@NullMarked
package io.inkwellsplit.address;

import org.jspecify.annotations.NullMarked;
