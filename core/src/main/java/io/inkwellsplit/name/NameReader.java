package io.inkwellsplit.name;

import io.inkwellsplit.name.column.NameCounts;
import io.inkwellsplit.name.column.NameOrder;
import io.inkwellsplit.name.column.OrderCounts;
import io.inkwellsplit.name.column.OrderShares;
import io.inkwellsplit.name.cut.Candidate;
import io.inkwellsplit.name.cut.CoupleReader;
import io.inkwellsplit.name.cut.PersonReader;
import io.inkwellsplit.name.cut.PersonReader.Form;
import io.inkwellsplit.name.cut.SeveralReader;
import io.inkwellsplit.name.layer.Brackets;
import io.inkwellsplit.name.layer.Notes;
import io.inkwellsplit.name.layer.Peeler;
import io.inkwellsplit.name.text.NameText;
import io.inkwellsplit.name.weigh.NameBuild;
import io.inkwellsplit.name.weigh.NameFeature;
import io.inkwellsplit.name.weigh.NameModel;
import io.inkwellsplit.name.weigh.NameScorer;
import io.inkwellsplit.name.weigh.Reasons;
import io.inkwellsplit.name.word.NameWords;
import io.inkwellsplit.name.word.WordInfo;
import io.inkwellsplit.reading.Alternative;
import io.inkwellsplit.reading.Doubt;
import io.inkwellsplit.reading.Kind;
import io.inkwellsplit.reading.NamePart;
import io.inkwellsplit.reading.Reading;
import io.inkwellsplit.reading.ReadingBuilder;
import io.inkwellsplit.reading.Reason;
import io.inkwellsplit.text.TokenKind;
import io.inkwellsplit.weigh.CandidatePool;
import io.inkwellsplit.weigh.Nothing;
import io.inkwellsplit.weigh.Tally;
import io.inkwellsplit.weigh.Weights;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;

/** The way of one name from text to reading, in order. Holds the buffers, so it is confined to one thread. */
final class NameReader {
    private static final Set<Doubt> NO_DOUBTS = Set.of();
    /** Under this probability nobody can tell what a single word is that no list has. */
    private static final double CLEAR = 0.9;

    private static final int ORGANISATION_WORD = WordInfo.ORGANISATION | WordInfo.ORGANISATION_OR_NAME;
    /** From this probability of an order on no habit makes another one likelier. */
    private static final double AS_GOOD_AS_ALL = 1 - 1e-9;

    private final NameWords words;
    private final NameModel model;
    private Weights weights;
    private final NameText text = new NameText();
    private final Peeler peeler;
    private final Notes notes = new Notes();
    private final PersonReader people = new PersonReader();
    private final CoupleReader couples = new CoupleReader();
    private final SeveralReader several = new SeveralReader();
    private final CandidatePool<Candidate> candidates = new CandidatePool<>(Candidate::new);
    private final NameScorer scorer = new NameScorer();
    private final Tally alone;
    private final Tally inColumn;
    private Tally sum;
    private final ReadingBuilder<NamePart> builder;
    private final NameGatherer gatherer = new NameGatherer();
    /** How probable each order is to the value by itself. */
    private final double[] own = new double[NameOrder.COUNT];
    /** By how much the column prefers each order. */
    private final double[] preferred = new double[NameOrder.COUNT];

    NameReader(NameWords words, NameModel model) {
        this.words = words;
        this.model = model;
        this.weights = model.alone();
        this.peeler = new Peeler(words);
        this.alone = new Tally(model.alone().array(), Tally.Recording.SUM);
        this.inColumn = new Tally(model.inColumn().array(), Tally.Recording.SUM);
        this.sum = alone;
        this.builder = new ReadingBuilder<>(NamePart.values());
    }

    Reading<NamePart> read(String source, NameCounts evidence, double doubtBelow) {
        if (!propose(source, evidence)) {
            return unnamed(source);
        }
        Candidate best = weigh(evidence);
        if (best.probability < CLEAR && isUnknownWord()) {
            best = unclear(best);
        }
        NameParts.place(source, text, best, builder);
        double confidence = weights.calibrate(best.probability);
        return builder.build(confidence, doubts(best, confidence, doubtBelow));
    }

    List<Alternative<NamePart>> alternatives(String source, NameCounts evidence) {
        if (!propose(source, evidence)) {
            Reading<NamePart> only = unnamed(source);
            return List.of(new Alternative<>(only.kind(), only.parts(), only.confidence(), List.of()));
        }
        weigh(evidence);
        text.ask();
        Tally tally = new Tally(weights.array(), Tally.Recording.SUM_AND_FEATURES);
        List<Alternative<NamePart>> alternatives = new ArrayList<>();
        for (int i = 0; i < candidates.size(); i++) {
            Candidate candidate = candidates.get(i);
            tally.reset();
            scorer.tally(text, candidate, evidence, tally);
            tally.add(NameFeature.COLUMN_USUAL_ORDER, candidate.preference);
            NameParts.place(source, text, candidate, builder);
            List<Reason> reasons = Reasons.of(text, candidate, evidence.habits(), tally.seen(), weights.array());
            alternatives.add(new Alternative<>(
                    candidate.kind,
                    builder.build(candidate.probability, NO_DOUBTS).parts(),
                    candidate.probability,
                    reasons));
        }
        alternatives.sort(Comparator.comparingDouble((Alternative<NamePart> way) -> way.share())
                .reversed());
        return alternatives;
    }

    /** Reads the text up to its candidates; returns false for a blank, and for what is too long to be a name. */
    boolean propose(String source, NameCounts evidence) {
        weights = evidence.isEmpty() ? model.alone() : model.inColumn();
        sum = evidence.isEmpty() ? alone : inColumn;
        text.read(source, words);
        text.inLightOf(evidence);
        candidates.clear();
        if (text.tokens.isTooLong() || words.isNothing(text.tokens)) {
            return false;
        }
        peel();
        if (text.isTrust()) {
            candidates.add().start(text, Kind.ORGANISATION);
            return true;
        }
        if (several.propose(text, candidates)) {
            return true;
        }
        people.propose(text, 0, text.count(), Form.ALONE, candidates);
        couples.propose(text, candidates);
        organisation();
        return true;
    }

    /** Adds to the evidence of a column what one of its values says. */
    void gather(String source, NameCounts evidence) {
        if (propose(source, NameCounts.NOTHING) && !text.isTrust()) {
            gatherer.gather(text, evidence);
            score(NameCounts.NOTHING);
            candidates.weigh();
            evidence.orders().add(NameBuild.of(text), NameBuild.unlisted(text), probableOrders());
        }
    }

    /** Adds how probable each order is to a value by itself. */
    void gather(String source, OrderShares shares) {
        if (propose(source, NameCounts.NOTHING) && !text.isTrust()) {
            weigh(NameCounts.NOTHING);
            shares.add(NameBuild.of(text), NameBuild.unlisted(text), probableOrders());
        }
    }

    private void peel() {
        notes.peel(text);
        if (text.hasMarks()) {
            Brackets.blankWords(text);
        }
        peeler.peel(text);
        if (text.hasBrackets()) {
            Brackets.label(text);
        }
    }

    /** Finds the probabilities of the candidates; returns the best one. */
    Candidate weigh(NameCounts evidence) {
        if (candidates.size() == 1) {
            // Nothing to decide.
            Candidate only = candidates.get(0);
            only.probability = 1;
            only.preference = 0;
            return only;
        }
        score(evidence);
        Candidate best = candidates.weigh();
        return evidence.isEmpty() ? best : inLightOf(evidence.orders(), best);
    }

    private void score(NameCounts evidence) {
        text.ask();
        for (int i = 0; i < candidates.size(); i++) {
            Candidate candidate = candidates.get(i);
            sum.reset();
            scorer.tally(text, candidate, evidence, sum);
            candidate.score = sum.sum();
            candidate.preference = 0;
        }
    }

    /** Returns how probable each order is to the value by itself. */
    double[] probableOrders() {
        Arrays.fill(own, 0);
        for (int i = 0; i < candidates.size(); i++) {
            own[candidates.get(i).order] += candidates.get(i).probability;
        }
        return own;
    }

    /** Prefers the order in which the column's other values of the same build are written. */
    private Candidate inLightOf(OrderCounts orders, Candidate best) {
        int build = NameBuild.of(text);
        int unlisted = NameBuild.unlisted(text);
        double[] probable = probableOrders();
        if (probable[best.order] > AS_GOOD_AS_ALL) {
            // No other order is possible: there is nothing to prefer.
            return best;
        }
        for (int order = 0; order < NameOrder.COUNT; order++) {
            preferred[order] = probable[order] > 0 ? orders.preference(build, unlisted, order, probable[order]) : 0;
        }
        for (int i = 0; i < candidates.size(); i++) {
            Candidate candidate = candidates.get(i);
            candidate.preference = preferred[candidate.order];
            sum.reset();
            sum.add(NameFeature.COLUMN_USUAL_ORDER, candidate.preference);
            candidate.score += sum.sum();
        }
        return candidates.weigh();
    }

    private void organisation() {
        int first = text.firstFreeWord();
        if (first == text.count() || !text.hasMore() && text.joinStart() < 0 && !isUnknownWord()) {
            return;
        }
        boolean sign = text.joinStart() >= 0 || isUnknownWord();
        for (int i = first; i < text.count() && !sign; i++) {
            sign = mayBeOfOrganisation(text.label(i))
                    && (text.has(i, WordInfo.ORGANISATION | WordInfo.ORGANISATION_OR_NAME)
                            || text.phraseLength(i) > 1
                            || !text.tokens.isWord(i) && text.label(i) == NameText.FREE
                            || CoupleReader.isConnector(text, i));
        }
        if (!sign) {
            return;
        }
        Candidate candidate = candidates.add().start(text, Kind.ORGANISATION);
        for (int i = 0; i < text.count(); i++) {
            if (candidate.labels[i] == NameText.FREE || isQuotedName(candidate.labels[i])) {
                candidate.labels[i] = (byte) NamePart.ORGANISATION.ordinal();
            }
        }
    }

    /** Returns the likeliest person, of whom is not said that it is one. */
    private Candidate unclear(Candidate best) {
        Candidate person = best;
        for (int i = 0; i < candidates.size(); i++) {
            Candidate candidate = candidates.get(i);
            boolean likelier = person.kind != Kind.PERSON || candidate.probability > person.probability;
            person = candidate.kind == Kind.PERSON && likelier ? candidate : person;
        }
        person.kind = Kind.UNCLEAR;
        return person;
    }

    /** A single word that no list has may be anybody's and any firm's. */
    private boolean isUnknownWord() {
        return text.count() == 1 && text.isFreeWord(0) && text.isUnknown(0) && !text.tokens.isIdeograph(0);
    }

    /** Notes beside a name, and an organisation that was found already, make no organisation of the rest. */
    private static boolean mayBeOfOrganisation(byte label) {
        boolean note = label >= NamePart.EMAIL.ordinal() && label <= NamePart.FORMER_NAME.ordinal();
        return !note && label != NamePart.ORGANISATION.ordinal();
    }

    private static boolean isQuotedName(byte label) {
        return label == NamePart.NICKNAME.ordinal();
    }

    private Reading<NamePart> unnamed(String source) {
        return text.tokens.isTooLong()
                ? builder.tooLong(source, NamePart.UNPLACED)
                : Nothing.reading(source, text.tokens, text.sourcePlaces, builder);
    }

    private Set<Doubt> doubts(Candidate best, double confidence, double doubtBelow) {
        boolean close = confidence < doubtBelow;
        boolean unplaced = builder.has(NamePart.UNPLACED);
        boolean person = best.kind == Kind.PERSON || best.kind == Kind.UNCLEAR && isUnknownWord();
        boolean noLast = person && !builder.has(NamePart.LAST);
        boolean noFirst = person && !builder.has(NamePart.FIRST);
        boolean unclear = best.kind == Kind.UNCLEAR
                || best.kind == Kind.ORGANISATION && !hasReason(best)
                || best.kind == Kind.PERSON && text.hasComma() && hasCommaInGivenNames(best);
        if (!close && !unplaced && !noLast && !noFirst && !unclear) {
            return NO_DOUBTS;
        }
        Set<Doubt> doubts = EnumSet.noneOf(Doubt.class);
        if (close) {
            doubts.add(Doubt.CLOSE_CALL);
        }
        if (unplaced) {
            doubts.add(Doubt.UNPLACED);
        }
        if (noLast) {
            doubts.add(Doubt.NO_LAST_NAME);
        }
        if (noFirst) {
            doubts.add(Doubt.NO_FIRST_NAME);
        }
        if (unclear) {
            doubts.add(Doubt.UNCLEAR);
        }
        return doubts;
    }

    /** Given names with a comma between them may be several people's. */
    private boolean hasCommaInGivenNames(Candidate person) {
        boolean given = false;
        boolean comma = false;
        for (int i = 0; i < text.count(); i++) {
            byte label = person.labels[i];
            if (text.is(i, TokenKind.COMMA)) {
                comma = given;
            } else if (label == NamePart.FIRST.ordinal() || label == NamePart.MIDDLE.ordinal()) {
                if (comma) {
                    return true;
                }
                given = true;
            } else {
                given = false;
                comma = false;
            }
        }
        return false;
    }

    /** A number or a sign alone is a poor reason to take a text for an organisation where a given name stands in it. */
    private boolean hasReason(Candidate organisation) {
        if (text.isTrust()) {
            return true;
        }
        boolean given = false;
        for (int i = 0; i < text.count(); i++) {
            boolean part = organisation.labels[i] == NamePart.ORGANISATION.ordinal();
            boolean phrase = (text.classesOf(i, text.phraseLength(i)) & ORGANISATION_WORD) != 0;
            boolean joined = CoupleReader.isConnector(text, i) && !text.is(i, TokenKind.MARK);
            if (part && (phrase || joined || text.has(i, ORGANISATION_WORD))) {
                return true;
            }
            given |= part && WordInfo.isGiven(text.info(i)) && text.odds(i) > 0;
        }
        return !given;
    }

    NameText text() {
        return text;
    }

    CandidatePool<Candidate> candidates() {
        return candidates;
    }
}
