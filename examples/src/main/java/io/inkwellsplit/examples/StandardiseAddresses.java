package io.inkwellsplit.examples;

import io.inkwellsplit.address.AddressSplitter;
import io.inkwellsplit.address.AddressStandard;
import io.inkwellsplit.address.AddressStandard.Rule;
import io.inkwellsplit.reading.AddressPart;
import io.inkwellsplit.reading.Reading;
import java.util.List;

/** Reads addresses of several countries in the light of their column, and writes their parts in one style. */
public final class StandardiseAddresses {
    private StandardiseAddresses() {}

    public static void main(String[] args) {
        List<String> hosts = List.of(
                "14 HARBOUR LANE, WEXCOMBE, KENT, ct51ab",
                "3 Quay Street Wexcombe",
                "5 North Elm Street, Barre, Vermont 5641",
                "Musterstr. 7a, 2. OG, 50667 Köln");
        AddressSplitter splitter = AddressSplitter.standard().learn(hosts);
        AddressStandard standard = AddressStandard.asWritten()
                .with(Rule.STATE_CODE)
                .with(Rule.STREET_FULL)
                .with(Rule.POSTCODE)
                .with(Rule.CASE);
        for (String host : hosts) {
            Reading<AddressPart> reading = splitter.split(host);
            System.out.println(reading.country() + ": " + standard.text(reading, AddressPart.STREET) + " | "
                    + standard.text(reading, AddressPart.CITY) + " | " + standard.text(reading, AddressPart.POSTCODE));
            reading.doubts().forEach(doubt -> System.out.println("    " + doubt.sentence()));
        }
    }
}
