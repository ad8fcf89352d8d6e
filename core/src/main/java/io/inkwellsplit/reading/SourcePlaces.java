package io.inkwellsplit.reading;

/** The way back from a text whose letters were put together to the value that somebody wrote. */
public interface SourcePlaces {
    /**
     * {@return where in the value a place of the text is; {@code end} tells whether it is one behind a piece}
     *
     * @param place a place in the text that was read, from 0
     * @param end whether it is one behind a piece
     */
    int of(int place, boolean end);
}
