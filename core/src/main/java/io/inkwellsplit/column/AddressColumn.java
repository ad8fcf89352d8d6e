package io.inkwellsplit.column;

import io.inkwellsplit.address.AddressEvidence;
import io.inkwellsplit.address.AddressSplitter;

/** Lets a column of addresses teach the splitter that reads it. */
public final class AddressColumn {
    private AddressColumn() {}

    /**
     * Returns a splitter that reads values in the light of their column.
     *
     * @param splitter the settings to keep
     * @param values the column, or as much of it as there is; gone through once, memory does not grow with it
     */
    public static AddressSplitter learn(AddressSplitter splitter, Iterable<String> values) {
        AddressEvidence evidence = new AddressEvidence();
        for (String value : values) {
            splitter.gather(value, evidence);
        }
        return splitter.inLightOf(evidence);
    }
}
