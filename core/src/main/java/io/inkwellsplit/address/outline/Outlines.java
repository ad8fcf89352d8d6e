package io.inkwellsplit.address.outline;

import io.inkwellsplit.data.Resources;
import java.nio.ByteBuffer;
import java.util.SortedMap;
import java.util.TreeMap;

/**
 * The heads and ends of addresses that the decoder labels alike and without a doubt, whatever words stand in them, each with
 * these labels. Who finds both of an address here need not weigh it. Learned by the training program; immutable.
 */
public final class Outlines {
    /** Knows none. */
    public static final Outlines NONE = of(toBytes(new TreeMap<>()), "none");

    /** What is known of one head or end: how sure the decoder was on the average, and the label of each token. */
    public record Known(float confidence, byte[] labels) {}

    private static final int MAGIC = 0x494B4F4C;
    private static final int HEADER = 2 * Integer.BYTES;
    /** What an outline takes beside its labels: its number, how sure it is, how many labels. */
    private static final int EACH = Long.BYTES + Float.BYTES + 1;

    private static final long SPREAD = 0x9E3779B97F4A7C15L;

    /** The numbers in open addressing. */
    private final long[] numbers;
    /** By slot, where in the bytes an outline's confidence stands; 0 is an empty slot. */
    private final int[] places;

    private final ByteBuffer bytes;

    private Outlines(ByteBuffer bytes, int count) {
        this.bytes = bytes;
        int size = Integer.highestOneBit(Math.max(4, count)) * 4;
        numbers = new long[size];
        places = new int[size];
    }

    private static final class Shipped {
        static final Outlines OUTLINES = of(Resources.bytes(Outlines.class, "outlines.bin"), "outlines.bin");
    }

    /** Returns those that were learned. */
    public static Outlines shipped() {
        return Shipped.OUTLINES;
    }

    private int slot(long number) {
        int slot = (int) (number * SPREAD >>> 40) & numbers.length - 1;
        while (places[slot] != 0 && numbers[slot] != number) {
            slot = slot + 1 & numbers.length - 1;
        }
        return slot;
    }

    /**
     * Labels an address by its outline.
     *
     * @param labels takes the label of each token that is no separator
     * @return how sure the decoder is on the average where the outline is this; 0 where it is not known
     */
    public double label(Outline outline, byte[] labels) {
        int head = places[slot(outline.head())];
        int end = head == 0 ? 0 : places[slot(outline.end())];
        int headTokens = outline.headTokens();
        if (end == 0 || bytes.get(head + Float.BYTES) != headTokens) {
            return 0;
        }
        copy(head, labels, 0);
        copy(end, labels, headTokens);
        return (bytes.getFloat(head) + bytes.getFloat(end)) / 2;
    }

    private void copy(int place, byte[] into, int at) {
        int from = place + Float.BYTES;
        bytes.get(from + 1, into, at, bytes.get(from));
    }

    /**
     * Returns outlines as bytes, so that {@link #of} gives the same; the same outlines give the same bytes.
     *
     * @param all what is known, by the numbers of {@link Outline}
     */
    public static byte[] toBytes(SortedMap<Long, Known> all) {
        int size = HEADER;
        for (Known one : all.values()) {
            size += EACH + one.labels().length;
        }
        ByteBuffer bytes = ByteBuffer.allocate(size).putInt(MAGIC).putInt(all.size());
        all.forEach((number, one) -> bytes.putLong(number)
                .putFloat(one.confidence())
                .put((byte) one.labels().length)
                .put(one.labels()));
        return bytes.array();
    }

    /**
     * Returns what bytes hold.
     *
     * @param name what they are called in a refusal
     * @throws IllegalStateException if they are no outlines, or not all of them
     */
    public static Outlines of(byte[] bytes, String name) {
        ByteBuffer in = ByteBuffer.wrap(bytes);
        if (bytes.length < HEADER || in.getInt() != MAGIC) {
            throw new IllegalStateException(name + " holds no outlines");
        }
        int count = in.getInt();
        Outlines outlines = new Outlines(in.duplicate(), count);
        for (int i = 0; i < count; i++) {
            if (in.remaining() < EACH) {
                throw new IllegalStateException(name + " does not hold all its outlines");
            }
            long number = in.getLong();
            int slot = outlines.slot(number);
            outlines.numbers[slot] = number;
            outlines.places[slot] = in.position();
            int behind = in.position() + Float.BYTES + 1 + in.get(in.position() + Float.BYTES);
            if (behind > in.limit()) {
                throw new IllegalStateException(name + " does not hold all its outlines");
            }
            in.position(behind);
        }
        if (in.hasRemaining()) {
            throw new IllegalStateException(name + " holds more than its outlines");
        }
        return outlines;
    }
}
