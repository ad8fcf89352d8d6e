package io.inkwellsplit.address.cut;

import io.inkwellsplit.address.place.AddressWord;
import io.inkwellsplit.address.text.AddressText;
import io.inkwellsplit.reading.AddressPart;

/** Labels what its own words give away wherever it stands: units, boxes, localities, care-of and attention lines. */
public final class Marks {
    private static final int LONG_WORD = 5;

    private Marks() {}

    public static void label(AddressText text) {
        if (text.country().slashInCity) {
            slashInCity(text);
        }
        for (int i = 0; i < text.count(); i++) {
            if (!text.isFree(i) || !mayMark(text, i)) {
                continue;
            }
            int end = line(text, i);
            if (end == i) {
                end = box(text, i);
            }
            if (end == i) {
                end = Units.label(text, i);
            }
            if (end == i) {
                end = building(text, i);
            }
            if (end == i) {
                end = locality(text, i);
            }
            if (end > i) {
                i = end - 1;
            }
        }
    }

    /** A quick look: most words are no mark of anything. */
    private static boolean mayMark(AddressText text, int i) {
        return !text.tokens.isWord(i) || text.tokens.letters(i) == 1 || text.lengthOf(i, AddressWord.MARKS) > 0;
    }

    /** {@code c/o Lindqvist}: up to the next comma, or to the house number where there is none. */
    private static int line(AddressText text, int i) {
        boolean careOf = text.lengthOf(i, AddressWord.CARE_OF) > 0;
        if (!careOf && text.lengthOf(i, AddressWord.ATTENTION) == 0) {
            return i;
        }
        boolean opensLine = i == 0 || text.isComma(i - 1);
        int start = i + text.lengthOf(i, AddressWord.CARE_OF | AddressWord.ATTENTION);
        if (!opensLine && start == i + 1 && text.tokens.isWord(i)) {
            return i;
        }
        int end = start;
        while (end < text.count() && !text.isComma(end) && !(end > start && text.isNumber(end))) {
            end++;
        }
        if (end == start) {
            return i;
        }
        text.label(i, start, AddressText.ANNOUNCEMENT);
        text.label(start, end, careOf ? AddressPart.CARE_OF : AddressPart.RECIPIENT);
        return end;
    }

    /** {@code PO Box 112}, {@code RR 2 Box 9}, {@code PSC 4 Box 77}, {@code Postfach 12 34}. */
    private static int box(AddressText text, int i) {
        int end = i;
        while (text.isFree(end)) {
            int length = text.lengthOf(end, AddressWord.BOX);
            int id = end + length;
            while (text.isMark(id, '#') || text.isMark(id, ':')) {
                id++;
            }
            boolean numbered = length > 0 && (text.isNumber(id) && text.isFree(id) || isShortId(text, id));
            if (!numbered) {
                break;
            }
            end = id + 1;
            while (text.isNumber(end) && text.isFree(end) && !(text.isFree(end + 1) && text.tokens.isWord(end + 1))) {
                end++;
            }
        }
        if (end > i) {
            text.label(i, end, AddressPart.BOX);
        }
        return end;
    }

    static boolean isShortId(AddressText text, int token) {
        return text.isFree(token)
                && text.lengthOf(token, AddressWord.BOX) == 0
                && text.tokens.isWord(token)
                && (text.tokens.letters(token) == 1 || text.tokens.hasDigit(token));
    }

    /** {@code Bloco B}, {@code Tower 2}: wherever it stands. */
    private static int building(AddressText text, int i) {
        int length = text.lengthOf(i, AddressWord.BUILDING_HEAD);
        if (length == 0 || text.lengthOf(i, AddressWord.STREET_HEAD) > 0) {
            return i;
        }
        int id = i + length;
        boolean named = isShortId(text, id) || text.isNumber(id) && text.isFree(id);
        boolean lineEnds = !text.isFreeWord(id + 1);
        if (named && (lineEnds || !text.country().numberFirst || text.tokens.letters(id) == 1)) {
            text.label(i, id + 1, AddressPart.BUILDING);
            return id + 1;
        }
        return i;
    }

    /** {@code Col. Centro} up to the next comma, {@code Caferağa Mah.} from the last one, {@code Chuo-ku} by itself. */
    private static int locality(AddressText text, int i) {
        if (text.has(i, AddressWord.LOCALITY_ENDING)) {
            text.label(i, i + 1, AddressPart.LOCALITY);
            return i + 1;
        }
        if (text.has(i, AddressWord.CITY_ENDING) && text.find(AddressPart.CITY) < 0) {
            text.label(i, i + 1, AddressPart.CITY);
            return i + 1;
        }
        boolean isCity = text.country().postcodeBeforeCity && text.isLabelled(i - 1, AddressPart.POSTCODE);
        int head = isCity ? 0 : text.lengthOf(i, AddressWord.LOCALITY_HEAD);
        if (head > 0
                && text.isFreeWord(i + head)
                && (text.tokens.isDotted(i + head - 1) || i == text.segmentStart(i) || text.isNumber(i - 1))
                && text.lengthOf(i, AddressWord.STREET_HEAD) == 0) {
            int end = i + head;
            boolean inFull = !text.tokens.isDotted(i) && text.tokens.letters(i) > LONG_WORD;
            if (inFull && text.nextFree(text.segmentEnd(i)) == text.count() && text.find(AddressPart.POSTCODE) < 0) {
                // "Colonia Caroya" at the end is the town itself.
                return i;
            }
            while (text.isFree(end) && !text.isComma(end)) {
                end++;
            }
            text.label(i, end, AddressPart.LOCALITY);
            return end;
        }
        if (text.has(i, AddressWord.LOCALITY_WORD) && text.isFree(i - 1)) {
            int from = i;
            while (text.isFreeWord(from - 1)) {
                from--;
            }
            text.label(from, i + 1, AddressPart.LOCALITY);
            return i + 1;
        }
        return i;
    }

    /** {@code 34710 Kadıköy/İstanbul}: the district stands before the slash. */
    private static void slashInCity(AddressText text) {
        for (int i = text.count() - 2; i > 0; i--) {
            if (text.isMark(i, '/') && text.tokens.isWord(i - 1) && text.tokens.isWord(i + 1) && text.isFree(i + 1)) {
                int from = i;
                while (text.isFreeWord(from - 1)
                        && text.tokens.isWord(from - 1)
                        && !text.has(from - 1, AddressWord.STREET_TYPE | AddressWord.BUILDING)) {
                    from--;
                }
                text.label(from, i, AddressPart.LOCALITY);
                text.label(i, i + 1, AddressText.SEPARATOR);
                return;
            }
        }
    }
}
