package io.inkwellsplit.address;

import static io.inkwellsplit.address.AddressFeature.*;

import io.inkwellsplit.reading.Tally;
import io.inkwellsplit.text.TokenKind;

/** Tallies the features of a candidate. */
final class AddressScorer {
    private static final int LONG_STREET = 5;

    private AddressScorer() {}

    static void tally(AddressText text, AddressCandidate candidate, Tally tally) {
        boolean street = false;
        boolean city = false;
        for (int i = 0; i < text.count; ) {
            int end = runEnd(candidate.labels, i, text.count);
            switch (part(candidate.labels[i])) {
                case STREET -> {
                    street = true;
                    street(text, i, end, tally);
                }
                case CITY -> {
                    city = true;
                    city(text, candidate, i, end, tally);
                }
                case LOCALITY -> {
                    tally.add(LOCALITY, 1);
                    place(text, i, end, tally);
                }
                case RECIPIENT -> {
                    tally.add(RECIPIENT, 1);
                    if (hasNumber(text, i, end)) {
                        tally.add(RECIPIENT_NUMBER, 1);
                    }
                }
                case BUILDING -> {
                    tally.add(BUILDING, 1);
                    if (text.isBuilding(i, end)) {
                        tally.add(BUILDING_WORD, 1);
                    }
                }
                default -> {}
            }
            i = end;
        }
        if (!street) {
            tally.add(STREET_NONE, 1);
        }
        if (!city) {
            tally.add(CITY_NONE, 1);
        }
    }

    private static AddressPart part(byte label) {
        return label < 0 ? AddressPart.UNPLACED : AddressPart.of(label);
    }

    private static int runEnd(byte[] labels, int from, int count) {
        int end = from + 1;
        while (end < count && labels[end] == labels[from]) {
            end++;
        }
        return end;
    }

    private static boolean hasNumber(AddressText text, int from, int end) {
        for (int i = from; i < end; i++) {
            if (text.is(i, TokenKind.NUMBER)) {
                return true;
            }
        }
        return false;
    }

    private static void street(AddressText text, int from, int end, Tally tally) {
        boolean number = text.is(from, TokenKind.NUMBER);
        tally.add(number ? STREET_NUMBER : STREET_NO_NUMBER, 1);
        int name = number ? from + 1 : from;
        if (name == end) {
            tally.add(STREET_ONLY_NUMBER, 1);
            return;
        }
        int last = end - 1;
        boolean typed = text.has(last, AddressWords.STREET_TYPE);
        if (!typed
                && last > name
                && text.has(last, AddressWords.DIRECTION)
                && text.has(last - 1, AddressWords.STREET_TYPE)) {
            tally.add(STREET_ENDS_IN_DIRECTION, 1);
            last--;
            typed = true;
        }
        boolean twoTypes = typed && last > name + 1 && text.has(last - 1, AddressWords.STREET_TYPE);
        if (twoTypes || typed && last > name && text.tokens.hash(last) == text.tokens.hash(last - 1)) {
            tally.add(STREET_TWO_TYPES, 1);
        }
        if (last > name && text.has(name, AddressWords.STREET_TYPE)) {
            tally.add(STREET_STARTS_WITH_TYPE, 1);
        }
        if (last > name && text.is(last, TokenKind.NUMBER)) {
            tally.add(STREET_ENDS_IN_NUMBER, 1);
        }
        int types = 0;
        for (int i = name; i < last; i++) {
            types += text.has(i, AddressWords.STREET_TYPE) ? 1 : 0;
        }
        if (typed) {
            tally.add(STREET_ENDS_IN_TYPE, 1);
            if (last == name) {
                tally.add(STREET_NO_NAME, 1);
            }
        } else if (types == 0) {
            tally.add(STREET_NO_TYPE, 1);
        }
        if (types > 0) {
            tally.add(STREET_TYPE_EARLY, 1);
        }
        if (end - name >= LONG_STREET) {
            tally.add(STREET_LONG, 1);
        }
    }

    private static void city(AddressText text, AddressCandidate candidate, int from, int end, Tally tally) {
        gazetteer(text, candidate, from, end, tally);
        if (end - from > 1) {
            tally.add(CITY_EXTRA_WORD, end - from - 1.0);
        }
        if (candidate.cutAtComma) {
            tally.add(CITY_CUT_AT_COMMA, 1);
        } else if (from > 0 && candidate.labels[from - 1] != AddressPart.STREET.ordinal()) {
            tally.add(CITY_CUT_AT_UNIT, 1);
        }
        boolean prefix = end - from > 1 && text.has(from, AddressWords.TOWN_PREFIX);
        if (!prefix && text.has(from, AddressWords.STREET_TYPE)) {
            tally.add(CITY_STARTS_WITH_TYPE, 1);
        }
        if (text.has(from, AddressWords.DIRECTION) && end - from > 1) {
            tally.add(CITY_STARTS_WITH_DIRECTION, 1);
        }
        if (end - from > 1 && text.has(end - 1, AddressWords.STREET_TYPE)) {
            tally.add(CITY_ENDS_IN_TYPE, 1);
        }
        place(text, from, end, tally);
    }

    private static void gazetteer(AddressText text, AddressCandidate candidate, int from, int end, Tally tally) {
        AddressText.Town town = text.town(from, end);
        if (town != AddressText.Town.UNKNOWN) {
            tally.add(town == AddressText.Town.FITS ? CITY_FITS : CITY_KNOWN, 1);
        }
        boolean streetBefore = from > 1 && candidate.labels[from - 1] == AddressPart.STREET.ordinal();
        if (streetBefore && !candidate.cutAtComma && text.town(from - 1, end) == AddressText.Town.FITS) {
            tally.add(CITY_COULD_GROW, 1);
        }
        if (end - from > 1 && text.has(from, AddressWords.TOWN_PREFIX)) {
            tally.add(CITY_PREFIX, 1);
        }
    }

    private static void place(AddressText text, int from, int end, Tally tally) {
        if (hasNumber(text, from, end)) {
            tally.add(CITY_NUMBER, 1);
            if (text.is(from, TokenKind.NUMBER) && text.has(end - 1, AddressWords.STREET_TYPE)) {
                tally.add(PLACE_LIKE_STREET, 1);
            }
        }
    }
}
