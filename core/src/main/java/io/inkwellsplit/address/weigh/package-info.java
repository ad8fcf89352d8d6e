/**
 * What speaks for each part: clues for every token, labels, learned weights, and the rules that hold for a reading as a
 * whole.
 */
@NullMarked
package io.inkwellsplit.address.weigh;

import org.jspecify.annotations.NullMarked;
