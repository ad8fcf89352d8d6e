package io.inkwellsplit.name.cut;

import io.inkwellsplit.name.column.Layout;
import io.inkwellsplit.name.cut.Candidate.Couple;
import io.inkwellsplit.name.cut.PersonReader.Form;
import io.inkwellsplit.name.text.NameText;
import io.inkwellsplit.name.word.WordInfo;
import io.inkwellsplit.reading.Kind;
import io.inkwellsplit.reading.NamePart;
import io.inkwellsplit.text.TokenKind;
import io.inkwellsplit.weigh.CandidatePool;
import java.util.Arrays;

/** Proposes the ways in which a value can name two people. */
public final class CoupleReader {
    /** By how much the words of both sides together must speak for given names first, in natural-log odds. */
    static final double WHOLE_NAMES = 2;
    /** And how little those of one side may speak against it. */
    static final double NOT_AGAINST = -1.5;

    private final PersonReader people = new PersonReader();
    private final CandidatePool<Candidate> left = new CandidatePool<>(Candidate::new);
    private final CandidatePool<Candidate> right = new CandidatePool<>(Candidate::new);

    public void propose(NameText text, CandidatePool<Candidate> out) {
        if (text.joinStart() >= 0) {
            propose(text, text.joinStart(), text.joinEnd(), text.count(), out);
            return;
        }
        if (!text.hasMore() && !text.hasComma()) {
            return;
        }
        for (int i = 1; i < text.count() - 1; i++) {
            if (text.label(i) == NameText.FREE && isConnector(text, i) && text.freeWords(i + 1, text.count()) > 0) {
                if (!titlesOfBoth(text, i, out)) {
                    propose(text, i, i + 1, text.count(), out);
                }
                return;
            }
        }
        int comma = commaBetweenPeople(text);
        if (comma > 0) {
            propose(text, comma, comma + 1, text.count(), out);
        }
    }

    /** {@code Mr. & Mrs. Tobias and Ines Brandt}: two titles, then two people; false where that is not so. */
    private boolean titlesOfBoth(NameText text, int join, CandidatePool<Candidate> out) {
        int names = join + 1;
        while (names < text.count() && text.isFreeWord(names) && text.has(names, WordInfo.TITLE)) {
            names++;
        }
        int second = names;
        while (second < text.count() && !(text.label(second) == NameText.FREE && isConnector(text, second))) {
            second++;
        }
        for (int i = 0; i < join; i++) {
            if (!text.has(i, WordInfo.TITLE)) {
                return false;
            }
        }
        if (names == join + 1 || text.freeWords(names, second) == 0 || text.freeWords(second + 1, text.count()) == 0) {
            return false;
        }
        int before = out.size();
        propose(text, names, second, second + 1, text.count(), out);
        for (int c = before; c < out.size(); c++) {
            byte[] labels = out.get(c).labels;
            Arrays.fill(labels, 0, join, (byte) NamePart.TITLE.ordinal());
            Arrays.fill(labels, join, join + 1, NameText.ANNOUNCEMENT);
            Arrays.fill(labels, join + 1, names, (byte) NamePart.SECOND_TITLE.ordinal());
        }
        return out.size() > before;
    }

    /** {@code Ines Brandt, Tobias Wren}: the one comma, where the words on both sides speak for whole names; else -1. */
    private static int commaBetweenPeople(NameText text) {
        int comma = -1;
        for (int i = 0; i < text.count(); i++) {
            if (text.is(i, TokenKind.COMMA)) {
                if (comma >= 0) {
                    return -1;
                }
                comma = i;
            } else if (!text.isFreeWord(i)) {
                return -1;
            }
        }
        if (comma < 2 || comma > text.count() - 3) {
            return -1;
        }
        if (text.tokens.charAt(text.tokens.start(comma)) == ';') {
            return comma;
        }
        double left = text.odds(0) - text.odds(comma - 1);
        double right = text.odds(comma + 1) - text.odds(text.count() - 1);
        return Math.min(left, right) > NOT_AGAINST && left + right > WHOLE_NAMES ? comma : -1;
    }

    public static boolean isConnector(NameText text, int i) {
        if (text.is(i, TokenKind.AND)) {
            return true;
        }
        if (text.is(i, TokenKind.MARK)) {
            return text.tokens.charAt(text.tokens.start(i)) == '/';
        }
        return text.tokens.isWord(i) && text.has(i, WordInfo.CONNECTOR) && !text.tokens.isDotted(i);
    }

    /** Proposes couples of whom one stands before {@code join}, the other from {@code behind} to {@code end}. */
    void propose(NameText text, int join, int behind, int end, CandidatePool<Candidate> out) {
        propose(text, 0, join, behind, end, out);
    }

    private void propose(NameText text, int start, int join, int behind, int end, CandidatePool<Candidate> out) {
        left.clear();
        right.clear();
        people.propose(text, start, join, Form.ONE_OF_TWO, left);
        people.propose(text, behind, end, Form.ONE_OF_TWO, right);
        for (int l = 0; l < left.size(); l++) {
            for (int r = 0; r < right.size(); r++) {
                combine(text, left.get(l), right.get(r), join, behind, end, out);
            }
        }
    }

    private static void combine(
            NameText text, Candidate a, Candidate b, int join, int behind, int end, CandidatePool<Candidate> out) {
        if (a.kind != Kind.PERSON || b.kind != Kind.PERSON) {
            return;
        }
        boolean titled = isTitled(a, 0, join);
        Couple couple = coupleOf(a.layout, b.layout, titled && isTitled(b, behind, end));
        if (couple == Couple.NONE || a.layout == Layout.NONE && !titled) {
            return;
        }
        Candidate both = out.add().start(text, Kind.COUPLE);
        both.copyRange(a, 0, join);
        both.copyRange(b, behind, end);
        for (int i = behind; i < end; i++) {
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
            titlesThenName(both, behind, end);
        }
    }

    private static Couple coupleOf(Layout a, Layout b, boolean bothTitled) {
        if (a == Layout.FAMILY_ONLY && b == Layout.GIVEN_ONLY && bothTitled) {
            // "Brandt, Mr. & Mrs. Tobias": the given name behind belongs to the first.
            return Couple.TITLES;
        }
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
