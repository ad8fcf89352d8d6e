/** Which country an address is in. */
@NullMarked
package io.inkwellsplit.address.guess;

import org.jspecify.annotations.NullMarked;
