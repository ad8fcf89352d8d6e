/** An address as tokens, with what each may be in the eyes of one country, and with labels. */
@NullMarked
package io.inkwellsplit.address.text;

import org.jspecify.annotations.NullMarked;
