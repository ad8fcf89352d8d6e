package io.inkwellsplit.table.split;

import io.inkwellsplit.name.NameSplitter;
import io.inkwellsplit.reading.Alternative;
import io.inkwellsplit.reading.Evidence;
import io.inkwellsplit.reading.NamePart;
import io.inkwellsplit.reading.PartKey;
import io.inkwellsplit.reading.Reading;
import io.inkwellsplit.reading.Splitter;
import io.inkwellsplit.table.Ways;
import io.inkwellsplit.table.correct.ColumnCorrections;
import java.io.DataInput;
import java.io.DataOutput;
import java.io.IOException;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.function.BiConsumer;

/**
 * Reads the values of one column, after it has seen what the column says. What rows say stands apart by their {@link Levels}
 * until it is known how many rows there are.
 */
final class ColumnReader<P extends PartKey, E extends Evidence<E>> {
    private final Splitter<P, E> splitter;
    private final BiConsumer<ColumnCorrections, E> teacher;
    private final E evidence;
    private final List<Optional<E>> levels = new ArrayList<>(Collections.nCopies(Levels.COUNT, Optional.empty()));

    /** @param teacher tells the column what a person has said of it */
    ColumnReader(Splitter<P, E> splitter, BiConsumer<ColumnCorrections, E> teacher) {
        this.evidence = splitter.newEvidence();
        this.splitter = splitter.inLightOf(evidence);
        this.teacher = teacher;
    }

    /** Takes a value into account. */
    void observe(String value) {
        splitter.gather(value, evidence);
    }

    /** Takes a value of a row into account, if those of its level are learned from in the end. */
    void observe(String value, int level) {
        E seen = levels.get(level).orElseGet(splitter::newEvidence);
        levels.set(level, Optional.of(seen));
        splitter.gather(value, seen);
    }

    /** Forgets what rows of lower levels have said. */
    void forgetBelow(int level) {
        for (int i = 0; i < level; i++) {
            levels.set(i, Optional.empty());
        }
    }

    /** Learns from the rows of a level and those above it; what is seen later counts no more. */
    void settle(int level) {
        forgetBelow(level);
        for (int i = level; i < Levels.COUNT; i++) {
            levels.get(i).ifPresent(evidence::merge);
            levels.set(i, Optional.empty());
        }
    }

    /** Adds what another reader of the same kind has seen. */
    @SuppressWarnings("unchecked") // Readers of one column are of one kind.
    void merge(ColumnReader<?, ?> other) {
        for (int i = 0; i < Levels.COUNT; i++) {
            add(i, (Optional<E>) other.levels.get(i));
        }
    }

    private void add(int level, Optional<E> more) {
        if (more.isPresent() && levels.get(level).isPresent()) {
            levels.get(level).get().merge(more.get());
        } else if (more.isPresent()) {
            levels.set(level, more);
        }
    }

    /** Writes what was seen, for another process. */
    void write(DataOutput to) throws IOException {
        for (Optional<E> seen : levels) {
            byte[] bytes = seen.map(Evidence::toBytes).orElseGet(() -> new byte[0]);
            to.writeInt(bytes.length);
            to.write(bytes);
        }
    }

    /** Adds what {@link #write} has written. */
    void read(DataInput from) throws IOException {
        for (int i = 0; i < Levels.COUNT; i++) {
            byte[] bytes = new byte[from.readInt()];
            from.readFully(bytes);
            add(i, bytes.length == 0 ? Optional.empty() : Optional.of(splitter.evidence(bytes)));
        }
    }

    /** Teaches the column what a person has said of it; called before any value is read. */
    void teach(ColumnCorrections corrections) {
        teacher.accept(corrections, evidence);
    }

    /** Reads a value. */
    Reading<PartKey> read(String value) {
        return splitter.split(value).ofAnyKind();
    }

    /** Returns one reading of each person that a reading names; the reading itself where it names no two. */
    List<Reading<PartKey>> people(Reading<PartKey> reading) {
        return splitter instanceof NameSplitter names
                ? names.people(reading.ofKind(NamePart.class)).stream()
                        .map(Reading::ofAnyKind)
                        .toList()
                : List.of(reading);
    }

    /** Returns what tells the ways in which values were weighed. */
    Ways ways() {
        return value -> splitter.alternatives(value).stream()
                .map(Alternative::ofAnyKind)
                .toList();
    }
}
