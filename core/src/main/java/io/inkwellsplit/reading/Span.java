package io.inkwellsplit.reading;

/**
 * A run of {@code char}s of the source.
 *
 * @param start index of the first, from 0
 * @param end index behind the last
 */
public record Span(int start, int end) {
    /**
     *
     *
     * @param start its first character, from 0
     * @param end the one behind its last
     * @throws IllegalArgumentException if the span is reversed or starts before 0
     */
    public Span {
        if (start < 0 || end < start) {
            throw new IllegalArgumentException("no span from " + start + " to " + end);
        }
    }

    /**
     * {@return whether a character is in both}
     *
     * @param other another span of the same text
     */
    public boolean overlaps(Span other) {
        return start < other.end && other.start < end;
    }

    @Override
    public String toString() {
        return start + "-" + end;
    }
}
