package io.inkwellsplit.address;

import io.inkwellsplit.text.TokenKind;
import io.inkwellsplit.text.Tokens;

/** Takes the country, the postcode and the state or county off the end of an address. */
final class Tail {
    private static final int MAX_PHRASE = 5;

    /** What the postcode was found to be. */
    enum Postcode {
        NONE,
        US,
        /** Four digits behind a state: the leading zero is lost. */
        US_SHORT,
        GB
    }

    private Postcode postcode = Postcode.NONE;

    Postcode postcode() {
        return postcode;
    }

    /** Labels the tail; what it does not claim stays free. */
    void take(AddressText text) {
        postcode = Postcode.NONE;
        if (take(text, AddressWords.COUNTRY, AddressPart.COUNTRY)) {
            // "England, UK" is one country written twice.
            take(text, AddressWords.COUNTRY, AddressPart.COUNTRY);
        }
        boolean found = postcode(text);
        if (!found && take(text, AddressWords.COUNTRY, AddressPart.COUNTRY)) {
            found = postcode(text);
        }
        if (found && postcode == Postcode.GB) {
            take(text, AddressWords.COUNTRY, AddressPart.COUNTRY);
            take(text, AddressWords.COUNTY, AddressPart.COUNTY);
        } else if (!take(text, AddressWords.STATE, AddressPart.STATE) && !found) {
            take(text, AddressWords.COUNTY, AddressPart.COUNTY);
        }
    }

    /** Labels the longest phrase of a class that ends the free text and leaves some before it. */
    private static boolean take(AddressText text, int classes, AddressPart part) {
        int end = text.lastFree(text.count) + 1;
        for (int length = MAX_PHRASE; length >= 1; length--) {
            int at = end - length;
            if (at > 0 && text.isFree(at) && text.lengthOf(at, classes) == length) {
                boolean lowerWord = length == 1
                        && text.tokens.isMixedCase()
                        && text.tokens.isAllLower(at)
                        && text.tokens.letters(at) == 2;
                if (lowerWord) {
                    return false;
                }
                text.label(at, end, part);
                return true;
            }
        }
        return false;
    }

    private boolean postcode(AddressText text) {
        int last = text.lastFree(text.count);
        if (last <= 0) {
            return false;
        }
        Tokens tokens = text.tokens;
        if (text.is(last, TokenKind.NUMBER)) {
            int digits = digits(tokens, last);
            int length = tokens.letters(last);
            if (digits == length && (digits == 5 || digits == 9)) {
                return found(text, last, last + 1, Postcode.US);
            }
            int before = text.lastFree(last);
            if (digits == length && digits == 4 && before > 0 && endsInState(text, before + 1)) {
                return found(text, last, last + 1, Postcode.US_SHORT);
            }
            if (isInward(tokens, last) && text.isFree(last - 1) && isOutward(tokens, last - 1)) {
                return found(text, last - 1, last + 1, Postcode.GB);
            }
        } else if (tokens.isWord(last) && isWholeGb(tokens, last)) {
            return found(text, last, last + 1, Postcode.GB);
        }
        return false;
    }

    private static boolean endsInState(AddressText text, int end) {
        for (int length = 1; length <= 3; length++) {
            int at = end - length;
            if (at > 0 && text.lengthOf(at, AddressWords.STATE) == length) {
                return true;
            }
        }
        return false;
    }

    private boolean found(AddressText text, int from, int end, Postcode kind) {
        text.label(from, end, AddressPart.POSTCODE);
        postcode = kind;
        return true;
    }

    private static int digits(Tokens tokens, int token) {
        int digits = 0;
        for (int i = tokens.start(token); i < tokens.end(token); i++) {
            digits += isDigit(tokens.charAt(i)) ? 1 : 0;
        }
        return digits;
    }

    private static boolean isDigit(char c) {
        return c >= '0' && c <= '9';
    }

    /** {@code 2AA}: a digit and two letters, the second half of a British postcode. */
    private static boolean isInward(Tokens tokens, int token) {
        int start = tokens.start(token);
        return tokens.letters(token) == 3
                && isDigit(tokens.charAt(start))
                && Character.isLetter(tokens.charAt(start + 1))
                && Character.isLetter(tokens.charAt(start + 2));
    }

    /** {@code SW1A}, {@code CT5}, {@code M1}: the first half. */
    private static boolean isOutward(Tokens tokens, int token) {
        return tokens.isWord(token) && isOutward(tokens, tokens.start(token), tokens.letters(token));
    }

    private static boolean isOutward(Tokens tokens, int start, int length) {
        if (length < 2 || length > 4 || !Character.isLetter(tokens.charAt(start))) {
            return false;
        }
        int digitsFrom = Character.isLetter(tokens.charAt(start + 1)) ? 2 : 1;
        return digitsFrom < length && isDigit(tokens.charAt(start + digitsFrom)) && length - digitsFrom <= 2;
    }

    private static boolean isWholeGb(Tokens tokens, int token) {
        int length = tokens.letters(token);
        int start = tokens.start(token);
        return length >= 5
                && length <= 7
                && isDigit(tokens.charAt(start + length - 3))
                && Character.isLetter(tokens.charAt(start + length - 2))
                && Character.isLetter(tokens.charAt(start + length - 1))
                && isOutward(tokens, start, length - 3);
    }
}
