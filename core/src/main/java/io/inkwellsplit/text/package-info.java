/**
 * Text as tokens: the first two stages of the way of a value.
 *
 * <p>Start from {@link io.inkwellsplit.text.Tokens}; words and phrases are looked up in place with
 * {@link io.inkwellsplit.text.PhraseTable}. This package is not exported: it is the machinery, not the API.
 *
 * <pre>{@code
 * Tokens tokens = new Tokens();
 * tokens.read("Dr. Ines Brandt");   // three words, the first one dotted
 * }</pre>
 */
@NullMarked
package io.inkwellsplit.text;

import org.jspecify.annotations.NullMarked;
