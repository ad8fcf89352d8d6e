package io.inkwellsplit.weigh;

import java.util.Map;

/**
 * One way to read a value, as the training program sees it.
 *
 * @param parts the plain parts by key, with the kind where it is not the usual one
 * @param features how much each feature was seen, in the order of the features
 */
public record Choice(Map<String, String> parts, double[] features) {}
