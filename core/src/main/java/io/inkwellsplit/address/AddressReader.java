package io.inkwellsplit.address;

import io.inkwellsplit.address.cut.Ends;
import io.inkwellsplit.address.cut.Marks;
import io.inkwellsplit.address.cut.StreetCut;
import io.inkwellsplit.address.guess.CountryGuess;
import io.inkwellsplit.address.outline.Outline;
import io.inkwellsplit.address.outline.Outlines;
import io.inkwellsplit.address.place.AddressWords;
import io.inkwellsplit.address.place.Country;
import io.inkwellsplit.address.text.AddressText;
import io.inkwellsplit.address.weigh.AddressClue;
import io.inkwellsplit.address.weigh.AddressClues;
import io.inkwellsplit.address.weigh.AddressLabels;
import io.inkwellsplit.address.weigh.AddressModel;
import io.inkwellsplit.address.weigh.WholeRules;
import io.inkwellsplit.reading.AddressPart;
import io.inkwellsplit.reading.Alternative;
import io.inkwellsplit.reading.Doubt;
import io.inkwellsplit.reading.Kind;
import io.inkwellsplit.reading.Part;
import io.inkwellsplit.reading.Reading;
import io.inkwellsplit.reading.ReadingBuilder;
import io.inkwellsplit.reading.Reason;
import io.inkwellsplit.weigh.Nothing;
import io.inkwellsplit.weigh.SequenceDecoder;
import io.inkwellsplit.weigh.SequenceModel;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/** The way of one address from text to reading, in order. Holds the buffers, so it is confined to one thread. */
final class AddressReader {
    private static final Set<Doubt> NO_DOUBTS = Set.of();
    /** A reading must be as sure as this to teach the column. */
    private static final double TEACHES = 0.97;

    /** A reading as probable as this has no doubt, with a rival less or without. */
    private static final double SETTLED = 0.95;

    private static final double HALF = 0.5;
    private static final int MOST_ALTERNATIVES = 6;
    /** Of a longer value one way is shown, without reasons. */
    private static final int MOST_TOKENS = 64;

    private static final double LEAST_SHARE = 0.0005;

    private final AddressModel model;
    private final AddressWords vocabulary;
    private final AddressText text;
    private final CountryGuess guess;
    private final Outline outline;
    private final Ends ends = new Ends();
    private final AddressClues clues = new AddressClues();
    private final SequenceDecoder decoder;
    private final StreetCut cut = new StreetCut();
    private final AddressChecks checks = new AddressChecks();
    private final ReadingBuilder<AddressPart> builder;
    private final WholeRules rules = new WholeRules();
    private byte[] hints = new byte[32];
    private byte[] path = new byte[32];
    private int score;

    AddressReader(AddressModel model, AddressWords vocabulary) {
        this.model = model;
        this.vocabulary = vocabulary;
        this.text = new AddressText(vocabulary);
        this.guess = new CountryGuess(vocabulary);
        this.outline = new Outline(text);
        this.decoder = new SequenceDecoder(model.sequence());
        this.builder = new ReadingBuilder<>(AddressPart.values());
    }

    Reading<AddressPart> read(String source, @Nullable Country told, AddressEvidence evidence, double doubtBelow) {
        if (!look(source, told, evidence)) {
            return unread(source);
        }
        double known = outlined(evidence);
        if (known > 0 && known >= doubtBelow) {
            label(path);
            place(source);
            return builder.build(known, doubts(null));
        }
        if (!decode(told, evidence)) {
            return unread(source);
        }
        label(path);
        place(source);
        double confidence = model.calibration().calibrate(decoder.probability(score));
        if (confidence < doubtBelow) {
            confidence = model.calibration().calibrate(share(score, possible()));
        }
        return builder.build(confidence, doubts(confidence < doubtBelow ? close(doubtBelow) : null));
    }

    /**
     * Labels an address by its outline. Returns how sure that is; 0 where it has to be weighed, as the outline is not known or
     * somebody has said what places are.
     */
    private double outlined(AddressEvidence evidence) {
        return !evidence.counts.isTaught() && hasOutline() ? model.outlines().label(outline, path) : 0;
    }

    private boolean hasOutline() {
        return guess.isAtFirstSight() && outline.draw();
    }

    /**
     * How probable those ways are together that the rules for a whole address allow: the others take nothing from them. A way
     * that is not the likely one by itself becomes no surer by being the only one.
     */
    private double possible() {
        boolean clear = clues.count() > MOST_TOKENS || decoder.probability(score) < HALF;
        return clear ? 1 : possible(decoder.nBest(MOST_ALTERNATIVES));
    }

    /** How probable a way is among those that are possible. */
    private double share(int pathScore, double possible) {
        return Math.min(1, decoder.probability(pathScore) / possible);
    }

    private double possible(List<SequenceDecoder.Path> ways) {
        if (decoder.probability(score) < HALF) {
            return 1;
        }
        double forbidden = 0;
        for (SequenceDecoder.Path way : ways) {
            boolean isOther = way.score() != score;
            forbidden +=
                    isOther && !rules.hold(way.labels(), clues, text.country()) ? decoder.probability(way.score()) : 0;
        }
        // Ways are not always told apart to the last digit; the one that is taken is possible in any case.
        return Math.max(decoder.probability(score), 1 - forbidden);
    }

    private Reading<AddressPart> unread(String source) {
        return text.tokens.isTooLong()
                ? builder.tooLong(source, AddressPart.UNPLACED)
                : Nothing.reading(source, text.tokens, text.sourcePlaces, builder);
    }

    /** Adds to the evidence of a column what one of its values says, where it is certain. */
    void gather(String source, @Nullable Country told, AddressEvidence into) {
        if (look(source, told, AddressEvidence.NONE)
                && (outlined(AddressEvidence.NONE) >= TEACHES
                        || decode(told, AddressEvidence.NONE)
                                && model.calibration().calibrate(decoder.probability(score)) >= TEACHES)) {
            label(path);
            into.counts.add(text);
        }
    }

    List<Alternative<AddressPart>> alternatives(String source, @Nullable Country told, AddressEvidence evidence) {
        boolean read = look(source, told, evidence);
        double known = read ? outlined(evidence) : 0;
        byte[] outlined = path.clone();
        if (!read || !decode(told, evidence)) {
            Reading<AddressPart> only = unread(source);
            return List.of(new Alternative<>(only.kind(), only.parts(), only.confidence(), List.of()));
        }
        if (known > 0 && !Arrays.equals(outlined, 0, clues.count(), path, 0, clues.count())) {
            label(outlined);
            place(source);
            List<Part<AddressPart>> parts = builder.build(known, NO_DOUBTS).parts();
            return List.of(new Alternative<>(Kind.ADDRESS, parts, known, List.of()));
        }
        List<SequenceDecoder.Path> paths = clues.count() > MOST_TOKENS
                ? List.of(new SequenceDecoder.Path(path.clone(), score))
                : decoder.nBest(MOST_ALTERNATIVES);
        clues.writeAll();
        List<Alternative<AddressPart>> alternatives = new ArrayList<>();
        double possible = possible(paths);
        for (SequenceDecoder.Path way : paths) {
            double share = share(way.score(), possible);
            boolean isRival = share >= LEAST_SHARE && rules.hold(way.labels(), clues, text.country());
            if (alternatives.isEmpty() || isRival) {
                label(way.labels());
                place(source);
                byte[] rival = way == paths.get(0) && paths.size() > 1
                        ? paths.get(1).labels()
                        : paths.get(0).labels();
                alternatives.add(new Alternative<>(
                        Kind.ADDRESS, builder.build(share, NO_DOUBTS).parts(), share, reasons(way.labels(), rival)));
            }
        }
        return alternatives;
    }

    /** Shows the outline of a value, and how the decoder labels it; null where it has none. */
    AddressLearning.@Nullable Outlined outlined(String source) {
        if (!look(source, null, AddressEvidence.NONE) || !hasOutline() || !decode(null, AddressEvidence.NONE)) {
            return null;
        }
        return new AddressLearning.Outlined(
                outline.head(),
                outline.end(),
                outline.headTokens(),
                Arrays.copyOf(path, clues.count()),
                model.calibration().calibrate(decoder.probability(score)));
    }

    boolean knowsOutline(String source, Outlines outlines) {
        return look(source, null, AddressEvidence.NONE) && hasOutline() && outlines.label(outline, path) > 0;
    }

    /** Shows what a labelled value is like to the decoder; null where it cannot be learned from. */
    AddressLearning.@Nullable Tagged tagged(
            String source, List<AddressLearning.Piece> pieces, AddressEvidence evidence, boolean words, boolean towns) {
        if (!look(source, null, evidence) || !recognise(null, evidence, words, towns, false) || !labelsOf(pieces)) {
            return null;
        }
        clues.writeAll();
        return new AddressLearning.Tagged(
                Arrays.copyOf(clues.clues(), clues.count() * AddressClues.EACH),
                clues.joints(),
                Arrays.copyOf(path, clues.count()));
    }

    /**
     * Returns what speaks for each country, by country and clue; empty where nothing has to be weighed, as the address ends
     * as only one country's do.
     */
    float[][] countryClues(String source, AddressEvidence evidence) {
        text.read(source);
        if (text.tokens.isTooLong() || vocabulary.isNothing(text.tokens)) {
            return new float[0][];
        }
        guess.tally().keep();
        guess.guess(text, null, evidence.counts);
        return guess.isAtFirstSight() ? new float[0][] : guess.tally().seen();
    }

    void teach(String source, List<AddressLearning.Piece> pieces, AddressEvidence into) {
        boolean read =
                look(source, null, AddressEvidence.NONE) && recognise(null, AddressEvidence.NONE, true, true, false);
        if (read && labelsOf(pieces)) {
            label(path);
            into.counts.add(text);
        }
    }

    private boolean labelsOf(List<AddressLearning.Piece> pieces) {
        for (int k = 0; k < clues.count(); k++) {
            int start = text.tokens.start(clues.at(k));
            int end = text.tokens.end(clues.at(k));
            path[k] = (byte) AddressLabels.ANNOUNCED;
            for (AddressLearning.Piece piece : pieces) {
                boolean in = start >= piece.start() && start < piece.end();
                if (in && end > piece.end() + 1 || !in && start < piece.start() && end > piece.start()) {
                    return false;
                }
                if (in && piece.part() == AddressPart.UNPLACED) {
                    path[k] = (byte) AddressLabels.UNPLACED;
                } else if (in) {
                    boolean first = k == 0 || text.tokens.start(clues.at(k - 1)) < piece.start();
                    path[k] = (byte) (first ? AddressLabels.begin(piece.part()) : AddressLabels.inside(piece.part()));
                }
            }
        }
        return true;
    }

    /** Returns false where there is nothing to weigh. What recognisers see in the eyes of the country, the clues, the best labels. */
    private boolean decode(@Nullable Country told, AddressEvidence evidence) {
        if (!recognise(told, evidence, true, true, true)) {
            return false;
        }
        decoder.start(clues.count());
        for (int k = clues.settled(); k < clues.count(); k++) {
            decoder.settle(k, clues.joint(k), clues.settledLabel(k));
        }
        for (int k = 0; k < clues.settled(); k++) {
            addUp(k);
            if (clues.isLoneStateWord(k)) {
                decoder.add(k, AddressLabels.begin(AddressPart.STATE), SequenceModel.NEVER);
            } else if (clues.isLoneStateCode(k)) {
                decoder.add(k, AddressLabels.begin(AddressPart.CITY), SequenceModel.NEVER);
            }
        }
        score = decoder.best(path);
        decoder.sumAll();
        if (!rules.hold(path, clues, text.country())) {
            score = rules.mend(decoder, path, clues.count(), score);
        }
        if (decoder.probability(score) < SETTLED) {
            rules.leaveOutWithoutCity(decoder, path, clues, text.country());
        }
        return true;
    }

    private void addUp(int k) {
        int start = k * AddressClues.EACH;
        int others = start + AddressClues.WORDS;
        long surroundings = clues.surroundings(k);
        if (!decoder.remembers(surroundings)) {
            clues.writeSurroundings(k);
            decoder.remember(surroundings, clues.clues(), others, start + AddressClues.EACH);
        }
        clues.writeWords(k);
        decoder.token(k, clues.joint(k), surroundings, clues.clues(), start, others);
    }

    /** Returns false where there is nothing to read. Tokens, the country, what each word is in it. */
    private boolean look(String source, @Nullable Country told, AddressEvidence evidence) {
        text.read(source);
        if (text.tokens.isTooLong() || vocabulary.isNothing(text.tokens)) {
            return false;
        }
        guess.guess(text, told, evidence.counts);
        Country country = guess.country();
        text.use(country);
        if (country.dashPartsUnit) {
            text.cutAtDashes();
            text.use(country);
        }
        if (hints.length < text.count()) {
            hints = new byte[text.count() * 2];
            path = new byte[text.count() * 2];
        }
        return true;
    }

    private boolean recognise(
            @Nullable Country told, AddressEvidence evidence, boolean words, boolean towns, boolean settling) {
        boolean sure = guess.isWritten() || told != null || evidence.counts.isSure();
        ends.take(text, sure);
        Marks.label(text);
        for (int i = 0; i < text.count(); i++) {
            hints[i] = text.label(i);
        }
        clues.gather(text, hints, evidence.counts, words, towns, settling && guess.isAtFirstSight());
        return clues.count() > 0;
    }

    /** Puts the labels of a path on the text, one for each token that is no separator. */
    private void label(byte[] labels) {
        text.clearLabels();
        for (int i = 0, k = 0; i < text.count(); i++) {
            if (!text.isSeparator(i)) {
                boolean word = text.tokens.isWord(i) || text.isNumber(i) || announcesName(labels, i, k);
                text.label(i, AddressLabels.plain(labels[k], word));
                k++;
            }
        }
        noCity();
    }

    /** A word for nothing is no city: {@code 12 Main St, unknown}. */
    private void noCity() {
        int from = text.find(AddressPart.CITY);
        int end = from < 0 ? 0 : text.runEnd(from);
        if (from >= 0 && vocabulary.isNothing(text.tokens, from, end)) {
            text.label(from, end, AddressPart.UNPLACED);
        }
    }

    /** {@code % Tobias Wren}. */
    private boolean announcesName(byte[] labels, int i, int k) {
        int next = i + 1;
        while (next < text.count() && text.isSeparator(next)) {
            next++;
        }
        return next < text.count() && labels[k + 1] == AddressLabels.begin(AddressPart.CARE_OF);
    }

    private void place(String source) {
        builder.start(source, Kind.ADDRESS, text.sourcePlaces);
        builder.country(text.country().code);
        AddressParts.place(text, cut, builder);
    }

    /** What speaks for one way rather than another, in groups of clues; the weightiest first. */
    private List<Reason> reasons(byte[] way, byte[] rival) {
        if (clues.count() > MOST_TOKENS) {
            return List.of();
        }
        Map<String, Integer> weights = new LinkedHashMap<>();
        weights.put("the usual order of parts", decoder.orderOf(way) - decoder.orderOf(rival));
        for (int k = 0; k < clues.count(); k++) {
            if (way[k] == rival[k] && way != rival) {
                continue;
            }
            for (AddressClue clue : AddressClue.values()) {
                int number = clues.clue(k, clue);
                int weight = decoder.weight(number, way[k]) - (way == rival ? 0 : decoder.weight(number, rival[k]));
                weights.merge(clue.sentence(), weight, Integer::sum);
            }
        }
        List<Reason> reasons = new ArrayList<>();
        weights.forEach((sentence, weight) -> {
            if (weight != 0) {
                reasons.add(new Reason(sentence, (double) weight / SequenceModel.SCALE));
            }
        });
        reasons.sort((a, b) -> Double.compare(Math.abs(b.weight()), Math.abs(a.weight())));
        return reasons;
    }

    /** How a reading is close: in its end, from the city to the country, or only in what stands before it. */
    private Doubt close(double sure) {
        double end = model.calibration().calibrate(decoder.share(path, AddressLabels.END));
        boolean isEndSure = builder.has(AddressPart.CITY) && end >= sure;
        return isEndSure ? Doubt.STREET_LINE : Doubt.CLOSE_CALL;
    }

    private Set<Doubt> doubts(@Nullable Doubt close) {
        EnumSet<Doubt> doubts = EnumSet.noneOf(Doubt.class);
        if (close != null) {
            doubts.add(close);
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
        boolean elsewhere = isElsewhere();
        if (elsewhere) {
            doubts.add(Doubt.OTHER_COUNTRY);
        }
        checks.check(text, elsewhere ? Ends.Postcode.NONE : postcode(), builder, doubts);
        return doubts.isEmpty() ? NO_DOUBTS : doubts;
    }

    private Ends.Postcode postcode() {
        int at = text.find(AddressPart.POSTCODE);
        return at < 0 ? Ends.Postcode.NONE : Ends.kind(text, at);
    }

    /** A country is written that has no data file. */
    private boolean isElsewhere() {
        return text.find(AddressPart.COUNTRY) >= 0
                && vocabulary.countries().withCode(text.regionsOf()).isEmpty();
    }
}
