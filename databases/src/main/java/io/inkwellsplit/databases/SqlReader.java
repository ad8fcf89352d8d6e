package io.inkwellsplit.databases;

import io.inkwellsplit.address.AddressSplitter;
import io.inkwellsplit.assemble.NamePattern;
import io.inkwellsplit.assemble.PersonName;
import io.inkwellsplit.assemble.ReadyPattern;
import io.inkwellsplit.name.NameSplitter;
import io.inkwellsplit.pattern.Nearest;
import io.inkwellsplit.pattern.PatternException;
import io.inkwellsplit.reading.AddressPart;
import io.inkwellsplit.reading.Doubt;
import io.inkwellsplit.reading.NamePart;
import io.inkwellsplit.reading.PartKey;
import io.inkwellsplit.reading.Reading;
import io.inkwellsplit.reading.Splitter;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/**
 * Reads names and addresses for a database: what {@link SqlFunctions} does, with splitters of one's own, such as those that
 * have learned a column. A value that is no text ({@code NULL}) gives none, and so does a part that a value does not have.
 * Immutable and safe for use by several threads.
 */
public final class SqlReader {
    private static final Map<String, NamePart> NAME_PARTS = byKey(NamePart.values());
    private static final Map<String, AddressPart> ADDRESS_PARTS = byKey(AddressPart.values());
    private static final SqlReader STANDARD = new SqlReader(NameSplitter.standard(), AddressSplitter.standard());

    private final Column<NamePart> names;
    private final Column<AddressPart> addresses;

    private SqlReader(NameSplitter names, AddressSplitter addresses) {
        this.names = new Column<>(names, NAME_PARTS);
        this.addresses = new Column<>(addresses, ADDRESS_PARTS);
    }

    /** {@return a reader of every value by itself} */
    public static SqlReader standard() {
        return STANDARD;
    }

    /**
     * {@return a reader with splitters of one's own}
     *
     * @param names reads names; learned from a column, it reads every value in the light of it
     * @param addresses reads addresses
     */
    public static SqlReader of(NameSplitter names, AddressSplitter addresses) {
        return new SqlReader(names, addresses);
    }

    private static <P extends PartKey> Map<String, P> byKey(P[] parts) {
        Map<String, P> byKey = new LinkedHashMap<>();
        Arrays.stream(parts).forEach(part -> byKey.put(part.key(), part));
        return byKey;
    }

    /** What reads one kind of values. A query asks for several parts of a value in turn, so the last one is kept. */
    private static final class Column<P extends PartKey> {
        private final Splitter<P, ?> splitter;
        private final Map<String, P> parts;
        private final ThreadLocal<Reading<P>> last = new ThreadLocal<>();

        Column(Splitter<P, ?> splitter, Map<String, P> parts) {
            this.splitter = splitter;
            this.parts = parts;
        }

        Reading<P> read(String text) {
            Reading<P> reading = last.get();
            if (reading == null || !reading.source().equals(text)) {
                reading = splitter.split(text);
                last.set(reading);
            }
            return reading;
        }

        @Nullable String part(@Nullable String text, @Nullable String key) {
            if (text == null || key == null) {
                return null;
            }
            P part = parts.get(key);
            if (part == null) {
                String meant = Nearest.of(key, List.copyOf(parts.keySet()))
                        .map(one -> "; do you mean " + one + "?")
                        .orElse(": " + String.join(", ", parts.keySet()));
                throw new IllegalArgumentException("There is no part " + key + meant);
            }
            String value = read(text).text(part);
            return value.isEmpty() ? null : value;
        }

        @Nullable String doubts(@Nullable String text) {
            if (text == null || read(text).doubts().isEmpty()) {
                return null;
            }
            return read(text).doubts().stream().map(Doubt::code).collect(Collectors.joining("; "));
        }

        @Nullable Double confidence(@Nullable String text) {
            return text == null ? null : Double.valueOf(read(text).confidence());
        }
    }

    /**
     * {@return a part of a name, or null where it has none}
     *
     * @param name the name, as it was written
     * @param part the part's key, such as {@code last}; {@code inkwell parts} lists them
     * @throws IllegalArgumentException if there is no such part
     */
    public @Nullable String namePart(@Nullable String name, @Nullable String part) {
        return names.part(name, part);
    }

    /**
     * {@return a part of an address, or null where it has none}
     *
     * @param address the address, as it was written
     * @param part the part's key, such as {@code postcode}
     * @throws IllegalArgumentException if there is no such part
     */
    public @Nullable String addressPart(@Nullable String address, @Nullable String part) {
        return addresses.part(address, part);
    }

    /**
     * {@return how sure the reading of a name is, from 0 to 1}
     *
     * @param name the name, as it was written
     */
    public @Nullable Double nameConfidence(@Nullable String name) {
        return names.confidence(name);
    }

    /**
     * {@return how sure the reading of an address is, from 0 to 1}
     *
     * @param address the address, as it was written
     */
    public @Nullable Double addressConfidence(@Nullable String address) {
        return addresses.confidence(address);
    }

    /**
     * {@return the codes of the doubts of a name, with semicolons; null where there are none}
     *
     * @param name the name, as it was written
     */
    public @Nullable String nameDoubts(@Nullable String name) {
        return names.doubts(name);
    }

    /**
     * {@return the codes of the doubts of an address, with semicolons; null where there are none}
     *
     * @param address the address, as it was written
     */
    public @Nullable String addressDoubts(@Nullable String address) {
        return addresses.doubts(address);
    }

    /**
     * {@return a name, written by a pattern}
     *
     * @param name the name, as it was written
     * @param pattern the name of a ready pattern, such as {@code index}, or a pattern with fields in braces
     * @throws IllegalArgumentException if there is no such pattern, or it is broken
     */
    public @Nullable String fullName(@Nullable String name, @Nullable String pattern) {
        if (name == null || pattern == null) {
            return null;
        }
        PersonName person = PersonName.of(names.read(name));
        try {
            return pattern.indexOf('{') < 0
                    ? ReadyPattern.named(pattern).format(person)
                    : NamePattern.compile(pattern).format(person);
        } catch (PatternException e) {
            throw new IllegalArgumentException(e.getMessage(), e);
        }
    }
}
