/**
 * What names and addresses share below their readings: candidates, what they weigh, learned weights, and evidence as bytes.
 *
 * <p>Start from {@link io.inkwellsplit.weigh.CandidatePool}.
 */
@NullMarked
package io.inkwellsplit.weigh;

import org.jspecify.annotations.NullMarked;
