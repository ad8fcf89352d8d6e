package io.inkwellsplit.name;

import io.inkwellsplit.name.Affixes.Doubtful;

/** Counts what one value says of its column; looks at words and commas alone, never at learned weights. */
final class NameGatherer {
    /** By how much the words must speak for an order before a value is counted, in natural-log odds. */
    private static final double DECISIVE = 3;

    private final Affixes affixes = new Affixes();

    /** Counts a value whose layers are peeled. */
    void gather(NameText text, NameEvidence evidence) {
        for (int i = 0; i < text.count; i++) {
            boolean other =
                    text.labels[i] == NameText.FREE && (!text.tokens.isWord(i) || CoupleReader.isConnector(text, i))
                            || text.has(i, WordInfo.ORGANISATION);
            if (other || text.tokens.isIdeograph(i)) {
                return;
            }
        }
        affixes.scan(text, 0, text.count, Doubtful.TAKE, Doubtful.TAKE);
        int k = affixes.count;
        if (k < 2 || k > 4) {
            return;
        }
        int segments = affixes.segments[k - 1];
        if (segments == 1) {
            comma(text, k, evidence);
        } else if (segments == 0) {
            plain(text, k, evidence);
        }
    }

    private void comma(NameText text, int k, NameEvidence evidence) {
        for (int i = 0; i < k; i++) {
            int token = affixes.words[i];
            if (!text.tokens.isInitial(token) && !text.has(token, WordInfo.PARTICLE)) {
                if (affixes.segments[i] == 0) {
                    evidence.countFamily(text.tokens.hash(token));
                } else {
                    evidence.countGiven(text.tokens.hash(token));
                }
            }
        }
    }

    private void plain(NameText text, int k, NameEvidence evidence) {
        int first = affixes.words[0];
        int last = affixes.words[k - 1];
        double odds = text.odds[first] - text.odds[last];
        boolean initialFirst = text.tokens.isInitial(first);
        boolean initialLast = text.tokens.isInitial(last);
        if (initialFirst != initialLast) {
            odds += initialFirst ? DECISIVE : -DECISIVE;
        }
        if (odds >= DECISIVE) {
            evidence.countOrder(Layout.GIVEN_FIRST);
            count(text, first, last, evidence);
        } else if (odds <= -DECISIVE) {
            evidence.countOrder(Layout.FAMILY_FIRST);
            count(text, last, first, evidence);
        }
    }

    private static void count(NameText text, int given, int family, NameEvidence evidence) {
        if (!text.tokens.isInitial(given)) {
            evidence.countGiven(text.tokens.hash(given));
        }
        if (!text.tokens.isInitial(family)) {
            evidence.countFamily(text.tokens.hash(family));
        }
    }
}
