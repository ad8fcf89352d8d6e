/** Builds the lexicon and learns the weights that ship in {@code core}; see {@code docs/training.md}. */
@NullMarked
package io.inkwellsplit.training;

import org.jspecify.annotations.NullMarked;
