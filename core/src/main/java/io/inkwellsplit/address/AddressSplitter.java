package io.inkwellsplit.address;

import io.inkwellsplit.reading.Alternative;
import io.inkwellsplit.reading.Reading;
import io.inkwellsplit.reading.Weights;
import java.util.List;
import java.util.Objects;

/**
 * Splits postal addresses, written as one text, into the parts of {@link AddressPart}.
 *
 * <p>Recognisers propose a few readings of a value; a log-linear model with learned weights decides between them. A
 * value that cannot be read gives a reading that says so, never an exception and never null. Immutable and safe for use
 * by several threads. Reading takes time linear in the length of the value.
 */
public final class AddressSplitter {
    private static final double DEFAULT_DOUBT_BELOW = 0.9;

    private final double doubtBelow;
    private final ThreadLocal<AddressReader> readers = ThreadLocal.withInitial(this::newReader);

    private AddressSplitter(double doubtBelow) {
        this.doubtBelow = doubtBelow;
    }

    private static final class Standard {
        static final AddressSplitter SPLITTER = new AddressSplitter(DEFAULT_DOUBT_BELOW);
    }

    private static final class Model {
        static final Weights WEIGHTS = Weights.load(AddressFeature.class, AddressSplitter.class, "weights.txt");
    }

    /** Returns the splitter with the shipped data and the standard settings. */
    public static AddressSplitter standard() {
        return Standard.SPLITTER;
    }

    /**
     * Returns a splitter that flags readings whose confidence is under a threshold.
     *
     * @param confidence from 0 to 1; the standard is 0.9
     * @throws IllegalArgumentException if it is not from 0 to 1
     */
    public AddressSplitter doubtBelow(double confidence) {
        if (!(confidence >= 0 && confidence <= 1)) {
            throw new IllegalArgumentException("doubtBelow: " + confidence + " is not from 0 to 1");
        }
        return new AddressSplitter(confidence);
    }

    private AddressReader newReader() {
        return new AddressReader(AddressWords.shipped(), Model.WEIGHTS, this::alternatives);
    }

    /**
     * Reads one value.
     *
     * @param text an address as somebody wrote it, of any length
     * @return the likeliest reading; of kind {@code BLANK} where there is nothing to read
     */
    public Reading split(String text) {
        return readers.get().read(Objects.requireNonNull(text, "text"), doubtBelow);
    }

    private List<Alternative> alternatives(String text) {
        return newReader().alternatives(text);
    }
}
