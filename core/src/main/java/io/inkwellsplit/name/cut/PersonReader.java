package io.inkwellsplit.name.cut;

import io.inkwellsplit.name.column.Layout;
import io.inkwellsplit.name.cut.Affixes.Doubtful;
import io.inkwellsplit.name.text.NameText;
import io.inkwellsplit.name.word.WordInfo;
import io.inkwellsplit.reading.Kind;
import io.inkwellsplit.reading.NamePart;
import io.inkwellsplit.weigh.CandidatePool;

/** Proposes the ways in which a run of tokens can be one person's name. */
public final class PersonReader {
    /** What the run may be. */
    public enum Form {
        /** A person by himself or herself. */
        ALONE,
        /** One of two people: may also be given names alone, or a title alone. */
        ONE_OF_TWO
    }

    /** Longer names are not cut everywhere; keeps the candidates few and reading linear. */
    private static final int MAX_WORDS = 12;

    private static final int MAX_FAMILY_WORDS = 5;
    /** By how much the words must speak for a stray comma before it is weighed at all, in natural-log odds. */
    private static final double STRAY_COMMA = 2;

    private static final byte FIRST = (byte) NamePart.FIRST.ordinal();
    private static final byte MIDDLE = (byte) NamePart.MIDDLE.ordinal();
    private static final byte LAST = (byte) NamePart.LAST.ordinal();

    private final Affixes affixes = new Affixes();
    /** Whether candidates have been proposed already, with a doubtful word taken otherwise. */
    private boolean again;

    /** Whether a word behind the given names that may be a name is taken for a particle. */
    private boolean doubtfulParticlesBehind;

    public void propose(NameText text, int from, int to, Form form, CandidatePool<Candidate> out) {
        again = false;
        propose(text, from, to, form, Doubtful.TAKE, Doubtful.TAKE, out);
        again = true;
        boolean titles = affixes.doubtfulTitle;
        boolean tails = affixes.doubtfulTail;
        if (titles) {
            propose(text, from, to, form, Doubtful.LEAVE, Doubtful.TAKE, out);
        }
        if (tails) {
            propose(text, from, to, form, Doubtful.TAKE, Doubtful.LEAVE, out);
        }
        if (titles && tails) {
            propose(text, from, to, form, Doubtful.LEAVE, Doubtful.LEAVE, out);
        }
    }

    private void propose(
            NameText text, int from, int to, Form form, Doubtful titles, Doubtful tails, CandidatePool<Candidate> out) {
        affixes.scan(text, from, to, titles, tails);
        int k = affixes.count;
        if (k == 0) {
            add(text, from, to, Layout.NONE, 0, 0, out);
        } else if (k > MAX_WORDS) {
            tooLong(text, from, to, out);
        } else if (affixes.segments[k - 1] == 0) {
            withoutComma(text, from, to, form, k, out);
        } else {
            withComma(text, from, to, k, out);
        }
    }

    private void tooLong(NameText text, int from, int to, CandidatePool<Candidate> out) {
        Candidate candidate = out.add().start(text, Kind.UNCLEAR);
        affixes.copyTo(candidate, from, to);
        for (int i = 0; i < affixes.count; i++) {
            candidate.labels[affixes.words[i]] = (byte) NamePart.UNPLACED.ordinal();
        }
    }

    private void withoutComma(NameText text, int from, int to, Form form, int k, CandidatePool<Candidate> out) {
        int before = out.size();
        boolean blankInside = !isOneRun(text, k);
        for (int s = Math.max(1, k - MAX_FAMILY_WORDS); s < k; s++) {
            if (mayCut(text, s, blankInside)) {
                add(text, from, to, Layout.GIVEN_FIRST, s, k, out);
            }
        }
        for (int s = 1; s < Math.min(k, MAX_FAMILY_WORDS); s++) {
            if (mayCut(text, s, blankInside)) {
                add(text, from, to, Layout.FAMILY_FIRST, s, k, out);
            }
        }
        if (k == 1 || form == Form.ONE_OF_TWO || text.tokens.isIdeograph(affixes.words[0])) {
            add(text, from, to, Layout.GIVEN_ONLY, k, k, out);
        }
        if (mayBeFamilyAlone(text, from, form, k)) {
            add(text, from, to, Layout.FAMILY_ONLY, k, k, out);
        }
        if (out.size() == before) {
            // Nowhere to cut: the words are taken as they come.
            add(text, from, to, Layout.GIVEN_ONLY, k, k, out);
        }
    }

    /** A single word is a first name unless a title, a comma, a partner or the column says that it is a last name. */
    private boolean mayBeFamilyAlone(NameText text, int from, Form form, int k) {
        int first = affixes.words[0];
        boolean sureParticle = k > 1
                && text.has(first, WordInfo.ANY_PARTICLE)
                && (text.tokens.isAllLower(first) || !text.has(first, WordInfo.PARTICLE_OR_NAME));
        boolean columnSaysSo = k == 1 && text.columnOdds(first) < 0;
        return form == Form.ONE_OF_TWO || columnSaysSo || sureParticle || affixes.trailingComma || hasTitle(text, from);
    }

    /** No cut goes through a particle of several words, nor through characters that a blank sets apart from others. */
    private boolean mayCut(NameText text, int s, boolean blankInside) {
        int token = affixes.words[s];
        if (blankInside && text.tokens.isGlued(token) && text.tokens.isIdeograph(token)) {
            return false;
        }
        int before = affixes.words[s - 1];
        if (isAnd(text, before) || isAnd(text, token) && s + 1 < affixes.count) {
            return false;
        }
        return text.phraseLength(before) < 2
                || before + 1 != token
                || (text.phraseInfo(before) & WordInfo.PARTICLE) == 0
                || text.tokens.isMixedCase() && text.tokens.startsUpper(before);
    }

    /** {@code Ortega y Gasset}: a small letter between two capitals joins two family names. */
    private static boolean isAnd(NameText text, int token) {
        return text.has(token, WordInfo.FAMILY_JOINT) && text.tokens.isAllLower(token) && text.tokens.isMixedCase();
    }

    private boolean hasTitle(NameText text, int from) {
        return affixes.words[0] > from && text.has(from, WordInfo.ANY_TITLE);
    }

    /** Characters that are written together without any blank may be cut anywhere. */
    private boolean isOneRun(NameText text, int k) {
        for (int i = 1; i < k; i++) {
            if (!text.tokens.isGlued(affixes.words[i])) {
                return false;
            }
        }
        return true;
    }

    private void withComma(NameText text, int from, int to, int k, CandidatePool<Candidate> out) {
        int s = 1;
        while (affixes.segments[s] == 0) {
            s++;
        }
        add(text, from, to, Layout.FAMILY_COMMA, s, k, out);
        if (k - s > 1 && text.has(affixes.words[k - 1], WordInfo.ANY_PARTICLE)) {
            doubtfulParticlesBehind = true;
            add(text, from, to, Layout.FAMILY_COMMA, s, k, out);
            doubtfulParticlesBehind = false;
            out.dropRepeat(text.count());
        }
        boolean wordsSaySo = text.odds(affixes.words[0]) - text.odds(affixes.words[s]) > STRAY_COMMA;
        if (affixes.segments[k - 1] == 1 && k - s <= 3 && s <= 4 && wordsSaySo) {
            add(text, from, to, Layout.GIVEN_COMMA, s, k, out);
        }
    }

    /** Adds the candidate whose first {@code s} name words are the one half and the others the other half. */
    private void add(NameText text, int from, int to, Layout layout, int s, int k, CandidatePool<Candidate> out) {
        Candidate candidate = out.add().start(text, Kind.PERSON);
        affixes.copyTo(candidate, from, to);
        candidate.layout = layout;
        switch (layout) {
            case GIVEN_FIRST, GIVEN_COMMA -> {
                given(candidate, text, 0, s);
                family(candidate, s, k);
            }
            case FAMILY_FIRST -> {
                family(candidate, 0, s);
                given(candidate, text, s, k);
            }
            case FAMILY_COMMA -> {
                family(candidate, 0, s);
                int end = particlesBehind(text, s, k);
                given(candidate, text, s, end);
                family(candidate, end, k);
            }
            case GIVEN_ONLY -> given(candidate, text, 0, k);
            case FAMILY_ONLY -> family(candidate, 0, k);
            case NONE -> {}
        }
        if (again) {
            out.dropRepeat(text.count());
        }
    }

    /** {@code Meulen, Odalys van der}: returns where the particles at the end begin. */
    private int particlesBehind(NameText text, int s, int k) {
        int end = k;
        for (int length = 3; length > 1; length--) {
            int at = k - length;
            if (at > s && text.lengthOf(affixes.words[at], WordInfo.PARTICLE, text.count()) == length) {
                return at;
            }
        }
        while (end > s + 1 && isBareParticle(text, affixes.words[end - 1])) {
            end--;
        }
        return end;
    }

    private boolean isBareParticle(NameText text, int token) {
        return text.has(token, WordInfo.ANY_PARTICLE)
                && (doubtfulParticlesBehind
                        || text.tokens.isAllLower(token)
                        || !text.has(token, WordInfo.PARTICLE_OR_NAME))
                && !text.isInitial(token);
    }

    private void given(Candidate candidate, NameText text, int from, int to) {
        boolean first = true;
        for (int i = from; i < to; i++) {
            int token = affixes.words[i];
            boolean joined = i > from && text.isHyphened(token);
            candidate.labels[token] = joined ? candidate.labels[affixes.words[i - 1]] : first ? FIRST : MIDDLE;
            // Characters written together are one given name: 太郎.
            first = first && i + 1 < to && text.tokens.isIdeograph(token) && text.tokens.isGlued(affixes.words[i + 1]);
        }
    }

    private void family(Candidate candidate, int from, int to) {
        for (int i = from; i < to; i++) {
            candidate.labels[affixes.words[i]] = LAST;
        }
    }
}
