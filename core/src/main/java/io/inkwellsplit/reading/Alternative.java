package io.inkwellsplit.reading;

import java.util.List;

/**
 * One way of understanding a value, and why.
 *
 * @param kind what the text is taken for
 * @param parts its parts
 * @param probability from 0 to 1, among all ways in which the value was weighed; not yet calibrated
 * @param reasons the features that decided, strongest first
 */
public record Alternative(Kind kind, List<Part> parts, double probability, List<Reason> reasons) {
    /** Copies the lists. */
    public Alternative {
        parts = List.copyOf(parts);
        reasons = List.copyOf(reasons);
    }
}
