/** What speaks for each candidate: features, learned weights, and the reasons in words. */
@NullMarked
package io.inkwellsplit.name.weigh;

import org.jspecify.annotations.NullMarked;
