package io.inkwellsplit.address.weigh;

import io.inkwellsplit.address.place.Country;
import io.inkwellsplit.address.text.AddressText;
import io.inkwellsplit.reading.AddressPart;
import io.inkwellsplit.weigh.SequenceDecoder;
import io.inkwellsplit.weigh.SequenceModel;
import java.util.Arrays;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;

/**
 * What holds for an address as a whole, which labels that know only their neighbours cannot see: it has one city, one
 * region, one postcode and one country, and the only place that is written is the city. A buffer, reused for every value.
 */
public final class WholeRules {
    /** The parts that stand once. */
    private static final AddressPart[] ONCE = {
        AddressPart.CITY, AddressPart.POSTCODE, AddressPart.STATE, AddressPart.COUNTRY, AddressPart.COUNTY
    };

    /** A way that is less probable than the best by more than this factor, as a logarithm, is not taken for the sake of a city. */
    private static final int MOST_FOR_CITY = 6 * SequenceModel.SCALE;

    private static final int CITY = AddressLabels.bits(AddressPart.CITY);
    private static final int LOCALITY = AddressLabels.bits(AddressPart.LOCALITY);
    private static final int REGION = AddressLabels.bits(AddressPart.STATE, AddressPart.COUNTY);
    private static final int MOST_MENDED = 6;
    private static final int MOST_STRETCHES = 3;
    /** Ways with less than this share together change no confidence. */
    private static final double LEAST_RIVAL = 0.002;

    private static final double LEAST_REST = 1e-6;
    /** A longer value is no address, and is not read again. */
    private static final int MOST_TOKENS = 40;

    /** What is tried in turn not to be what it was taken for, so that it can be the city. */
    private static final List<Set<AddressPart>> MAY_BE_CITY = List.of(
            EnumSet.of(AddressPart.LOCALITY),
            EnumSet.of(AddressPart.STATE, AddressPart.COUNTY),
            EnumSet.of(AddressPart.LOCALITY, AddressPart.STATE, AddressPart.COUNTY),
            EnumSet.of(AddressPart.COUNTRY));

    private byte[] other = new byte[32];
    private byte[] better = new byte[32];
    private int[] shut = new int[32];
    private AddressClues clues = new AddressClues();
    private int broken;
    private boolean lacksCity;

    /** Returns whether a labelling keeps the rules. */
    public boolean hold(byte[] path, AddressClues seen, Country country) {
        clues = seen;
        int count = seen.count();
        if (count > MOST_TOKENS) {
            return true;
        }
        broken = twice(path, count);
        lacksCity = broken < 0 && !country.cityIsCountry && isLackingCity(path, count);
        return broken < 0 && !lacksCity;
    }

    private static int twice(byte[] path, int count) {
        for (AddressPart part : ONCE) {
            int stretches = 0;
            for (int k = 0; k < count; k++) {
                stretches += path[k] == AddressLabels.begin(part) ? 1 : 0;
            }
            if (stretches > 1) {
                return part.ordinal();
            }
        }
        return -1;
    }

    private static boolean hasCity(byte[] path, int count) {
        for (int k = 0; k < count; k++) {
            if (path[k] == AddressLabels.begin(AddressPart.CITY)) {
                return true;
            }
        }
        return false;
    }

    private boolean isLackingCity(byte[] path, int count) {
        if (hasCity(path, count)) {
            return false;
        }
        boolean place = false;
        for (int k = 0; k < count; k++) {
            int part = path[k] / 2;
            boolean region = part == AddressPart.STATE.ordinal() || part == AddressPart.COUNTY.ordinal();
            place |= region && clues.mayBeTown(k)
                    || part == AddressPart.LOCALITY.ordinal()
                    || part == AddressPart.COUNTRY.ordinal() && clues.isTown(k);
        }
        return place;
    }

    /** Puts the best labelling that keeps the rules in place of one that does not; returns its score. */
    public int mend(SequenceDecoder decoder, byte[] path, int count, int score) {
        if (other.length < count) {
            other = new byte[2 * count];
            better = new byte[2 * count];
        }
        int best = score;
        for (int times = 0; broken >= 0 && times < MOST_MENDED; times++) {
            best = once(decoder, path, count, AddressText.part(broken));
            broken = twice(path, count);
        }
        return lacksCity || isLackingCity(path, count) ? withCity(decoder, path, count, best) : best;
    }

    /** Keeps one stretch of a part, the one that leaves the most probable rest, and forbids the others from now on. */
    private int once(SequenceDecoder decoder, byte[] path, int count, AddressPart part) {
        int top = Integer.MIN_VALUE;
        double sum = Double.NEGATIVE_INFINITY;
        int begin = AddressLabels.begin(part);
        int keptFrom = 0;
        int keptEnd = 0;
        int stretches = 0;
        for (int kept = 0; kept < count; kept++) {
            if (path[kept] != begin || ++stretches > MOST_STRETCHES) {
                continue;
            }
            int end = kept + 1;
            while (end < count && path[end] == begin + 1) {
                end++;
            }
            forbid(decoder, path, count, kept, end, begin, SequenceModel.NEVER);
            int score = decoder.best(other);
            sum = logOfSum(sum, decoder.sum());
            forbid(decoder, path, count, kept, end, begin, -SequenceModel.NEVER);
            if (score > top) {
                top = score;
                keptFrom = kept;
                keptEnd = end;
            }
        }
        forbid(decoder, path, count, keptFrom, keptEnd, begin, SequenceModel.NEVER);
        // What has the part at several places cannot be, so it is no rival.
        decoder.sumIs(Math.min(sum, decoder.logSum()));
        return decoder.best(path);
    }

    /** Forbids a part at its stretches outside a run, or allows it again. */
    private static void forbid(
            SequenceDecoder decoder, byte[] path, int count, int from, int to, int begin, int score) {
        for (int k = 0; k < count; k++) {
            if ((k < from || k >= to) && (path[k] == begin || path[k] == begin + 1)) {
                decoder.add(k, begin, score);
                decoder.add(k, begin + 1, score);
            }
        }
    }

    private int withCity(SequenceDecoder decoder, byte[] path, int count, int before) {
        int top = before - MOST_FOR_CITY;
        boolean found = false;
        for (Set<AddressPart> parts : MAY_BE_CITY) {
            forbid(decoder, path, count, parts, SequenceModel.NEVER);
            int score = decoder.best(other);
            forbid(decoder, path, count, parts, -SequenceModel.NEVER);
            if (score > top && !isLackingCity(other, count) && twice(other, count) < 0) {
                top = score;
                found = true;
                System.arraycopy(other, 0, better, 0, count);
            }
        }
        if (!found) {
            return before;
        }
        System.arraycopy(better, 0, path, 0, count);
        decoder.best(other);
        return top;
    }

    /** What has no city though it names a place cannot be, so it is no rival of a labelling that has one. */
    public void leaveOutWithoutCity(SequenceDecoder decoder, byte[] path, AddressClues clues, Country country) {
        int count = clues.count();
        if (count > MOST_TOKENS || country.cityIsCountry || !hasCity(path, count)) {
            return;
        }
        if (shut.length < count) {
            shut = new int[2 * count];
        }
        Arrays.fill(shut, 0, count, CITY);
        double withoutCity = decoder.shareWithout(shut);
        if (withoutCity < LEAST_RIVAL) {
            return;
        }
        for (int k = 0; k < count; k++) {
            shut[k] |= clues.mayBeTown(k) ? LOCALITY | REGION : LOCALITY;
        }
        double rest = 1 - withoutCity + decoder.shareWithout(shut);
        if (rest > LEAST_REST) {
            decoder.sumIs(decoder.logSum() + StrictMath.log(rest));
        }
    }

    private static double logOfSum(double a, double b) {
        double top = Math.max(a, b);
        return top + StrictMath.log(StrictMath.exp(a - top) + StrictMath.exp(b - top));
    }

    /** Forbids what the places of a labelling are taken for, or allows it again. */
    private static void forbid(SequenceDecoder decoder, byte[] path, int count, Set<AddressPart> parts, int score) {
        for (int k = 0; k < count; k++) {
            int begin = path[k] & ~1;
            if (begin < AddressLabels.ANNOUNCED && parts.contains(AddressText.part(begin / 2))) {
                decoder.add(k, begin, score);
                decoder.add(k, begin + 1, score);
            }
        }
    }
}
