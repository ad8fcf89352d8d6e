/** What is known of the words of names: the lexicon, titles and particles, words of organisations, and layers. */
@NullMarked
package io.inkwellsplit.name.word;

import org.jspecify.annotations.NullMarked;
