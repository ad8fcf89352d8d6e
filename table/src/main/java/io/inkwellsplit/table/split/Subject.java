package io.inkwellsplit.table.split;

import io.inkwellsplit.reading.AddressPart;
import io.inkwellsplit.reading.Kind;
import io.inkwellsplit.reading.NamePart;
import io.inkwellsplit.reading.PartKey;
import io.inkwellsplit.table.correct.ColumnCorrections;
import io.inkwellsplit.table.correct.Corrections;
import java.util.List;

/** What a column holds, and so how its values are read and which parts they have. */
public enum Subject {
    /** Names of people and organisations. */
    NAME(
            List.of(NamePart.values()),
            List.of(NamePart.TITLE, NamePart.FIRST, NamePart.MIDDLE, NamePart.LAST, NamePart.SUFFIX),
            Kind.PERSON),
    /** Postal addresses. */
    ADDRESS(
            List.of(AddressPart.values()),
            List.of(
                    AddressPart.STREET,
                    AddressPart.UNIT,
                    AddressPart.CITY,
                    AddressPart.STATE,
                    AddressPart.POSTCODE,
                    AddressPart.COUNTRY),
            Kind.ADDRESS);

    private final List<PartKey> all;
    private final List<PartKey> usual;
    private final Kind expected;

    Subject(List<? extends PartKey> all, List<? extends PartKey> usual, Kind expected) {
        this.all = List.copyOf(all);
        this.usual = List.copyOf(usual);
        this.expected = expected;
    }

    /** {@return every part there is, in its order} */
    public List<PartKey> allParts() {
        return all;
    }

    /** {@return the parts that a person always wants} */
    public List<PartKey> usualParts() {
        return usual;
    }

    Kind expected() {
        return expected;
    }

    ColumnCorrections corrections(Corrections all, String title) {
        return this == NAME ? all.forNames(title) : all.forAddresses(title);
    }

    ColumnReader<?, ?> reader(Splitters splitters) {
        return this == NAME
                ? new ColumnReader<>(splitters.names(), ColumnCorrections::teach)
                : new ColumnReader<>(splitters.addresses(), ColumnCorrections::teach);
    }
}
