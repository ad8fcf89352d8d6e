package io.inkwellsplit.address;

import java.util.Map;

/** Numbers with bits, looked up without making an object. Immutable. */
final class LongTable {
    private static final long SPREAD = 0x9E37_79B9_7F4A_7C15L;

    private final long[] keys;
    private final long[] bits;
    private final int shift;

    /** @param entries numbers with their bits, which are never 0 */
    LongTable(Map<? extends Number, Long> entries) {
        int size = Integer.highestOneBit(Math.max(4, entries.size())) * 4;
        keys = new long[size];
        bits = new long[size];
        shift = Long.SIZE - Integer.numberOfTrailingZeros(size);
        entries.forEach((key, value) -> {
            int at = slot(key.longValue());
            keys[at] = key.longValue();
            bits[at] = value;
        });
    }

    private int slot(long key) {
        int at = (int) (key * SPREAD >>> shift);
        while (bits[at] != 0 && keys[at] != key) {
            at = at + 1 & keys.length - 1;
        }
        return at;
    }

    /** Returns the bits of a number; 0 if it has none. */
    long get(long key) {
        return bits[slot(key)];
    }
}
