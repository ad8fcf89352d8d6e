package io.inkwellsplit.address;

import io.inkwellsplit.reading.Part;
import io.inkwellsplit.reading.Reading;
import io.inkwellsplit.weigh.Choice;
import io.inkwellsplit.weigh.Weights;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/** Shows the training program what is weighed: the candidates of an address with their parts and features. */
public final class AddressLearning {
    private final AddressReader reader = new AddressReader(Weights.none(AddressFeature.class));

    /** Starts with weights that are all nought. */
    public AddressLearning() {}

    /** Returns the names of the features, in their order. */
    public static List<String> features() {
        return Arrays.stream(AddressFeature.values()).map(Enum::name).toList();
    }

    /** Returns the candidates of a value. */
    @SuppressWarnings("exports") // Only the training program asks, which is no module.
    public List<Choice> choices(String text, AddressEvidence evidence) {
        return reader.choices(text, null, evidence);
    }

    /** Adds to the evidence of a column what a labelled value says, as far as reading would be certain of it. */
    public void teach(String text, Map<String, String> gold, AddressEvidence evidence) {
        reader.teach(text, gold, evidence);
    }

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
