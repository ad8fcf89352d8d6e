package io.inkwellsplit.name.layer;

import io.inkwellsplit.name.text.NameText;
import io.inkwellsplit.name.word.Layer;
import io.inkwellsplit.name.word.NameWords;
import io.inkwellsplit.name.word.WordInfo;
import io.inkwellsplit.reading.NamePart;
import io.inkwellsplit.text.PhraseTable;
import io.inkwellsplit.text.TokenKind;

/**
 * Takes off what stands around a name, from left to right, before the name itself is read.
 *
 * <p>Each phrase of {@code layers.txt} is taken only where its section says that it may stand, so that a person named
 * like a keyword keeps the name.
 */
public final class Peeler {
    private static final int MIN_MISSPELT = 5;

    private final NameWords words;
    private final TrustPeeler trusts;

    public Peeler(NameWords words) {
        this.words = words;
        this.trusts = new TrustPeeler(words.layers());
    }

    public void peel(NameText text) {
        boolean any = false;
        for (int i = 0; i < text.count(); i++) {
            any |= keyword(text, i);
        }
        for (int i = 0; i < text.count() && any; i++) {
            if (text.label(i) == NameText.FREE && text.has(i, WordInfo.LAYER)) {
                peelAt(text, i);
            }
        }
        if (text.hasMore() && (text.hasComma() || text.hasMarks())) {
            Beside.peel(text);
        }
    }

    /** Returns whether a phrase may start here, after putting a misspelt keyword right. */
    private boolean keyword(NameText text, int i) {
        if (text.isForeign(i)
                && text.tokens.isWord(i)
                && text.tokens.letters(i) >= MIN_MISSPELT
                && !text.tokens.hasHyphen(i)
                && !text.tokens.hasApostrophe(i)) {
            long meant = words.keywords().meant(text.tokens, i);
            if (meant != PhraseTable.NONE) {
                text.tokens.correct(i, meant);
                text.take(i, words.info(meant) & WordInfo.LAYER);
            }
        }
        return text.has(i, WordInfo.LAYER);
    }

    private void peelAt(NameText text, int i) {
        int length = text.layerLength(i);
        if (length == 0) {
            return;
        }
        int layers = text.layers(i, length);
        int end = i + length;
        boolean front = text.freeWords(0, i) == 0;
        boolean nameFollows = text.freeWords(end, text.count()) > 0;
        if (Layer.TRUST_HEAD.in(layers) && trusts.peel(text, i)) {
            return;
        }
        if (front && isHeading(text, end, layers)) {
            heading(text, i, end, layers);
        } else if (Layer.CARE_OF_BEFORE.in(layers) && nameFollows && (length > 1 || !front)) {
            receiver(text, i, end, NamePart.CARE_OF);
        } else if (Layer.ATTENTION_BEFORE.in(layers) && nameFollows) {
            receiver(text, i, end, NamePart.ATTENTION);
        } else if (Layer.FORMER_NAME_BEFORE.in(layers) && nameFollows && !front) {
            receiver(text, i, end, NamePart.FORMER_NAME);
        } else if (Layer.ORGANISATION_BEFORE.in(layers) && nameFollows && !front) {
            receiver(text, i, end, NamePart.ORGANISATION);
        } else if (Layer.ROLE_FRONT.in(layers) && !front && isOfAnother(text, i, end)) {
            roleForAnother(text, i, end);
        } else if (Layer.ROLE_FRONT.in(layers) && nameFollows && (front || endsInPreposition(text, end))) {
            roleInFront(text, i, end);
        } else if (Layer.ESTATE_FRONT.in(layers) && nameFollows && opensName(text, i, length)) {
            text.label(i, end, NamePart.ESTATE);
        } else if (Layer.DECEASED_FRONT.in(layers) && front && nameFollows && !isTail(text, end)) {
            text.label(i, end, NamePart.DECEASED);
        } else if (Layer.SPOUSE_PARTNER.in(layers) && (!front || isBracketed(text, i, end))) {
            spouse(text, i, end);
        } else {
            mark(text, i, end, layers, front);
        }
    }

    /** {@code Name: Ada Thorne}, {@code Treasurer - Ada Thorne}. */
    private static boolean isHeading(NameText text, int end, int layers) {
        boolean colon = Notes.isSign(text, end, ':');
        boolean role = Layer.OFFICE_MARK.in(layers) || Layer.ROLE_MARK.in(layers);
        boolean dash = end < text.count() && text.label(end) == NameText.SEPARATOR && text.tokens.isSeparating(end);
        return (colon && Layer.NAME_BEFORE.in(layers) || (colon || dash) && role)
                && text.freeWords(end, text.count()) > 1;
    }

    private static void heading(NameText text, int i, int end, int layers) {
        if (Layer.NAME_BEFORE.in(layers)) {
            text.label(i, end + 1, NameText.ANNOUNCEMENT);
        } else {
            text.label(i, end, NamePart.ROLE);
            text.label(end, end + 1, NameText.SEPARATOR);
        }
    }

    /** {@code Estate Planning Services}. */
    private static boolean isFirm(NameText text, int from) {
        for (int i = from; i < text.count(); i++) {
            if (text.isFreeWord(i)
                    && text.lengthOf(i, WordInfo.ORGANISATION | WordInfo.ORGANISATION_OR_NAME, text.count()) > 0) {
                return true;
            }
        }
        return false;
    }

    /** {@code Neil Harrow, Executor of the Estate of Ada Thorne}: a whole name in front, and what it acts for behind. */
    private static boolean isOfAnother(NameText text, int i, int end) {
        int next = next(text, end);
        int length = next < text.count() ? text.layerLength(next) : 0;
        boolean estate = length > 0 && Layer.ESTATE_FRONT.in(text.layers(next, length));
        boolean apart = text.is(i - 1, TokenKind.COMMA) || text.is(i - 1, TokenKind.OPEN);
        return text.freeWords(0, i) > 1
                && (estate && apart || !estate && endsInPreposition(text, end) && text.freeWords(end, text.count()) > 1)
                && !namesTrust(text, end);
    }

    private static boolean namesTrust(NameText text, int from) {
        for (int i = from; i < text.count(); i++) {
            int length = text.layerLength(i);
            if (length > 0 && Layer.TRUST_HEAD.in(text.layers(i, length))) {
                return true;
            }
        }
        return false;
    }

    /** The person acts for somebody, or for that is not the person's own: all of it is the role. */
    private static void roleForAnother(NameText text, int i, int end) {
        int stop = end;
        while (stop < text.count() && text.label(stop) == NameText.FREE) {
            stop++;
        }
        text.label(i, stop, NamePart.ROLE);
    }

    /** Returns the token behind an article. */
    private static int next(NameText text, int end) {
        return end < text.count() && text.has(end, WordInfo.ARTICLE) ? end + 1 : end;
    }

    private static boolean opensName(NameText text, int i, int length) {
        return length > 1 || text.freeWords(0, i) == 0 && !isFirm(text, i + 1);
    }

    private static boolean endsInPreposition(NameText text, int end) {
        return text.has(end - 1, WordInfo.PREPOSITION);
    }

    private void mark(NameText text, int i, int end, int layers, boolean front) {
        NamePart part = null;
        if (Layer.DECEASED_MARK.in(layers)) {
            part = NamePart.DECEASED;
        } else if (Layer.ESTATE_MARK.in(layers)) {
            part = NamePart.ESTATE;
        } else if (Layer.OTHERS_MARK.in(layers)) {
            part = NamePart.OTHERS;
        } else if (Layer.ROLE_MARK.in(layers)) {
            part = NamePart.ROLE;
        } else if (isRemark(text, i, end, layers)) {
            part = Layer.UNPLACED_MARK.in(layers) ? NamePart.UNPLACED : NamePart.ROLE;
        }
        boolean behindName = !front && isTail(text, end) && !isLonelyFamilyName(text, i, end);
        if (part != null && (behindName || isBracketed(text, i, end))) {
            text.label(i, end, part);
            if (i > 0 && text.tokens.isSeparating(i - 1) && text.label(i - 1) == NameText.FREE) {
                text.label(i - 1, i, NameText.SEPARATOR);
            }
        }
    }

    /** A common word is a remark where it is written apart, and behind a whole name where no list of names has it. */
    private static boolean isRemark(NameText text, int i, int end, int layers) {
        if (!Layer.OFFICE_MARK.in(layers) && !Layer.UNPLACED_MARK.in(layers)) {
            return false;
        }
        boolean bracketed = text.is(i - 1, TokenKind.OPEN) && text.is(end, TokenKind.CLOSE);
        boolean whole = text.freeWords(0, i) > 1;
        boolean apart = i > 0 && (text.label(i - 1) == NameText.SEPARATOR || text.tokens.isSeparating(i - 1));
        boolean name = end - i == 1 && WordInfo.isListed(text.info(i));
        return bracketed || whole && (apart || !name);
    }

    /** A single plain word behind one other word without a comma is that person's last name. */
    private static boolean isLonelyFamilyName(NameText text, int i, int end) {
        return end - i == 1
                && text.tokens.isWord(i)
                && text.isFreeWord(i - 1 < 0 ? i : i - 1)
                && text.freeWords(0, i) == 1
                && !text.has(firstFree(text), WordInfo.ANY_TITLE)
                && (WordInfo.isListed(text.info(i)));
    }

    private static int firstFree(NameText text) {
        return Math.min(text.firstFreeWord(), text.count() - 1);
    }

    /** Nothing of the name follows: the value, the bracket or the comma segment ends, or another phrase begins. */
    private boolean isTail(NameText text, int end) {
        return end >= text.count()
                || text.label(end) != NameText.FREE
                || !text.tokens.isWord(end) && text.tokens.kind(end) == TokenKind.AND
                || text.layerLength(end) > 0;
    }

    private static boolean isBracketed(NameText text, int i, int end) {
        boolean opens =
                text.is(i - 1, TokenKind.OPEN) || text.is(i - 1, TokenKind.QUOTE) || text.is(i - 1, TokenKind.COMMA);
        return opens && (end >= text.count() || text.label(end) != NameText.FREE);
    }

    /** {@code Trustee of the …}: the preposition and the article only announce. */
    private void roleInFront(NameText text, int i, int end) {
        int roleEnd = end;
        while (roleEnd > i + 1 && endsInPreposition(text, roleEnd)) {
            roleEnd--;
        }
        text.label(i, roleEnd, NamePart.ROLE);
        int next = next(text, end);
        text.label(roleEnd, next, NameText.ANNOUNCEMENT);
        trusts.peelNamed(text, next);
    }

    private void spouse(NameText text, int i, int end) {
        // "Neil Harrow and his wife, Ada Harrow": the comma parts them no more than the words do.
        int name = text.is(end, TokenKind.COMMA) && text.freeWords(0, i) > 1 ? end + 1 : end;
        boolean joins = name < text.count() && text.isFreeWord(name) && !isTail(text, name) && text.joinStart() < 0;
        if (joins) {
            text.label(i, end, NameText.ANNOUNCEMENT);
            text.join(i, name);
        } else if (isTail(text, end)) {
            text.label(i, end, NamePart.SPOUSE);
        }
    }

    private void receiver(NameText text, int i, int end, NamePart part) {
        boolean front = text.freeWords(0, i) == 0 && !isBracketed(text, i, i);
        text.label(i, end, NameText.ANNOUNCEMENT);
        int stop = end;
        while (stop < text.count() && !text.is(stop, TokenKind.CLOSE)) {
            boolean comma = text.is(stop, TokenKind.COMMA)
                    || text.is(stop, TokenKind.BREAK)
                    || text.tokens.isSeparating(stop) && text.label(stop) == NameText.SEPARATOR;
            if (comma && (front && text.freeWords(stop, text.count()) > 0 || isMarkBehind(text, stop + 1))) {
                break;
            }
            stop++;
        }
        for (int at = end; at < stop; at++) {
            if (text.label(at) == NameText.FREE) {
                text.label(at, at + 1, part);
            }
        }
    }

    private boolean isMarkBehind(NameText text, int i) {
        int length = i < text.count() ? text.layerLength(i) : 0;
        return length > 0 && isTail(text, i + length);
    }
}
