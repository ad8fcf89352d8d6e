package io.inkwellsplit.weigh;

/**
 * What clues said for each label when they were last added up, kept under one number for all of them: most tokens of a
 * column stand among the same things as others did. A later one takes the place of an earlier one, so the memory stays as
 * large as it is; confined to one thread.
 */
final class RememberedSums {
    /** How many longs hold the sums of one token. */
    static final int WIDTH = 2 * SequenceModel.ROW;

    private static final int SIZE = 1 << 12;
    private static final int COUNT_BITS = 8;
    private static final int COUNT_MASK = (1 << COUNT_BITS) - 1;

    /** The number of what is kept, and in the low bits how many clues were added up. */
    private final long[] keys = new long[SIZE];

    final long[] sums = new long[SIZE * WIDTH];

    private static int slot(long alike) {
        return (int) (alike >>> COUNT_BITS) & SIZE - 1;
    }

    boolean has(long alike) {
        long key = keys[slot(alike)];
        return key != 0 && (key ^ alike) >>> COUNT_BITS == 0;
    }

    /** Returns where the sums of a number are in {@link #sums}, whether they are there yet or not. */
    static int at(long alike) {
        return slot(alike) * WIDTH;
    }

    int count(long alike) {
        return (int) keys[slot(alike)] & COUNT_MASK;
    }

    void put(long alike, int count) {
        keys[slot(alike)] = alike & ~COUNT_MASK | count;
    }
}
