package io.inkwellsplit.name;

import io.inkwellsplit.name.column.Layout;
import io.inkwellsplit.name.column.NameCounts;
import io.inkwellsplit.name.cut.Affixes;
import io.inkwellsplit.name.cut.Affixes.Doubtful;
import io.inkwellsplit.name.cut.CoupleReader;
import io.inkwellsplit.name.text.NameText;
import io.inkwellsplit.name.word.WordInfo;

/** Counts what one value says of its column; looks at words and commas alone, never at learned weights. */
final class NameGatherer {
    /** By how much the words must speak for an order before a value is counted, in natural-log odds. */
    private static final double DECISIVE = 3;

    private final Affixes affixes = new Affixes();

    /** Counts a value whose layers are peeled. */
    void gather(NameText text, NameCounts evidence) {
        for (int i = 0; i < text.count(); i++) {
            if (text.label(i) == NameText.FREE && text.has(i, WordInfo.ORGANISATION)) {
                evidence.countKind(true);
                return;
            }
            boolean other =
                    text.label(i) == NameText.FREE && (!text.tokens.isWord(i) || CoupleReader.isConnector(text, i));
            if (other || text.tokens.isIdeograph(i)) {
                return;
            }
        }
        affixes.scan(text, 0, text.count(), Doubtful.TAKE, Doubtful.TAKE);
        int k = affixes.count;
        if (k < 2 || k > 4) {
            return;
        }
        evidence.countKind(false);
        if (text.tokens.isMixedCase()) {
            evidence.countCase(isFamilyInCapitals(text, k));
        }
        int segments = affixes.segments[k - 1];
        if (segments == 1) {
            comma(text, k, evidence);
        } else if (segments == 0) {
            plain(text, k, evidence);
        }
    }

    /** Some words are written in capitals and others are not; initials do not count. */
    private boolean isFamilyInCapitals(NameText text, int k) {
        int capitals = 0;
        int others = 0;
        for (int i = 0; i < k; i++) {
            int token = affixes.words[i];
            if (text.tokens.letters(token) > 2) {
                capitals += text.isAllCaps(token) ? 1 : 0;
                others += text.isAllCaps(token) ? 0 : 1;
            }
        }
        return capitals > 0 && others > 0;
    }

    private void comma(NameText text, int k, NameCounts evidence) {
        int families = 0;
        for (int i = 0; i < k && affixes.segments[i] == 0; i++) {
            families += text.has(affixes.words[i], WordInfo.ANY_PARTICLE) ? 0 : 1;
        }
        evidence.countFamilyNames(families == 2, isTwoUsual(text, k));
        for (int i = 0; i < k; i++) {
            int token = affixes.words[i];
            if (!text.isInitial(token) && !text.has(token, WordInfo.PARTICLE)) {
                if (affixes.segments[i] == 0) {
                    evidence.countFamily(text.tokens.hash(token));
                } else {
                    evidence.countGiven(text.tokens.hash(token));
                }
            }
        }
    }

    private void plain(NameText text, int k, NameCounts evidence) {
        int first = affixes.words[0];
        int last = affixes.words[k - 1];
        double odds = text.odds(first) - text.odds(last);
        boolean initialFirst = text.isInitial(first) || text.isInitialsTogether(first);
        boolean initialLast = text.isInitial(last) || text.isInitialsTogether(last);
        if (initialFirst != initialLast) {
            odds += initialFirst ? DECISIVE : -DECISIVE;
        }
        evidence.countLeaning(odds);
        if (odds >= DECISIVE) {
            evidence.countOrder(Layout.GIVEN_FIRST);
            count(text, first, last, evidence);
            familyNames(text, k, affixes.words[Math.max(0, k - 2)], evidence);
        } else if (odds <= -DECISIVE) {
            evidence.countOrder(Layout.FAMILY_FIRST);
            count(text, last, first, evidence);
            familyNames(text, k, affixes.words[1], evidence);
        }
    }

    /**
     * A word next to the family name that is itself as good as always a family name makes two of them, and so does a word in no
     * list that sounds like one of two.
     */
    private void familyNames(NameText text, int k, int beside, NameCounts evidence) {
        boolean usual = isTwoUsual(text, k);
        if (k == 2 || text.isInitial(beside) || text.odds(beside) > DECISIVE / 2) {
            evidence.countFamilyNames(false, usual);
        } else if (text.odds(beside) < -DECISIVE || usual && isOneOfTwo(text, beside)) {
            evidence.countFamilyNames(true, usual);
        }
    }

    private static boolean isOneOfTwo(NameText text, int word) {
        return text.isUnknown(word) && text.has(word, WordInfo.TWO_USUAL);
    }

    /** Returns whether the first name and the last are from where two family names are usual; titles and suffixes do not count. */
    private boolean isTwoUsual(NameText text, int k) {
        return text.has(affixes.words[0], WordInfo.TWO_USUAL) && text.has(affixes.words[k - 1], WordInfo.TWO_USUAL);
    }

    private static void count(NameText text, int given, int family, NameCounts evidence) {
        if (!text.isInitial(given)) {
            evidence.countGiven(text.tokens.hash(given));
        }
        if (!text.isInitial(family)) {
            evidence.countFamily(text.tokens.hash(family));
        }
    }
}
