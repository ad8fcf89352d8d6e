package io.inkwellsplit.table.split;

/**
 * Which rows of a long table are learned from. What is split in a row gives it a level, by chance but always the same: three
 * quarters of all rows have the level 0, three quarters of the rest 1, and so on. Of a table of up to a hundred thousand rows
 * all are learned from, of a longer one those of a level that is as much higher. Neither the place of a row nor how the table is
 * parted among threads or machines makes a difference.
 */
final class Levels {
    static final int COUNT = 4;

    private static final int BITS = 2;
    private static final long ALL_OF = 100_000;
    /** The golden ratio as a fraction of 2^64: what is alike ends up far apart. */
    private static final long SPREAD = 0x9E3779B97F4A7C15L;

    private Levels() {}

    /** Returns the level of a row, by a number that is made of what is split in it. */
    static int of(long number) {
        long hash = (number ^ number >>> 32) * SPREAD;
        hash = (hash ^ hash >>> 29) * SPREAD;
        return Math.min(COUNT - 1, Long.numberOfTrailingZeros(hash >>> 32) / BITS);
    }

    /** Returns the lowest level that is learned from in a table of so many rows. */
    static int lowest(long rows) {
        int level = 0;
        while (level < COUNT - 1 && rows >> BITS * level > ALL_OF) {
            level++;
        }
        return level;
    }
}
