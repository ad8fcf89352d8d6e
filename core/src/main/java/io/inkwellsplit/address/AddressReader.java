package io.inkwellsplit.address;

import io.inkwellsplit.reading.Alternative;
import io.inkwellsplit.reading.CandidatePool;
import io.inkwellsplit.reading.Choice;
import io.inkwellsplit.reading.Doubt;
import io.inkwellsplit.reading.Kind;
import io.inkwellsplit.reading.Reading;
import io.inkwellsplit.reading.ReadingBuilder;
import io.inkwellsplit.reading.Reason;
import io.inkwellsplit.reading.Tally;
import io.inkwellsplit.reading.Weights;
import io.inkwellsplit.text.TokenKind;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import java.util.function.Function;

/** The way of one address from text to reading, in order. Holds the buffers, so it is confined to one thread. */
final class AddressReader {
    private static final Set<Doubt> NO_DOUBTS = Set.of();
    /** Of the addresses in countries that are not read yet, about one in ten comes out right all the same. */
    private static final double ELSEWHERE = 0.1;

    private final AddressWords words;
    private final Weights weights;
    private final AddressText text = new AddressText();
    private final Tail tail = new Tail();
    private final HeadReader head = new HeadReader();
    private final CandidatePool<AddressCandidate> candidates = new CandidatePool<>(AddressCandidate::new);
    private final Tally sum;
    private final ReadingBuilder builder;

    AddressReader(AddressWords words, Weights weights, Function<String, List<Alternative>> alternatives) {
        this.words = words;
        this.weights = weights;
        this.sum = new Tally(weights.array(), Tally.Recording.SUM);
        this.builder = new ReadingBuilder(AddressPart.values(), alternatives);
    }

    Reading read(String source, double doubtBelow) {
        propose(source);
        AddressCandidate best = weigh(sum);
        boolean blank = isBlank();
        builder.start(source, blank ? Kind.BLANK : Kind.ADDRESS);
        AddressParts.place(text, best, builder);
        double confidence = weights.calibrate(best.probability) * (isElsewhere(best) ? ELSEWHERE : 1);
        return builder.build(confidence, blank ? NO_DOUBTS : doubts(best, confidence < doubtBelow));
    }

    List<Alternative> alternatives(String source) {
        propose(source);
        Tally tally = new Tally(weights.array(), Tally.Recording.SUM_AND_FEATURES);
        weigh(tally);
        List<Alternative> alternatives = new ArrayList<>();
        for (int i = 0; i < candidates.size(); i++) {
            AddressCandidate candidate = candidates.get(i);
            tally.reset();
            AddressScorer.tally(text, candidate, tally);
            builder.start(source, isBlank() ? Kind.BLANK : Kind.ADDRESS);
            AddressParts.place(text, candidate, builder);
            alternatives.add(new Alternative(
                    Kind.ADDRESS,
                    builder.build(candidate.probability, NO_DOUBTS).parts(),
                    candidate.probability,
                    reasons(tally.seen())));
        }
        alternatives.sort(Comparator.comparingDouble(Alternative::probability).reversed());
        return alternatives;
    }

    List<Choice> choices(String source) {
        propose(source);
        Tally tally = new Tally(weights.array(), Tally.Recording.SUM_AND_FEATURES);
        List<Choice> choices = new ArrayList<>();
        for (int i = 0; i < candidates.size(); i++) {
            tally.reset();
            AddressScorer.tally(text, candidates.get(i), tally);
            builder.start(source, Kind.ADDRESS);
            AddressParts.place(text, candidates.get(i), builder);
            choices.add(new Choice(AddressLearning.plainParts(builder.build(1, NO_DOUBTS)), tally.seen()));
        }
        return choices;
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

    private void propose(String source) {
        text.read(source, words);
        candidates.clear();
        tail.take(text);
        text.postcode = tail.postcode();
        Marks.label(text);
        head.propose(text, candidates);
    }

    private AddressCandidate weigh(Tally tally) {
        for (int i = 0; i < candidates.size(); i++) {
            AddressCandidate candidate = candidates.get(i);
            tally.reset();
            AddressScorer.tally(text, candidate, tally);
            candidate.score = tally.sum();
        }
        return candidates.weigh();
    }

    private boolean isBlank() {
        for (int i = 0; i < text.count; i++) {
            if (text.tokens.isWord(i) || text.is(i, TokenKind.NUMBER)) {
                return false;
            }
        }
        return true;
    }

    private Set<Doubt> doubts(AddressCandidate best, boolean close) {
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
        if (isElsewhere(best)) {
            doubts.add(Doubt.OTHER_COUNTRY);
        }
        if (tail.postcode() == Tail.Postcode.US_SHORT) {
            doubts.add(Doubt.SHORT_POSTCODE);
        }
        return doubts.isEmpty() ? NO_DOUBTS : doubts;
    }

    /** Another country is written, or a place has a number in it that is no postcode we know. */
    private boolean isElsewhere(AddressCandidate best) {
        for (int i = 0; i < text.count; i++) {
            int label = best.labels[i];
            boolean place = label == AddressPart.CITY.ordinal() || label == AddressPart.LOCALITY.ordinal();
            boolean country = label == AddressPart.COUNTRY.ordinal();
            if (country && text.lengthOf(i, AddressWords.OTHER_COUNTRY) > 0 || place && text.tokens.hasDigit(i)) {
                return true;
            }
        }
        return false;
    }
}
