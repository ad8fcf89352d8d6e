package io.inkwellsplit.address;

import io.inkwellsplit.address.place.AddressWords;
import io.inkwellsplit.address.place.Countries;
import io.inkwellsplit.address.place.Country;
import io.inkwellsplit.address.place.CountryNames;
import io.inkwellsplit.address.weigh.AddressModel;
import io.inkwellsplit.reading.AddressPart;
import io.inkwellsplit.reading.Alternative;
import io.inkwellsplit.reading.Reading;
import io.inkwellsplit.reading.Splitter;
import io.inkwellsplit.text.Tokens;
import io.inkwellsplit.weigh.ThreadReaders;
import io.inkwellsplit.words.OwnCountry;
import io.inkwellsplit.words.OwnWords;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/**
 * Splits postal addresses, written as one text, into the parts of {@link AddressPart}.
 *
 * <p>A decoder with learned weights finds the likeliest parts when every boundary between words is possible; addresses of a
 * usual make, which it always reads alike, are known without it. A value
 * that cannot be read gives a reading that says so, never an exception and never null. Immutable and safe for use
 * by several threads. Reading takes time linear in the length of the value.
 */
public final class AddressSplitter implements Splitter<AddressPart, AddressEvidence> {
    private static final double DEFAULT_DOUBT_BELOW = 0.97;

    private final double doubtBelow;
    private final AddressWords words;
    /** The code of the country that was told; empty if none was. */
    private final String told;

    private final AddressEvidence evidence;

    private AddressSplitter(double doubtBelow, AddressWords words, String told, AddressEvidence evidence) {
        this.doubtBelow = doubtBelow;
        this.words = words;
        this.told = told;
        this.evidence = evidence;
    }

    private static final ThreadReaders<AddressWords, AddressReader> READERS =
            new ThreadReaders<>(words -> new AddressReader(AddressModel.shipped(), words));

    private static final class Standard {
        static final AddressSplitter SPLITTER =
                new AddressSplitter(DEFAULT_DOUBT_BELOW, AddressWords.shipped(), "", AddressEvidence.NONE);
    }

    /** {@return the splitter with the shipped data and the standard settings} */
    public static AddressSplitter standard() {
        return Standard.SPLITTER;
    }

    /**
     * {@return a splitter that flags readings whose confidence is under a threshold}
     *
     * @param confidence from 0 to 1; the standard is 0.97
     * @throws IllegalArgumentException if it is not from 0 to 1
     */
    public AddressSplitter doubtBelow(double confidence) {
        if (!(confidence >= 0 && confidence <= 1)) {
            throw new IllegalArgumentException("doubtBelow: " + confidence + " is not from 0 to 1");
        }
        return new AddressSplitter(confidence, words, told, evidence);
    }

    /**
     * {@return a splitter that knows words of the user's as well: towns, buildings, words of streets and so on} They add to
     * those it knows already.
     *
     * @param own the words; see {@link OwnWords#sections}
     * @throws IllegalArgumentException if a town's country or region is unknown; the message names file and line
     */
    public AddressSplitter withWords(OwnWords own) {
        return new AddressSplitter(doubtBelow, words.with(own), told, evidence);
    }

    /**
     * {@return a splitter that reads addresses of a country by a file of the user's, written and checked as the shipped ones
     * are} Where the country's addresses are read already, the file takes the place of the shipped one. Labels by it are
     * written by {@code AddressLabel.withCountry}.
     *
     * @param country what the user's file says
     * @throws IllegalArgumentException if it holds what it may not; the message names file and line
     */
    public AddressSplitter withCountry(OwnCountry country) {
        return new AddressSplitter(doubtBelow, words.with(country), told, evidence);
    }

    /**
     * {@return a splitter for addresses that are in one country unless they say otherwise}
     *
     * @param codeOrName two letters of ISO 3166-1, such as {@code DE}, or a name, such as {@code UK}; see {@link #countries}
     * @throws IllegalArgumentException if that country's addresses are not read
     */
    public AddressSplitter country(String codeOrName) {
        Countries known = words.countries();
        Country country = known.withCode(codeOrName)
                .or(() -> CountryLayout.codeOf(codeOrName).flatMap(known::withCode))
                .or(() -> countryCode(codeOrName).flatMap(known::withCode))
                .orElseThrow(() ->
                        new IllegalArgumentException("country: \"" + codeOrName + "\" is none of " + known.codes()));
        return new AddressSplitter(doubtBelow, words, country.code, evidence);
    }

    /**
     * {@return the code of ISO 3166-1 of a country that is written, by a name in any language or a code; empty where none is
     * called so} Not only those countries have one whose addresses are read.
     *
     * @param written the name or the code
     */
    public static Optional<String> countryCode(String written) {
        Tokens tokens = new Tokens();
        tokens.read(written);
        String code = tokens.count() == 0 ? "" : CountryNames.shipped().code(tokens, 0, tokens.count());
        return Optional.of(code).filter(known -> !known.isEmpty());
    }

    /** {@return the codes of the countries whose addresses are read with the shipped data} */
    public static List<String> countries() {
        return Countries.shipped().codes();
    }

    @Override
    public void gather(String text, AddressEvidence columnEvidence) {
        READERS.of(words).gather(Objects.requireNonNull(text, "text"), told(), columnEvidence);
    }

    @Override
    public AddressSplitter inLightOf(AddressEvidence columnEvidence) {
        return new AddressSplitter(doubtBelow, words, told, columnEvidence);
    }

    private @Nullable Country told() {
        return told.isEmpty() ? null : words.countries().known(told);
    }

    @Override
    public Reading<AddressPart> split(String text) {
        return READERS.of(words).read(Objects.requireNonNull(text, "text"), told(), evidence, doubtBelow);
    }

    @Override
    public List<Alternative<AddressPart>> alternatives(String text) {
        return READERS.of(words).alternatives(Objects.requireNonNull(text, "text"), told(), evidence);
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
