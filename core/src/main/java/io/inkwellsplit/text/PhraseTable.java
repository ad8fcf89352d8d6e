package io.inkwellsplit.text;

/**
 * Words and phrases with one number each, looked up by hash without making garbage.
 *
 * <p>A phrase is a chain: the hash of its words so far leads to the next. Words are compared as {@link Tokens#hash}
 * says. Two different words with the same 64-bit hash would be taken for one; among a million words that has a chance
 * of about one in thirty million. Immutable once {@link Builder#build built}.
 */
public final class PhraseTable {
    /** What a look-up returns where nothing stands. */
    public static final int NONE = 0;

    private final long[] keys;
    private final int[] values;
    private final boolean[] goesOn;
    private final int mask;

    private PhraseTable(Builder builder) {
        keys = builder.keys;
        values = builder.values;
        goesOn = builder.goesOn;
        mask = keys.length - 1;
    }

    static long mix(long hash, int value) {
        long h = (hash ^ value) * 0x9E3779B97F4A7C15L;
        return h ^ (h >>> 29);
    }

    /** Returns the hash of a phrase so far and one more word. */
    public static long chain(long phrase, long word) {
        long h = (Long.rotateLeft(phrase, 23) ^ word) * 0xC2B2AE3D27D4EB4FL;
        return h ^ (h >>> 31);
    }

    /** Returns the number of a word or of a chained phrase, or {@link #NONE}. */
    public int get(long hash) {
        int slot = slot(keys, mask, hash);
        return keys[slot] == hash ? values[slot] : NONE;
    }

    /**
     * Returns how many tokens from {@code from} on make the longest phrase of the table, or 0.
     *
     * @param end the first token that may not be used
     */
    public int longest(Tokens tokens, int from, int end) {
        long hash = tokens.hash(from);
        int best = 0;
        for (int i = from; ; ) {
            int slot = slot(keys, mask, hash);
            if (keys[slot] != hash) {
                return best;
            }
            if (values[slot] != NONE) {
                best = i - from + 1;
            }
            i++;
            if (i >= end || !goesOn[slot]) {
                return best;
            }
            hash = chain(hash, tokens.hash(i));
        }
    }

    /** Returns the number of the phrase of {@code length} tokens at {@code from}, or {@link #NONE}. */
    public int value(Tokens tokens, int from, int length) {
        long hash = tokens.hash(from);
        for (int i = 1; i < length; i++) {
            hash = chain(hash, tokens.hash(from + i));
        }
        return get(hash);
    }

    private static int slot(long[] keys, int mask, long hash) {
        int slot = (int) (hash >>> 17) & mask;
        while (keys[slot] != 0 && keys[slot] != hash) {
            slot = (slot + 1) & mask;
        }
        return slot;
    }

    /** Gathers phrases; reading a phrase and reading a value go through the same tokeniser, so they always agree. */
    public static final class Builder {
        private final Tokens tokens = new Tokens();
        private long[] keys;
        private int[] values;
        private boolean[] goesOn;
        private int used;
        /** Of the phrase added last. */
        private long last;

        /** @param expected about how many words will be added */
        public Builder(int expected) {
            int size = Integer.highestOneBit(Math.max(8, expected * 2 - 1)) * 2;
            keys = new long[size];
            values = new int[size];
            goesOn = new boolean[size];
        }

        /**
         * Adds a phrase.
         *
         * @return the number the phrase had before, or {@link #NONE}
         * @throws IllegalArgumentException if the phrase has no words
         */
        public int put(String phrase, int value) {
            tokens.read(phrase);
            if (tokens.count() == 0) {
                throw new IllegalArgumentException("a phrase without words");
            }
            long hash = tokens.hash(0);
            for (int i = 1; i < tokens.count(); i++) {
                int slot = claim(hash);
                goesOn[slot] = true;
                hash = chain(hash, tokens.hash(i));
            }
            int slot = claim(hash);
            int before = values[slot];
            values[slot] = value;
            last = hash;
            return before;
        }

        /**
         * Adds bits to the number of a phrase, and others to that of its first word where it has several.
         *
         * @throws IllegalArgumentException if the phrase has no words
         */
        public void merge(String phrase, int bits, int firstWordBits) {
            int before = put(phrase, bits);
            values[slot(keys, keys.length - 1, last)] |= before;
            if (tokens.count() > 1) {
                values[claim(tokens.hash(0))] |= firstWordBits;
            }
        }

        /** Adds bits to the number of a phrase's first word alone. */
        public void mergeFirstWord(String phrase, int bits) {
            tokens.read(phrase);
            values[claim(tokens.hash(0))] |= bits;
        }

        /** Returns the number of a phrase added before, or {@link #NONE}. */
        public int get(String phrase) {
            tokens.read(phrase);
            long hash = tokens.hash(0);
            for (int i = 1; i < tokens.count(); i++) {
                hash = chain(hash, tokens.hash(i));
            }
            int slot = slot(keys, keys.length - 1, hash);
            return keys[slot] == hash ? values[slot] : NONE;
        }

        private int claim(long hash) {
            if (used * 2 >= keys.length) {
                grow();
            }
            int slot = slot(keys, keys.length - 1, hash);
            if (keys[slot] == 0) {
                keys[slot] = hash;
                used++;
            }
            return slot;
        }

        private void grow() {
            long[] oldKeys = keys;
            int[] oldValues = values;
            boolean[] oldGoesOn = goesOn;
            keys = new long[oldKeys.length * 2];
            values = new int[keys.length];
            goesOn = new boolean[keys.length];
            for (int i = 0; i < oldKeys.length; i++) {
                if (oldKeys[i] != 0) {
                    int slot = slot(keys, keys.length - 1, oldKeys[i]);
                    keys[slot] = oldKeys[i];
                    values[slot] = oldValues[i];
                    goesOn[slot] = oldGoesOn[i];
                }
            }
        }

        /** Returns the table; the builder must not be used again. */
        public PhraseTable build() {
            return new PhraseTable(this);
        }
    }
}
