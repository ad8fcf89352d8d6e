package io.inkwellsplit.address.weigh;

import io.inkwellsplit.address.outline.Outlines;
import io.inkwellsplit.data.Resources;
import io.inkwellsplit.weigh.Calibration;
import io.inkwellsplit.weigh.SequenceModel;

/**
 * What was learned of addresses: the weights of clues, what a probability of the model turned out to mean, and which
 * outlines need no weighing.
 */
public record AddressModel(SequenceModel sequence, Calibration calibration, Outlines outlines) {
    private static final class Shipped {
        static final AddressModel MODEL = load();

        private static AddressModel load() {
            return new AddressModel(
                    SequenceModel.of(Resources.bytes(AddressModel.class, "clues.bin"), "clues.bin"),
                    Calibration.load(AddressModel.class, "confidence.txt"),
                    Outlines.shipped());
        }
    }

    public static AddressModel shipped() {
        return Shipped.MODEL;
    }

    /** Returns a model whose probabilities are taken as they are, and which weighs every address. */
    public static AddressModel of(SequenceModel sequence) {
        return new AddressModel(sequence, Calibration.NONE, Outlines.NONE);
    }

    /** Returns the same model, but that it weighs every address. */
    public AddressModel withoutOutlines() {
        return new AddressModel(sequence, calibration, Outlines.NONE);
    }

    /** Returns a model that knows nothing. */
    public static AddressModel untrained() {
        int labels = AddressLabels.COUNT;
        return of(new SequenceModel(
                labels,
                new int[0],
                new byte[0],
                new int[SequenceModel.JOINTS * labels * labels],
                new int[labels],
                new int[labels]));
    }
}
