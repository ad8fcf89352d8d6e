package io.inkwellsplit.address;

import io.inkwellsplit.reading.CandidatePool;
import io.inkwellsplit.text.TokenKind;

/**
 * Proposes how the head of an address, what stands before state and postcode, is cut into street, city and the rest.
 *
 * <p>One comma segment is the street; those before it are a recipient or a building, those behind it localities and the
 * city. A segment that holds street and city is cut at each place where it can be.
 */
final class HeadReader {
    private static final int MAX_SEGMENTS = 8;
    private static final int MAX_CITY_WORDS = 5;

    private final int[] starts = new int[MAX_SEGMENTS];
    private final int[] ends = new int[MAX_SEGMENTS];
    private int segments;

    void propose(AddressText text, CandidatePool<AddressCandidate> out) {
        cut(text);
        boolean hasBox = boxAt(text) >= 0;
        if (segments == 0 || hasBox) {
            withoutStreet(text, out);
        }
        for (int street = 0; street < segments; street++) {
            boolean last = street == segments - 1;
            if (!last) {
                atCommas(text, street, out);
            }
            if (last) {
                insideSegment(text, street, out);
                atCommas(text, street, out);
            }
        }
        if (out.size() == 0) {
            withoutStreet(text, out);
        }
    }

    /** Returns where a box stands; -1 if there is none. */
    private static int boxAt(AddressText text) {
        for (int i = 0; i < text.count; i++) {
            if (text.labels[i] == AddressPart.BOX.ordinal()) {
                return i;
            }
        }
        return -1;
    }

    /** Finds the comma segments that have free text; what follows too many of them stays free, so unplaced. */
    private void cut(AddressText text) {
        segments = 0;
        int start = 0;
        for (int i = 0; i <= text.count && segments < MAX_SEGMENTS; i++) {
            if (i == text.count || text.isComma(i)) {
                int from = start;
                int end = i;
                while (from < end && !text.isFree(from)) {
                    from++;
                }
                while (end > from && !text.isFree(end - 1)) {
                    end--;
                }
                if (from < end) {
                    starts[segments] = from;
                    ends[segments] = end;
                    segments++;
                }
                start = i + 1;
            }
        }
    }

    private void withoutStreet(AddressText text, CandidatePool<AddressCandidate> out) {
        AddressCandidate candidate = out.add().start(text);
        int box = boxAt(text);
        int heads = 0;
        while (heads < segments - 1 && ends[heads] <= box) {
            heads++;
        }
        heads(text, candidate, heads);
        places(text, candidate, heads);
        out.dropRepeat(text.count);
    }

    private void atCommas(AddressText text, int street, CandidatePool<AddressCandidate> out) {
        for (int number : new int[] {starts[street], numberInside(text, street)}) {
            if (number >= 0) {
                AddressCandidate candidate = out.add().start(text);
                heads(text, candidate, street);
                label(candidate, starts[street], number, AddressPart.BUILDING);
                label(candidate, number, ends[street], AddressPart.STREET);
                places(text, candidate, street + 1);
                out.dropRepeat(text.count);
            }
        }
    }

    /** Returns the first number behind the start of a segment, where a building and its street are not parted. */
    private int numberInside(AddressText text, int segment) {
        for (int i = starts[segment] + 1; i < ends[segment] - 1; i++) {
            if (text.isFree(i) && text.is(i, TokenKind.NUMBER)) {
                return i;
            }
        }
        return -1;
    }

    private void insideSegment(AddressText text, int street, CandidatePool<AddressCandidate> out) {
        int start = starts[street];
        int end = ends[street];
        int words = 0;
        for (int cut = end - 1; cut > start && words < MAX_CITY_WORDS; cut--) {
            if (!text.isFree(cut)) {
                // A unit between street and city leaves one place to cut.
                if (words > 0) {
                    break;
                }
                continue;
            }
            words++;
            if (text.is(cut, TokenKind.NUMBER)) {
                break;
            }
            for (int number : new int[] {start, numberInside(text, street)}) {
                if (number >= 0 && number < cut) {
                    AddressCandidate candidate = out.add().start(text);
                    candidate.cutAtComma = false;
                    heads(text, candidate, street);
                    label(candidate, start, number, AddressPart.RECIPIENT);
                    label(candidate, number, cut, AddressPart.STREET);
                    label(candidate, cut, end, AddressPart.CITY);
                    out.dropRepeat(text.count);
                }
            }
        }
    }

    /** Labels the segments before the street. */
    private void heads(AddressText text, AddressCandidate candidate, int street) {
        for (int i = 0; i < street; i++) {
            boolean building = hasBuildingWord(text, i) || i > 0;
            label(candidate, starts[i], ends[i], building ? AddressPart.BUILDING : AddressPart.RECIPIENT);
        }
    }

    private boolean hasBuildingWord(AddressText text, int segment) {
        return text.isBuilding(starts[segment], ends[segment]);
    }

    /** Labels the segments from one on: the last is the city, those before it are localities. */
    private void places(AddressText text, AddressCandidate candidate, int from) {
        for (int i = from; i < segments; i++) {
            label(candidate, starts[i], ends[i], i == segments - 1 ? AddressPart.CITY : AddressPart.LOCALITY);
        }
    }

    private static void label(AddressCandidate candidate, int from, int end, AddressPart part) {
        for (int i = from; i < end; i++) {
            if (candidate.labels[i] == AddressText.FREE) {
                candidate.labels[i] = (byte) part.ordinal();
            }
        }
    }
}
