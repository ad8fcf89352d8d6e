package io.inkwellsplit.name.weigh;

import io.inkwellsplit.name.text.NameText;

/** What one person's labels add up to: how many words of each kind, where they stand and in which case. A buffer. */
final class NameShape {
    int firsts;
    int middles;
    int familyWords;
    /** Words of the last name that are no particles. */
    int familyCores;

    int firstFamily;
    int lastFamily;
    int firstGiven;
    int lastGiven;
    private boolean familyCaps;
    private boolean givenCaps;
    private boolean someGivenCaps;
    private boolean someFamilyCaps;

    void start() {
        firsts = 0;
        middles = 0;
        familyWords = 0;
        familyCores = 0;
        firstFamily = -1;
        lastFamily = -1;
        firstGiven = -1;
        lastGiven = -1;
        familyCaps = true;
        givenCaps = true;
        someGivenCaps = false;
        someFamilyCaps = false;
    }

    void given(NameText text, int token, boolean first) {
        firsts += first ? 1 : 0;
        middles += first ? 0 : 1;
        firstGiven = firstGiven < 0 ? token : firstGiven;
        lastGiven = token;
        boolean caps = text.isAllCaps(token);
        givenCaps &= caps;
        someGivenCaps |= caps && text.tokens.letters(token) > 2;
    }

    /** Takes a word of the last name; one behind the given names is a particle that an index has set there. */
    void family(int token, boolean behind) {
        familyWords++;
        firstFamily = firstFamily < 0 ? token : firstFamily;
        lastFamily = behind ? lastFamily : token;
    }

    void familyCore(NameText text, int token) {
        familyCores++;
        boolean caps = text.isAllCaps(token);
        familyCaps &= caps || text.isInitial(token);
        someFamilyCaps |= caps;
    }

    boolean familyInCapitals() {
        return familyCaps;
    }

    /** Returns whether the one name is in capitals and the other is not. */
    boolean casesDiffer(NameText text) {
        return firstGiven >= 0 && familyCaps != givenCaps && text.tokens.letters(lastFamily) > 1;
    }

    boolean caseChangesInside() {
        return someGivenCaps && !givenCaps || someFamilyCaps && !familyCaps;
    }
}
