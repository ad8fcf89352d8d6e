package io.inkwellsplit.reading;

/**
 * A value that a part is likely to mean, such as a postcode with its leading zero.
 *
 * @param part the part, which stays as it is written
 * @param value what it should probably be
 */
public record Suggestion(PartKey part, String value) {}
