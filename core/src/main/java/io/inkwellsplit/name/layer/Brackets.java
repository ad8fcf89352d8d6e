package io.inkwellsplit.name.layer;

import io.inkwellsplit.name.text.NameText;
import io.inkwellsplit.name.word.WordInfo;
import io.inkwellsplit.reading.NamePart;
import io.inkwellsplit.text.TokenKind;

/** Labels what stands in quotes and brackets, and birth names, which may stand without either. */
public final class Brackets {
    private Brackets() {}

    /** Signs that only separate, such as a hyphen between blanks, become separators. */
    public static void blankWords(NameText text) {
        for (int i = 0; i < text.count(); i++) {
            if (text.label(i) == NameText.FREE
                    && text.tokens.isSeparating(i)
                    && !text.tokens.isSlash(i)
                    && !text.has(i, WordInfo.LAYER)) {
                text.label(i, i + 1, NameText.SEPARATOR);
            }
        }
    }

    public static void label(NameText text) {
        int outside = freeOutside(text);
        for (int i = 0; i < text.count(); i++) {
            TokenKind kind = text.tokens.kind(i);
            if (kind == TokenKind.OPEN || kind == TokenKind.QUOTE) {
                int end = closing(text, i);
                if (outside > 0) {
                    content(text, i + 1, end);
                }
                i = end;
            } else if (kind == TokenKind.WORD && text.has(i, WordInfo.BIRTH) && announcesBirth(text, i)) {
                i = birthName(text, i) - 1;
            }
        }
    }

    /** How many words stand outside brackets and quotes: where there are none, they hold the name itself. */
    private static int freeOutside(NameText text) {
        int words = 0;
        for (int i = 0; i < text.count(); i++) {
            TokenKind kind = text.tokens.kind(i);
            if (kind == TokenKind.OPEN || kind == TokenKind.QUOTE) {
                i = closing(text, i);
            } else if (text.isFreeWord(i)) {
                words++;
            }
        }
        return words;
    }

    private static int closing(NameText text, int open) {
        TokenKind wanted = text.is(open, TokenKind.OPEN) ? TokenKind.CLOSE : TokenKind.QUOTE;
        int i = open + 1;
        while (i < text.count() && !text.is(i, wanted)) {
            i++;
        }
        return i;
    }

    private static void content(NameText text, int from, int end) {
        if (text.freeWords(from, end) == 0) {
            return;
        }
        if (hasNumber(text, from, end)) {
            free(text, from, end, NamePart.UNPLACED);
            return;
        }
        if (isOrganisation(text, from, end)) {
            free(text, from, end, NamePart.ORGANISATION);
            return;
        }
        if (text.isFreeWord(from) && text.has(from, WordInfo.BIRTH) && from + 1 < end) {
            text.label(from, from + 1, NameText.ANNOUNCEMENT);
            free(text, from + 1, end, NamePart.BIRTH_NAME);
        } else if (all(text, from, end, WordInfo.SUFFIX) && !text.has(from, WordInfo.SUFFIX_OR_NAME)) {
            free(text, from, end, NamePart.SUFFIX);
        } else if (all(text, from, end, WordInfo.ANY_CREDENTIAL)) {
            free(text, from, end, NamePart.CREDENTIALS);
        } else if (all(text, from, end, WordInfo.TITLE)) {
            free(text, from, end, NamePart.TITLE);
        } else {
            free(text, from, end, isRemark(text, from, end) ? NamePart.UNPLACED : NamePart.NICKNAME);
        }
    }

    /** {@code (son of Neil)}: what somebody is called begins with a capital, where the name has capitals. */
    private static boolean isRemark(NameText text, int from, int end) {
        int first = from;
        while (first < end && !text.isFreeWord(first)) {
            first++;
        }
        return text.is(from - 1, TokenKind.OPEN)
                && text.tokens.isMixedCase()
                && Character.isLowerCase(text.tokens.charAt(text.tokens.start(first)));
    }

    /** What has a number is no called-by name: {@code (ID 4711)}. */
    private static boolean hasNumber(NameText text, int from, int end) {
        for (int i = from; i < end; i++) {
            if (text.is(i, TokenKind.NUMBER) && text.label(i) == NameText.FREE) {
                return true;
            }
        }
        return false;
    }

    /** {@code Ada Thorne (Harrow Ltd)}: a word of organisations inside, and none outside. */
    private static boolean isOrganisation(NameText text, int from, int end) {
        return hasOrganisationWord(text, from, end)
                && !hasOrganisationWord(text, 0, from)
                && !hasOrganisationWord(text, end, text.count());
    }

    private static boolean hasOrganisationWord(NameText text, int from, int end) {
        for (int i = from; i < end; i++) {
            int length = text.label(i) == NameText.FREE ? text.lengthOf(i, WordInfo.ORGANISATION, end) : 0;
            if (length > 0 && (text.classes(i, length) & WordInfo.ORGANISATION_OR_NAME) == 0) {
                return true;
            }
        }
        return false;
    }

    private static boolean all(NameText text, int from, int end, int classes) {
        for (int i = from; i < end; i++) {
            if (text.isFreeWord(i)) {
                int length = text.lengthOf(i, classes, end);
                if (length == 0) {
                    return false;
                }
                i += length - 1;
            }
        }
        return true;
    }

    private static void free(NameText text, int from, int end, NamePart part) {
        for (int i = from; i < end; i++) {
            if (text.label(i) == NameText.FREE) {
                text.label(i, i + 1, part);
            }
        }
    }

    /** {@code Max Born} and {@code Born, Max} are names: the word must stand inside, and be written as a remark. */
    private static boolean announcesBirth(NameText text, int i) {
        boolean inside = text.freeWords(0, i) > 0 && i + 1 < text.count() && text.isFreeWord(i + 1);
        boolean plain = text.tokens.isMixedCase() && text.tokens.startsUpper(i) && !text.tokens.isDotted(i);
        return inside && !plain;
    }

    /** Labels the particles and the one name that follow; returns the token behind. */
    private static int birthName(NameText text, int i) {
        text.label(i, i + 1, NameText.ANNOUNCEMENT);
        int end = i + 1;
        while (end + 1 < text.count() && text.has(end, WordInfo.ANY_PARTICLE) && text.isFreeWord(end + 1)) {
            end++;
        }
        text.label(i + 1, end + 1, NamePart.BIRTH_NAME);
        return end + 1;
    }
}
