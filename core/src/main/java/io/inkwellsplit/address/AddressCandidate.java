package io.inkwellsplit.address;

import io.inkwellsplit.reading.Weighed;

/** One way in which an address can be read. */
final class AddressCandidate extends Weighed {
    /** Whether a comma stands between the street and the city, rather than a mere blank. */
    boolean cutAtComma;

    AddressCandidate start(AddressText text) {
        startWith(text.labels, text.count);
        cutAtComma = true;
        return this;
    }
}
