package io.inkwellsplit.address;

import io.inkwellsplit.reading.Alternative;
import io.inkwellsplit.reading.Reading;
import io.inkwellsplit.reading.Splitter;
import io.inkwellsplit.text.Tokens;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/**
 * Splits postal addresses, written as one text, into the parts of {@link AddressPart}.
 *
 * <p>A decoder with learned weights finds the likeliest parts when every boundary between words is possible. A value
 * that cannot be read gives a reading that says so, never an exception and never null. Immutable and safe for use
 * by several threads. Reading takes time linear in the length of the value.
 */
public final class AddressSplitter implements Splitter<AddressPart, AddressEvidence> {
    private static final double DEFAULT_DOUBT_BELOW = 0.97;

    private final double doubtBelow;
    private final @Nullable Country told;
    private final AddressEvidence evidence;

    private AddressSplitter(double doubtBelow, @Nullable Country told, AddressEvidence evidence) {
        this.doubtBelow = doubtBelow;
        this.told = told;
        this.evidence = evidence;
    }

    /** One for each thread and all splitters: its buffers belong to none of them, and so hold none of them back. */
    private static final ThreadLocal<AddressReader> READERS = ThreadLocal.withInitial(AddressSplitter::newReader);

    private static final class Standard {
        static final AddressSplitter SPLITTER = new AddressSplitter(DEFAULT_DOUBT_BELOW, null, AddressEvidence.NONE);
    }

    /** Returns the splitter with the shipped data and the standard settings. */
    public static AddressSplitter standard() {
        return Standard.SPLITTER;
    }

    /**
     * Returns a splitter that flags readings whose confidence is under a threshold.
     *
     * @param confidence from 0 to 1; the standard is 0.97
     * @throws IllegalArgumentException if it is not from 0 to 1
     */
    public AddressSplitter doubtBelow(double confidence) {
        if (!(confidence >= 0 && confidence <= 1)) {
            throw new IllegalArgumentException("doubtBelow: " + confidence + " is not from 0 to 1");
        }
        return new AddressSplitter(confidence, told, evidence);
    }

    /**
     * Returns a splitter for addresses that are in one country unless they say otherwise.
     *
     * @param codeOrName two letters of ISO 3166-1, such as {@code DE}, or a name, such as {@code UK}; see {@link #countries}
     * @throws IllegalArgumentException if that country's addresses are not read
     */
    public AddressSplitter country(String codeOrName) {
        Country country = CountryLayout.codeOf(codeOrName)
                .flatMap(Countries.shipped()::withCode)
                .orElseThrow(() ->
                        new IllegalArgumentException("country: \"" + codeOrName + "\" is none of " + countries()));
        return new AddressSplitter(doubtBelow, country, evidence);
    }

    /**
     * Returns the code of ISO 3166-1 of a country that is written, by a name in any language or a code; empty where none is
     * called so. Not only those countries have one whose addresses are read.
     */
    public static Optional<String> countryCode(String written) {
        Tokens tokens = new Tokens();
        tokens.read(written);
        String code = tokens.count() == 0 ? "" : CountryNames.shipped().code(tokens, 0, tokens.count());
        return Optional.of(code).filter(known -> !known.isEmpty());
    }

    /** Returns the codes of the countries whose addresses are read. */
    public static List<String> countries() {
        return Countries.shipped().codes();
    }

    @Override
    public void gather(String text, AddressEvidence columnEvidence) {
        READERS.get().gather(Objects.requireNonNull(text, "text"), told, columnEvidence);
    }

    @Override
    public AddressSplitter inLightOf(AddressEvidence columnEvidence) {
        return new AddressSplitter(doubtBelow, told, columnEvidence);
    }

    private static AddressReader newReader() {
        return new AddressReader(AddressModel.shipped());
    }

    @Override
    public Reading<AddressPart> split(String text) {
        return READERS.get().read(Objects.requireNonNull(text, "text"), told, evidence, doubtBelow);
    }

    @Override
    public List<Alternative<AddressPart>> alternatives(String text) {
        return READERS.get().alternatives(Objects.requireNonNull(text, "text"), told, evidence);
    }

    @Override
    public AddressEvidence newEvidence() {
        return new AddressEvidence();
    }

    @Override
    public AddressEvidence evidence(byte[] bytes) {
        return AddressEvidence.of(bytes);
    }

    @Override
    public AddressSplitter learn(Iterable<String> values) {
        return (AddressSplitter) Splitter.super.learn(values);
    }
}
