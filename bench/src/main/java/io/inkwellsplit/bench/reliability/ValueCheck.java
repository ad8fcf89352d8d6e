package io.inkwellsplit.bench.reliability;

import io.inkwellsplit.Accounted;
import io.inkwellsplit.address.AddressSplitter;
import io.inkwellsplit.assemble.AddressLabel;
import io.inkwellsplit.assemble.PersonName;
import io.inkwellsplit.assemble.ReadyPattern;
import io.inkwellsplit.name.NameSplitter;
import io.inkwellsplit.reading.AddressPart;
import io.inkwellsplit.reading.Alternative;
import io.inkwellsplit.reading.NamePart;
import io.inkwellsplit.reading.Reading;
import io.inkwellsplit.reading.Splitter;
import io.inkwellsplit.tidy.TidyCase;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** Reads a value in every way there is, and says what is wrong with what comes back. */
final class ValueCheck {
    private final List<Splitter<?, ?>> readers = new ArrayList<>();
    /** Read in between: what one value leaves in a buffer must not be seen by the next. */
    private String other = "";

    /** @param column values that teach the second reader of each kind */
    ValueCheck(List<String> column) {
        readers.add(NameSplitter.standard());
        readers.add(NameSplitter.standard().learn(column));
        readers.add(AddressSplitter.standard());
        readers.add(AddressSplitter.standard().learn(column));
        readers.add(AddressSplitter.standard().country("JP"));
    }

    /** Returns what is wrong; nothing where all is well. */
    Optional<String> problem(String text, boolean deeply) {
        try {
            for (Splitter<?, ?> reader : readers) {
                Reading<?> reading = reader.split(text);
                Optional<String> problem = Accounted.problem(text, reading);
                if (problem.isPresent()) {
                    return problem;
                }
                readInBetween(reader);
                if (!reader.split(text).equals(reading)) {
                    return Optional.of("it reads differently the second time");
                }
                if (deeply) {
                    deeply(text, reader, reading);
                }
            }
            other = text;
            return Optional.empty();
        } catch (RuntimeException | StackOverflowError e) {
            StackTraceElement[] trace = e.getStackTrace();
            return Optional.of(e.getClass().getSimpleName() + (trace.length > 0 ? " at " + trace[0] : ""));
        }
    }

    private void readInBetween(Splitter<?, ?> reader) {
        if (!reader.split(other).source().equals(other)) {
            throw new IllegalStateException("the reading has another source");
        }
    }

    /** Everything that is made of a reading, too. */
    private static void deeply(String text, Splitter<?, ?> reader, Reading<?> reading) {
        for (Alternative<?> way : reader.alternatives(text)) {
            if (!(way.share() >= 0 && way.share() <= 1)) {
                throw new IllegalStateException("a share of " + way.share());
            }
        }
        TidyCase.names().apply(text);
        TidyCase.addresses().apply(text);
        if (reader instanceof NameSplitter) {
            PersonName person = PersonName.of(reading.ofKind(NamePart.class));
            for (ReadyPattern pattern : ReadyPattern.all()) {
                pattern.format(person);
            }
        } else {
            AddressLabel.from("US").lines(reading.ofKind(AddressPart.class));
        }
    }

    /** Returns the shortest text that is found from one by leaving pieces out, and that still has a problem. */
    String shrunk(String text) {
        String shortest = text;
        for (int size = Math.max(1, shortest.length() / 2); size > 0; size /= 2) {
            for (int at = 0; at + size <= shortest.length(); ) {
                String without = shortest.substring(0, at) + shortest.substring(at + size);
                if (problem(without, true).isPresent()) {
                    shortest = without;
                } else {
                    at += size;
                }
            }
        }
        return shortest;
    }
}
