package io.inkwellsplit.address;

import io.inkwellsplit.text.TokenKind;
import io.inkwellsplit.text.Tokens;

/** Labels what its own words give away wherever it stands: units, boxes, care-of and attention lines. */
final class Marks {
    private static final long FLOOR = Tokens.hashOfWord("floor");
    private static final long FL = Tokens.hashOfWord("fl");
    private static final long FLR = Tokens.hashOfWord("flr");

    private Marks() {}

    static void label(AddressText text) {
        for (int i = 0; i < text.count; i++) {
            if (!text.isFree(i)) {
                continue;
            }
            int end = line(text, i);
            if (end == i) {
                end = box(text, i);
            }
            if (end == i) {
                end = unit(text, i);
            }
            if (end > i) {
                i = end - 1;
            }
        }
    }

    /** {@code c/o Lindqvist}: up to the next comma, or to the house number where there is none. */
    private static int line(AddressText text, int i) {
        boolean careOf = text.lengthOf(i, AddressWords.CARE_OF) > 0;
        if (!careOf && text.lengthOf(i, AddressWords.ATTENTION) == 0) {
            return i;
        }
        int start = i + text.lengthOf(i, AddressWords.CARE_OF | AddressWords.ATTENTION);
        int end = start;
        while (end < text.count && !text.isComma(end) && !isNumberBehindName(text, start, end)) {
            end++;
        }
        if (end == start) {
            return i;
        }
        text.label(i, start, AddressText.ANNOUNCEMENT);
        text.label(start, end, careOf ? AddressPart.CARE_OF : AddressPart.RECIPIENT);
        return end;
    }

    private static boolean isNumberBehindName(AddressText text, int start, int at) {
        return at > start && text.is(at, TokenKind.NUMBER);
    }

    /** {@code PO Box 112}, {@code RR 2 Box 9}, {@code PSC 4 Box 77}. */
    private static int box(AddressText text, int i) {
        int end = i;
        while (end < text.count && text.isFree(end)) {
            int length = text.lengthOf(end, AddressWords.BOX);
            int id = end + length;
            if (text.isMark(id, '#')) {
                id++;
            }
            boolean numbered = length > 0 && (text.is(id, TokenKind.NUMBER) || isShortId(text, id));
            if (!numbered) {
                break;
            }
            end = id + 1;
        }
        if (end > i) {
            text.label(i, end, AddressPart.BOX);
        }
        return end;
    }

    /** {@code Apt B}, {@code #203}, {@code Flat 2/1}, {@code 2nd Floor}, {@code Fl 3 Rm 12}. */
    private static int unit(AddressText text, int i) {
        int end = i;
        while (end < text.count && text.isFree(end)) {
            int next = oneUnit(text, end);
            if (next == end) {
                break;
            }
            end = next;
        }
        if (end > i) {
            text.label(i, end, AddressPart.UNIT);
        }
        return end;
    }

    private static int oneUnit(AddressText text, int i) {
        if (text.isMark(i, '#') && text.isFreeWord(i + 1)) {
            return idEnd(text, i + 2);
        }
        int length = text.lengthOf(i, AddressWords.UNIT);
        if (length > 0) {
            int id = i + length;
            boolean sign = text.isMark(id, '#');
            id += sign ? 1 : 0;
            if (text.is(id, TokenKind.NUMBER) && text.isFree(id) || isShortId(text, id)) {
                return idEnd(text, id + 1);
            }
        }
        boolean ordinalBefore = text.is(i, TokenKind.NUMBER)
                && Character.isLetter(text.tokens.charAt(text.tokens.end(i) - 1))
                && text.isFree(i + 1)
                && isFloor(text, i + 1)
                && !text.is(i + 2, TokenKind.NUMBER)
                && !isShortId(text, i + 2);
        if (ordinalBefore) {
            return i + 2;
        }
        boolean alone = (text.lengthOf(i, AddressWords.UNIT_ALONE) == 1 || isFloorAndFlat(text, i))
                && (i == 0 || text.labels[i - 1] != AddressText.FREE)
                && (i + 1 == text.count || text.labels[i + 1] != AddressText.FREE);
        return alone ? i + 1 : i;
    }

    private static boolean isFloor(AddressText text, int i) {
        long hash = text.tokens.hash(i);
        return hash == FLOOR || hash == FL || hash == FLR;
    }

    /** {@code 2F1}: the first flat on the second floor, in Scotland. */
    private static boolean isFloorAndFlat(AddressText text, int i) {
        int start = text.tokens.start(i);
        return text.is(i, TokenKind.NUMBER)
                && text.tokens.letters(i) == 3
                && text.tokens.foldAt(start + 1) == 'f'
                && Character.isDigit(text.tokens.charAt(start + 2));
    }

    /** A slash and what is written against it go on with the number: {@code 2/1}. */
    private static int idEnd(AddressText text, int end) {
        if (text.isMark(end, '/')
                && text.tokens.isGlued(end)
                && text.isFreeWord(end + 1)
                && text.tokens.isGlued(end + 1)) {
            return end + 2;
        }
        return end;
    }

    private static boolean isShortId(AddressText text, int token) {
        return text.isFree(token)
                && text.lengthOf(token, AddressWords.BOX) == 0
                && text.tokens.isWord(token)
                && (text.tokens.letters(token) == 1 || text.tokens.hasDigit(token));
    }
}
