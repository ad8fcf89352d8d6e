package io.inkwellsplit.address.cut;

import io.inkwellsplit.address.place.AddressWord;
import io.inkwellsplit.address.place.Country;
import io.inkwellsplit.address.place.Postcodes;
import io.inkwellsplit.address.text.AddressText;
import io.inkwellsplit.reading.AddressPart;
import io.inkwellsplit.text.Tokens;

/** Finds units: {@code Apt B}, {@code #203}, {@code Flat 2/1}, {@code 2. OG}, {@code Esc. 2, 4º C}, {@code 3/12}. */
final class Units {
    private Units() {}

    /** Labels the unit that starts at a token, and returns where it ends; the token itself if none starts there. */
    static int label(AddressText text, int i) {
        int slashed = slashed(text, i);
        if (slashed > i) {
            return slashed;
        }
        int end = i;
        while (text.isFree(end)) {
            if (end > i && text.isMark(end, '/') && text.isFree(end + 1) && text.has(end + 1, AddressWord.UNIT)) {
                end++;
            }
            int next = one(text, end, end > i);
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

    /** A slash or a dash between two numbers, where the country parts flat and house by it. */
    private static int slashed(AddressText text, int i) {
        Country country = text.country();
        if (!text.isNumber(i) && !Marks.isShortId(text, i)) {
            return i;
        }
        boolean opensLine = i == 0 || !text.isFree(i - 1) || text.isComma(i - 1);
        if (country.dashPartsUnit && opensLine && text.isMark(i + 1, '-') && text.isNumber(i + 2)) {
            text.label(i, i + 1, AddressPart.UNIT);
            text.label(i + 1, i + 2, AddressText.SEPARATOR);
            return i + 2;
        }
        if (!text.isMark(i + 1, '/') || !text.isGlued(i + 2)) {
            return i;
        }
        if (country.slash == Country.Slash.UNIT_NUMBER && opensLine && text.isNumber(i + 2) && text.isFreeWord(i + 3)) {
            text.label(i, i + 1, AddressPart.UNIT);
            text.label(i + 1, i + 2, AddressText.SEPARATOR);
            return i + 2;
        }
        if (country.slash == Country.Slash.NUMBER_UNIT && isHouse(text, i) && !opensLine && text.isFree(i + 2)) {
            int end = i + 3;
            while (text.isMark(end, '/') && text.isGlued(end) && text.isFree(end + 1)) {
                end += 2;
            }
            text.label(i + 1, i + 2, AddressText.SEPARATOR);
            text.label(i + 2, end, AddressPart.UNIT);
            return end;
        }
        return i;
    }

    /** A number, or the letter behind one: {@code 88 b/11}. */
    private static boolean isHouse(AddressText text, int i) {
        return text.isNumber(i) || text.tokens.letters(i) == 1 && text.isNumber(i - 1);
    }

    /** Returns where one unit that starts at a token ends; the token itself if none does. */
    private static int one(AddressText text, int i, boolean goesOn) {
        if (text.isMark(i, '#') && text.isFreeWord(i + 1) && !isHouseNumber(text, i)) {
            return idEnd(text, i + 2);
        }
        int length = text.lengthOf(i, AddressWord.UNIT);
        if (length > 0 && !opensStreet(text, i, length)) {
            int id = i + length;
            while (text.isMark(id, '#')
                    || text.isMark(id, ':')
                    || id < text.count() && text.has(id, AddressWord.NUMBER_SIGN)) {
                id++;
            }
            boolean oneLetter = length == 1 && text.tokens.letters(i) == 1 && !text.tokens.isDotted(i);
            if (text.isNumber(id) && text.isFree(id) || !oneLetter && Marks.isShortId(text, id)) {
                return idEnd(text, id + 1);
            }
        }
        int floor = floor(text, i, goesOn);
        if (floor > i) {
            return floor;
        }
        if (text.has(i, AddressWord.UNIT_ENDING) && text.tokens.hasDigit(i)) {
            return i + 1;
        }
        int alone = text.lengthOf(i, AddressWord.UNIT_ALONE);
        if (alone > 0
                && text.isFree(i + alone)
                && text.tokens.isWord(i + alone)
                && text.tokens.letters(i + alone) == 1) {
            alone++;
        }
        if (alone == 0 && isFloorAndFlat(text, i)) {
            alone = 1;
        }
        boolean bounded =
                goesOn || (i == 0 || !text.isFree(i - 1) || !text.country().numberFirst && text.isNumber(i - 1));
        // "20 Mill St Rear": behind the street's name and its word.
        bounded |=
                i > 2 && text.has(i - 1, AddressWord.STREET_TYPE) && text.isFreeWord(i - 2) && text.isFreeWord(i - 3);
        return alone > 0 && bounded && !text.isFree(i + alone) ? i + alone : i;
    }

    /** {@code Av. Apoquindo #1898}: where the number comes last, the first one is the house's. */
    private static boolean isHouseNumber(AddressText text, int sign) {
        int start = text.segmentStart(sign);
        return !text.country().numberFirst && start < sign && !text.hasNumber(start, sign);
    }

    /** A word that opens streets as well, as {@code Pl.} or {@code Str.}, opens a street where no number stands before. */
    private static boolean opensStreet(AddressText text, int i, int length) {
        boolean street = text.lengthOf(i, AddressWord.STREET_HEAD) >= length;
        return street && i == text.segmentStart(i);
    }

    /** {@code 2nd Floor}, {@code 2. OG}, {@code 3º Esq}, {@code 4º C}, {@code 2. tv}. */
    private static int floor(AddressText text, int i, boolean goesOn) {
        if (!text.isNumber(i)) {
            if (letterBehindNumber(text, i)) {
                return text.isNumber(i + 1) && text.isFree(i + 1) ? i + 2 : i + 1;
            }
            return i;
        }
        Tokens tokens = text.tokens;
        char last = tokens.charAt(tokens.end(i) - 1);
        boolean ordinal = tokens.isDotted(i) || last == 'º' || last == 'ª' || last == '°' || Character.isLetter(last);
        int next = i + 1;
        boolean wordBehind =
                text.isFree(next) && !text.isComma(next) && text.lengthOf(next, AddressWord.UNIT_BEHIND) > 0;
        boolean numberBehindWord =
                wordBehind && (text.isNumber(next + 1) && text.isFree(next + 1) || Marks.isShortId(text, next + 1));
        boolean opensLine = i == 0 || !text.isFree(i - 1);
        boolean opens = wordBehind && text.has(next, AddressWord.UNIT) && text.isMark(next + 1, ':');
        boolean mayFollow = i == text.segmentStart(i) || text.isNumber(i - 1) || isNumberAddition(text, i - 1);
        if (wordBehind
                && !opens
                && ordinal
                && !(numberBehindWord && opensLine && text.country().numberFirst && !tokens.isDotted(i))) {
            int end = next + text.lengthOf(next, AddressWord.UNIT_BEHIND);
            return ordinalEnd(text, end);
        }
        boolean longWord =
                wordBehind && !opens && mayFollow && text.tokens.letters(next) > 1 && !text.country().numberFirst;
        if (longWord && !text.isFree(next + text.lengthOf(next, AddressWord.UNIT_BEHIND))) {
            return next + text.lengthOf(next, AddressWord.UNIT_BEHIND);
        }
        boolean behindNumber = !text.country().numberFirst && text.isNumber(i - 1) && text.isFree(i - 1);
        boolean degree = last == 'º' || last == 'ª' || last == '°';
        if (degree && (opensLine || goesOn || behindNumber) && i > 0) {
            if (text.isFree(next) && (tokens.isWord(next) && tokens.letters(next) == 1 || text.isNumber(next))) {
                return next + 1;
            }
            return text.isFree(next) ? i : next;
        }
        return goesOn && tokens.isDotted(i) && !text.isFree(next) ? next : i;
    }

    /** {@code 118 bis}, {@code 293 E}: what may stand between the house's number and the floor's. */
    private static boolean isNumberAddition(AddressText text, int i) {
        return text.isNumber(i - 1)
                && text.isFree(i)
                && (text.tokens.letters(i) == 1 || text.lengthOf(i, AddressWord.NUMBER_ADDITION) == 1);
    }

    /** Behind a floor may stand the side or the number of the door. */
    private static int ordinalEnd(AddressText text, int from) {
        int end = from;
        while (text.isFree(end)
                && (text.lengthOf(end, AddressWord.UNIT_BEHIND | AddressWord.UNIT_ALONE) == 1
                        || text.isNumber(end) && text.tokens.isDotted(end)
                        || !text.country().numberFirst && text.tokens.isWord(end) && text.tokens.letters(end) == 1)) {
            end++;
        }
        return end;
    }

    /** {@code Kauppakatu 12 A 5}: staircase and flat. */
    private static boolean letterBehindNumber(AddressText text, int i) {
        int before = text.isComma(i - 1) ? i - 2 : i - 1;
        return text.country().letterBehindNumberIsUnit
                && text.tokens.letters(i) == 1
                && text.tokens.isWord(i)
                && text.isNumber(before)
                && text.isFree(before);
    }

    /** {@code 2F1}: the first flat on the second floor, in Scotland. */
    private static boolean isFloorAndFlat(AddressText text, int i) {
        int start = text.tokens.start(i);
        return text.isNumber(i)
                && text.tokens.letters(i) == 3
                && text.tokens.foldAt(start + 1) == 'f'
                && Postcodes.isDigit(text.tokens.charAt(start + 2));
    }

    /** A slash and what is written against it go on with the number: {@code 2/1}. */
    private static int idEnd(AddressText text, int end) {
        if ((text.isMark(end, '/') || text.isMark(end, '-'))
                && text.isGlued(end)
                && text.isFreeWord(end + 1)
                && text.isGlued(end + 1)
                && !text.has(end + 1, AddressWord.UNIT)) {
            return end + 2;
        }
        return end;
    }
}
