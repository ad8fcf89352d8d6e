package io.inkwellsplit.address.weigh;

import io.inkwellsplit.address.place.Postcodes;
import io.inkwellsplit.text.TokenKind;
import io.inkwellsplit.text.Tokens;

/** What a token looks like by itself, as numbers. */
final class TokenLook {
    private static final int ENDING = 3;

    private TokenLook() {}

    /** Returns the last letters of a token. */
    static int ending(Tokens tokens, int token) {
        int end = tokens.end(token) - (tokens.isDotted(token) ? 1 : 0);
        int h = tokens.letters(token) > ENDING ? 1 : 2;
        int letters = tokens.isIdeograph(token) ? 1 : ENDING;
        for (int i = Math.max(tokens.start(token), end - letters); i < end; i++) {
            h = AddressClues.mix(h, tokens.foldAt(i));
        }
        return h;
    }

    /** What a word looks like, but for its letters. */
    static int shape(Tokens tokens, int token) {
        if (tokens.is(token, TokenKind.MARK) || tokens.is(token, TokenKind.AND)) {
            return tokens.charAt(tokens.start(token));
        }
        int letters = Math.min(tokens.letters(token), 6);
        int digit = tokens.hasDigit(token) ? tokens.isWord(token) ? 2 : 1 : 0;
        int casing = !tokens.isMixedCase() ? 0 : tokens.isAllCaps(token) ? 1 : tokens.startsUpper(token) ? 2 : 3;
        return 1000
                + letters
                + 8 * digit
                + 32 * casing
                + (tokens.hasHyphen(token) ? 128 : 0)
                + (tokens.isDotted(token) ? 256 : 0);
    }

    /** A number by the kinds of its signs: {@code 12-A}. */
    static int pattern(Tokens tokens, int token) {
        int h = 7;
        for (int i = tokens.start(token); i < tokens.end(token); i++) {
            char c = tokens.charAt(i);
            h = AddressClues.mix(h, Postcodes.isDigit(c) ? '9' : Postcodes.isLetter(c) ? 'a' : c);
        }
        return h;
    }
}
