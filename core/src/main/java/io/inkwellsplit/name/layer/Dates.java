package io.inkwellsplit.name.layer;

import io.inkwellsplit.name.text.NameText;
import io.inkwellsplit.name.word.Layer;
import io.inkwellsplit.name.word.Note;
import io.inkwellsplit.reading.NamePart;
import io.inkwellsplit.text.PhraseTable;
import io.inkwellsplit.text.TokenKind;

/**
 * Finds dates: {@code b. 12/03/1951}, {@code 4 May 2001}, {@code 1951–2019}. A year by itself is one only behind a word
 * that announces it or alone in brackets. The date of a trust stays with the trust.
 */
final class Dates {
    private static final int FIRST_YEAR = 1000;
    private static final int LAST_YEAR = 2100;
    private static final int MOST_DAYS = 31;
    /** Of a year, and of {@code 21st}. */
    private static final int MOST_SIGNS = 4;

    private final PhraseTable words;

    Dates(PhraseTable words) {
        this.words = words;
    }

    void peel(NameText text) {
        boolean trust = false;
        for (int i = 0; i < text.count(); i++) {
            trust |= isOfTrust(text, i);
            if (trust || text.label(i) != NameText.FREE) {
                continue;
            }
            int length = length(text, i);
            if (length > 0) {
                label(text, i, i + length);
                i += length - 1;
            }
        }
    }

    private static boolean isOfTrust(NameText text, int i) {
        int length = text.layerLength(i);
        int layers = length == 0 ? 0 : text.layers(i, length);
        return Layer.TRUST_DATE.in(layers) || Layer.TRUST_HEAD.in(layers);
    }

    private void label(NameText text, int from, int end) {
        text.label(from, end, NamePart.DATE);
        int word = Notes.isSign(text, from - 1, ':') ? from - 1 : from;
        int start = Notes.announcement(text, word, words, Note.DEATH_BEFORE);
        if (start < word) {
            text.label(start, from, NamePart.DECEASED);
            return;
        }
        start = Notes.announcement(text, word, words, Note.DATE_BEFORE);
        if (start < word) {
            text.label(start, from, NameText.ANNOUNCEMENT);
        }
    }

    /** Returns how many tokens from here on make a date; 0 for none. */
    int length(NameText text, int i) {
        if (text.tokens.isWord(i)) {
            return isMonth(text, i) ? monthFirst(text, i) : 0;
        }
        if (!text.is(i, TokenKind.NUMBER)) {
            return 0;
        }
        if (text.tokens.hasHyphen(i)) {
            return isHyphened(text.word(i)) ? 1 : 0;
        }
        int first = number(text, i);
        if (isMonth(text, i + 1) && isDay(first)) {
            int year = number(text, i + 2);
            return isYear(year) ? 3 : 2;
        }
        int step = isJoin(text, i + 1) ? 2 : 1;
        int second = number(text, i + step);
        int third = number(text, i + 2 * step);
        boolean glued = text.count() > i + step && text.tokens.isGlued(i + step);
        if (glued
                && (isDay(first) && isDay(second) && (isYear(third) || isShortYear(text, i + 2 * step))
                        || isYear(first) && isDay(second) && isDay(third))) {
            return 2 * step + 1;
        }
        if (isYear(first) && step == 2 && isYear(second)) {
            return 3;
        }
        return isYear(first) && isAlone(text, i) ? 1 : 0;
    }

    /** {@code May 1, 2001}, {@code May 2001}. */
    private int monthFirst(NameText text, int i) {
        int day = number(text, i + 1);
        if (isYear(day)) {
            return 2;
        }
        int behind = text.is(i + 2, TokenKind.COMMA) ? i + 3 : i + 2;
        return isDay(day) && isYear(number(text, behind)) ? behind - i + 1 : 0;
    }

    private boolean isMonth(NameText text, int i) {
        return i < text.count() && text.tokens.isWord(i) && Note.MONTH_WORD.in(words.value(text.tokens, i, 1));
    }

    private boolean isAlone(NameText text, int i) {
        boolean bracketed = text.is(i - 1, TokenKind.OPEN) && text.is(i + 1, TokenKind.CLOSE);
        int word = Notes.isSign(text, i - 1, ':') ? i - 1 : i;
        return bracketed
                || Notes.announcement(text, word, words, Note.DATE_BEFORE) < word
                || Notes.announcement(text, word, words, Note.DEATH_BEFORE) < word
                || i > 0 && Layer.DECEASED_MARK.in(text.layers(i - 1, 1));
    }

    private static boolean isJoin(NameText text, int i) {
        return Notes.isSign(text, i, '/') || Notes.isSign(text, i, '-');
    }

    /** {@code 4-2-1999}, {@code 1999-04-02}, {@code 1951-2019}. */
    private static boolean isHyphened(String text) {
        String[] groups = text.replace('–', '-').split("-");
        int[] numbers = new int[groups.length];
        for (int i = 0; i < groups.length; i++) {
            if (!groups[i].matches("[0-9]{1,4}")) {
                return false;
            }
            numbers[i] = Integer.parseInt(groups[i]);
        }
        if (numbers.length == 2) {
            return isYear(numbers[0]) && isYear(numbers[1]);
        }
        return numbers.length == 3
                && (isDay(numbers[0]) && isDay(numbers[1]) && (isYear(numbers[2]) || groups[2].length() == 2)
                        || isYear(numbers[0]) && isDay(numbers[1]) && isDay(numbers[2]));
    }

    private static boolean isShortYear(NameText text, int i) {
        return text.is(i, TokenKind.NUMBER) && text.tokens.letters(i) == 2;
    }

    private static boolean isDay(int number) {
        return number > 0 && number <= MOST_DAYS;
    }

    private static boolean isYear(int number) {
        return number >= FIRST_YEAR && number <= LAST_YEAR;
    }

    /** Returns the number that a token is, {@code 1st} too; -1 where it is none, or a long one. */
    private static int number(NameText text, int i) {
        if (!text.is(i, TokenKind.NUMBER) || text.tokens.letters(i) > MOST_SIGNS) {
            return -1;
        }
        int number = 0;
        for (int at = text.tokens.start(i); at < text.tokens.end(i); at++) {
            int digit = Character.digit(text.tokens.charAt(at), 10);
            if (digit >= 0) {
                number = number * 10 + digit;
            }
        }
        return number;
    }
}
