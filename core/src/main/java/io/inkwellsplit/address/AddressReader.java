package io.inkwellsplit.address;

import io.inkwellsplit.reading.Alternative;
import io.inkwellsplit.reading.Doubt;
import io.inkwellsplit.reading.Kind;
import io.inkwellsplit.reading.Reading;
import io.inkwellsplit.reading.ReadingBuilder;
import io.inkwellsplit.reading.Reason;
import io.inkwellsplit.weigh.CandidatePool;
import io.inkwellsplit.weigh.Choice;
import io.inkwellsplit.weigh.Nothing;
import io.inkwellsplit.weigh.Tally;
import io.inkwellsplit.weigh.Weights;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/** The way of one address from text to reading, in order. Holds the buffers, so it is confined to one thread. */
final class AddressReader {
    private static final Set<Doubt> NO_DOUBTS = Set.of();
    /** A reading must be as sure as this to teach the column. */
    private static final double TEACHES = 0.97;
    /** In a country without a file of its own about every other address comes out right; a guess, never measured. */
    private static final double ELSEWHERE = 0.5;

    private final Weights weights;
    private final AddressText text = new AddressText();
    private final CountryGuess guess = new CountryGuess(Countries.shipped());
    private final Ends ends = new Ends();
    private final HeadReader head = new HeadReader();
    private final CandidatePool<AddressCandidate> candidates = new CandidatePool<>(AddressCandidate::new);
    private final AddressScorer scorer = new AddressScorer();
    private final StreetCut cut = new StreetCut();
    private final AddressChecks checks = new AddressChecks();
    private final Tally sum;
    private final ReadingBuilder<AddressPart> builder;
    private Ends.Postcode postcode = Ends.Postcode.NONE;

    AddressReader(Weights weights) {
        this.weights = weights;
        this.sum = new Tally(weights.array(), Tally.Recording.SUM);
        this.builder = new ReadingBuilder<>(AddressPart.values());
    }

    Reading<AddressPart> read(String source, @Nullable Country told, AddressEvidence evidence, double doubtBelow) {
        if (!propose(source, told, evidence)) {
            return unread(source);
        }
        AddressCandidate best = weigh(evidence);
        text.show(best);
        builder.start(source, Kind.ADDRESS, text.sourcePlaces);
        builder.country(text.country.code);
        AddressParts.place(text, best, cut, builder);
        double confidence = weights.calibrate(best.probability) * (isElsewhere() ? ELSEWHERE : 1);
        return builder.build(confidence, doubts(confidence < doubtBelow));
    }

    private Reading<AddressPart> unread(String source) {
        return text.tokens.isTooLong()
                ? builder.tooLong(source, AddressPart.UNPLACED)
                : Nothing.reading(source, text.tokens, text.sourcePlaces, builder);
    }

    /** Adds to the evidence of a column what one of its values says, where it is certain. */
    void gather(String source, @Nullable Country told, AddressEvidence into) {
        if (!propose(source, told, AddressEvidence.NONE)) {
            return;
        }
        AddressCandidate best = weigh(AddressEvidence.NONE);
        if (weights.calibrate(best.probability) >= TEACHES) {
            text.show(best);
            into.add(text, best);
        }
    }

    List<Alternative<AddressPart>> alternatives(String source, @Nullable Country told, AddressEvidence evidence) {
        if (!propose(source, told, evidence)) {
            Reading<AddressPart> only = unread(source);
            return List.of(new Alternative<>(only.kind(), only.parts(), only.confidence(), List.of()));
        }
        weigh(evidence);
        Tally tally = new Tally(weights.array(), Tally.Recording.SUM_AND_FEATURES);
        List<Alternative<AddressPart>> alternatives = new ArrayList<>();
        for (int i = 0; i < candidates.size(); i++) {
            AddressCandidate candidate = candidates.get(i);
            place(source, candidate, evidence, tally);
            alternatives.add(new Alternative<>(
                    Kind.ADDRESS,
                    builder.build(candidate.probability, NO_DOUBTS).parts(),
                    candidate.probability,
                    reasons(tally.seen())));
        }
        alternatives.sort(Comparator.comparingDouble((Alternative<AddressPart> way) -> way.share())
                .reversed());
        return alternatives;
    }

    List<Choice> choices(String source, @Nullable Country told, AddressEvidence evidence) {
        propose(source, told, evidence);
        Tally tally = new Tally(weights.array(), Tally.Recording.SUM_AND_FEATURES);
        List<Choice> choices = new ArrayList<>();
        for (int i = 0; i < candidates.size(); i++) {
            place(source, candidates.get(i), evidence, tally);
            choices.add(new Choice(AddressLearning.plainParts(builder.build(1, NO_DOUBTS)), tally.seen()));
        }
        return choices;
    }

    void teach(String source, Map<String, String> gold, AddressEvidence into) {
        propose(source, null, AddressEvidence.NONE);
        Tally none = new Tally(weights.array(), Tally.Recording.SUM);
        for (int i = 0; i < candidates.size(); i++) {
            AddressCandidate candidate = candidates.get(i);
            place(source, candidate, AddressEvidence.NONE, none);
            boolean right =
                    AddressLearning.plainParts(builder.build(1, NO_DOUBTS)).equals(gold);
            if (right && candidate.cutAtComma) {
                into.add(text, candidate);
                return;
            }
        }
    }

    private void place(String source, AddressCandidate candidate, AddressEvidence evidence, Tally tally) {
        text.show(candidate);
        tally.reset();
        scorer.tally(text, candidate, evidence, tally);
        builder.start(source, Kind.ADDRESS, text.sourcePlaces);
        AddressParts.place(text, candidate, cut, builder);
    }

    private List<Reason> reasons(double[] seen) {
        List<Reason> reasons = new ArrayList<>();
        for (AddressFeature feature : AddressFeature.values()) {
            double weight = seen[feature.ordinal()] * weights.array()[feature.ordinal()];
            if (weight != 0) {
                reasons.add(new Reason(feature.sentence(), weight));
            }
        }
        reasons.sort(Comparator.comparingDouble((Reason r) -> -Math.abs(r.weight())));
        return reasons;
    }

    /** Returns false where there is nothing to read. Tokens, then the likeliest countries; in the eyes of each: the ends, the marks and the ways to cut the rest. */
    private boolean propose(String source, @Nullable Country told, AddressEvidence evidence) {
        text.read(source);
        candidates.clear();
        postcode = Ends.Postcode.NONE;
        if (text.tokens.isTooLong() || Nothing.is(text.tokens)) {
            return false;
        }
        guess.guess(text, told, evidence);
        for (int i = 0; i < guess.count(); i++) {
            boolean sure = guess.isWritten() || told != null || guess.behind(i) == 0 && evidence.isSure();
            tried(guess.get(i), guess.behind(i), sure);
        }
        return true;
    }

    private void tried(Country country, double behind, boolean sure) {
        text.behind = behind;
        text.use(country);
        if (country.dashPartsUnit && candidates.size() == 0) {
            text.cutAtDashes();
            text.use(country);
        }
        ends.take(text, sure, Ends.Region.TAKE);
        if (candidates.size() == 0) {
            postcode = ends.postcode();
        }
        boolean again = ends.regionMayBeCity();
        Marks.label(text);
        head.propose(text, ends.postcodeStart(), candidates);
        if (again) {
            text.clearLabels();
            ends.take(text, sure, Ends.Region.LEAVE);
            Marks.label(text);
            head.propose(text, ends.postcodeStart(), candidates);
        }
    }

    private AddressCandidate weigh(AddressEvidence evidence) {
        if (candidates.size() == 1) {
            // Nothing to decide.
            AddressCandidate only = candidates.get(0);
            only.probability = 1;
            return only;
        }
        for (int i = 0; i < candidates.size(); i++) {
            AddressCandidate candidate = candidates.get(i);
            text.show(candidate);
            sum.reset();
            scorer.tally(text, candidate, evidence, sum);
            candidate.score = sum.sum();
        }
        return candidates.weigh();
    }

    private Set<Doubt> doubts(boolean close) {
        EnumSet<Doubt> doubts = EnumSet.noneOf(Doubt.class);
        if (close) {
            doubts.add(Doubt.CLOSE_CALL);
        }
        if (builder.has(AddressPart.UNPLACED)) {
            doubts.add(Doubt.UNPLACED);
        }
        if (!builder.has(AddressPart.CITY)) {
            doubts.add(Doubt.NO_CITY);
        }
        if (!builder.has(AddressPart.STREET) && !builder.has(AddressPart.BOX)) {
            doubts.add(Doubt.NO_STREET);
        }
        if (isElsewhere()) {
            doubts.add(Doubt.OTHER_COUNTRY);
        }
        checks.check(text, postcode, builder, doubts);
        return doubts.isEmpty() ? NO_DOUBTS : doubts;
    }

    /** A country is written that has no data file. */
    private boolean isElsewhere() {
        return text.find(AddressPart.COUNTRY) >= 0
                && Countries.shipped().withCode(text.regionsOf()).isEmpty();
    }
}
