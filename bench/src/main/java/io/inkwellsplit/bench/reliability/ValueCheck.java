package io.inkwellsplit.bench.reliability;

import io.inkwellsplit.Accounted;
import io.inkwellsplit.address.AddressSplitter;
import io.inkwellsplit.assemble.AddressLabel;
import io.inkwellsplit.assemble.PersonName;
import io.inkwellsplit.assemble.ReadyPattern;
import io.inkwellsplit.casing.TidyCase;
import io.inkwellsplit.column.AddressColumn;
import io.inkwellsplit.column.NameColumn;
import io.inkwellsplit.name.NameSplitter;
import io.inkwellsplit.reading.Alternative;
import io.inkwellsplit.reading.Reading;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;

/** Reads a value in every way there is, and says what is wrong with what comes back. */
final class ValueCheck {
    private final List<Function<String, Reading>> readers = new ArrayList<>();
    /** Read in between: what one value leaves in a buffer must not be seen by the next. */
    private String other = "";

    /** @param column values that teach the second reader of each kind */
    ValueCheck(List<String> column) {
        readers.add(NameSplitter.standard()::split);
        readers.add(NameColumn.learn(NameSplitter.standard(), column)::split);
        readers.add(AddressSplitter.standard()::split);
        readers.add(AddressColumn.learn(AddressSplitter.standard(), column)::split);
        readers.add(AddressSplitter.standard().country("JP")::split);
    }

    /** Returns what is wrong; nothing where all is well. */
    Optional<String> problem(String text, boolean deeply) {
        try {
            for (Function<String, Reading> reader : readers) {
                Reading reading = reader.apply(text);
                Optional<String> problem = Accounted.problem(text, reading);
                if (problem.isPresent()) {
                    return problem;
                }
                readInBetween(reader);
                if (!reader.apply(text).toString().equals(reading.toString())) {
                    return Optional.of("it reads differently the second time");
                }
                if (deeply) {
                    deeply(text, reading);
                }
            }
            other = text;
            return Optional.empty();
        } catch (RuntimeException | StackOverflowError e) {
            StackTraceElement[] trace = e.getStackTrace();
            return Optional.of(e.getClass().getSimpleName() + (trace.length > 0 ? " at " + trace[0] : ""));
        }
    }

    private void readInBetween(Function<String, Reading> reader) {
        if (!reader.apply(other).source().equals(other)) {
            throw new IllegalStateException("the reading has another source");
        }
    }

    /** Everything that is made of a reading, too. */
    private static void deeply(String text, Reading reading) {
        for (Alternative way : reading.alternatives()) {
            if (!(way.probability() >= 0 && way.probability() <= 1)) {
                throw new IllegalStateException("a probability of " + way.probability());
            }
        }
        TidyCase.names().apply(text);
        TidyCase.addresses().apply(text);
        if (reading.country().isEmpty()) {
            PersonName person = PersonName.of(reading);
            for (ReadyPattern pattern : ReadyPattern.all()) {
                pattern.format(person);
            }
        } else {
            AddressLabel.from("US").lines(reading);
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
