package io.inkwellsplit.name;

import io.inkwellsplit.name.column.NameCounts;
import io.inkwellsplit.reading.Evidence;
import io.inkwellsplit.reading.NamePart;

/**
 * What a column of names says as a whole: in which order it writes them, and which of its words serve as given or as
 * family names.
 *
 * <p>Only values whose words leave no doubt are counted. The counts have a fixed size, whatever the column's, and
 * {@link #merge} adds them up, so that parts of a column can be gathered anywhere and in any order with the same result.
 * Gathering is for one thread at a time; reading a gathered evidence is safe for several.
 */
public final class NameEvidence implements Evidence<NameEvidence> {
    /** Says nothing: for a value that stands alone. */
    static final NameEvidence NONE = new NameEvidence();

    final NameCounts counts;

    /** Starts with nothing gathered. */
    public NameEvidence() {
        this(new NameCounts());
    }

    private NameEvidence(NameCounts counts) {
        this.counts = counts;
    }

    /** Reads what {@link #toBytes} has written. */
    static NameEvidence of(byte[] bytes) {
        return new NameEvidence(NameCounts.of(bytes));
    }

    /** {@return how many values write the given name first beyond doubt} */
    public long givenFirst() {
        return counts.givenFirst();
    }

    /** {@return how many values write the family name first beyond doubt} */
    public long familyFirst() {
        return counts.familyFirst();
    }

    /** {@return how many values are organisations beyond doubt} */
    public long organisations() {
        return counts.organisations();
    }

    /**
     * Counts words as somebody who knows says they are used.
     *
     * @param words the names, with blanks between them
     * @param role {@code FIRST} or {@code MIDDLE} for given names, {@code LAST} for family names; others teach nothing
     * @param times how many values that is worth
     */
    public void teach(String words, NamePart role, int times) {
        counts.teach(words, role, times);
    }

    @Override
    public void merge(NameEvidence other) {
        counts.merge(other.counts);
    }

    @Override
    public byte[] toBytes() {
        return counts.toBytes();
    }
}
