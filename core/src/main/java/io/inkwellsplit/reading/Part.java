package io.inkwellsplit.reading;

import java.util.List;

/**
 * One part of a reading, as it stands in the source.
 *
 * <p>In {@code Meulen, Odalys van der} the last name is {@code van der Meulen}, made of the places 15–22 and 0–6.
 *
 * @param <P> the keys of names or of addresses
 * @param key which part it is
 * @param text the part's text, its pieces joined by a blank where they stand apart
 * @param spans where the pieces stand in the source, in the order of the text
 */
public record Part<P extends PartKey>(P key, String text, List<Span> spans) {
    /**
     * Copies the list.
     *
     * @param key which part
     * @param text its text, as it is to be read
     * @param spans where its pieces stand in the source
     */
    public Part {
        spans = List.copyOf(spans);
    }
}
