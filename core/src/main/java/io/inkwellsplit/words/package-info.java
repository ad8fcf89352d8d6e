/**
 * Words of one's own: titles, trade words, towns, names that the shipped data do not know.
 *
 * <pre>{@code
 * OwnWords words = OwnWords.read(Path.of("quayside-words.txt"));
 * NameSplitter names = NameSplitter.standard().withWords(words);
 * }</pre>
 */
@NullMarked
package io.inkwellsplit.words;

import org.jspecify.annotations.NullMarked;
