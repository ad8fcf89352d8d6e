/** A name as tokens, with what is known of each, and with labels. */
@NullMarked
package io.inkwellsplit.name.text;

import org.jspecify.annotations.NullMarked;
