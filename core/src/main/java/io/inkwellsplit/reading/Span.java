package io.inkwellsplit.reading;

/**
 * A run of {@code char}s of the source.
 *
 * @param start index of the first, from 0
 * @param end index behind the last
 */
public record Span(int start, int end) {
    /** @throws IllegalArgumentException if the span is reversed or starts before 0 */
    public Span {
        if (start < 0 || end < start) {
            throw new IllegalArgumentException("no span from " + start + " to " + end);
        }
    }

    /** Returns whether a character is in both. */
    public boolean overlaps(Span other) {
        return start < other.end && other.start < end;
    }

    @Override
    public String toString() {
        return start + "-" + end;
    }
}
