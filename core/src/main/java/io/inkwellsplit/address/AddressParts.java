package io.inkwellsplit.address;

import io.inkwellsplit.reading.ReadingBuilder;
import io.inkwellsplit.text.TokenKind;

/** Turns a candidate's labels into the places of its parts, and cuts street and unit into their finer parts. */
final class AddressParts {
    private AddressParts() {}

    static void place(AddressText text, AddressCandidate candidate, ReadingBuilder builder) {
        byte[] labels = candidate.labels;
        for (int i = 0; i < text.count; ) {
            int end = runEnd(text, labels, i);
            int start = text.tokens.start(i);
            int stop = text.tokens.end(end - 1);
            if (labels[i] == AddressText.ANNOUNCEMENT) {
                builder.addAnnouncement(start, stop);
            } else if (labels[i] == AddressText.FREE) {
                builder.add(AddressPart.UNPLACED, start, stop);
            } else if (labels[i] >= 0) {
                AddressPart part = AddressPart.of(labels[i]);
                builder.add(part, start, stop);
                if (part == AddressPart.STREET) {
                    street(text, i, end, builder);
                } else if (part == AddressPart.UNIT) {
                    unit(text, i, end, builder);
                }
            }
            i = end;
        }
    }

    private static int runEnd(AddressText text, byte[] labels, int from) {
        int end = from + 1;
        if (labels[from] == AddressText.SEPARATOR) {
            return end;
        }
        while (end < text.count) {
            int next = end;
            while (next < text.count && labels[next] == AddressText.SEPARATOR && !text.isComma(next)) {
                next++;
            }
            if (next >= text.count || labels[next] != labels[from]) {
                break;
            }
            end = next + 1;
        }
        return end;
    }

    private static void street(AddressText text, int from, int end, ReadingBuilder builder) {
        int start = from;
        if (text.is(start, TokenKind.NUMBER)) {
            start++;
            // "221 1/2": a fraction goes on with the number.
            while (start + 1 < end && (text.isMark(start, '/') || text.isMark(start + 1, '/'))
                    || isFraction(text, start, end)) {
                start++;
            }
            add(text, from, start, AddressPart.NUMBER, builder);
        }
        int stop = end;
        if (stop - start > 2 && text.has(start, AddressWords.DIRECTION)) {
            add(text, start, start + 1, AddressPart.STREET_PREDIRECTION, builder);
            start++;
        }
        if (stop - start > 1 && text.has(stop - 1, AddressWords.DIRECTION)) {
            add(text, stop - 1, stop, AddressPart.STREET_POSTDIRECTION, builder);
            stop--;
        }
        if (stop - start > 1 && text.has(stop - 1, AddressWords.STREET_TYPE)) {
            add(text, stop - 1, stop, AddressPart.STREET_TYPE, builder);
            stop--;
        }
        if (stop > start) {
            add(text, start, stop, AddressPart.STREET_NAME, builder);
        }
    }

    private static boolean isFraction(AddressText text, int token, int end) {
        return token < end && text.isMark(token - 1, '/') && text.is(token, TokenKind.NUMBER);
    }

    private static void unit(AddressText text, int from, int end, ReadingBuilder builder) {
        int id = from;
        while (id < end && text.has(id, AddressWords.UNIT | AddressWords.UNIT_ALONE)) {
            id++;
        }
        if (id == from && end - from > 1 && text.has(end - 1, AddressWords.UNIT)) {
            add(text, from, end - 1, AddressPart.UNIT_ID, builder);
            add(text, end - 1, end, AddressPart.UNIT_WORD, builder);
            return;
        }
        if (id > from) {
            add(text, from, id, AddressPart.UNIT_WORD, builder);
        }
        int plain = id < end && text.isMark(id, '#') ? id + 1 : id;
        if (plain < end) {
            add(text, plain, end, AddressPart.UNIT_ID, builder);
        }
    }

    private static void add(AddressText text, int from, int end, AddressPart part, ReadingBuilder builder) {
        builder.add(part, text.tokens.start(from), text.tokens.end(end - 1));
    }
}
