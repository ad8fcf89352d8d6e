package io.inkwellsplit.reading;

/**
 * One feature that spoke for or against a reading.
 *
 * @param sentence what was seen, in plain words
 * @param weight how much it adds to the reading's score, in natural-log odds; negative speaks against it
 */
public record Reason(String sentence, double weight) {}
