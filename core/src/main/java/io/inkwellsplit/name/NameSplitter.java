package io.inkwellsplit.name;

import io.inkwellsplit.name.weigh.NameModel;
import io.inkwellsplit.name.word.NameWords;
import io.inkwellsplit.reading.Alternative;
import io.inkwellsplit.reading.NamePart;
import io.inkwellsplit.reading.Reading;
import io.inkwellsplit.reading.Splitter;
import io.inkwellsplit.weigh.ThreadReaders;
import io.inkwellsplit.words.OwnWords;
import java.util.List;
import java.util.Objects;

/**
 * Splits personal names, in whatever order and with whatever stands around them, into the parts of {@link NamePart}.
 *
 * <p>Recognisers propose a few readings of a value; a log-linear model with learned weights decides between them. A
 * value that cannot be read gives a reading that says so, never an exception and never null. Immutable and safe for use
 * by several threads. Reading takes time linear in the length of the value.
 */
public final class NameSplitter implements Splitter<NamePart, NameEvidence> {
    private static final double DEFAULT_DOUBT_BELOW = 0.98;

    private final double doubtBelow;
    private final NameWords words;
    private final NameEvidence evidence;

    private NameSplitter(double doubtBelow, NameWords words, NameEvidence evidence) {
        this.doubtBelow = doubtBelow;
        this.words = words;
        this.evidence = evidence;
    }

    private static final ThreadReaders<NameWords, NameReader> READERS =
            new ThreadReaders<>(words -> new NameReader(words, NameModel.shipped()));

    private static final class Standard {
        static final NameSplitter SPLITTER =
                new NameSplitter(DEFAULT_DOUBT_BELOW, NameWords.shipped(), NameEvidence.NONE);
    }

    /** {@return the splitter with the shipped data and the standard settings} */
    public static NameSplitter standard() {
        return Standard.SPLITTER;
    }

    /**
     * {@return a splitter that flags readings whose confidence is under a threshold}
     *
     * @param confidence from 0 to 1; the standard is 0.98
     * @throws IllegalArgumentException if it is not from 0 to 1
     */
    public NameSplitter doubtBelow(double confidence) {
        if (!(confidence >= 0 && confidence <= 1)) {
            throw new IllegalArgumentException("doubtBelow: " + confidence + " is not from 0 to 1");
        }
        return new NameSplitter(confidence, words, evidence);
    }

    /**
     * {@return a splitter that knows words of the user's as well: titles, trade words, given and family names and so on}
     * They add to those it knows already.
     *
     * @param own the words; see {@link OwnWords#sections}
     * @throws IllegalArgumentException if a name among them has several words
     */
    public NameSplitter withWords(OwnWords own) {
        return new NameSplitter(doubtBelow, words.with(own), evidence);
    }

    @Override
    public void gather(String text, NameEvidence columnEvidence) {
        READERS.of(words).gather(Objects.requireNonNull(text, "text"), columnEvidence.counts);
    }

    @Override
    public NameSplitter inLightOf(NameEvidence columnEvidence) {
        return new NameSplitter(doubtBelow, words, columnEvidence);
    }

    @Override
    public Reading<NamePart> split(String text) {
        return READERS.of(words).read(Objects.requireNonNull(text, "text"), evidence.counts, doubtBelow);
    }

    /**
     * {@return one reading of each person that a reading names} A shared last name is filled in, and what stands around the names
     * is kept with each. A reading that names no two people is the only one.
     *
     * @param reading the reading of one of the values
     */
    public List<Reading<NamePart>> people(Reading<NamePart> reading) {
        return new People(reading, this).each();
    }

    @Override
    public List<Alternative<NamePart>> alternatives(String text) {
        return READERS.of(words).alternatives(Objects.requireNonNull(text, "text"), evidence.counts);
    }

    @Override
    public NameEvidence newEvidence() {
        return new NameEvidence();
    }

    @Override
    public NameEvidence evidence(byte[] bytes) {
        return NameEvidence.of(bytes);
    }

    @Override
    public NameSplitter learn(Iterable<String> values) {
        return (NameSplitter) Splitter.super.learn(values);
    }
}
