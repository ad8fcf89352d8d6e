package io.inkwellsplit.address;

import io.inkwellsplit.reading.Part;
import io.inkwellsplit.reading.Reading;
import io.inkwellsplit.weigh.SequenceModel;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/** Shows the training program what the decoder sees: the clues of each token and the label it should get. */
public final class AddressLearning {
    private final AddressReader reader;

    /** Starts without a model. */
    public AddressLearning() {
        reader = new AddressReader(AddressModel.untrained(), AddressWords.shipped());
    }

    /** Starts with a model that is being learned. */
    @SuppressWarnings("exports") // Only the training program asks, which is no module.
    public AddressLearning(SequenceModel model) {
        reader = new AddressReader(AddressModel.of(model), AddressWords.shipped());
    }

    /** Where a piece of a part stands in a text. */
    public record Piece(AddressPart part, int start, int end) {}

    /**
     * A value as the decoder sees it.
     *
     * @param clues by token, {@link #clues()} each; 0 is none
     * @param joints what stands before each token
     * @param labels the right label of each token
     */
    public record Tagged(int[] clues, byte[] joints, byte[] labels) {}

    /** Returns how many labels there are. */
    public static int labels() {
        return AddressLabels.COUNT;
    }

    /** Returns how many clues a token has. */
    public static int clues() {
        return AddressClues.EACH;
    }

    /** Returns whether one label may follow another over a joint. */
    public static boolean mayFollow(int joint, int before, int label) {
        return AddressLabels.mayFollow(joint, before, label);
    }

    /** Returns whether a value may begin with a label. */
    public static boolean mayStart(int label) {
        return !AddressLabels.isInside(label);
    }

    /**
     * Returns a labelled value as the decoder sees it; null where a token belongs to two parts or there is nothing to read.
     *
     * @param words whether the words count by themselves
     * @param towns whether the gazetteer counts
     */
    public @Nullable Tagged tagged(
            String text, List<Piece> pieces, AddressEvidence evidence, boolean words, boolean towns) {
        return reader.tagged(text, pieces, evidence, words, towns);
    }

    /** Returns the names of the clues to a country, in their order. */
    public static List<String> countryClues() {
        return Arrays.stream(CountryClue.values()).map(Enum::name).toList();
    }

    /**
     * Returns what speaks for each country, by country (in the order of {@link AddressSplitter#countries}) and clue; empty
     * where nothing has to be weighed.
     */
    public float[][] countryClues(String text, AddressEvidence evidence) {
        return reader.countryClues(text, evidence);
    }

    /** Adds to the evidence of a column what a labelled value says. */
    public void teach(String text, List<Piece> pieces, AddressEvidence evidence) {
        reader.teach(text, pieces, evidence);
    }

    /** Returns how probable the model finds its reading of a value, and whether it is the right one. */
    public Outcome outcome(String text, Map<String, String> gold, AddressEvidence evidence) {
        Reading<AddressPart> reading = reader.read(text, null, evidence, 0);
        return new Outcome(reading.confidence(), plainParts(reading).equals(gold));
    }

    /** Returns the plain parts that the model reads. */
    public Map<String, String> parts(String text) {
        return plainParts(reader.read(text, null, AddressEvidence.NONE, 0));
    }

    /** How probable a reading was to the model, and whether it was right. */
    public record Outcome(double probability, boolean right) {}

    /** Returns the plain parts of a reading by key; labels are written so. */
    public static Map<String, String> plainParts(Reading<AddressPart> reading) {
        Map<String, String> parts = new LinkedHashMap<>();
        for (Part<AddressPart> part : reading.parts()) {
            if (!part.key().isFiner()) {
                parts.put(part.key().key(), part.text());
            }
        }
        return parts;
    }
}
