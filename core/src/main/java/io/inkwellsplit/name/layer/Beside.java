package io.inkwellsplit.name.layer;

import io.inkwellsplit.name.text.NameText;
import io.inkwellsplit.name.word.WordInfo;
import io.inkwellsplit.reading.NamePart;
import io.inkwellsplit.text.TokenKind;

/**
 * Finds the organisation beside a person: {@code Ada Thorne, Harrow Ltd}, {@code Harrow Ltd - Ada Thorne}.
 *
 * <p>Firms are named after people, and lists of partners have commas. So the one side must be an organisation beyond doubt,
 * with a name of its own, and the words of the other must speak for a whole name.
 */
final class Beside {
    /** By how much the first word of a person must speak for a given name, in natural-log odds. */
    private static final double GIVEN = 1;

    private static final int MOST_WORDS = 4;

    private Beside() {}

    static void peel(NameText text) {
        int cuts = 0;
        for (int i = 1; i < text.count() - 1; i++) {
            if (isCut(text, i)) {
                cuts++;
                if (isFirm(text, i + 1, text.count()) && isPerson(text, 0, i)) {
                    label(text, i + 1, text.count());
                    return;
                }
            }
        }
        for (int i = text.count() - 2; i > 0 && cuts == 1; i--) {
            if (isCut(text, i) && isFirm(text, 0, i) && isPerson(text, i + 1, text.count())) {
                label(text, 0, i);
            }
        }
    }

    private static boolean isCut(NameText text, int i) {
        return text.label(i) == NameText.SEPARATOR
                && (text.is(i, TokenKind.COMMA) || text.is(i, TokenKind.BREAK) || text.is(i, TokenKind.MARK));
    }

    private static void label(NameText text, int from, int end) {
        for (int i = from; i < end; i++) {
            if (text.label(i) == NameText.FREE) {
                text.label(i, i + 1, NamePart.ORGANISATION);
            }
        }
    }

    /** A word of organisations that is no name, and a word that is none: {@code Ltd} and {@code & Co} go on with a firm. */
    private static boolean isFirm(NameText text, int from, int end) {
        boolean firm = false;
        boolean named = false;
        boolean first = true;
        for (int i = from; i < end; i++) {
            if (isCut(text, i) || text.label(i) != NameText.FREE) {
                if (!first && isCut(text, i)) {
                    return false;
                }
                continue;
            }
            if (first && !text.tokens.isWord(i) && !text.is(i, TokenKind.NUMBER)) {
                return false;
            }
            first = false;
            boolean affix = text.lengthOf(i, WordInfo.ANY_SUFFIX | WordInfo.ANY_CREDENTIAL, end) > 0;
            if (affix && text.lengthOf(i, WordInfo.ORGANISATION, end) == 0) {
                return false;
            }
            int length = text.lengthOf(i, WordInfo.ORGANISATION | WordInfo.ORGANISATION_OR_NAME, end);
            if (length == 0) {
                named |= text.tokens.isWord(i) && !text.has(i, WordInfo.CONNECTOR);
            } else {
                boolean mayBeName = (text.classes(i, length) & WordInfo.ORGANISATION_OR_NAME) != 0;
                firm |= !mayBeName && !text.isInitial(i);
                named |= mayBeName && text.tokens.letters(i) > 2;
                i += length - 1;
            }
        }
        return firm && named;
    }

    /** Two to four plain words of which the first is a given name, or the family name, a comma and given names. */
    static boolean isPerson(NameText text, int from, int end) {
        int words = 0;
        int commas = 0;
        int given = -1;
        boolean behindComma = false;
        for (int i = from; i < end; i++) {
            if (text.label(i) == NameText.SEPARATOR) {
                behindComma |= text.is(i, TokenKind.COMMA) && words > 0;
                continue;
            }
            if (text.label(i) != NameText.FREE) {
                continue;
            }
            boolean affix = text.has(i, WordInfo.TITLE | WordInfo.SUFFIX | WordInfo.ANY_CREDENTIAL);
            if (!text.tokens.isWord(i)
                    || text.has(i, WordInfo.CONNECTOR)
                    || text.mayBeOrganisation(i) && text.lengthOf(i, WordInfo.ORGANISATION, end) > 0) {
                return false;
            }
            if (!affix) {
                given = given < 0 || behindComma ? i : given;
                commas += behindComma ? 1 : 0;
                behindComma = false;
                words++;
            }
        }
        return words > 1 && words <= MOST_WORDS && commas <= 1 && given >= 0 && text.odds(given) > GIVEN;
    }
}
