package io.inkwellsplit.name.weigh;

import static io.inkwellsplit.name.weigh.NameFeature.*;

import io.inkwellsplit.name.column.Layout;
import io.inkwellsplit.name.text.NameText;
import io.inkwellsplit.name.word.WordInfo;
import io.inkwellsplit.reading.NamePart;
import io.inkwellsplit.text.TokenKind;
import io.inkwellsplit.weigh.Tally;

/** Tallies what single words say for the part that a candidate gives them. */
final class WordFeatures {
    private WordFeatures() {}

    static void given(NameText text, int i, boolean first, Layout layout, Tally tally) {
        tally.add(first ? COLUMN_FIRST : COLUMN_MIDDLE, text.askedOdds(i));
        if (text.isInitial(i)) {
            tally.add(first ? FIRST_INITIAL : MIDDLE_INITIAL, 1);
        } else if (first && text.isInitialsTogether(i)) {
            tally.add(FIRST_INITIALS_TOGETHER, 1);
        } else if (text.isUnknown(i)) {
            tally.add(first ? FIRST_UNKNOWN : MIDDLE_UNKNOWN, 1);
        } else {
            tally.add(first ? FIRST_ODDS : MIDDLE_ODDS, text.odds(i));
        }
        if (text.has(i, WordInfo.ANY_PARTICLE)) {
            givenParticle(text, i, first, layout, tally);
        }
        organisationWord(text, i, tally);
    }

    private static void givenParticle(NameText text, int i, boolean first, Layout layout, Tally tally) {
        boolean doubtful = text.has(i, WordInfo.PARTICLE_OR_NAME);
        boolean sure = !text.isInitial(i) && text.has(i, WordInfo.PARTICLE) && (!doubtful || text.tokens.isAllLower(i));
        if (first) {
            // Between a family name and further words it is hardly a given name: Mansoor Al Hooti. Syllables of East
            // Asia are.
            boolean between = doubtful
                    && layout == Layout.FAMILY_FIRST
                    && i > 0
                    && !text.has(i - 1, WordInfo.VIETNAMESE | WordInfo.EAST_ASIAN)
                    && i + 1 < text.count()
                    && text.tokens.isWord(i + 1);
            if (sure || between && !text.isInitial(i)) {
                tally.add(FIRST_PARTICLE, 1);
            }
        } else if (layout == Layout.FAMILY_COMMA && !doubtful) {
            // Behind the comma a particle belongs to a given name: María de los Ángeles.
            return;
        } else if (sure) {
            tally.add(MIDDLE_PARTICLE, 1);
        } else if (!text.isInitial(i)) {
            tally.add(MIDDLE_PARTICLE_OR_NAME, 1);
        }
    }

    /** @param before how many words of the last name that are no particles stand before this one */
    static void family(NameText text, int i, int before, Tally tally) {
        tally.add(before > 0 ? COLUMN_LAST_EXTRA : COLUMN_LAST, -text.askedOdds(i));
        if (before > 0) {
            tally.add(LAST_EXTRA_WORD, 1);
        }
        if (text.isInitial(i)) {
            tally.add(LAST_INITIAL, 1);
        } else if (text.isUnknown(i)) {
            tally.add(LAST_UNKNOWN, 1);
        } else {
            tally.add(before > 0 ? LAST_EXTRA_ODDS : LAST_ODDS, -text.odds(i));
        }
        organisationWord(text, i, tally);
    }

    static void particle(NameText text, int i, Tally tally) {
        if (text.tokens.isMixedCase() && text.tokens.startsUpper(i) && text.has(i, WordInfo.PARTICLE_OR_NAME)) {
            tally.add(PARTICLE_IN_CAPITAL, 1);
        }
    }

    static void particleBehind(NameText text, int i, int family, Tally tally) {
        if (text.has(i, WordInfo.PARTICLE_OR_NAME) && !text.tokens.isAllLower(i)) {
            tally.add(LAST_PARTICLE_BEHIND, 1);
            if (text.has(family, WordInfo.TWO_USUAL)) {
                tally.add(LAST_PARTICLE_BEHIND_TWO_USUAL, 1);
            }
        }
        particle(text, i, tally);
    }

    static void affix(NameText text, int i, int label, Tally tally) {
        if (label == NamePart.TITLE.ordinal()) {
            if (text.has(i, WordInfo.TITLE_OR_NAME) && text.phraseLength(i) == 0) {
                tally.add(TITLE_OR_NAME, 1);
                tally.add(TITLE_OR_NAME_ODDS, text.odds(i));
            }
        } else if (label == NamePart.SUFFIX.ordinal() || label == NamePart.CREDENTIALS.ordinal()) {
            tail(text, i, tally);
        } else if (label == NamePart.UNPLACED.ordinal()) {
            tally.add(PERSON_OTHER_WORD, 1);
        }
    }

    private static void tail(NameText text, int i, Tally tally) {
        if (text.has(i, WordInfo.SUFFIX_OR_NAME | WordInfo.CREDENTIAL_OR_NAME) && text.phraseLength(i) == 0) {
            tally.add(TAIL_OR_NAME, 1);
            if (i > 0 && text.is(i - 1, TokenKind.COMMA)) {
                tally.add(TAIL_OR_NAME_COMMA, 1);
            }
            if (text.tokens.isMixedCase() && text.isAllCaps(i)) {
                tally.add(TAIL_OR_NAME_CAPITALS, 1);
            }
        }
    }

    private static void organisationWord(NameText text, int i, Tally tally) {
        if (!text.mayBeOrganisation(i)) {
            return;
        }
        int length = text.lengthOf(i, WordInfo.ORGANISATION | WordInfo.ORGANISATION_OR_NAME, text.count());
        if (length > 0) {
            boolean name = (text.classes(i, length) & WordInfo.ORGANISATION_OR_NAME) != 0;
            tally.add(name ? PERSON_ORGANISATION_OR_NAME : PERSON_ORGANISATION_WORD, 1);
        }
    }
}
