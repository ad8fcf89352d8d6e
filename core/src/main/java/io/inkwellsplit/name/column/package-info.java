/** What the names of a column have in common, in counts, and the orders in which names are written. */
@NullMarked
package io.inkwellsplit.name.column;

import org.jspecify.annotations.NullMarked;
