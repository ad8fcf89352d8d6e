/** Addresses of a usual make, whose parts are known by what kinds of words stand in them. */
@NullMarked
package io.inkwellsplit.address.outline;

import org.jspecify.annotations.NullMarked;
