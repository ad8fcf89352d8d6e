package io.inkwellsplit.name;

import static io.inkwellsplit.name.NameFeature.*;

import io.inkwellsplit.name.Candidate.Couple;
import io.inkwellsplit.reading.Tally;
import io.inkwellsplit.text.TokenKind;
import io.inkwellsplit.text.Tokens;

/** Tallies the features of a candidate. */
final class NameScorer {
    private static final byte FIRST = (byte) NamePart.FIRST.ordinal();
    private static final byte MIDDLE = (byte) NamePart.MIDDLE.ordinal();
    private static final byte LAST = (byte) NamePart.LAST.ordinal();
    private static final int SECOND = NamePart.SECOND_TITLE.ordinal();
    private static final long OF = Tokens.hashOfWord("of");
    private static final long THE = Tokens.hashOfWord("the");
    private static final int LONG_NAME = 5;

    private NameScorer() {}

    static void tally(NameText text, Candidate candidate, NameEvidence evidence, Tally tally) {
        switch (candidate.kind) {
            case ORGANISATION -> {
                organisation(text, candidate, tally);
                tally.add(COLUMN_ORGANISATIONS, evidence.organisations());
            }
            case COUPLE -> {
                tally.add(COUPLE, 1);
                person(text, candidate, 0, candidate.join, 0, candidate.layout, evidence, tally);
                int offset = candidate.couple == Couple.TITLES ? 0 : SECOND;
                person(text, candidate, candidate.join, text.count, offset, candidate.secondLayout, evidence, tally);
                couple(text, candidate, tally);
            }
            default -> person(text, candidate, 0, text.count, 0, candidate.layout, evidence, tally);
        }
    }

    private static void couple(NameText text, Candidate candidate, Tally tally) {
        switch (candidate.couple) {
            case SHARED_FROM_RIGHT -> tally.add(COUPLE_SHARED_RIGHT, 1);
            case SHARED_FROM_LEFT -> tally.add(COUPLE_SHARED_LEFT, 1);
            case TITLES -> tally.add(COUPLE_TITLES, 1);
            default -> {}
        }
        if (text.is(candidate.join, TokenKind.MARK)) {
            tally.add(COUPLE_SLASH, 1);
        }
    }

    private static void organisation(NameText text, Candidate candidate, Tally tally) {
        tally.add(ORGANISATION, 1);
        int words = 0;
        int last = -1;
        for (int i = 0; i < text.count; i++) {
            if (candidate.labels[i] != NamePart.ORGANISATION.ordinal()) {
                continue;
            }
            if (words == 0 && text.tokens.hash(i) == THE) {
                tally.add(ORGANISATION_THE, 1);
            }
            words++;
            last = i;
            int length = text.lengthOf(i, WordInfo.ORGANISATION | WordInfo.ORGANISATION_OR_NAME, text.count);
            int classes = length == 0 ? 0 : text.classes(i, length);
            if ((classes & WordInfo.ORGANISATION_OR_NAME) != 0) {
                tally.add(ORGANISATION_OR_NAME, 1);
            } else if ((classes & WordInfo.ORGANISATION) != 0) {
                tally.add(ORGANISATION_WORD, 1);
            }
            if (CoupleReader.isConnector(text, i)) {
                tally.add(ORGANISATION_AND, 1);
            } else if (words > 1 && text.tokens.hash(i) == OF) {
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

    private static void person(
            NameText text,
            Candidate candidate,
            int from,
            int to,
            int offset,
            Layout layout,
            NameEvidence evidence,
            Tally tally) {
        byte[] labels = candidate.labels;
        boolean mixed = text.tokens.isMixedCase();
        int firsts = 0;
        int middles = 0;
        int lasts = 0;
        int familyCores = 0;
        int firstFamily = -1;
        int lastFamily = -1;
        int firstGiven = -1;
        int lastGiven = -1;
        boolean familyCaps = true;
        boolean givenCaps = true;
        boolean someGivenCaps = false;
        boolean someFamilyCaps = false;
        for (int i = from; i < to; i++) {
            int label = labels[i] >= SECOND && offset > 0 ? labels[i] - offset : labels[i];
            if (label == FIRST || label == MIDDLE) {
                firstGiven = firstGiven < 0 ? i : firstGiven;
                lastGiven = i;
                boolean caps = text.tokens.isAllCaps(i);
                givenCaps &= caps;
                someGivenCaps |= caps && text.tokens.letters(i) > 2;
                if (label == FIRST) {
                    firsts++;
                    first(text, i, evidence, tally);
                } else {
                    middles++;
                    middle(text, i, layout, evidence, tally);
                }
                organisationWord(text, i, tally);
            } else if (label == LAST) {
                lasts++;
                firstFamily = firstFamily < 0 ? i : firstFamily;
                lastFamily = firstGiven >= 0 && layout == Layout.FAMILY_COMMA ? lastFamily : i;
                boolean behind = layout == Layout.FAMILY_COMMA && firstGiven >= 0;
                if (behind && text.has(i, WordInfo.PARTICLE_OR_NAME) && !text.tokens.isAllLower(i)) {
                    tally.add(LAST_PARTICLE_BEHIND, 1);
                    if (text.has(firstFamily, WordInfo.IBERIAN)) {
                        tally.add(LAST_PARTICLE_BEHIND_IBERIAN, 1);
                    }
                }
                boolean particle =
                        behind || text.has(i, WordInfo.ANY_PARTICLE) && i + 1 < to && labels[i + 1] == labels[i];
                if (particle && mixed && text.tokens.startsUpper(i) && text.has(i, WordInfo.PARTICLE_OR_NAME)) {
                    tally.add(PARTICLE_IN_CAPITAL, 1);
                }
                if (!particle) {
                    familyCaps &= text.tokens.isAllCaps(i) || text.tokens.isInitial(i);
                    someFamilyCaps |= text.tokens.isAllCaps(i);
                    last(text, i, familyCores, evidence, tally);
                    familyCores++;
                    organisationWord(text, i, tally);
                }
            } else if (label == NamePart.TITLE.ordinal()) {
                title(text, i, tally);
            } else if (label == NamePart.SUFFIX.ordinal() || label == NamePart.CREDENTIALS.ordinal()) {
                tail(text, i, tally);
            } else if (label == NamePart.UNPLACED.ordinal()) {
                tally.add(PERSON_OTHER_WORD, 1);
            }
        }
        if (middles >= 3) {
            tally.add(MIDDLE_COUNT_MANY, 1);
        }
        if (lasts > 0) {
            family(text, firstFamily, lastFamily, lasts, familyCores, tally);
            if (mixed && firstGiven >= 0 && familyCaps != givenCaps && text.tokens.letters(lastFamily) > 1) {
                tally.add(familyCaps ? LAST_CAPITALS : GIVEN_CAPITALS, 1);
                tally.add(
                        COLUMN_FAMILY_CAPITALS,
                        familyCaps ? evidence.familyInCapitals() : -evidence.familyInCapitals());
            }
        }
        if (mixed && (someGivenCaps && !givenCaps || someFamilyCaps && !familyCaps)) {
            tally.add(CASE_CHANGES_INSIDE, 1);
        }
        if (middles > 0 && familyCores == 1) {
            tally.add(COLUMN_FAMILY_NAMES, -evidence.twoFamilyNames());
        } else if (familyCores == 2) {
            tally.add(COLUMN_FAMILY_NAMES, evidence.twoFamilyNames());
        }
        if (firsts > 0 && middles == 0 && lasts == 1) {
            tally.add(NAME_COUNT_TWO, 1);
        }
        layout(text, layout, from, to, firstFamily, lastFamily, lastGiven, lasts, tally);
        if (layout == Layout.GIVEN_FIRST) {
            tally.add(COLUMN_ORDER, evidence.givenFirst());
        } else if (layout == Layout.FAMILY_FIRST) {
            tally.add(COLUMN_ORDER, -evidence.givenFirst());
        }
    }

    private static void layout(
            NameText text,
            Layout layout,
            int from,
            int to,
            int firstFamily,
            int lastFamily,
            int lastGiven,
            int lasts,
            Tally tally) {
        switch (layout) {
            case FAMILY_FIRST -> {
                tally.add(FAMILY_FIRST, 1);
                boolean ideograph = text.tokens.isIdeograph(firstFamily);
                if (ideograph) {
                    tally.add(FAMILY_FIRST_IDEOGRAPHS, 1);
                    if (!text.tokens.isGlued(lastFamily + 1 < text.count ? lastFamily + 1 : lastFamily)) {
                        tally.add(FAMILY_FIRST_BLANK, 1);
                    }
                    if (lasts == 2) {
                        tally.add(FAMILY_TWO_IDEOGRAPHS, 1);
                    }
                    runs(text, firstFamily, lastFamily, lastGiven, tally);
                } else if (!text.tokens.isMixedCase()) {
                    tally.add(FAMILY_FIRST_ALL_CAPITALS, 1);
                }
                if (text.tokens.isInitial(lastGiven)) {
                    tally.add(FAMILY_FIRST_INITIAL_BEHIND, 1);
                }
                if (lasts == 1 && text.has(firstFamily, WordInfo.VIETNAMESE)) {
                    tally.add(FAMILY_FIRST_VIETNAMESE, 1);
                }
            }
            case FAMILY_COMMA -> tally.add(FAMILY_COMMA, 1);
            case GIVEN_COMMA -> tally.add(GIVEN_COMMA, 1);
            case GIVEN_ONLY -> tally.add(GIVEN_ONLY, 1);
            case FAMILY_ONLY -> familyOnly(text, from, to, firstFamily, lastFamily, lasts, tally);
            default -> {}
        }
    }

    private static void runs(NameText text, int firstFamily, int lastFamily, int lastGiven, Tally tally) {
        if ((text.run(firstFamily, lastFamily + 1) & 0xf0) != 0) {
            tally.add(FAMILY_RUN, 1);
        }
        if (lastGiven > lastFamily && WordInfo.isGiven(text.run(lastFamily + 1, lastGiven + 1))) {
            tally.add(GIVEN_RUN, 1);
        }
    }

    private static void familyOnly(
            NameText text, int from, int to, int firstFamily, int lastFamily, int lasts, Tally tally) {
        tally.add(FAMILY_ONLY, 1);
        if (firstFamily > from && text.has(from, WordInfo.ANY_TITLE)) {
            tally.add(FAMILY_ONLY_TITLE, 1);
        }
        if (lastFamily + 1 < to && text.is(lastFamily + 1, TokenKind.COMMA)) {
            tally.add(lastFamily + 2 < to ? FAMILY_ONLY_AFFIX : FAMILY_ONLY_COMMA, 1);
        }
        if (lasts > 1) {
            tally.add(FAMILY_ONLY_WORDS, 1);
        }
    }

    private static void family(NameText text, int first, int last, int words, int cores, Tally tally) {

        boolean adjacent = last - first + 1 == words;
        if (words > 1
                && adjacent
                && text.has(first, WordInfo.ANY_PARTICLE)
                && WordInfo.isListed(text.joined(first, last + 1))) {
            tally.add(LAST_JOINED, 1);
        }
        if (words > 1 && text.lengthOf(first, WordInfo.ANY_PARTICLE, text.count) > 0) {
            boolean doubtful = text.has(first, WordInfo.PARTICLE_OR_NAME) && !text.tokens.isAllLower(first);
            tally.add(doubtful ? LAST_STARTS_PARTICLE_OR_NAME : LAST_STARTS_PARTICLE, 1);
        }
        boolean sure = text.has(last, WordInfo.PARTICLE) && !text.has(last, WordInfo.PARTICLE_OR_NAME);
        boolean allParticles = text.has(first, WordInfo.ANY_PARTICLE) && text.has(last, WordInfo.ANY_PARTICLE);
        if (words > 1 && last > first && (sure || allParticles)) {
            tally.add(LAST_ENDS_PARTICLE, 1);
        }
        if (cores == 2 && text.has(first, WordInfo.IBERIAN) && text.has(last, WordInfo.IBERIAN)) {
            tally.add(LAST_IBERIAN_PAIR, 1);
        }
    }

    private static void first(NameText text, int i, NameEvidence evidence, Tally tally) {
        if (text.tokens.isInitial(i)) {
            tally.add(FIRST_INITIAL, 1);
        } else if (text.isInitialsTogether(i)) {
            tally.add(FIRST_INITIALS_TOGETHER, 1);
        } else if (text.isUnknown(i)) {
            tally.add(FIRST_UNKNOWN, 1);
        } else {
            tally.add(FIRST_ODDS, text.odds[i]);
        }
        if (isSureParticle(text, i)) {
            tally.add(FIRST_PARTICLE, 1);
        }
        tally.add(COLUMN_FIRST, evidence.odds(text.tokens.hash(i)));
    }

    private static void middle(NameText text, int i, Layout layout, NameEvidence evidence, Tally tally) {
        tally.add(COLUMN_FIRST, evidence.odds(text.tokens.hash(i)));
        if (text.tokens.isInitial(i)) {
            tally.add(MIDDLE_INITIAL, 1);
        } else if (text.isUnknown(i)) {
            tally.add(MIDDLE_UNKNOWN, 1);
        } else {
            tally.add(MIDDLE_ODDS, text.odds[i]);
        }
        if (layout == Layout.FAMILY_COMMA && !text.has(i, WordInfo.PARTICLE_OR_NAME)) {
            // Behind the comma a particle belongs to a given name: María de los Ángeles.
            return;
        }
        if (isSureParticle(text, i)) {
            tally.add(MIDDLE_PARTICLE, 1);
        } else if (text.has(i, WordInfo.ANY_PARTICLE) && !text.tokens.isInitial(i)) {
            tally.add(MIDDLE_PARTICLE_OR_NAME, 1);
        }
    }

    private static void last(NameText text, int i, int before, NameEvidence evidence, Tally tally) {
        if (before > 0) {
            tally.add(LAST_EXTRA_WORD, 1);
        }
        if (text.tokens.isInitial(i)) {
            tally.add(LAST_INITIAL, 1);
        } else if (text.isUnknown(i)) {
            tally.add(LAST_UNKNOWN, 1);
        } else {
            tally.add(before > 0 ? LAST_EXTRA_ODDS : LAST_ODDS, -text.odds[i]);
        }
        tally.add(COLUMN_LAST, -evidence.odds(text.tokens.hash(i)));
    }

    private static boolean isSureParticle(NameText text, int i) {
        return text.has(i, WordInfo.PARTICLE)
                && !text.tokens.isInitial(i)
                && (!text.has(i, WordInfo.PARTICLE_OR_NAME) || text.tokens.isAllLower(i));
    }

    private static void organisationWord(NameText text, int i, Tally tally) {
        int length = text.lengthOf(i, WordInfo.ORGANISATION | WordInfo.ORGANISATION_OR_NAME, text.count);
        if (length == 0) {
            return;
        }
        boolean name = (text.classes(i, length) & WordInfo.ORGANISATION_OR_NAME) != 0;
        tally.add(name ? PERSON_ORGANISATION_OR_NAME : PERSON_ORGANISATION_WORD, 1);
    }

    private static void title(NameText text, int i, Tally tally) {
        if (text.has(i, WordInfo.TITLE_OR_NAME) && text.phraseLength[i] == 0) {
            tally.add(TITLE_OR_NAME, 1);
            tally.add(TITLE_OR_NAME_ODDS, text.odds[i]);
        }
    }

    private static void tail(NameText text, int i, Tally tally) {
        if (text.has(i, WordInfo.SUFFIX_OR_NAME | WordInfo.CREDENTIAL_OR_NAME) && text.phraseLength[i] == 0) {
            tally.add(TAIL_OR_NAME, 1);
            if (i > 0 && text.is(i - 1, TokenKind.COMMA)) {
                tally.add(TAIL_OR_NAME_COMMA, 1);
            }
            if (text.tokens.isMixedCase() && text.tokens.isAllCaps(i)) {
                tally.add(TAIL_OR_NAME_CAPITALS, 1);
            }
        }
    }
}
