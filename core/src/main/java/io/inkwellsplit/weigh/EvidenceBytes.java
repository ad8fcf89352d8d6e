package io.inkwellsplit.weigh;

import java.util.Arrays;
import java.util.Objects;
import org.jspecify.annotations.Nullable;

/**
 * The counts of an evidence as bytes: a letter for its kind, the totals, then how many counts are not nought, and these, each with
 * its distance from the one before. Numbers take seven bits a byte, the lowest first.
 */
public final class EvidenceBytes {
    private static final int VERSION = 1;

    private static final int[] NONE = {};

    private byte[] bytes = new byte[64];
    private int length;
    private int at;

    private EvidenceBytes() {}

    /** What was written: totals, and counts that may be missing altogether. */
    public record Counts(long[] totals, int @Nullable [] counts) {}

    /** Returns the bytes of totals and counts. */
    public static byte[] write(char kind, Counts all) {
        EvidenceBytes to = new EvidenceBytes();
        to.number(kind);
        to.number(VERSION);
        to.number(all.totals.length);
        for (long total : all.totals) {
            to.number(total);
        }
        int[] counts = all.counts == null ? NONE : all.counts;
        to.number(Arrays.stream(counts).filter(count -> count != 0).count());
        int last = -1;
        for (int i = 0; i < counts.length; i++) {
            if (counts[i] != 0) {
                to.number(i - last);
                to.number(counts[i]);
                last = i;
            }
        }
        return Arrays.copyOf(to.bytes, to.length);
    }

    private void number(long value) {
        for (long rest = value; ; rest >>>= 7) {
            if (length == bytes.length) {
                bytes = Arrays.copyOf(bytes, length * 2);
            }
            boolean more = rest >>> 7 != 0;
            bytes[length++] = (byte) (rest & 0x7F | (more ? 0x80 : 0));
            if (!more) {
                return;
            }
        }
    }

    /**
     * Reads them again.
     *
     * @param totals how many totals there have to be
     * @param size how many counts there may be
     * @throws IllegalArgumentException if they are not an evidence's of that kind
     */
    public static Counts read(char kind, byte[] bytes, int totals, int size) {
        EvidenceBytes from = new EvidenceBytes();
        from.bytes = bytes;
        from.length = bytes.length;
        if (from.next() != kind || from.next() != VERSION || from.next() != totals) {
            throw refuse();
        }
        long[] read = new long[totals];
        for (int i = 0; i < totals; i++) {
            read[i] = from.next();
        }
        long left = from.next();
        if (left < 0 || left > size) {
            throw refuse();
        }
        int[] counts = left == 0 ? null : new int[size];
        int place = -1;
        for (; left > 0; left--) {
            long gap = from.next();
            long count = from.next();
            if (gap < 1 || gap >= size - place || count < 1 || count > Integer.MAX_VALUE) {
                throw refuse();
            }
            place += (int) gap;
            Objects.requireNonNull(counts)[place] = (int) count;
        }
        if (from.at < from.length) {
            throw refuse();
        }
        return new Counts(read, counts);
    }

    private long next() {
        long value = 0;
        for (int shift = 0; shift < Long.SIZE; shift += 7) {
            if (at == length) {
                throw refuse();
            }
            byte part = bytes[at++];
            value |= (long) (part & 0x7F) << shift;
            if (part >= 0) {
                return value;
            }
        }
        throw refuse();
    }

    private static IllegalArgumentException refuse() {
        return new IllegalArgumentException("the bytes are not those of such an evidence");
    }
}
