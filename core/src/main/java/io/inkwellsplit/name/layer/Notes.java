package io.inkwellsplit.name.layer;

import io.inkwellsplit.name.text.NameText;
import io.inkwellsplit.name.word.Note;
import io.inkwellsplit.reading.NamePart;
import io.inkwellsplit.text.PhraseTable;
import io.inkwellsplit.text.TokenKind;

/**
 * Takes off what people note beside a name and what gives itself away by its signs: e-mail addresses, dates, telephone
 * numbers, pronouns, the number in a list. Nothing else can be meant by these, so they are not weighed.
 */
public final class Notes {
    private static final String BULLETS = "•‣▪●◦*·–—-";
    private static final int MOST_LIST_DIGITS = 4;

    private final PhraseTable words = Note.words();
    private final Dates dates = new Dates(words);
    private final Phones phones = new Phones(words, dates);

    /** Looks for them only where there are signs, brackets or digits, which few names have. */
    public void peel(NameText text) {
        if (!text.hasMarks() && !text.hasBrackets() && !text.hasNumber()) {
            return;
        }
        listNumber(text);
        for (int i = 0; i < text.count(); i++) {
            if (isSign(text, i, '@')) {
                mail(text, i);
            }
        }
        for (int i = 0; i < text.count(); i++) {
            if (text.label(i) == NameText.FREE) {
                pronouns(text, i);
            }
        }
        dates.peel(text);
        phones.peel(text);
        lastNumber(text);
    }

    static boolean isSign(NameText text, int i, char sign) {
        return text.is(i, TokenKind.MARK) && text.tokens.charAt(text.tokens.start(i)) == sign;
    }

    /** Labels the words that announce what begins at a token: {@code tel.}, {@code e-mail:}. */
    static void announce(NameText text, int at, PhraseTable words, Note note) {
        int end = at;
        boolean colon = isSign(text, end - 1, ':');
        if (colon) {
            end--;
        }
        int start = announcement(text, end, words, note);
        if (start < end && (colon || stands(text, start, end))) {
            text.label(start, at, NameText.ANNOUNCEMENT);
        }
    }

    /** Returns where the longest phrase that ends at a token begins; that token where there is none. */
    static int announcement(NameText text, int end, PhraseTable words, Note note) {
        for (int length = Math.min(3, end); length > 0; length--) {
            int start = end - length;
            if (text.label(start) == NameText.FREE
                    && text.label(end - 1) == NameText.FREE
                    && note.in(words.value(text.tokens, start, length))) {
                return start;
            }
        }
        return end;
    }

    /** A word that may be a name's or a firm's announces only behind a comma or in a bracket, or with a dot. */
    private static boolean stands(NameText text, int start, int end) {
        return start == 0
                || text.label(start - 1) != NameText.FREE
                || text.tokens.isDotted(end - 1)
                || end - start > 1
                || text.isForeign(start) && text.tokens.letters(start) > 1;
    }

    /** What is written without a blank around an at sign. */
    private void mail(NameText text, int at) {
        int start = at;
        while (start > 0 && text.tokens.isGlued(start) && isOfMail(text, start - 1)) {
            start--;
        }
        int end = at + 1;
        while (end < text.count() && text.tokens.isGlued(end) && isOfMail(text, end)) {
            end++;
        }
        if (start == at || end == at + 1) {
            return;
        }
        text.label(start, end, NamePart.EMAIL);
        announce(text, start, words, Note.EMAIL_BEFORE);
    }

    private static boolean isOfMail(NameText text, int i) {
        return text.tokens.isWord(i)
                || text.is(i, TokenKind.NUMBER)
                || text.is(i, TokenKind.AND)
                || text.is(i, TokenKind.MARK) && !isSign(text, i, ':');
    }

    /** {@code she/her}; in brackets also one pronoun, or several with commas. */
    private void pronouns(NameText text, int from) {
        int pronouns = 0;
        int slashes = 0;
        int end = from;
        for (int i = from; i < text.count(); i++) {
            if (isPronoun(text, i)) {
                pronouns++;
                end = i + 1;
            } else if (text.tokens.isSlash(i)) {
                slashes++;
            } else if (!text.is(i, TokenKind.COMMA)) {
                break;
            }
        }
        boolean closed = end == text.count() || text.label(end) == NameText.SEPARATOR;
        boolean bracketed = text.is(from - 1, TokenKind.OPEN) && text.is(end, TokenKind.CLOSE);
        if (pronouns > 1 && slashes > 0 && closed || pronouns > 0 && bracketed) {
            text.label(from, end, NamePart.PRONOUNS);
        }
    }

    private boolean isPronoun(NameText text, int i) {
        return text.tokens.isWord(i) && Note.PRONOUN_WORD.in(words.value(text.tokens, i, 1));
    }

    /** {@code Ada Thorne #12}, {@code Ada Thorne, no. 7}: a number that is announced, behind a name, makes no firm of it. */
    private void lastNumber(NameText text) {
        int number = text.count() - 1;
        if (!text.is(number, TokenKind.NUMBER) || text.label(number) != NameText.FREE) {
            return;
        }
        int start = isSign(text, number - 1, '#') ? number - 1 : announcement(text, number, words, Note.NUMBER_BEFORE);
        if (start < number && isPersonAlone(text, 0, start)) {
            text.label(start, number + 1, NamePart.UNPLACED);
        }
    }

    /** {@code Quayside Lodge No. 7}, {@code No. 1 Harbour Cafe}: the number of a firm or a lodge is of its name. */
    private static boolean isPersonAlone(NameText text, int from, int end) {
        for (int i = from; i < end; i++) {
            if (text.mayBeOrganisation(i)) {
                return false;
            }
        }
        return Beside.isPerson(text, from, end);
    }

    private void listNumber(NameText text) {
        int number = text.is(0, TokenKind.OPEN) || isSign(text, 0, '#') ? 1 : 0;
        boolean announced = number == 0 && Note.NUMBER_BEFORE.in(words.value(text.tokens, 0, 1));
        if (announced && text.is(1, TokenKind.NUMBER) && isPersonAlone(text, 2, text.count())) {
            text.label(0, 2, NamePart.LIST_NUMBER);
            return;
        }
        if (text.is(number, TokenKind.NUMBER) && text.tokens.letters(number) <= MOST_LIST_DIGITS) {
            int next = number + 1;
            boolean closed = text.is(next, TokenKind.CLOSE) || isSign(text, next, ':');
            boolean dotted = text.tokens.isDotted(number) && !text.tokens.isGlued(next < text.count() ? next : 0);
            if ((closed || number == 0 && dotted) && text.freeWords(next, text.count()) > 0) {
                text.label(0, next, NamePart.LIST_NUMBER);
                if (number == 1 && closed) {
                    text.label(0, 1, NameText.SEPARATOR);
                }
            }
        } else if (text.is(0, TokenKind.MARK)
                && BULLETS.indexOf(text.tokens.charAt(text.tokens.start(0))) >= 0
                && text.count() > 1
                && !text.tokens.isGlued(1)
                && text.isFreeWord(1)) {
            text.label(0, 1, NamePart.LIST_NUMBER);
        }
    }
}
