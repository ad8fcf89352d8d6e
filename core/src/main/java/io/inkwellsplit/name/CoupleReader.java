package io.inkwellsplit.name;

import io.inkwellsplit.name.Candidate.Couple;
import io.inkwellsplit.name.PersonReader.Form;
import io.inkwellsplit.reading.CandidatePool;
import io.inkwellsplit.reading.Kind;
import io.inkwellsplit.text.TokenKind;

/** Proposes the ways in which a value can name two people. */
final class CoupleReader {
    private final PersonReader people = new PersonReader();
    private final CandidatePool<Candidate> left = new CandidatePool<>(Candidate::new);
    private final CandidatePool<Candidate> right = new CandidatePool<>(Candidate::new);

    void propose(NameText text, CandidatePool<Candidate> out) {
        if (text.joinStart >= 0) {
            propose(text, text.joinStart, text.joinEnd, out);
            return;
        }
        for (int i = 1; i < text.count - 1; i++) {
            if (text.labels[i] == NameText.FREE && isConnector(text, i) && text.freeWords(i + 1, text.count) > 0) {
                propose(text, i, i + 1, out);
                return;
            }
        }
    }

    static boolean isConnector(NameText text, int i) {
        if (text.is(i, TokenKind.AND)) {
            return true;
        }
        if (text.is(i, TokenKind.MARK)) {
            return text.tokens.charAt(text.tokens.start(i)) == '/';
        }
        return text.tokens.isWord(i) && text.has(i, WordInfo.CONNECTOR) && !text.tokens.isDotted(i);
    }

    private void propose(NameText text, int join, int behind, CandidatePool<Candidate> out) {
        left.clear();
        right.clear();
        people.propose(text, 0, join, Form.ONE_OF_TWO, left);
        people.propose(text, behind, text.count, Form.ONE_OF_TWO, right);
        for (int l = 0; l < left.size(); l++) {
            for (int r = 0; r < right.size(); r++) {
                combine(text, left.get(l), right.get(r), join, behind, out);
            }
        }
    }

    private void combine(NameText text, Candidate a, Candidate b, int join, int behind, CandidatePool<Candidate> out) {
        if (a.kind != Kind.PERSON || b.kind != Kind.PERSON) {
            return;
        }
        Couple couple = coupleOf(a.layout, b.layout);
        if (couple == Couple.NONE || a.layout == Layout.NONE && !isTitled(a, 0, join)) {
            return;
        }
        Candidate both = out.add().start(text, Kind.COUPLE);
        both.copyRange(a, 0, join);
        both.copyRange(b, behind, text.count);
        for (int i = behind; i < text.count; i++) {
            if (both.labels[i] >= 0 && both.labels[i] <= NamePart.BIRTH_NAME.ordinal()) {
                both.labels[i] += (byte) NamePart.SECOND_TITLE.ordinal();
            }
        }
        for (int i = join; i < behind; i++) {
            both.labels[i] = NameText.ANNOUNCEMENT;
        }
        both.couple = couple;
        both.layout = a.layout;
        both.secondLayout = b.layout;
        both.join = join;
        if (couple == Couple.TITLES) {
            titlesThenName(both, behind, text.count);
        }
    }

    private static Couple coupleOf(Layout a, Layout b) {
        boolean leftHasFamily = a != Layout.GIVEN_ONLY && a != Layout.NONE;
        boolean rightHasFamily = b != Layout.GIVEN_ONLY && b != Layout.NONE;
        if (a == Layout.NONE) {
            return rightHasFamily ? Couple.TITLES : Couple.NONE;
        }
        if (b == Layout.NONE) {
            return Couple.NONE;
        }
        if (leftHasFamily && rightHasFamily) {
            return a == Layout.FAMILY_ONLY && b == Layout.FAMILY_ONLY ? Couple.NONE : Couple.FULL_NAMES;
        }
        if (rightHasFamily) {
            return Couple.SHARED_FROM_RIGHT;
        }
        return leftHasFamily ? Couple.SHARED_FROM_LEFT : Couple.FULL_NAMES;
    }

    private static boolean isTitled(Candidate a, int from, int to) {
        for (int i = from; i < to; i++) {
            if (a.labels[i] == NamePart.TITLE.ordinal()) {
                return true;
            }
        }
        return false;
    }

    /** The one name behind the titles is the first person's; the second's title stays the second's. */
    private static void titlesThenName(Candidate both, int behind, int count) {
        for (int i = behind; i < count; i++) {
            int label = both.labels[i] - NamePart.SECOND_TITLE.ordinal();
            if (label > 0 && label <= NamePart.BIRTH_NAME.ordinal()) {
                both.labels[i] = (byte) label;
            }
        }
    }
}
