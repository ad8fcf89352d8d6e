package io.inkwellsplit.reading;

/**
 * A value that a part is likely to mean, such as a postcode with its leading zero.
 *
 * @param <P> the keys of names or of addresses
 * @param part the part, which stays as it is written
 * @param value what it should probably be
 */
public record Suggestion<P extends PartKey>(P part, String value) {}
