/**
 * Writes a table of parts as contacts: vCard 4.0, jCard and schema.org JSON-LD.
 *
 * <p>Start from {@link io.inkwellsplit.table.contact.ContactOutput}:
 *
 * <pre>{@code
 * try (ContactOutput cards = ContactOutput.create(Path.of("choir.vcf"), ContactFormat.VCARD, REFUSE, aside)) {
 *     Run.of(split, List.of()).into(cards);
 * }
 * }</pre>
 */
@NullMarked
package io.inkwellsplit.table.contact;

import org.jspecify.annotations.NullMarked;
