/** What the addresses of a column have in common, in counts. */
@NullMarked
package io.inkwellsplit.address.column;

import org.jspecify.annotations.NullMarked;
