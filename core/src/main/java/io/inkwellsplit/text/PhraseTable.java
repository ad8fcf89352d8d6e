package io.inkwellsplit.text;

import java.util.Arrays;
import org.jspecify.annotations.Nullable;

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

    /** Set in what stands behind a hash where phrases go on behind it. */
    private static final long GOES_ON = 1L << 32;

    private static final int BITS_A_WORD = 8;

    /** Hash and number, and hash and number: side by side, as most look-ups have to wait for the memory. */
    private final long[] slots;
    /** A bit for the hash of each first word: small enough to stay in the cache, so that most words need no more. */
    private final long[] starts;

    /** The same for last words. */
    private final long[] ends;

    private PhraseTable(Builder builder) {
        slots = builder.slots;
        starts = bits(builder.firsts, builder.startBits());
        ends = bits(builder.lasts, builder.endBits());
    }

    /** Returns a builder that starts with what stands here, and leaves this table as it is. */
    public Builder more() {
        return new Builder(this);
    }

    private static long[] bits(LongList words, long[] bits) {
        for (int i = 0; i < words.count; i++) {
            bits[(int) (words.all[i] >>> 20) & bits.length - 1] |= 1L << (words.all[i] >>> 50);
        }
        return bits;
    }

    private static boolean isIn(long[] bits, long hash) {
        return (bits[(int) (hash >>> 20) & bits.length - 1] & 1L << (hash >>> 50)) != 0;
    }

    /** Returns false only where no word or phrase ends in a word; a quick look before slower ones. */
    public boolean mayEnd(long hash) {
        return isIn(ends, hash);
    }

    /** Numbers that grow in number. */
    private static final class LongList {
        private long[] all = new long[64];
        private int count;

        void add(long one) {
            if (count == all.length) {
                all = Arrays.copyOf(all, 2 * count);
            }
            all[count++] = one;
        }
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
        return number(slots, hash);
    }

    /** As {@link #get} of a word, for texts of which most words are not in the table. */
    public int word(long hash) {
        return isIn(starts, hash) ? number(slots, hash) : NONE;
    }

    private static int number(long[] slots, long hash) {
        int slot = slot(slots, hash);
        return slots[slot] == hash ? (int) slots[slot + 1] : NONE;
    }

    /**
     * Returns how many tokens from {@code from} on make the longest phrase of the table, or 0.
     *
     * @param end the first token that may not be used
     */
    public int longest(Tokens tokens, int from, int end) {
        long hash = tokens.hash(from);
        if (!isIn(starts, hash)) {
            return 0;
        }
        int best = 0;
        for (int i = from; ; ) {
            int slot = slot(slots, hash);
            if (slots[slot] != hash) {
                return best;
            }
            if ((int) slots[slot + 1] != NONE) {
                best = i - from + 1;
            }
            i++;
            if (i >= end || (slots[slot + 1] & GOES_ON) == 0) {
                return best;
            }
            hash = chain(hash, tokens.hash(i));
        }
    }

    /** Returns the number of the phrase of {@code length} tokens at {@code from}, or {@link #NONE}. */
    public int value(Tokens tokens, int from, int length) {
        long hash = tokens.hash(from);
        if (!isIn(starts, hash) || length > 1 && !isIn(ends, tokens.hash(from + length - 1))) {
            return NONE;
        }
        for (int i = 1; i < length; i++) {
            hash = chain(hash, tokens.hash(from + i));
        }
        return get(hash);
    }

    private static int slot(long[] slots, long hash) {
        int mask = slots.length - 1;
        int slot = ((int) (hash >>> 17) << 1) & mask;
        while (slots[slot] != 0 && slots[slot] != hash) {
            slot = (slot + 2) & mask;
        }
        return slot;
    }

    /** Gathers phrases; reading a phrase and reading a value go through the same tokeniser, so they always agree. */
    public static final class Builder {
        private final Tokens tokens = new Tokens();
        private long[] slots;
        private final LongList firsts = new LongList();
        private final LongList lasts = new LongList();
        private int used;
        /** Of the phrase added last. */
        private long last;

        private final @Nullable PhraseTable base;

        private Builder(PhraseTable base) {
            this.base = base;
            slots = base.slots.clone();
            for (int i = 0; i < slots.length; i += 2) {
                used += slots[i] == 0 ? 0 : 1;
            }
        }

        private long[] startBits() {
            return base == null ? newBits() : base.starts.clone();
        }

        private long[] endBits() {
            return base == null ? newBits() : base.ends.clone();
        }

        private long[] newBits() {
            return new long[Math.max(1, Integer.highestOneBit(used) * BITS_A_WORD / Long.SIZE)];
        }

        /** @param expected about how many words will be added */
        public Builder(int expected) {
            base = null;
            int size = Integer.highestOneBit(Math.max(8, expected * 2 - 1)) * 2;
            slots = new long[size * 2];
        }

        /**
         * Adds a phrase.
         *
         * @return the number the phrase had before, or {@link #NONE}
         * @throws IllegalArgumentException if the phrase has no words
         */
        public int put(String phrase, int value) {
            if (isPlainWord(phrase)) {
                return putWord(Tokens.hashOfWord(phrase), value);
            }
            tokens.read(phrase);
            if (tokens.count() == 0) {
                throw new IllegalArgumentException("a phrase without words");
            }
            long hash = tokens.hash(0);
            firsts.add(hash);
            lasts.add(tokens.hash(tokens.count() - 1));
            for (int i = 1; i < tokens.count(); i++) {
                // Claimed first, as that may put larger slots in place of these.
                int slot = claim(hash);
                slots[slot + 1] |= GOES_ON;
                hash = chain(hash, tokens.hash(i));
            }
            int slot = claim(hash);
            int before = (int) slots[slot + 1];
            slots[slot + 1] = slots[slot + 1] & GOES_ON | Integer.toUnsignedLong(value);
            last = hash;
            if (isWrittenTogether()) {
                slot = claim(joined());
                slots[slot + 1] = slots[slot + 1] & GOES_ON | Integer.toUnsignedLong(value);
            }
            return before;
        }

        /** Most words are such, and need not be read to know their hash. */
        private static boolean isPlainWord(String phrase) {
            for (int i = 0; i < phrase.length(); i++) {
                if (phrase.charAt(i) < 'a' || phrase.charAt(i) > 'z') {
                    return false;
                }
            }
            return !phrase.isEmpty();
        }

        private int putWord(long hash, int value) {
            firsts.add(hash);
            lasts.add(hash);
            int slot = claim(hash);
            int before = (int) slots[slot + 1];
            slots[slot + 1] = slots[slot + 1] & GOES_ON | Integer.toUnsignedLong(value);
            last = hash;
            return before;
        }

        /** Several Chinese, Japanese or Korean characters, which may be read as one word as well. */
        private boolean isWrittenTogether() {
            boolean together = tokens.count() > 1 && tokens.isIdeograph(0);
            for (int i = 1; together && i < tokens.count(); i++) {
                together = tokens.isIdeograph(i) && tokens.isGlued(i);
            }
            return together;
        }

        private long joined() {
            long hash = tokens.hash(tokens.start(0), tokens.end(tokens.count() - 1));
            firsts.add(hash);
            lasts.add(hash);
            return hash;
        }

        /**
         * Adds bits to the number of a phrase, and others to that of its first word where it has several.
         *
         * @throws IllegalArgumentException if the phrase has no words
         */
        public void merge(String phrase, int bits, int firstWordBits) {
            int before = put(phrase, bits);
            addBits(slot(slots, last), before);
            if (isPlainWord(phrase)) {
                return;
            }
            if (isWrittenTogether()) {
                addBits(claim(joined()), before);
            }
            if (tokens.count() > 1) {
                addBits(claim(tokens.hash(0)), firstWordBits);
            }
        }

        /** Adds bits to the number of a phrase's first word alone. */
        public void mergeFirstWord(String phrase, int bits) {
            tokens.read(phrase);
            firsts.add(tokens.hash(0));
            lasts.add(tokens.hash(0));
            addBits(claim(tokens.hash(0)), bits);
        }

        private void addBits(int slot, int bits) {
            slots[slot + 1] |= Integer.toUnsignedLong(bits);
        }

        /** Returns the number of a phrase added before, or {@link #NONE}. */
        public int get(String phrase) {
            tokens.read(phrase);
            long hash = tokens.hash(0);
            for (int i = 1; i < tokens.count(); i++) {
                hash = chain(hash, tokens.hash(i));
            }
            return number(slots, hash);
        }

        private int claim(long hash) {
            if (used * 4 >= slots.length) {
                grow();
            }
            int slot = slot(slots, hash);
            if (slots[slot] == 0) {
                slots[slot] = hash;
                used++;
            }
            return slot;
        }

        private void grow() {
            long[] old = slots;
            slots = new long[old.length * 2];
            for (int i = 0; i < old.length; i += 2) {
                if (old[i] != 0) {
                    int slot = slot(slots, old[i]);
                    slots[slot] = old[i];
                    slots[slot + 1] = old[i + 1];
                }
            }
        }

        /** Returns the table; the builder must not be used again. */
        public PhraseTable build() {
            return new PhraseTable(this);
        }
    }
}
