package io.inkwellsplit.table.split;

import io.inkwellsplit.address.AddressEvidence;
import io.inkwellsplit.address.AddressSplitter;
import io.inkwellsplit.reading.Alternative;
import io.inkwellsplit.reading.PartKey;
import io.inkwellsplit.reading.Reading;
import io.inkwellsplit.table.Ways;
import io.inkwellsplit.table.correct.ColumnCorrections;

/** Reads a column of addresses, in the light of the column. */
final class AddressColumnReader implements ColumnReader {
    private final AddressEvidence evidence = new AddressEvidence();
    private final AddressSplitter splitter;

    AddressColumnReader(AddressSplitter splitter) {
        this.splitter = splitter.inLightOf(evidence);
    }

    @Override
    public void observe(String value) {
        splitter.gather(value, evidence);
    }

    @Override
    public void merge(ColumnReader other) {
        evidence.merge(((AddressColumnReader) other).evidence);
    }

    @Override
    public void teach(ColumnCorrections corrections) {
        corrections.teach(evidence);
    }

    @Override
    public Reading<PartKey> read(String value) {
        return splitter.split(value).ofAnyKind();
    }

    @Override
    public Ways ways() {
        return value -> splitter.alternatives(value).stream()
                .map(Alternative::ofAnyKind)
                .toList();
    }
}
