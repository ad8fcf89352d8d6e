package io.inkwellsplit.name.weigh;

import static io.inkwellsplit.name.weigh.NameFeature.*;

import io.inkwellsplit.name.column.Layout;
import io.inkwellsplit.name.column.NameCounts;
import io.inkwellsplit.name.column.NameCounts.Habits;
import io.inkwellsplit.name.column.NameOrder;
import io.inkwellsplit.name.cut.Candidate;
import io.inkwellsplit.name.cut.Candidate.Couple;
import io.inkwellsplit.name.cut.CoupleReader;
import io.inkwellsplit.name.text.NameText;
import io.inkwellsplit.name.word.WordInfo;
import io.inkwellsplit.reading.Kind;
import io.inkwellsplit.reading.NamePart;
import io.inkwellsplit.text.TokenKind;
import io.inkwellsplit.weigh.Tally;

/** Tallies the features of a candidate. Holds a buffer, so it is confined to one thread. */
public final class NameScorer {
    /** Natural-log odds from which a word is a given name, though a few families bear it: Cesar, Luis. */
    private static final double SURELY_GIVEN = 1.2;

    private static final int FIRST = NamePart.FIRST.ordinal();
    private static final int MIDDLE = NamePart.MIDDLE.ordinal();
    private static final int LAST = NamePart.LAST.ordinal();
    private static final int SECOND = NamePart.SECOND_TITLE.ordinal();
    private static final int LONG_NAME = 5;
    /** The first Korean syllable; among the characters that make words by themselves all later ones are Korean. */
    private static final char FIRST_SYLLABLE = 0xAC00;
    /** From these odds on, in natural-log units, as good as all of a column is taken to be alike. */
    private static final double AS_GOOD_AS_ALL = 3.5;

    /** From these odds on, in natural-log units, most of a column's people are alike. */
    private static final double MOST = 2;

    /** Under these odds, in natural-log units, a column's people have one family name each. */
    private static final double ONE_FAMILY_NAME = -1.5;

    private final NameShape shape = new NameShape();

    public void tally(NameText text, Candidate candidate, NameCounts evidence, Tally tally) {
        switch (candidate.kind) {
            case ORGANISATION -> {
                organisation(text, candidate, tally);
                tally.add(COLUMN_ORGANISATIONS, evidence.habits().organisations());
            }
            case COUPLE, SEVERAL -> {
                tally.add(COUPLE, 1);
                person(text, candidate, 0, candidate.join, 0, candidate.layout, evidence, tally);
                int offset = candidate.couple == Couple.TITLES ? 0 : SECOND;
                person(text, candidate, candidate.join, text.count(), offset, candidate.secondLayout, evidence, tally);
                couple(text, candidate, tally);
            }
            default -> person(text, candidate, 0, text.count(), 0, candidate.layout, evidence, tally);
        }
        candidate.order = candidate.kind == Kind.PERSON ? NameOrder.of(candidate.layout) : NameOrder.OTHER;
    }

    private static void couple(NameText text, Candidate candidate, Tally tally) {
        switch (candidate.couple) {
            case SHARED_FROM_RIGHT -> tally.add(COUPLE_SHARED_RIGHT, 1);
            case SHARED_FROM_LEFT -> tally.add(COUPLE_SHARED_LEFT, 1);
            case TITLES -> tally.add(COUPLE_TITLES, 1);
            default -> {}
        }
        if (text.is(candidate.join, TokenKind.COMMA)) {
            tally.add(COUPLE_COMMA, 1);
        }
        if (text.is(candidate.join, TokenKind.MARK)) {
            tally.add(COUPLE_SLASH, 1);
        }
    }

    private static void organisation(NameText text, Candidate candidate, Tally tally) {
        tally.add(ORGANISATION, 1);
        int words = 0;
        int last = -1;
        for (int i = 0; i < text.count(); i++) {
            if (candidate.labels[i] != NamePart.ORGANISATION.ordinal()) {
                continue;
            }
            if (words == 0 && text.has(i, WordInfo.ARTICLE)) {
                tally.add(ORGANISATION_THE, 1);
            }
            words++;
            last = i;
            int length = text.lengthOf(i, WordInfo.ORGANISATION | WordInfo.ORGANISATION_OR_NAME, text.count());
            int classes = length == 0 ? 0 : text.classes(i, length);
            if ((classes & WordInfo.ORGANISATION_OR_NAME) != 0) {
                tally.add(ORGANISATION_OR_NAME, 1);
                tally.add(ORGANISATION_OR_FAMILY, WordInfo.familyFrequency(text.info(i)));
            } else if ((classes & WordInfo.ORGANISATION) != 0) {
                tally.add(ORGANISATION_WORD, 1);
            }
            if (CoupleReader.isConnector(text, i)) {
                tally.add(ORGANISATION_AND, 1);
            } else if (words > 1 && text.has(i, WordInfo.PREPOSITION)) {
                tally.add(ORGANISATION_OF, 1);
            }
        }
        if (last >= 0 && text.has(last, WordInfo.ORGANISATION_OR_NAME)) {
            tally.add(ORGANISATION_OR_NAME_END, 1);
        }
        if (words >= LONG_NAME) {
            tally.add(ORGANISATION_LONG, 1);
        }
    }

    private void person(
            NameText text,
            Candidate candidate,
            int from,
            int to,
            int offset,
            Layout layout,
            NameCounts evidence,
            Tally tally) {
        shape.start();
        byte[] labels = candidate.labels;
        for (int i = from; i < to; i++) {
            int label = labels[i] >= SECOND && offset > 0 ? labels[i] - offset : labels[i];
            if (i > from && label >= 0 && text.isNameTail(i)) {
                // A first name is always one word, so its tail is a middle name: Tarik Eldin Haddad.
                boolean given = label == MIDDLE && labels[i - 1] == labels[i] - MIDDLE + FIRST;
                tail(text, i, label, given || labels[i] == labels[i - 1], tally);
            } else if (label == FIRST || label == MIDDLE) {
                shape.given(text, i, label == FIRST);
                int particles = label == MIDDLE && shape.firsts > 0 ? text.particlesOfGiven(i) : 0;
                if (particles > 0 && i + particles < to && labels[i + particles] == labels[i]) {
                    tally.add(MIDDLE_BEHIND_PARTICLE, particles == 1 ? 1 : 0);
                } else {
                    WordFeatures.given(text, i, label == FIRST, layout, tally);
                }
            } else if (label == LAST) {
                boolean behind = layout == Layout.FAMILY_COMMA && shape.firstGiven >= 0;
                shape.family(i, behind);
                if (behind) {
                    WordFeatures.particleBehind(text, i, shape.firstFamily, tally);
                } else if (text.has(i, WordInfo.ANY_PARTICLE) && i + 1 < to && labels[i + 1] == labels[i]) {
                    WordFeatures.particle(text, i, tally);
                } else {
                    WordFeatures.family(text, i, shape.familyCores, tally);
                    shape.familyCore(text, i);
                }
            } else if (label >= 0) {
                WordFeatures.affix(text, i, label, tally);
            }
        }
        counts(text, evidence.habits(), tally);
        cases(text, evidence.habits(), tally);
        family(text, evidence, tally);
        layout(text, layout, from, to, evidence.habits(), tally);
    }

    /** Such a word says nothing by itself. */
    private void tail(NameText text, int i, int label, boolean together, Tally tally) {
        if (label == LAST) {
            shape.family(i, false);
            if (!together) {
                shape.familyCore(text, i);
            }
        } else if (label == FIRST || label == MIDDLE) {
            shape.given(text, i, label == FIRST);
        }
        if (!together) {
            tally.add(NAME_TAIL_APART, 1);
        }
    }

    private void counts(NameText text, Habits habits, Tally tally) {
        if (shape.middles >= 3) {
            tally.add(MIDDLE_COUNT_MANY, 1);
        }
        if (shape.middles > 0 && shape.familyCores == 1) {
            familyNames(text, shape.lastGiven, two(text, habits), -1, tally);
        } else if (shape.familyCores >= 2) {
            familyNames(text, shape.firstFamily, two(text, habits), 1, tally);
        }
        if (shape.firsts > 0 && shape.middles == 0 && shape.familyWords == 1) {
            tally.add(NAME_COUNT_TWO, 1);
        }
    }

    /**
     * Returns whether such people of the column have two family names, in natural-log odds: in a column of one family name those
     * from where two are usual keep their own habit.
     */
    private double two(NameText text, Habits habits) {
        double all = habits.twoFamilyNames();
        return all < ONE_FAMILY_NAME && areEndsUsual(text) ? Math.max(all, habits.twoWhereUsual()) : all;
    }

    /** Returns whether the first name and the last, whichever is the family name, are from where two family names are usual. */
    private boolean areEndsUsual(NameText text) {
        if (shape.firstGiven < 0 || shape.firstFamily < 0) {
            return false;
        }
        boolean givenFirst = shape.firstGiven < shape.firstFamily;
        return isTwoUsual(text, givenFirst ? shape.firstGiven : shape.firstFamily)
                && isTwoUsual(text, givenFirst ? shape.lastFamily : shape.lastGiven);
    }

    /**
     * Tallies how many family names the column's people have. Most of the world has one: that a column has one too must not take
     * a Spanish name's first one away.
     *
     * @param word the word that is the first of two family names, or the last given name
     * @param sign 1 where it is taken for a family name, else -1
     */
    private void familyNames(NameText text, int word, double two, int sign, Tally tally) {
        if (two > 0) {
            tally.add(COLUMN_FAMILY_NAMES, sign * Math.min(MOST, two));
            if (two > MOST) {
                tally.add(COLUMN_FAMILY_NAMES_ALL, sign * (two - MOST));
            }
        } else if (!text.has(word, WordInfo.TWO_USUAL) || !text.has(shape.lastFamily, WordInfo.TWO_USUAL)) {
            tally.add(COLUMN_ONE_FAMILY_NAME, sign * two);
        }
    }

    private void cases(NameText text, Habits habits, Tally tally) {
        if (!text.tokens.isMixedCase()) {
            return;
        }
        if (shape.familyWords > 0 && shape.casesDiffer(text)) {
            boolean family = shape.familyInCapitals();
            tally.add(family ? LAST_CAPITALS : GIVEN_CAPITALS, 1);
            tally.add(COLUMN_FAMILY_CAPITALS, family ? habits.familyInCapitals() : -habits.familyInCapitals());
        }
        if (shape.caseChangesInside()) {
            tally.add(CASE_CHANGES_INSIDE, 1);
        }
    }

    private void family(NameText text, NameCounts evidence, Tally tally) {
        int first = shape.firstFamily;
        int last = shape.lastFamily;
        if (shape.familyWords < 2) {
            return;
        }
        boolean adjacent = last - first + 1 == shape.familyWords;
        boolean startsWithParticle = text.has(first, WordInfo.ANY_PARTICLE);
        if (!text.isNameTail(first)) {
            opening(text, first, last, adjacent, tally);
        }
        boolean bothUsual = shape.familyCores >= 2 && isTwoUsual(text, first) && isTwoUsual(text, last);
        boolean two = two(text, evidence.habits()) > 0 || bothUsual;
        if (two && shape.familyCores >= 2 && adjacent && !startsWithParticle && last > first + 1) {
            // What holds for a name with a particle alone holds for the second of two: Bianchi da Silva.
            opening(text, first + 1, last, true, tally);
        }
        boolean sure = text.has(last, WordInfo.PARTICLE) && !text.has(last, WordInfo.PARTICLE_OR_NAME);
        boolean allParticles = startsWithParticle && text.has(last, WordInfo.ANY_PARTICLE);
        if (last > first && (sure || allParticles)) {
            tally.add(LAST_ENDS_PARTICLE, 1);
        }
        if (shape.familyCores >= 2 && !(startsWithParticle && isGivenBehindParticle(text, first))) {
            pair(text, bothUsual, evidence, tally);
        }
    }

    /** {@code de los Ángeles} is no family name beside {@code Fernández}. */
    private static boolean isGivenBehindParticle(NameText text, int particle) {
        int core = particle;
        while (core + 1 < text.count() && text.has(core, WordInfo.ANY_PARTICLE)) {
            core++;
        }
        return text.has(core, WordInfo.GIVEN_BEHIND_PARTICLE);
    }

    /** Tallies where the words of a last name of two are known from. */
    private void pair(NameText text, boolean bothUsual, NameCounts evidence, Tally tally) {
        int first = shape.firstFamily;
        int last = shape.lastFamily;
        boolean given = shape.firstGiven >= 0 && isTwoUsual(text, shape.firstGiven);
        boolean company = given && (isTwoUsual(text, first) || isTwoUsual(text, last));
        if (company && (text.odds(first) < 0 || text.isUnknown(first))) {
            tally.add(LAST_TWO_USUAL_GIVEN, 1);
        }
        if (bothUsual) {
            tally.add(LAST_TWO_USUAL_PAIR, text.odds(first) < SURELY_GIVEN ? 1 : 0);
        } else if (!company
                && (evidence.isEmpty() || two(text, evidence.habits()) < ONE_FAMILY_NAME)
                && (isFromElsewhere(text, first) || isFromElsewhere(text, last))) {
            tally.add(LAST_OTHER_PAIR, 1);
        }
    }

    private static boolean isTwoUsual(NameText text, int word) {
        return text.has(word, WordInfo.TWO_USUAL);
    }

    /** Tallies how a family name opens that has a particle. */
    private static void opening(NameText text, int from, int last, boolean adjacent, Tally tally) {
        boolean particle = text.has(from, WordInfo.ANY_PARTICLE);
        if (particle && adjacent && WordInfo.isListed(text.joined(from, last + 1))) {
            tally.add(LAST_JOINED, 1);
        }
        if (particle && text.isInitial(from)) {
            tally.add(LAST_STARTS_LETTER, 1);
        } else if (text.lengthOf(from, WordInfo.ANY_PARTICLE, text.count()) > 0) {
            boolean doubtful = text.has(from, WordInfo.PARTICLE_OR_NAME) && !text.tokens.isAllLower(from);
            tally.add(doubtful ? LAST_STARTS_PARTICLE_OR_NAME : LAST_STARTS_PARTICLE, 1);
        }
    }

    private static boolean isFromElsewhere(NameText text, int word) {
        return !text.isUnknown(word) && !text.has(word, WordInfo.TWO_USUAL | WordInfo.ANY_PARTICLE);
    }

    private void layout(NameText text, Layout layout, int from, int to, Habits habits, Tally tally) {
        switch (layout) {
            case GIVEN_FIRST -> {
                if (!hasOrderOfItsOwn(text, shape.firstGiven)) {
                    order(habits.givenFirst(), tally);
                }
            }
            case FAMILY_FIRST -> {
                if (!hasOrderOfItsOwn(text, shape.firstFamily)) {
                    order(-habits.givenFirst(), tally);
                }
                familyFirst(text, tally);
            }
            case FAMILY_COMMA -> tally.add(FAMILY_COMMA, 1);
            case GIVEN_COMMA -> tally.add(GIVEN_COMMA, 1);
            case GIVEN_ONLY -> tally.add(GIVEN_ONLY, 1);
            case FAMILY_ONLY -> familyOnly(text, from, to, tally);
            case NONE -> {}
        }
    }

    /** Names of Vietnam and in characters keep their order in any company. */
    private static boolean hasOrderOfItsOwn(NameText text, int first) {
        return text.has(first, WordInfo.VIETNAMESE) || text.tokens.isIdeograph(first);
    }

    private static void order(double odds, Tally tally) {
        tally.add(COLUMN_ORDER, odds);
        if (Math.abs(odds) > AS_GOOD_AS_ALL) {
            tally.add(COLUMN_ONE_ORDER, Math.signum(odds));
        }
    }

    private void familyFirst(NameText text, Tally tally) {
        tally.add(FAMILY_FIRST, 1);
        if (text.tokens.isIdeograph(shape.firstFamily)) {
            ideographs(text, tally);
        } else if (!text.tokens.isMixedCase()) {
            tally.add(FAMILY_FIRST_ALL_CAPITALS, 1);
        }
        if (text.isInitial(shape.lastGiven)) {
            tally.add(FAMILY_FIRST_INITIAL_BEHIND, 1);
        }
        if (shape.familyWords == 1 && text.has(shape.firstFamily, WordInfo.EAST_ASIAN)) {
            tally.add(FAMILY_FIRST_EAST_ASIAN, 1);
            if (text.isUnknown(shape.firstGiven)) {
                tally.add(FAMILY_FIRST_EAST_ASIAN_UNKNOWN, 1);
            }
        }
        if (text.has(shape.firstFamily, WordInfo.VIETNAMESE)) {
            tally.add(FAMILY_FIRST_VIETNAMESE, shape.familyWords == 1 ? 1 : -1);
        }
    }

    private void ideographs(NameText text, Tally tally) {
        int behind = shape.lastFamily + 1;
        tally.add(FAMILY_FIRST_IDEOGRAPHS, 1);
        if (behind < text.count() && !text.tokens.isGlued(behind)) {
            tally.add(FAMILY_FIRST_BLANK, 1);
        }
        if (shape.familyWords == 2) {
            boolean syllables = text.tokens.charAt(text.tokens.start(shape.firstFamily)) >= FIRST_SYLLABLE;
            tally.add(syllables ? FAMILY_TWO_SYLLABLES : FAMILY_TWO_IDEOGRAPHS, 1);
        }
        if ((text.run(shape.firstFamily, behind) & WordInfo.FAMILY) != 0) {
            tally.add(FAMILY_RUN, 1);
        }
        if (shape.lastGiven >= behind && WordInfo.isGiven(text.run(behind, shape.lastGiven + 1))) {
            tally.add(GIVEN_RUN, 1);
        }
    }

    private void familyOnly(NameText text, int from, int to, Tally tally) {
        tally.add(FAMILY_ONLY, 1);
        if (shape.firstFamily > from && text.has(from, WordInfo.ANY_TITLE)) {
            tally.add(FAMILY_ONLY_TITLE, 1);
        }
        int behind = shape.lastFamily + 1;
        if (behind < to && text.is(behind, TokenKind.COMMA)) {
            tally.add(behind + 1 < to ? FAMILY_ONLY_AFFIX : FAMILY_ONLY_COMMA, 1);
        }
        if (shape.familyWords > 1) {
            tally.add(FAMILY_ONLY_WORDS, 1);
        }
    }
}
