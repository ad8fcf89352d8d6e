package io.inkwellsplit.address.place;

import java.util.BitSet;
import java.util.Map;

/** Numbers with the countries, by index, that know them; looked up without making an object. Immutable. */
final class CountryTable {
    private static final long SPREAD = 0x9E37_79B9_7F4A_7C15L;
    private static final int[] NONE = {};

    private final long[] keys;
    private final int[][] countries;
    private final int shift;

    /** @param entries numbers with their countries, which are one at least */
    CountryTable(Map<? extends Number, BitSet> entries) {
        int size = Integer.highestOneBit(Math.max(4, entries.size())) * 4;
        keys = new long[size];
        countries = new int[size][];
        shift = Long.SIZE - Integer.numberOfTrailingZeros(size);
        entries.forEach((key, set) -> {
            int at = slot(key.longValue());
            keys[at] = key.longValue();
            countries[at] = indexes(set);
        });
    }

    /** Returns the countries of a set; one and the same object for none. */
    static int[] indexes(BitSet set) {
        return set.isEmpty() ? NONE : set.stream().toArray();
    }

    private int slot(long key) {
        int at = (int) (key * SPREAD >>> shift);
        while (countries[at] != null && keys[at] != key) {
            at = at + 1 & keys.length - 1;
        }
        return at;
    }

    /** Returns the countries of a number; none if it has none. Not to be changed. */
    int[] get(long key) {
        int[] found = countries[slot(key)];
        return found == null ? NONE : found;
    }
}
