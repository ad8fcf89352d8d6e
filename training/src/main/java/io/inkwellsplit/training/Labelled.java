package io.inkwellsplit.training;

import java.util.Map;

/**
 * A text and what it should become.
 *
 * @param text the value
 * @param format what kind of value it is, for reports
 * @param parts the plain parts by key, and {@code kind} where it is not a person; empty for a blank
 */
public record Labelled(String text, String format, Map<String, String> parts) {}
