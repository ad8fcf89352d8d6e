package io.inkwellsplit.reading;

import java.util.List;

/**
 * One way of understanding a value, and why.
 *
 * @param <P> the keys of names or of addresses
 * @param kind what the text is taken for
 * @param parts its parts
 * @param share from 0 to 1, its share among all ways in which the value was weighed; it is not calibrated, so it is no
 *     confidence
 * @param reasons the features that decided, strongest first
 */
public record Alternative<P extends PartKey>(Kind kind, List<Part<P>> parts, double share, List<Reason> reasons) {
    /**
     * Copies the lists.
     *
     * @param kind what the value is by this way
     * @param parts its parts, in the order of their keys
     * @param share how much of the model's belief this way has, 0 to 1
     * @param reasons what speaks for and against it, the weightiest first
     */
    public Alternative {
        parts = List.copyOf(parts);
        reasons = List.copyOf(reasons);
    }

    /** {@return this way as one whose parts have keys of any kind; see {@link Reading#ofAnyKind}} */
    @SuppressWarnings("unchecked") // It cannot be changed.
    public Alternative<PartKey> ofAnyKind() {
        return (Alternative<PartKey>) this;
    }
}
