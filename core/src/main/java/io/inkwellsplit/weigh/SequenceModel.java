package io.inkwellsplit.weigh;

import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.util.Arrays;

/**
 * Learned numbers of a linear-chain conditional random field: for each clue a row of weights, one for each label, and
 * for each pair of labels a weight of the second following the first.
 *
 * <p>Weights are whole numbers; {@link #SCALE} of them make one natural-log unit. A row is kept as one byte a label in
 * four longs, so that rows are added lane by lane without a loop over labels. Immutable.
 */
public final class SequenceModel {
    /** How many units make one natural-log unit. */
    public static final int SCALE = 32;

    /** How many labels there can be. */
    public static final int MOST_LABELS = 32;

    /**
     * How many kinds of separators there are between tokens: nothing but blanks, a comma, the end of a line, another sign; and
     * the same again for values in which labels follow one another in another way.
     */
    public static final int JOINTS = 8;

    /** The score of what cannot be. */
    public static final int NEVER = -1 << 20;

    static final int ROW = 4;
    static final int BIAS = 128;
    /** So many slots have one word of {@link #known}, and so four bits each: few clues share a bit. */
    private static final int SLOTS_A_WORD = 16;

    private static final int MAGIC = 0x494B5351;
    /** How many numbers stand before all others: what it is, how many labels, how many clues. */
    private static final int HEADER = 3;

    final int labels;
    /** By joint, label before and label. */
    final int[] transitions;

    final int[] starts;
    final int[] ends;
    /** The clues in open addressing, where 0 is an empty slot; small, as most of what is looked up is not there. */
    private final int[] keys;
    /** By slot, the number of the clue's row; an empty slot has the first row, which says nothing. */
    private final char[] numbers;

    private final long[] rows;
    /** A bit for each clue that has a row: small enough for the nearest cache, so that most of what has none costs no more. */
    private final long[] known;

    /**
     * @param clues the clues that have rows; none is 0
     * @param rowsOfClues by clue and label, from -127 to 127
     * @param transitions by joint, label before and label; {@link #NEVER} for what cannot be
     */
    public SequenceModel(int labels, int[] clues, byte[] rowsOfClues, int[] transitions, int[] starts, int[] ends) {
        this.labels = labels;
        this.transitions = transitions.clone();
        this.starts = starts.clone();
        this.ends = ends.clone();
        if (clues.length >= Character.MAX_VALUE) {
            throw new IllegalArgumentException("there is room for " + (Character.MAX_VALUE - 1) + " clues");
        }
        int size = Integer.highestOneBit(Math.max(8, clues.length)) * 4;
        keys = new int[size];
        numbers = new char[size];
        known = new long[size / SLOTS_A_WORD];
        rows = new long[(clues.length + 1) * ROW];
        // A weight of a byte is kept with its bias, which turns its first bit.
        Arrays.fill(rows, 0x8080808080808080L);
        for (int i = 0; i < clues.length; i++) {
            int slot = slot(clues[i]);
            if (clues[i] == 0 || keys[slot] != 0) {
                throw new IllegalArgumentException("the clue " + clues[i] + " is none, or stands twice");
            }
            keys[slot] = clues[i];
            known[word(clues[i])] |= 1L << clues[i];
            numbers[slot] = (char) (i + 1);
        }
        ByteBuffer row = ByteBuffer.allocate(ROW * Long.BYTES).order(ByteOrder.LITTLE_ENDIAN);
        for (int i = 0; i < clues.length; i++) {
            row.put(0, rowsOfClues, i * labels, labels);
            for (int lane = 0; lane < ROW; lane++) {
                rows[(i + 1) * ROW + lane] ^= row.getLong(lane * Long.BYTES);
            }
        }
    }

    /** Returns where a clue is, or where it would be. */
    private int slot(int clue) {
        int[] all = keys;
        int slot = clue * 0x9E3779B1 >>> 8 & all.length - 1;
        while (all[slot] != clue && all[slot] != 0) {
            slot = slot + 1 & all.length - 1;
        }
        return slot;
    }

    /** Returns where the row of a clue is; for an unknown one, where a row is that says nothing. */
    int row(int clue) {
        return (known[word(clue)] & 1L << clue) == 0 ? 0 : numbers[slot(clue)] * ROW;
    }

    private int word(int clue) {
        return clue * 0x9E3779B1 >>> 12 & known.length - 1;
    }

    long[] rows() {
        return rows;
    }

    /** Returns the weight of a label where a clue is; 0 for an unknown clue. */
    int weight(int clue, int label) {
        int row = row(clue);
        return (int) (rows[row + label / Long.BYTES] >>> label % Long.BYTES * Byte.SIZE & 0xFF) - BIAS;
    }

    /** Returns the weight of a label following another. */
    int transition(int joint, int before, int label) {
        return transitions[(joint * labels + before) * labels + label];
    }

    /** Returns the model as bytes, so that {@link #of} gives the same one; the same model gives the same bytes. */
    public byte[] toBytes() {
        int[] clues = Arrays.stream(keys).filter(clue -> clue != 0).sorted().toArray();
        int numbers = HEADER + transitions.length + starts.length + ends.length;
        ByteBuffer bytes = ByteBuffer.allocate(numbers * Integer.BYTES + clues.length * (Integer.BYTES + labels));
        bytes.putInt(MAGIC).putInt(labels).putInt(clues.length);
        for (int[] some : new int[][] {transitions, starts, ends}) {
            for (int number : some) {
                bytes.putInt(number);
            }
        }
        for (int clue : clues) {
            bytes.putInt(clue);
            for (int label = 0; label < labels; label++) {
                bytes.put((byte) weight(clue, label));
            }
        }
        return bytes.array();
    }

    /**
     * Returns the model that bytes hold.
     *
     * @param name what they are called in a refusal
     * @throws IllegalStateException if they are no whole model
     */
    public static SequenceModel of(byte[] bytes, String name) {
        ByteBuffer in = ByteBuffer.wrap(bytes);
        if (bytes.length < HEADER * Integer.BYTES || in.getInt() != MAGIC) {
            throw new IllegalStateException(name + " is no model");
        }
        int labels = in.getInt();
        int count = in.getInt();
        if (labels < 1 || labels > MOST_LABELS || count < 0 || bytes.length != size(labels, count)) {
            throw new IllegalStateException(name + " is no whole model");
        }
        int[] transitions = ints(in, JOINTS * labels * labels);
        int[] starts = ints(in, labels);
        int[] ends = ints(in, labels);
        int[] clues = new int[count];
        byte[] rows = new byte[count * labels];
        for (int i = 0; i < count; i++) {
            clues[i] = in.getInt();
            in.get(rows, i * labels, labels);
        }
        return new SequenceModel(labels, clues, rows, transitions, starts, ends);
    }

    private static long size(int labels, int count) {
        long numbers = HEADER + (JOINTS * labels + 2L) * labels;
        return numbers * Integer.BYTES + (long) count * (Integer.BYTES + labels);
    }

    private static int[] ints(ByteBuffer in, int count) {
        int[] ints = new int[count];
        for (int i = 0; i < count; i++) {
            ints[i] = in.getInt();
        }
        return ints;
    }
}
