package io.inkwellsplit.table.step;

import io.inkwellsplit.address.AddressSplitter;
import io.inkwellsplit.reading.Reading;

/** Reads a column of addresses, each value by itself. */
record AddressColumnReader(AddressSplitter splitter) implements ColumnReader {
    @Override
    public void observe(String value) {}

    @Override
    public Reading read(String value) {
        return splitter.split(value);
    }
}
