package io.inkwellsplit.address;

import io.inkwellsplit.address.column.AddressCounts;
import io.inkwellsplit.reading.AddressPart;
import io.inkwellsplit.reading.Evidence;

/**
 * What a column of addresses as a whole says: which cities, localities, states and countries occur, on which side of the
 * street the city stands, whether commas part them, and whether recipients are written.
 *
 * <p>Bounded in size. Merging gives the same result in any order. Not safe for use by several threads while it is gathered.
 */
public final class AddressEvidence implements Evidence<AddressEvidence> {
    static final AddressEvidence NONE = new AddressEvidence();

    final AddressCounts counts;

    /** Starts empty. */
    public AddressEvidence() {
        this(new AddressCounts());
    }

    private AddressEvidence(AddressCounts counts) {
        this.counts = counts;
    }

    /** Reads what {@link #toBytes} has written. */
    static AddressEvidence of(byte[] bytes) {
        return new AddressEvidence(AddressCounts.of(bytes));
    }

    /**
     * Counts a place as somebody who knows says what it is.
     *
     * @param place its name
     * @param part {@code CITY}, {@code LOCALITY} or {@code STATE}; others teach nothing
     * @param times how many values that is worth
     */
    public void teach(String place, AddressPart part, int times) {
        counts.teach(place, part, times);
    }

    @Override
    public void merge(AddressEvidence other) {
        counts.merge(other.counts);
    }

    @Override
    public byte[] toBytes() {
        return counts.toBytes();
    }
}
