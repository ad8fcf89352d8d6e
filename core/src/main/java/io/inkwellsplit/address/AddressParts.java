package io.inkwellsplit.address;

import io.inkwellsplit.address.cut.StreetCut;
import io.inkwellsplit.address.place.AddressWord;
import io.inkwellsplit.address.text.AddressText;
import io.inkwellsplit.reading.AddressPart;
import io.inkwellsplit.reading.ReadingBuilder;
import io.inkwellsplit.text.TokenKind;

/** Turns the labels of a text into the places of its parts, and cuts street and unit into their finer parts. */
final class AddressParts {
    /** A shorter word with a dot may be an abbreviation. */
    private static final int LEAST_WHOLE_WORD = 5;

    private AddressParts() {}

    static void place(AddressText text, StreetCut cut, ReadingBuilder<AddressPart> builder) {
        for (int i = 0; i < text.count(); ) {
            int end = text.runEnd(i);
            int start = text.tokens.start(i);
            int stop = stop(text, i, end);
            if (text.label(i) == AddressText.ANNOUNCEMENT) {
                builder.addAnnouncement(start, stop);
            } else if (text.label(i) == AddressText.FREE || text.label(i) == AddressText.SEPARATOR && text.isSign(i)) {
                builder.add(AddressPart.UNPLACED, start, stop);
            } else if (text.label(i) >= 0) {
                AddressPart part = AddressText.part(text.label(i));
                builder.add(part, start, endsInFullStop(text, part, end) ? stop - 1 : stop);
                if (part == AddressPart.STREET) {
                    street(text, cut.of(text, i, end), builder);
                } else if (part == AddressPart.UNIT) {
                    unit(text, i, end, builder);
                }
            }
            i = end;
        }
        tail(text, builder);
    }

    /** Whether a dot ends the sentence: no postcode has one, nor has a long word at the very end. */
    private static boolean endsInFullStop(AddressText text, AddressPart part, int end) {
        int last = end - 1;
        boolean place = part == AddressPart.CITY || part == AddressPart.COUNTRY;
        return text.tokens.isDotted(last)
                && (part == AddressPart.POSTCODE
                        || place && end == text.count() && text.tokens.letters(last) >= LEAST_WHOLE_WORD);
    }

    /** What stands behind the address: who receives, and else what no part can claim. */
    private static void tail(AddressText text, ReadingBuilder<AddressPart> builder) {
        int from = text.count();
        int careOf = text.tailCareOf();
        for (int i = from; i < text.tailEnd(); ) {
            int end = i + 1;
            if (i == careOf) {
                end = text.tailReceiver();
                builder.addAnnouncement(text.tokens.start(i), text.tokens.end(end - 1));
            } else if (!isSeparator(text, i)) {
                while (end < text.tailEnd() && end != careOf && !isComma(text, end)) {
                    end++;
                }
                int last = end - 1;
                while (isSeparator(text, last)) {
                    last--;
                }
                boolean receives = careOf >= 0 && i == text.tailReceiver();
                builder.add(
                        receives ? AddressPart.CARE_OF : AddressPart.UNPLACED,
                        text.tokens.start(i > from && closes(text, i, last) ? i - 1 : i),
                        text.tokens.end(last));
            }
            i = end;
        }
    }

    /** Whether what stands open before a piece is shut in it: {@code (802) 555-0142}. */
    private static boolean closes(AddressText text, int i, int last) {
        boolean closes = false;
        for (int k = i; k <= last && text.tokens.is(i - 1, TokenKind.OPEN); k++) {
            closes |= text.tokens.is(k, TokenKind.CLOSE);
        }
        return closes;
    }

    private static boolean isComma(AddressText text, int i) {
        return text.tokens.is(i, TokenKind.COMMA) || text.tokens.is(i, TokenKind.BREAK);
    }

    private static boolean isSeparator(AddressText text, int i) {
        boolean says = text.tokens.isWord(i) || text.tokens.is(i, TokenKind.NUMBER) || text.isSign(i);
        return !says;
    }

    /** A bracket that opens inside a part closes in it: {@code Taiwan (R.O.C.)}. */
    private static int stop(AddressText text, int from, int end) {
        boolean open = false;
        for (int i = from + 1; i < end; i++) {
            open = text.is(i, TokenKind.OPEN) || open && !text.is(i, TokenKind.CLOSE);
        }
        return text.tokens.end(open && text.is(end, TokenKind.CLOSE) ? end : end - 1);
    }

    private static void street(AddressText text, StreetCut cut, ReadingBuilder<AddressPart> builder) {
        add(text, cut.numberStart(), cut.numberEnd(), AddressPart.NUMBER, builder);
        add(text, cut.before(), cut.before() < 0 ? -1 : cut.before() + 1, AddressPart.STREET_PREDIRECTION, builder);
        add(text, cut.nameStart(), cut.nameEnd(), AddressPart.STREET_NAME, builder);
        add(text, cut.typeStart(), cut.typeEnd(), AddressPart.STREET_TYPE, builder);
        add(text, cut.behind(), cut.behind() < 0 ? -1 : cut.behind() + 1, AddressPart.STREET_POSTDIRECTION, builder);
    }

    private static void unit(AddressText text, int from, int end, ReadingBuilder<AddressPart> builder) {
        int id = from;
        while (id < end && text.has(id, AddressWord.UNIT | AddressWord.UNIT_ALONE)) {
            id++;
        }
        if (id == from && end - from > 1 && text.has(end - 1, AddressWord.UNIT | AddressWord.UNIT_BEHIND)) {
            add(text, from, end - 1, AddressPart.UNIT_ID, builder);
            add(text, end - 1, end, AddressPart.UNIT_WORD, builder);
            return;
        }
        add(text, from, id, AddressPart.UNIT_WORD, builder);
        int plain = id;
        while (plain < end && (text.isMark(plain, '#') || text.isMark(plain, ':'))) {
            plain++;
        }
        add(text, plain, end, AddressPart.UNIT_ID, builder);
    }

    private static void add(
            AddressText text, int from, int end, AddressPart part, ReadingBuilder<AddressPart> builder) {
        if (end > from) {
            builder.add(part, text.tokens.start(from), text.tokens.end(end - 1));
        }
    }
}
