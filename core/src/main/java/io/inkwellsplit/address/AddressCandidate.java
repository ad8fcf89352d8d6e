package io.inkwellsplit.address;

import io.inkwellsplit.weigh.Weighed;

/** One way in which an address can be read. */
final class AddressCandidate extends Weighed {
    /** Whether a comma stands between the street and the city, rather than a mere blank. */
    boolean cutAtComma;

    /** The country it was tried as, and by how many points that is behind the likeliest one. */
    int country;

    double behind;
    /** Whether the postcode, if there is one, stands beside the city as the country has it. */
    boolean hasPostcode;

    AddressCandidate start(AddressText text) {
        startWith(text.labels, text.count);
        cutAtComma = true;
        country = text.country.index;
        behind = text.behind;
        hasPostcode = text.find(AddressPart.POSTCODE) >= 0;
        return this;
    }

    @Override
    public boolean sameAs(Weighed other, int count) {
        return country == ((AddressCandidate) other).country && super.sameAs(other, count);
    }
}
