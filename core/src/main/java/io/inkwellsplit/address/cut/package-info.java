/**
 * The recognisers: parts of an address that give themselves away by a word or a form, and the finer parts of street and
 * unit.
 */
@NullMarked
package io.inkwellsplit.address.cut;

import org.jspecify.annotations.NullMarked;
