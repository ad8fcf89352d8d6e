package io.inkwellsplit.table.run;

/**
 * Which rows of a long table are learned from: every one of the first fifty thousand, and of those behind one in sixteen.
 * They are strewn over the whole table, as it may be sorted by what is to be learned, and without a rhythm that the rows may
 * have, too. The number of a row alone decides, so that one thread and several learn the same.
 */
final class Sample {
    private static final long ALL_OF_THE_FIRST = 50_000;
    /** One in two to the power of this. */
    private static final int BITS = 4;

    /** The golden ratio as a fraction of 2^64: numbers in a row end up far apart. */
    private static final long SPREAD = 0x9E3779B97F4A7C15L;

    private Sample() {}

    /** Returns whether a row is in it, by its number from 1. */
    static boolean has(long row) {
        return row <= ALL_OF_THE_FIRST || (row * SPREAD) >>> (Long.SIZE - BITS) == 0;
    }
}
