package io.inkwellsplit.address.text;

import io.inkwellsplit.data.Format;
import io.inkwellsplit.data.Format.Column;
import io.inkwellsplit.text.PhraseTable;
import io.inkwellsplit.text.TokenKind;
import io.inkwellsplit.text.Tokens;
import java.util.List;
import java.util.regex.Pattern;

/**
 * Finds what people write behind an address: a telephone number that is announced, begins with a plus or has the form of one,
 * an e-mail address, a note for the carrier, through whom the post goes. A buffer, reused for every value.
 */
final class Tail {
    private static final List<String> SECTIONS = List.of("phone", "email", "care of", "note");
    private static final int PHONE = 1;
    private static final int EMAIL = 1 << 1;
    private static final int CARE_OF = 1 << 2;
    private static final int NOTE = 1 << 3;
    private static final int FEWEST_DIGITS = 6;
    /** A number of these digits and more in its groups is no postcode; fewer than the next, and no postcode is in it. */
    private static final int FEWEST_UNANNOUNCED = 9;

    private static final int MOST_UNANNOUNCED = 12;

    /** {@code (802) 555-0142}, {@code 01632 960 001}; {@code 05641 1234} and {@code 05641-1234} are postcodes. */
    private static final Pattern UNANNOUNCED =
            Pattern.compile("(1[-. ])?\\(?[2-9]\\d\\d\\)?[-. /]{1,3}[2-9]\\d\\d[-. ]\\d{4}"
                    + "|(?!\\d{5}[- ]\\d{4}$)(0\\d{1,5}|\\(0?\\d{1,5}\\))([-. /]{1,2}\\d{2,8}){1,5}");

    /** In tokens, its signs with it. */
    private static final int LONGEST_NUMBER = 16;

    private static final int CODE = 5;
    private static final int LONG_CODE = 10;
    private static final int LONGEST_PHRASE = 6;
    /** An address before its tail has a few words at least. */
    private static final int FEWEST_BEFORE = 3;

    private static final PhraseTable WORDS = load();

    private Tokens tokens = new Tokens();
    /** Where the words that announce who receives begin, and where the receiver does; -1 where there is none. */
    private int careOf;

    private int receiver;

    private static PhraseTable load() {
        PhraseTable.Builder words = new PhraseTable.Builder(128);
        Format format = Format.NONE;
        for (String section : SECTIONS) {
            format = format.distinct(section, Column.TEXT);
        }
        format.read(Tail.class, "tails.txt")
                .forEach((section, lines) ->
                        lines.forEach(line -> words.merge(line.text(), 1 << SECTIONS.indexOf(section), 0)));
        return words.build();
    }

    /** Returns how many tokens the address has before its tail. */
    int before(Tokens all) {
        tokens = all;
        careOf = -1;
        receiver = -1;
        int end = tokens.count();
        for (int next = cut(end); next < end && next >= FEWEST_BEFORE; next = cut(end)) {
            end = next;
        }
        return end;
    }

    /** Returns the first token of the words that announce a receiver in the tail; -1 where there is none. */
    int careOf() {
        return careOf;
    }

    int receiver() {
        return receiver;
    }

    /** Tokens have come in before the tail. */
    void shift(int more) {
        careOf += careOf < 0 ? 0 : more;
        receiver += receiver < 0 ? 0 : more;
    }

    /** Returns where the last piece of the tail begins; the end where there is none. */
    private int cut(int end) {
        int last = end - 1;
        while (last > 0 && !tokens.isWord(last) && !tokens.is(last, TokenKind.NUMBER)) {
            last--;
        }
        if (last < FEWEST_BEFORE) {
            return end;
        }
        int start = mail(last);
        start = start < 0 ? phone(last) : start;
        start = start < 0 ? note(last) : start;
        start = start < 0 ? careOf(end) : start;
        if (start < 0) {
            return end;
        }
        while (start > 0 && isSeparator(start - 1)) {
            start--;
        }
        return start;
    }

    private boolean isSeparator(int i) {
        return !tokens.isWord(i) && !tokens.is(i, TokenKind.NUMBER) && !tokens.is(i, TokenKind.CLOSE);
    }

    private boolean isSign(int i, String signs) {
        return i >= 0 && !tokens.isWord(i) && signs.indexOf(tokens.charAt(tokens.start(i))) >= 0;
    }

    /** Returns where a phrase of a section that ends at a token begins; -1 where none does. */
    private int phrase(int last, int section) {
        for (int start = Math.max(0, last - LONGEST_PHRASE + 1); start <= last; start++) {
            if ((WORDS.value(tokens, start, last - start + 1) & section) != 0) {
                return start;
            }
        }
        return -1;
    }

    private int announced(int start, int section) {
        int before = start - 1;
        while (before >= 0 && isSign(before, ":(")) {
            before--;
        }
        int phrase = before < 0 ? -1 : phrase(before, section);
        return phrase < 0 ? start : phrase;
    }

    private int mail(int last) {
        int start = last;
        boolean at = false;
        while (start > 0
                && tokens.isGlued(start)
                && !tokens.is(start - 1, TokenKind.OPEN)
                && !isSign(start - 1, ",;:")) {
            start--;
            at |= isSign(start, "@");
        }
        return at && !isSign(start, "@") ? announced(start, EMAIL) : -1;
    }

    private int phone(int last) {
        int digits = 0;
        int start = last + 1;
        for (int i = last; i >= Math.max(0, last - LONGEST_NUMBER); i--) {
            if (tokens.is(i, TokenKind.NUMBER)) {
                digits += tokens.letters(i);
                start = i;
            } else if (isSign(i, "+")) {
                start = i;
                break;
            } else if (!isSign(i, "()/-.")) {
                break;
            }
        }
        if (digits < FEWEST_DIGITS || start > last) {
            return -1;
        }
        int word = announced(start, PHONE);
        return word < start || isSign(start, "+") ? word : unannounced(start, last);
    }

    /** What is written in front of it may look like a part of it: {@code 05641 802 555 0142}. */
    private int unannounced(int from, int last) {
        if (from == last && isLongCode(last)) {
            return -1;
        }
        int end = tokens.end(last);
        int digits = 0;
        int first = last + 1;
        while (first > Math.max(from, FEWEST_BEFORE) && digits(first - 1) + digits <= MOST_UNANNOUNCED) {
            digits += digits(--first);
        }
        for (int i = first; i <= last && digits >= FEWEST_UNANNOUNCED; i++) {
            boolean opened = tokens.is(i - 1, TokenKind.OPEN);
            int start = tokens.start(opened ? i - 1 : i);
            if (UNANNOUNCED.matcher(tokens.text().substring(start, end)).matches()) {
                return opened ? i - 1 : i;
            }
            digits -= digits(i);
        }
        return -1;
    }

    /** {@code 05641-1234}: what the pattern would say as well, but at once. */
    private boolean isLongCode(int token) {
        int start = tokens.start(token);
        return tokens.end(token) - start == LONG_CODE && tokens.charAt(start + CODE) == '-';
    }

    private int digits(int token) {
        return tokens.is(token, TokenKind.NUMBER) ? tokens.letters(token) : 0;
    }

    private int note(int last) {
        int start = WORDS.mayEnd(tokens.hash(last)) ? phrase(last, NOTE) : -1;
        boolean apart = start > 0 && (isSeparator(start - 1) || tokens.is(start - 1, TokenKind.OPEN));
        return apart ? start : -1;
    }

    /** Behind a number, and with none in it: {@code VT 05641 c/o Thorne}. */
    private int careOf(int end) {
        for (int i = end - 1; i >= FEWEST_BEFORE && !tokens.is(i, TokenKind.NUMBER); i--) {
            int length = WORDS.longest(tokens, i, end);
            boolean here = length > 0 && (WORDS.value(tokens, i, length) & CARE_OF) != 0;
            if (here && i + length < end && hasNumber(i)) {
                careOf = longer(i, length);
                receiver = i + length;
                return careOf;
            }
        }
        return -1;
    }

    /** {@code in care of} begins before {@code care of}. */
    private int longer(int from, int length) {
        int before = from - 1;
        boolean same = (WORDS.value(tokens, before, length + 1) & CARE_OF) != 0;
        return same ? before : from;
    }

    /** An address before it has a number at its end: the postcode. */
    private boolean hasNumber(int end) {
        for (int i = end - 1; i >= Math.max(FEWEST_BEFORE, end - LONGEST_PHRASE); i--) {
            if (tokens.hasDigit(i)) {
                return true;
            }
        }
        return false;
    }
}
