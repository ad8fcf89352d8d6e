package io.inkwellsplit.address.cut;

import io.inkwellsplit.address.place.AddressWord;
import io.inkwellsplit.address.text.AddressText;

/** Where the finer parts of a street are; every end is exclusive, and an empty part has its start at its end. */
public final class StreetCut {
    private int numberStart;
    private int numberEnd;
    private int nameStart;
    private int nameEnd;
    private int typeStart;
    private int typeEnd;
    private int before;
    private int behind;

    public StreetCut of(AddressText text, int from, int end) {
        before = -1;
        behind = -1;
        numberStart = from;
        numberEnd = from;
        nameStart = from;
        nameEnd = end;
        int front = numberAtFront(text, from, end);
        if (front > from) {
            numberStart = numberSign(text, from, front);
            numberEnd = front;
            nameStart = front;
        } else {
            numberAtEnd(text, from, end);
        }
        while (nameStart < nameEnd && text.isComma(nameStart)) {
            nameStart++;
        }
        while (nameEnd > nameStart && text.isComma(nameEnd - 1)) {
            nameEnd--;
        }
        typeStart = nameEnd;
        typeEnd = nameEnd;
        directionsAndType(text);
        return this;
    }

    private void directionsAndType(AddressText text) {
        if (nameEnd - nameStart > 2 && text.has(nameStart, AddressWord.DIRECTION)) {
            before = nameStart++;
        }
        int start = Math.min(nameStart, text.count() - 1);
        boolean opened = text.lengthOf(start, AddressWord.STREET_OPENER) > 0;
        int head = opened ? 0 : text.lengthOf(start, AddressWord.STREET_HEAD);
        boolean mayFollow = head == 0 || text.country().numberFirst && nameEnd - nameStart > head + 1;
        if (nameEnd - nameStart > 1 && text.has(nameEnd - 1, AddressWord.DIRECTION) && mayFollow) {
            behind = --nameEnd;
        }
        if (nameEnd - nameStart > 1
                && !opened
                && text.has(nameEnd - 1, AddressWord.STREET_TYPE)
                && (head == 0 || text.country().numberFirst)) {
            typeStart = nameEnd - 1;
            typeEnd = nameEnd;
            nameEnd--;
        } else if (head > 0 && nameEnd - nameStart > head) {
            typeStart = nameStart;
            typeEnd = nameStart + head;
            nameStart += head;
        }
    }

    private static int numberAtFront(AddressText text, int from, int end) {
        int start = numberSign(text, from, end);
        if (start >= end || !text.isNumber(start)) {
            return from;
        }
        int i = start + 1;
        // "221 1/2", "12 bis": a fraction or an addition goes on with the number.
        while (i < end
                && (text.isMark(i, '/')
                        || text.isMark(i - 1, '/')
                        || i + 1 < end && text.isMark(i + 1, '/') && text.isNumber(i)
                        || text.isMark(i, '-')
                        || text.isMark(i - 1, '-')
                        || i + 1 < end && text.lengthOf(i, AddressWord.NUMBER_ADDITION) == 1)) {
            i++;
        }
        return i;
    }

    private static int numberSign(AddressText text, int from, int end) {
        int i = from;
        while (i < end && !text.isNumber(i) && text.lengthOf(i, AddressWord.NUMBER_SIGN) > 0) {
            i += text.lengthOf(i, AddressWord.NUMBER_SIGN);
        }
        while (i > from && i < end && (text.isMark(i, ':') || text.isMark(i, '#'))) {
            i++;
        }
        return i < end && text.isNumber(i) ? i : from;
    }

    /** The last number with what goes on behind it, and the sign before it. */
    private void numberAtEnd(AddressText text, int from, int end) {
        int none = end;
        for (int i = from + 1; i < end; i++) {
            if (text.lengthOf(i, AddressWord.NO_NUMBER) > 0 && i + text.lengthOf(i, AddressWord.NO_NUMBER) == end) {
                none = i;
                break;
            }
        }
        if (none < end) {
            numberStart = none;
            numberEnd = end;
            nameEnd = none;
            return;
        }
        int first = end;
        for (int i = from + 1; i < end; i++) {
            if (text.isNumber(i) && restIsNumber(text, i, end)) {
                first = i;
                break;
            }
        }
        if (first == end) {
            return;
        }
        numberStart = first;
        numberEnd = end;
        nameEnd = first;
        while (nameEnd - 1 > from
                && (text.lengthOf(nameEnd - 1, AddressWord.NUMBER_SIGN) == 1
                        || text.isMark(nameEnd - 1, ':')
                        || text.isMark(nameEnd - 1, '#'))) {
            nameEnd--;
        }
    }

    private static boolean restIsNumber(AddressText text, int from, int end) {
        for (int i = from; i < end; i++) {
            boolean goesOn = text.isNumber(i)
                    || text.isMark(i, '/')
                    || text.isMark(i, '-')
                    || text.tokens.letters(i) == 1
                    || text.lengthOf(i, AddressWord.NUMBER_ADDITION) > 0;
            if (!goesOn) {
                return false;
            }
        }
        return true;
    }

    boolean hasNumber() {
        return numberEnd > numberStart;
    }

    public int numberStart() {
        return numberStart;
    }

    public int numberEnd() {
        return numberEnd;
    }

    public int nameStart() {
        return nameStart;
    }

    public int nameEnd() {
        return nameEnd;
    }

    public int typeStart() {
        return typeStart;
    }

    public int typeEnd() {
        return typeEnd;
    }

    public int before() {
        return before;
    }

    public int behind() {
        return behind;
    }
}
