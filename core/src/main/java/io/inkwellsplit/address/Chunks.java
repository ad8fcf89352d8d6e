package io.inkwellsplit.address;

import java.util.Set;

/**
 * The runs of free text of an address, between commas, line ends and what is labelled at its ends. Units and the like
 * inside a run do not part it. A number by itself belongs to the street beside it. A buffer, reused for every value.
 */
final class Chunks {
    /** What follows more chunks than these stays free, and so unplaced. */
    static final int MOST = 9;

    /** By label: whether it parts runs; units, boxes and receivers do not. */
    private static final boolean[] PARTING = new boolean[AddressPart.values().length];

    static {
        for (AddressPart part : Set.of(
                AddressPart.POSTCODE,
                AddressPart.STATE,
                AddressPart.COUNTY,
                AddressPart.LOCALITY,
                AddressPart.BUILDING,
                AddressPart.CITY,
                AddressPart.COUNTRY)) {
            PARTING[part.ordinal()] = true;
        }
    }

    final int[] starts = new int[MOST];
    final int[] ends = new int[MOST];
    int count;

    void cut(AddressText text) {
        count = 0;
        int start = -1;
        int end = -1;
        for (int i = 0; i <= text.count && count < MOST; i++) {
            if (i == text.count || parts(text, i)) {
                if (start >= 0) {
                    add(text, start, end);
                }
                start = -1;
            } else if (text.isFree(i)) {
                start = start < 0 ? i : start;
                end = i + 1;
            }
        }
    }

    private static boolean parts(AddressText text, int i) {
        return text.isComma(i) || text.labels[i] >= 0 && PARTING[text.labels[i]];
    }

    private void add(AddressText text, int start, int end) {
        boolean joins = count > 0 && onlyCommasBetween(text, ends[count - 1], start);
        if (joins && isNumberBehind(text, start, end) || joins && isNumberBefore(text, start, end)) {
            ends[count - 1] = end;
        } else {
            starts[count] = start;
            ends[count] = end;
            count++;
        }
    }

    /** {@code Rua Augusta, 123}: a number alone belongs to the street before it that has none at its end. */
    private boolean isNumberBehind(AddressText text, int start, int end) {
        if (!isNumberAlone(text, start, end) || isNumberAlone(text, starts[count - 1], ends[count - 1])) {
            return false;
        }
        if (text.country.numberFirst) {
            // Where numbers come first it belongs to what follows, if that is a street without one.
            int next = text.nextFree(end);
            boolean followed = next < text.count && onlyCommasBetween(text, end, next);
            boolean behindStreet = hasStreetWord(text, starts[count - 1], ends[count - 1]);
            return (!followed || behindStreet) && !hasNumber(text, starts[count - 1], ends[count - 1]);
        }
        return !text.isNumber(ends[count - 1] - 1) || text.lengthOf(start, AddressWord.NUMBER_SIGN) > 0;
    }

    private static boolean hasStreetWord(AddressText text, int from, int end) {
        for (int i = from; i < end; i++) {
            if (text.lengthOf(i, AddressWord.ANY_STREET) > 0) {
                return true;
            }
        }
        return false;
    }

    /** {@code 23, Linking Road}. */
    private boolean isNumberBefore(AddressText text, int start, int end) {
        boolean front = text.country.numberFirst
                || text.lengthOf(start, AddressWord.STREET_HEAD) > 0 && !text.isNumber(end - 1);
        return front
                && isNumberAlone(text, starts[count - 1], ends[count - 1])
                && !isNumberAlone(text, start, end)
                && !text.isNumber(start);
    }

    /** Between a street and its number nothing but commas and units stands. */
    private static boolean onlyCommasBetween(AddressText text, int from, int to) {
        for (int i = from; i < to; i++) {
            if (!text.isComma(i) && !text.isLabelled(i, AddressPart.UNIT) && text.labels[i] != AddressText.SEPARATOR) {
                return false;
            }
        }
        return true;
    }

    /** {@code 123}, {@code nº 5}, {@code 12 bis}, {@code s/n}. */
    private static boolean isNumberAlone(AddressText text, int from, int end) {
        boolean number = false;
        for (int i = from; i < end; i++) {
            int noNumber = text.lengthOf(i, AddressWord.NO_NUMBER);
            if (noNumber > 0) {
                number = true;
                i += noNumber - 1;
            } else if (text.isNumber(i)) {
                number = true;
            } else if (text.isFree(i)
                    && text.lengthOf(i, AddressWord.NUMBER_SIGN | AddressWord.NUMBER_ADDITION) == 0
                    && !text.isMark(i, '/')
                    && !(number && text.tokens.letters(i) == 1)) {
                return false;
            }
        }
        return number;
    }

    static boolean hasNumber(AddressText text, int from, int end) {
        for (int i = from; i < end; i++) {
            if (text.isNumber(i) && text.isFree(i)) {
                return true;
            }
        }
        return false;
    }
}
