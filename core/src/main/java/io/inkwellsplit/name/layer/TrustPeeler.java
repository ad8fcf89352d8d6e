package io.inkwellsplit.name.layer;

import io.inkwellsplit.name.text.NameText;
import io.inkwellsplit.name.word.Layer;
import io.inkwellsplit.name.word.WordInfo;
import io.inkwellsplit.reading.NamePart;
import io.inkwellsplit.text.PhraseTable;
import io.inkwellsplit.text.TokenKind;

/** Takes off trusts: {@code Ines Brandt Living Trust}, {@code Trustee of the Marrow Family Trust dtd 3/4/1998}. */
final class TrustPeeler {

    private final PhraseTable layers;

    TrustPeeler(PhraseTable layers) {
        this.layers = layers;
    }

    /** Takes a trust whose head word stands at {@code head}; returns false if the word is not one. */
    boolean peel(NameText text, int head) {
        int start = head;
        while (start > 0 && text.isFreeWord(start - 1) && is(text, start - 1, Layer.TRUST_QUALIFIER)) {
            start--;
        }
        int end = dateEnd(text, head + 1);
        boolean shortForm = text.tokens.letters(head) == 2;
        if (shortForm && start == head && end == head + 1) {
            return false;
        }
        boolean closed = end >= text.count() || text.label(end) != NameText.FREE;
        if (!closed) {
            return false;
        }
        int own = ownSegment(text, head);
        if (own >= 0) {
            text.label(own, end, NamePart.TRUST);
            return true;
        }
        int nameStart = text.firstFreeWord();
        if (nameStart < head && text.has(nameStart, WordInfo.ARTICLE)) {
            nameStart++;
        }
        int named = text.freeWords(nameStart, start);
        if (named == 0 && start == head) {
            // "Trust, Mary Ann": the word alone is somebody's name.
            return false;
        }
        if (named >= 2) {
            text.label(text.firstFreeWord(), nameStart, NameText.ANNOUNCEMENT);
            text.label(start, end, NamePart.TRUST);
        } else {
            int from = text.firstFreeWord();
            text.label(from, end, NamePart.ORGANISATION);
            text.makeTrust();
        }
        return true;
    }

    /** {@code Ada Thorne, Trustee, Thorne Family Trust}: behind a role the trust has a name of its own; -1 if it has not. */
    private static int ownSegment(NameText text, int head) {
        int start = head;
        while (start > 0 && text.label(start - 1) == NameText.FREE) {
            start--;
        }
        boolean role = false;
        for (int i = 0; i < start; i++) {
            role |= text.label(i) == NamePart.ROLE.ordinal();
        }
        return role && text.is(start - 1, TokenKind.COMMA) && text.freeWords(0, start) > 1 && start < head ? start : -1;
    }

    /** Takes a trust that a role has announced: its whole name goes up to the end of the segment. */
    void peelNamed(NameText text, int from) {
        int end = from;
        boolean hasHead = false;
        while (end < text.count() && text.label(end) == NameText.FREE) {
            hasHead |= is(text, end, Layer.TRUST_HEAD);
            end++;
        }
        if (hasHead) {
            text.label(from, end, NamePart.TRUST);
        }
    }

    private int dateEnd(NameText text, int from) {
        if (from >= text.count()) {
            return from;
        }
        int length = layers.longest(text.tokens, from, text.count());
        boolean dated = length > 0 && Layer.TRUST_DATE.in(layers.value(text.tokens, from, length));
        if (!dated && !text.is(from, TokenKind.NUMBER)) {
            return from;
        }
        int end = from + length;
        while (end < text.count() && !text.is(end, TokenKind.CLOSE)) {
            boolean comma = text.is(end, TokenKind.COMMA);
            if (comma && !text.is(end + 1, TokenKind.NUMBER)) {
                break;
            }
            end++;
        }
        return end;
    }

    private boolean is(NameText text, int token, Layer layer) {
        return layer.in(layers.get(text.tokens.hash(token)));
    }
}
