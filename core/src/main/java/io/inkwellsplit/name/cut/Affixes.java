package io.inkwellsplit.name.cut;

import io.inkwellsplit.name.text.NameText;
import io.inkwellsplit.name.word.WordInfo;
import io.inkwellsplit.reading.NamePart;
import io.inkwellsplit.text.TokenKind;
import org.jspecify.annotations.Nullable;

/**
 * Finds the titles, suffixes and credentials of one person and what is left: the name words, by comma segment.
 *
 * <p>A word that may be an affix or a name is taken as the one or the other, as the caller wishes; whether there was
 * such a word is kept, so that both ways can be proposed. A buffer, reused for every value.
 */
public final class Affixes {
    /** What to do with words that may be a name. */
    public enum Doubtful {
        TAKE,
        LEAVE
    }

    private static final int ANY_AFFIX = WordInfo.ANY_TITLE | WordInfo.ANY_SUFFIX | WordInfo.ANY_CREDENTIAL;

    private byte[] labels = new byte[32];
    public int[] words = new int[32];
    public int[] segments = new int[32];
    public int count;
    /** Whether a comma stands behind the last name word. */
    boolean trailingComma;

    boolean doubtfulTitle;
    boolean doubtfulTail;
    private Doubtful titles = Doubtful.TAKE;
    private Doubtful tails = Doubtful.TAKE;

    public void scan(NameText text, int from, int to, Doubtful titleMode, Doubtful tailMode) {
        titles = titleMode;
        tails = tailMode;
        count = 0;
        trailingComma = false;
        doubtfulTitle = false;
        doubtfulTail = false;
        if (labels.length < text.count()) {
            labels = new byte[text.count() * 2];
            words = new int[labels.length];
            segments = new int[labels.length];
        }
        System.arraycopy(text.labels(), from, labels, from, to - from);
        int segment = 0;
        int start = from;
        for (int i = from; i <= to; i++) {
            if (i == to || text.is(i, TokenKind.COMMA) || text.is(i, TokenKind.BREAK)) {
                int before = count;
                segment(text, start, i, segment);
                if (count > before) {
                    segment++;
                    trailingComma = i < to;
                } else if (count > 0 && i < to) {
                    trailingComma = true;
                }
                start = i + 1;
            }
        }
    }

    void copyTo(Candidate candidate, int from, int to) {
        System.arraycopy(labels, from, candidate.labels, from, to - from);
    }

    private void segment(NameText text, int from, int to, int segment) {
        int start = from;
        while (start < to && labels[start] != NameText.FREE) {
            start++;
        }
        int end = to;
        while (end > start && labels[end - 1] != NameText.FREE) {
            end--;
        }
        start = titles(text, start, end);
        end = tails(text, start, end, segment);
        int firstWord = count;
        for (int i = start; i < end; i++) {
            if (labels[i] != NameText.FREE) {
                continue;
            }
            if (!text.tokens.isWord(i)) {
                labels[i] = (byte) NamePart.UNPLACED.ordinal();
            } else if (count > firstWord
                    && text.has(i, WordInfo.SUFFIX)
                    && !text.has(i, WordInfo.SUFFIX_OR_NAME)
                    && !isInitialsHere(text, i, from, to)) {
                labels[i] = (byte) NamePart.SUFFIX.ordinal();
            } else {
                words[count] = i;
                segments[count] = segment;
                count++;
            }
        }
    }

    private int titles(NameText text, int from, int end) {
        int start = from;
        while (start < end && labels[start] == NameText.FREE) {
            int length = text.lengthOf(start, WordInfo.ANY_TITLE, end);
            if (length == 0) {
                break;
            }
            int classes = text.classes(start, length);
            if ((classes & WordInfo.ANY_SUFFIX) != 0 && count > 0 && isBehindNames(text, start + length, end)) {
                // "Brandt, Tobias, Sr.": behind the names it is the suffix.
                break;
            }
            boolean sure = (classes & WordInfo.TITLE_OR_NAME) == 0;
            if (!sure && !text.tokens.isDotted(start + length - 1)) {
                doubtfulTitle = true;
                if (titles == Doubtful.LEAVE) {
                    break;
                }
            }
            label(start, start + length, NamePart.TITLE);
            start += length;
        }
        return start;
    }

    private static boolean isBehindNames(NameText text, int next, int end) {
        return next == end
                || !text.isInitial(next) && text.lengthOf(next, WordInfo.ANY_SUFFIX | WordInfo.ANY_CREDENTIAL, end) > 0;
    }

    private int tails(NameText text, int start, int to, int segment) {
        int end = to;
        while (end > start) {
            int length = tailLength(text, start, end, segment);
            if (length == 0) {
                break;
            }
            end -= length;
            while (end > start && labels[end - 1] != NameText.FREE) {
                end--;
            }
        }
        return end;
    }

    /** Labels the affix that ends before {@code end}, and returns its length; 0 if there is none. */
    private int tailLength(NameText text, int start, int end, int segment) {
        boolean mayEmpty = segment > 0 || count > 0;
        for (int length = 3; length >= 1; length--) {
            int at = end - length;
            boolean room = mayEmpty ? at >= start : at > start;
            if (!room || labels[at] != NameText.FREE || (text.classesOf(at, length) & ANY_AFFIX) == 0) {
                continue;
            }
            NamePart part = tailPart(text, at, length, at == start && segment > 0, start, end);
            if (part != null) {
                label(at, end, part);
                return length;
            }
        }
        return 0;
    }

    private @Nullable NamePart tailPart(NameText text, int at, int length, boolean alone, int start, int end) {
        int classes = text.classes(at, length);
        if (isInitialsHere(text, at, start, end)) {
            classes |= WordInfo.SUFFIX_OR_NAME;
        }
        if (isSpacedInitials(text, at, length)) {
            classes |= WordInfo.CREDENTIAL_OR_NAME;
        }
        boolean leavesNoGivenName = alone && count == 1;
        if (leavesNoGivenName && text.isInitial(at)) {
            classes |= WordInfo.CREDENTIAL_OR_NAME;
        }
        // "Mia Neto, JD": what fills a segment behind a whole name is no name.
        boolean behindName = alone && count > 1 && text.tokens.letters(at) > 1;
        if ((classes & WordInfo.ANY_SUFFIX) != 0 && (behindName || accepts(classes & WordInfo.SUFFIX_OR_NAME))) {
            return NamePart.SUFFIX;
        }
        if ((classes & WordInfo.ANY_CREDENTIAL) != 0
                && looksLikeLetters(text, at, length, classes)
                && (behindName || accepts(classes & WordInfo.CREDENTIAL_OR_NAME))) {
            return NamePart.CREDENTIALS;
        }
        boolean sureTitle = (classes & WordInfo.TITLE) != 0 && (classes & WordInfo.TITLE_OR_NAME) == 0;
        return sureTitle && (alone || length > 1 || !WordInfo.isListed(text.info(at))) ? NamePart.TITLE : null;
    }

    /** {@code J.D.} is a degree, {@code J. D.} may be two initials. */
    private static boolean isSpacedInitials(NameText text, int at, int length) {
        for (int i = at; i < at + length; i++) {
            if (!text.isInitial(i) || i > at && text.tokens.isGlued(i)) {
                return false;
            }
        }
        return length > 1;
    }

    private boolean accepts(int doubtful) {
        if (doubtful == 0) {
            return true;
        }
        doubtfulTail = true;
        return tails == Doubtful.TAKE;
    }

    /** {@code MA} and {@code Ph.D.} may be letters behind a name; {@code Ma} in a text of mixed case is none. */
    private static boolean looksLikeLetters(NameText text, int at, int length, int classes) {
        boolean doubtful = (classes & WordInfo.CREDENTIAL_OR_NAME) != 0;
        return length > 1 || !doubtful || !text.tokens.isMixedCase() || text.isAllCaps(at);
    }

    /** {@code JR} behind a single name may be two initials. */
    private boolean isInitialsHere(NameText text, int at, int start, int end) {
        return text.isInitialsTogether(at)
                && text.has(at, WordInfo.SUFFIX)
                && !text.tokens.isDotted(at)
                && count + text.freeWords(start, text.count()) <= 2;
    }

    private void label(int from, int end, NamePart part) {
        for (int i = from; i < end; i++) {
            labels[i] = (byte) part.ordinal();
        }
    }
}
