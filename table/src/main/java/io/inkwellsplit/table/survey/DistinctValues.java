package io.inkwellsplit.table.survey;

/** Counts different values by their hashes, up to a number; small, as a table has many columns. */
final class DistinctValues {
    private static final int FIRST = 1 << 10;

    private final int most;
    /** In open addressing; an empty slot is 0. */
    private long[] slots = new long[FIRST];

    private int size;

    DistinctValues(int most) {
        this.most = most;
    }

    /** Takes a value into account; once there are as many as are counted, no more. */
    void add(long hash) {
        if (size == most) {
            return;
        }
        int slot = slot(slots, hash);
        if (slots[slot] == 0) {
            slots[slot] = hash == 0 ? 1 : hash;
            size++;
            if (2 * size > slots.length) {
                grow();
            }
        }
    }

    private void grow() {
        long[] larger = new long[2 * slots.length];
        for (long hash : slots) {
            if (hash != 0) {
                larger[slot(larger, hash)] = hash;
            }
        }
        slots = larger;
    }

    private static int slot(long[] slots, long hash) {
        long wanted = hash == 0 ? 1 : hash;
        int slot = (int) (wanted * 0x9E3779B97F4A7C15L >>> 32) & slots.length - 1;
        while (slots[slot] != 0 && slots[slot] != wanted) {
            slot = slot + 1 & slots.length - 1;
        }
        return slot;
    }

    int size() {
        return size;
    }
}
