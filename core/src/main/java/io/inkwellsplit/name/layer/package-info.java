/** What stands around a name and gives itself away by its words: trusts, roles, care of, nicknames in brackets. */
@NullMarked
package io.inkwellsplit.name.layer;

import org.jspecify.annotations.NullMarked;
