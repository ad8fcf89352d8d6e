/**
 * Puts the parts of names and addresses back together: full names by ready-made patterns or by the conventions of a
 * language, and addresses as labels.
 *
 * <p>Start from {@link io.inkwellsplit.assemble.ReadyPattern}, {@link io.inkwellsplit.assemble.NameFormatter} and
 * {@link io.inkwellsplit.assemble.AddressLabel}:
 *
 * <pre>{@code
 * PersonName person = PersonName.of(NameSplitter.standard().split("Dr. Odalys Wren van der Meulen"));
 * ReadyPattern.named("index-core").format(person);                                  // Meulen, Odalys W. van der
 * NameFormatter.in(Locale.GERMAN).format(person, NameStyle.parse("short-formal"));  // O. W. van der Meulen
 * }</pre>
 */
@NullMarked
package io.inkwellsplit.assemble;

import org.jspecify.annotations.NullMarked;
