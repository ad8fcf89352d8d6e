package io.inkwellsplit.address;

import io.inkwellsplit.address.guess.CountryClue;
import io.inkwellsplit.address.outline.Outlines;
import io.inkwellsplit.address.place.AddressWords;
import io.inkwellsplit.address.weigh.AddressClues;
import io.inkwellsplit.address.weigh.AddressLabels;
import io.inkwellsplit.address.weigh.AddressModel;
import io.inkwellsplit.reading.AddressPart;
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

    /**
     * Starts with a model that is being learned.
     *
     * @param model the model
     */
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

    /**
     * {@return whether a recipient is among labels}
     *
     * @param labels the labels of an address or of a piece of it
     */
    public static boolean hasRecipient(byte[] labels) {
        for (byte label : labels) {
            if (label == AddressLabels.begin(AddressPart.RECIPIENT)) {
                return true;
            }
        }
        return false;
    }

    /** {@return how many labels there are} */
    public static int labels() {
        return AddressLabels.COUNT;
    }

    /** {@return how many clues a token has} */
    public static int clues() {
        return AddressClues.EACH;
    }

    /**
     * {@return whether one label may follow another over a joint}
     *
     * @param joint what stands between the two
     * @param before the label before it
     * @param label the label behind it
     */
    public static boolean mayFollow(int joint, int before, int label) {
        return AddressLabels.mayFollow(joint, before, label);
    }

    /**
     * {@return whether a value may begin with a label}
     *
     * @param label the label
     */
    public static boolean mayStart(int label) {
        return !AddressLabels.isInside(label);
    }

    /**
     * {@return a labelled value as the decoder sees it; null where a token belongs to two parts or there is nothing to read}
     *
     * @param text the value
     * @param pieces what its pieces are
     * @param evidence what its column says
     * @param words whether the words count by themselves
     * @param towns whether the gazetteer counts
     */
    public @Nullable Tagged tagged(
            String text, List<Piece> pieces, AddressEvidence evidence, boolean words, boolean towns) {
        return reader.tagged(text, pieces, evidence, words, towns);
    }

    /** {@return the names of the clues to a country, in their order} */
    public static List<String> countryClues() {
        return Arrays.stream(CountryClue.values()).map(Enum::name).toList();
    }

    /**
     * {@return what speaks for each country, by country (in the order of {@link AddressSplitter#countries}) and clue; empty
     * where nothing has to be weighed}
     *
     * @param text the value
     * @param evidence what its column says
     */
    public float[][] countryClues(String text, AddressEvidence evidence) {
        return reader.countryClues(text, evidence);
    }

    /**
     * Adds to the evidence of a column what a labelled value says.
     *
     * @param text the value
     * @param pieces what its pieces are
     * @param evidence what is added to
     */
    public void teach(String text, List<Piece> pieces, AddressEvidence evidence) {
        reader.teach(text, pieces, evidence);
    }

    /**
     * {@return how probable the model finds its reading of a value, and whether it is the right one}
     *
     * @param text the value
     * @param gold the texts of its parts by key
     * @param evidence what its column says
     */
    public Outcome outcome(String text, Map<String, String> gold, AddressEvidence evidence) {
        Reading<AddressPart> reading = reader.read(text, null, evidence, 0);
        return new Outcome(reading.confidence(), plainParts(reading).equals(gold));
    }

    /** {@return one that reads with the shipped model and weighs each address} */
    public static AddressLearning weighing() {
        return new AddressLearning(new AddressReader(AddressModel.shipped().withoutOutlines(), AddressWords.shipped()));
    }

    private AddressLearning(AddressReader reader) {
        this.reader = reader;
    }

    /**
     * What an address without its words looks like, and how the decoder labels it.
     *
     * @param head the number of what stands before its city
     * @param end the number of the rest
     * @param headTokens how many labels belong to the head
     * @param labels the labels
     * @param confidence how sure the decoder is of them
     */
    public record Outlined(long head, long end, int headTokens, byte[] labels, double confidence) {}

    /**
     * {@return the outline of a value and how the decoder labels it; null where it has none}
     *
     * @param text the value
     */
    public @Nullable Outlined outlined(String text) {
        return reader.outlined(text);
    }

    /**
     * {@return whether a value has an outline that the shipped model knows}
     *
     * @param text the value
     */
    public boolean knowsOutline(String text) {
        return reader.knowsOutline(text, Outlines.shipped());
    }

    /**
     * {@return the plain parts that the model reads}
     *
     * @param text the value
     */
    public Map<String, String> parts(String text) {
        return plainParts(reader.read(text, null, AddressEvidence.NONE, 0));
    }

    /** How probable a reading was to the model, and whether it was right. */
    public record Outcome(double probability, boolean right) {}

    /**
     * {@return the plain parts of a reading by key; labels are written so}
     *
     * @param reading a reading of the splitter
     */
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
