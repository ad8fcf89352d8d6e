package io.inkwellsplit.address.weigh;

import io.inkwellsplit.data.Resources;
import io.inkwellsplit.weigh.Calibration;
import io.inkwellsplit.weigh.SequenceModel;

/** What was learned of addresses: the weights of clues, and what a probability of the model turned out to mean. */
public record AddressModel(SequenceModel sequence, Calibration calibration) {
    private static final class Shipped {
        static final AddressModel MODEL = load();

        private static AddressModel load() {
            return new AddressModel(
                    SequenceModel.of(Resources.bytes(AddressModel.class, "clues.bin"), "clues.bin"),
                    Calibration.load(AddressModel.class, "confidence.txt"));
        }
    }

    public static AddressModel shipped() {
        return Shipped.MODEL;
    }

    /** Returns a model whose probabilities are taken as they are. */
    public static AddressModel of(SequenceModel sequence) {
        return new AddressModel(sequence, Calibration.NONE);
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
