package io.inkwellsplit.name.layer;

import io.inkwellsplit.name.text.NameText;
import io.inkwellsplit.name.word.Note;
import io.inkwellsplit.reading.NamePart;
import io.inkwellsplit.text.PhraseTable;
import io.inkwellsplit.text.TokenKind;
import java.util.regex.Pattern;

/** Finds telephone numbers: {@code tel. 01632 960 001}, {@code +44 (0)1632 960-001 ext. 12}. */
final class Phones {
    /** Numbers have up to 15 digits (ITU-T E.164), and people write a nought or two more. */
    private static final int MOST_DIGITS = 17;

    private static final int FEWEST_DIGITS = 7;
    private static final int FEWEST_ANNOUNCED = 5;
    private static final Pattern AMERICAN =
            Pattern.compile("(1[-. ])?(\\(?[2-9][0-9]{2}\\)?[-./ ]+)?[2-9][0-9]{2}[-. ][0-9]{4}");
    private static final String JOINS = "-./+";

    private final PhraseTable words;
    private final Dates dates;

    Phones(PhraseTable words, Dates dates) {
        this.words = words;
        this.dates = dates;
    }

    void peel(NameText text) {
        for (int i = 0; i < text.count(); i++) {
            int date = text.label(i) == NameText.FREE ? dates.length(text, i) : 0;
            if (date > 0) {
                // That of a trust, which stays with it.
                i += date - 1;
            } else if (startsNumber(text, i)) {
                int end = numberEnd(text, i);
                if (isPhone(text, i, end)) {
                    text.label(i, extensionEnd(text, end), NamePart.PHONE);
                    Notes.announce(text, i, words, Note.PHONE_BEFORE);
                }
                i = end - 1;
            }
        }
    }

    private static boolean startsNumber(NameText text, int i) {
        boolean sign = text.is(i, TokenKind.OPEN) || isPlus(text, i);
        int number = sign ? i + 1 : i;
        return isDigits(text, number) || sign && isPlus(text, number) && isDigits(text, number + 1);
    }

    private static boolean isPlus(NameText text, int i) {
        return text.is(i, TokenKind.AND) && text.tokens.charAt(text.tokens.start(i)) == '+';
    }

    private static boolean isDigits(NameText text, int i) {
        return text.is(i, TokenKind.NUMBER)
                && text.label(i) == NameText.FREE
                && digits(text, i) == text.tokens.letters(i);
    }

    private static int digits(NameText text, int i) {
        int digits = 0;
        for (int at = text.tokens.start(i); at < text.tokens.end(i); at++) {
            digits += Character.isDigit(text.tokens.charAt(at)) ? 1 : 0;
        }
        return digits;
    }

    /** Returns the token behind the last group of digits; brackets and signs between two groups belong to the number. */
    private static int numberEnd(NameText text, int from) {
        int end = from + 1;
        for (int i = from; i < text.count(); i++) {
            boolean joins = text.is(i, TokenKind.OPEN)
                    || text.is(i, TokenKind.CLOSE)
                    || isPlus(text, i)
                    || text.is(i, TokenKind.MARK) && JOINS.indexOf(text.tokens.charAt(text.tokens.start(i))) >= 0;
            if (isDigits(text, i)) {
                end = i + 1;
            } else if (!joins) {
                break;
            }
        }
        boolean opened = text.is(from, TokenKind.OPEN);
        return opened && closings(text, from, end) == 0 && text.is(end, TokenKind.CLOSE) ? end + 1 : end;
    }

    private static int closings(NameText text, int from, int end) {
        int closings = 0;
        for (int i = from; i < end; i++) {
            closings += text.is(i, TokenKind.CLOSE) ? 1 : 0;
        }
        return closings;
    }

    /**
     * By itself a number must look like one: begin as one does in most of the world, or have the groups of North America.
     * Other digits in groups may be of an account or an identity card.
     */
    private boolean isPhone(NameText text, int from, int end) {
        int digits = 0;
        for (int i = from; i < end; i++) {
            digits += text.is(i, TokenKind.NUMBER) ? digits(text, i) : 0;
        }
        if (digits > MOST_DIGITS) {
            return false;
        }
        int word = Notes.isSign(text, from - 1, ':') ? from - 1 : from;
        if (Notes.announcement(text, word, words, Note.PHONE_BEFORE) < word) {
            return digits >= FEWEST_ANNOUNCED;
        }
        boolean begins = isPlus(text, from) || text.tokens.charAt(text.tokens.start(firstNumber(text, from))) == '0';
        boolean american = AMERICAN.matcher(text.word(from, end)).matches();
        return american || digits >= FEWEST_DIGITS && (begins || text.is(from, TokenKind.OPEN));
    }

    private static int firstNumber(NameText text, int from) {
        int i = from;
        while (!text.is(i, TokenKind.NUMBER)) {
            i++;
        }
        return i;
    }

    private int extensionEnd(NameText text, int end) {
        boolean extension = end + 1 < text.count()
                && text.tokens.isWord(end)
                && Note.PHONE_BEHIND.in(words.value(text.tokens, end, 1))
                && text.is(end + 1, TokenKind.NUMBER);
        return extension ? end + 2 : end;
    }
}
