/** The ways to cut a name into parts, as candidates. */
@NullMarked
package io.inkwellsplit.name.cut;

import org.jspecify.annotations.NullMarked;
