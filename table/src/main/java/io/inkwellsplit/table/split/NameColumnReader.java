package io.inkwellsplit.table.split;

import io.inkwellsplit.name.NameEvidence;
import io.inkwellsplit.name.NameSplitter;
import io.inkwellsplit.reading.Alternative;
import io.inkwellsplit.reading.NamePart;
import io.inkwellsplit.reading.PartKey;
import io.inkwellsplit.reading.Reading;
import io.inkwellsplit.table.Ways;
import io.inkwellsplit.table.correct.ColumnCorrections;
import java.util.List;

/** Reads a column of names, in the light of the column. */
final class NameColumnReader implements ColumnReader {
    private final NameEvidence evidence = new NameEvidence();
    private final NameSplitter splitter;

    NameColumnReader(NameSplitter splitter) {
        this.splitter = splitter.inLightOf(evidence);
    }

    @Override
    public void observe(String value) {
        splitter.gather(value, evidence);
    }

    @Override
    public void merge(ColumnReader other) {
        evidence.merge(((NameColumnReader) other).evidence);
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
    public List<Reading<PartKey>> people(Reading<PartKey> reading) {
        return splitter.people(reading.ofKind(NamePart.class)).stream()
                .map(Reading::ofAnyKind)
                .toList();
    }

    @Override
    public Ways ways() {
        return value -> splitter.alternatives(value).stream()
                .map(Alternative::ofAnyKind)
                .toList();
    }
}
