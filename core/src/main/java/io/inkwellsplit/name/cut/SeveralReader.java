package io.inkwellsplit.name.cut;

import io.inkwellsplit.name.column.Layout;
import io.inkwellsplit.name.cut.Candidate.Couple;
import io.inkwellsplit.name.text.NameText;
import io.inkwellsplit.name.word.WordInfo;
import io.inkwellsplit.reading.Kind;
import io.inkwellsplit.reading.NamePart;
import io.inkwellsplit.text.TokenKind;
import io.inkwellsplit.weigh.CandidatePool;
import java.util.Arrays;

/**
 * Finds lists of people: {@code Ada Thorne; Neil Harrow; Tom Brandt}, {@code Ada, Neil and Tom Harrow},
 * {@code Harrow, Ada, Neil & Tom}. The first two are read as a couple is, the others stay whole.
 *
 * <p>A semicolon, a line's end or a stroke parts people. A comma may part anything, so where there are only commas the words
 * themselves must speak for names, and a word of organisations speaks for a firm. A buffer, reused for every value.
 */
public final class SeveralReader {
    private static final int MOST_PEOPLE = 12;

    private final CoupleReader couples = new CoupleReader();
    private final int[] starts = new int[MOST_PEOPLE + 1];
    private final int[] ends = new int[MOST_PEOPLE + 1];
    private int pieces;
    /** Whether the last two pieces are joined by a word or sign such as {@code and}. */
    private boolean closesWithAnd;

    /** Returns whether the value is such a list, for which candidates were added. */
    public boolean propose(NameText text, CandidatePool<Candidate> out) {
        int sure = 0;
        int all = 0;
        for (int i = 0; i < text.count(); i++) {
            boolean parts = !text.tokens.isWord(i) && isSure(text, i);
            sure += parts ? 1 : 0;
            all += parts || isSeparator(text, i) ? 1 : 0;
        }
        if (text.joinStart() >= 0 || sure == 0 && all < 2) {
            return false;
        }
        int before = out.size();
        if (sure > 0 && cut(text, true) && pieces > 1 && areWhole(text, false)) {
            wholeNames(text, out);
        } else if (cut(text, false) && pieces > 2) {
            if (areWhole(text, true)) {
                wholeNames(text, out);
            } else if (closesWithAnd && isFamilyBehind(text)) {
                out.add().start(text, Kind.SEVERAL);
                familyBehind(text, out.get(before));
            } else if (closesWithAnd && pieces > 3 && isFamilyInFront(text)) {
                out.add().start(text, Kind.SEVERAL);
                familyInFront(out.get(before));
            }
        }
        return out.size() > before;
    }

    /** Cuts the value at what parts people; returns false where something else stands in it, or there are too many. */
    private boolean cut(NameText text, boolean atSureSignsAlone) {
        pieces = 0;
        closesWithAnd = false;
        int from = 0;
        for (int i = 0; i <= text.count(); i++) {
            boolean cuts = i == text.count() || (atSureSignsAlone ? isSure(text, i) : isSeparator(text, i));
            if (!cuts) {
                if (text.label(i) == NameText.FREE && isFirm(text, i)) {
                    return false;
                }
                continue;
            }
            if (text.freeWords(from, i) > 0) {
                if (pieces == MOST_PEOPLE) {
                    return false;
                }
                starts[pieces] = from;
                ends[pieces] = i;
                pieces++;
                closesWithAnd = from > 0 && CoupleReader.isConnector(text, from - 1);
            }
            from = i + 1;
        }
        return true;
    }

    private static boolean isFirm(NameText text, int i) {
        return !text.tokens.isWord(i) && !CoupleReader.isConnector(text, i)
                || text.lengthOf(i, WordInfo.ORGANISATION, text.count()) > 0;
    }

    /** Returns whether a sign parts people and nothing else. */
    private static boolean isSure(NameText text, int i) {
        char sign = text.tokens.charAt(text.tokens.start(i));
        return text.is(i, TokenKind.BREAK)
                || text.is(i, TokenKind.COMMA) && sign == ';'
                || text.is(i, TokenKind.MARK) && sign == '|';
    }

    private static boolean isSeparator(NameText text, int i) {
        return isSure(text, i)
                || text.is(i, TokenKind.COMMA)
                || text.label(i) == NameText.FREE && CoupleReader.isConnector(text, i);
    }

    /** Returns whether every piece has two words or more, and, where that is asked, whether they speak for given names first. */
    private boolean areWhole(NameText text, boolean wordsMustSaySo) {
        double all = 0;
        for (int p = 0; p < pieces; p++) {
            int first = -1;
            int last = -1;
            int words = 0;
            for (int i = starts[p]; i < ends[p]; i++) {
                boolean name = text.isFreeWord(i)
                        && !text.has(i, WordInfo.TITLE | WordInfo.SUFFIX)
                        && !text.has(i, WordInfo.CONNECTOR);
                first = name && first < 0 ? i : first;
                last = name ? i : last;
                words += name ? 1 : 0;
            }
            if (words < 2 || wordsMustSaySo && (isAffix(text, p) || text.has(first, WordInfo.ANY_PARTICLE))) {
                return false;
            }
            double odds = text.odds(first) - text.odds(last);
            if (wordsMustSaySo && odds < CoupleReader.NOT_AGAINST) {
                return false;
            }
            all += odds;
        }
        return !wordsMustSaySo || all > CoupleReader.WHOLE_NAMES;
    }

    /** Degrees and the like behind a name are nobody. */
    private boolean isAffix(NameText text, int p) {
        int classes = WordInfo.ANY_TITLE | WordInfo.ANY_SUFFIX | WordInfo.ANY_CREDENTIAL;
        return text.lengthOf(starts[p], classes, ends[p]) == ends[p] - starts[p];
    }

    private void wholeNames(NameText text, CandidatePool<Candidate> out) {
        int before = out.size();
        couples.propose(text, ends[0], starts[1], ends[1], out);
        for (int c = before; c < out.size(); c++) {
            Candidate candidate = out.get(c);
            if (pieces > 2) {
                candidate.kind = Kind.SEVERAL;
                others(candidate, 2);
            }
        }
    }

    private void others(Candidate candidate, int from) {
        for (int p = from; p < pieces; p++) {
            for (int i = starts[p]; i < ends[p]; i++) {
                candidate.labels[i] = (byte) NamePart.OTHERS.ordinal();
            }
            for (int i = ends[p - 1]; i < starts[p]; i++) {
                if (candidate.labels[i] == NameText.FREE) {
                    candidate.labels[i] = NameText.ANNOUNCEMENT;
                }
            }
        }
        for (int i = ends[0]; i < starts[1]; i++) {
            if (candidate.labels[i] == NameText.FREE) {
                candidate.labels[i] = NameText.ANNOUNCEMENT;
            }
        }
    }

    /** {@code Ada, Neil and Tom Harrow}: single given names, and a whole name at the end. */
    private boolean isFamilyBehind(NameText text) {
        int last = pieces - 1;
        return ends[last] - starts[last] > 1
                && text.freeWords(starts[last], ends[last]) == ends[last] - starts[last]
                && !text.isInitial(ends[last] - 1)
                && areGiven(text, 0, pieces)
                && text.odds(ends[last] - 1) < CoupleReader.WHOLE_NAMES;
    }

    private void familyBehind(NameText text, Candidate candidate) {
        int last = pieces - 1;
        int family = starts[last] + 1;
        while (family < ends[last] - 1 && text.isInitial(family)) {
            family++;
        }
        given(candidate);
        others(candidate, 2);
        candidate.couple = Couple.NONE;
        candidate.sharedStart = family;
        candidate.sharedEnd = ends[last];
    }

    /** {@code Harrow, Ada, Neil & Tom}. */
    private boolean isFamilyInFront(NameText text) {
        return ends[0] - starts[0] == 1 && text.odds(starts[0]) < 0 && areGiven(text, 1, pieces);
    }

    private void familyInFront(Candidate candidate) {
        Arrays.fill(candidate.labels, starts[0], ends[0], (byte) NamePart.LAST.ordinal());
        System.arraycopy(starts, 1, starts, 0, pieces);
        System.arraycopy(ends, 1, ends, 0, pieces);
        pieces--;
        given(candidate);
        others(candidate, 2);
        candidate.couple = Couple.SHARED_FROM_LEFT;
        candidate.layout = Layout.FAMILY_COMMA;
    }

    /** One given name a piece, the last piece may have more words; together the words must speak for given names. */
    private boolean areGiven(NameText text, int from, int to) {
        double all = 0;
        for (int p = from; p < to; p++) {
            boolean one = ends[p] - starts[p] == 1 || p == pieces - 1;
            double odds = text.odds(starts[p]);
            if (!one || odds <= 0) {
                return false;
            }
            all += odds;
        }
        return all > CoupleReader.WHOLE_NAMES;
    }

    private void given(Candidate candidate) {
        candidate.labels[starts[0]] = (byte) NamePart.FIRST.ordinal();
        candidate.labels[starts[1]] = (byte) NamePart.SECOND_FIRST.ordinal();
        candidate.join = ends[0];
    }
}
