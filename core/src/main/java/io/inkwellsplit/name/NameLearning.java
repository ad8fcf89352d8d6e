package io.inkwellsplit.name;

import io.inkwellsplit.name.column.OrderShares;
import io.inkwellsplit.name.cut.Candidate;
import io.inkwellsplit.name.weigh.NameFeature;
import io.inkwellsplit.name.weigh.NameModel;
import io.inkwellsplit.name.weigh.NameScorer;
import io.inkwellsplit.name.word.NameWords;
import io.inkwellsplit.reading.Kind;
import io.inkwellsplit.reading.NamePart;
import io.inkwellsplit.reading.Part;
import io.inkwellsplit.reading.Reading;
import io.inkwellsplit.reading.ReadingBuilder;
import io.inkwellsplit.weigh.Choice;
import io.inkwellsplit.weigh.Tally;
import io.inkwellsplit.weigh.Tally.Recording;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;

/** Shows the training program what is weighed: the candidates of a value with their parts and features. */
public final class NameLearning {
    private final NameReader reader = new NameReader(NameWords.shipped(), NameModel.shipped());
    private final NameScorer scorer = new NameScorer();
    private final Tally tally = new Tally(new double[NameFeature.values().length], Recording.SUM_AND_FEATURES);
    private final ReadingBuilder<NamePart> builder = new ReadingBuilder<>(NamePart.values());

    /** Starts with the shipped weights: how probable patterns are to a value goes by them. */
    public NameLearning() {}

    /** {@return the names of the features, in their order} */
    public static List<String> features() {
        return Arrays.stream(NameFeature.values()).map(Enum::name).toList();
    }

    /**
     * {@return how often each order is likely among values of its build, as lines of the data file}
     *
     * @param texts values of columns of all kinds
     */
    public List<String> orders(Iterable<String> texts) {
        OrderShares shares = new OrderShares();
        texts.forEach(text -> reader.gather(text, shares));
        return shares.lines();
    }

    /**
     * {@return the candidates of a value; empty for a blank}
     *
     * @param text the value
     * @param evidence what its column says
     */
    @SuppressWarnings("exports") // Only the training program asks, which is no module.
    public List<Choice> choices(String text, NameEvidence evidence) {
        List<Choice> choices = new ArrayList<>();
        if (reader.propose(text, evidence.counts)) {
            reader.weigh(evidence.counts);
            reader.text().ask();
            for (int i = 0; i < reader.candidates().size(); i++) {
                Candidate candidate = reader.candidates().get(i);
                tally.reset();
                scorer.tally(reader.text(), candidate, evidence.counts, tally);
                tally.add(NameFeature.COLUMN_USUAL_ORDER, candidate.preference);
                NameParts.place(text, reader.text(), candidate, builder);
                choices.add(new Choice(plainParts(builder.build(1, Set.of())), tally.seen()));
            }
        }
        return choices;
    }

    /**
     * {@return the plain parts of a reading by key, and its kind where it is not a person; labels are written so}
     *
     * @param reading a reading of the splitter
     */
    public static Map<String, String> plainParts(Reading<NamePart> reading) {
        Map<String, String> parts = new LinkedHashMap<>();
        if (reading.kind() != Kind.PERSON && reading.kind() != Kind.BLANK) {
            parts.put("kind", reading.kind().key());
        }
        for (Part<NamePart> part : reading.parts()) {
            NamePart key = part.key();
            if (!key.isFiner()) {
                parts.put(key.key(), part.text());
            }
        }
        return parts;
    }
}
