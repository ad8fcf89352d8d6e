package io.inkwellsplit.assemble;

import io.inkwellsplit.assemble.NameStyle.Order;
import io.inkwellsplit.reading.NamePart;
import io.inkwellsplit.reading.Reading;
import java.util.Collections;
import java.util.EnumMap;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/** The parts of one person's name, or of a couple's, and what is known of its language. Immutable. */
public final class PersonName implements NameFields.Parts {
    private final Map<NamePart, String> parts;
    private final @Nullable Locale language;
    private final @Nullable Order order;

    private PersonName(Map<NamePart, String> parts, @Nullable Locale language, @Nullable Order order) {
        this.parts = parts;
        this.language = language;
        this.order = order;
    }

    /**
     * {@return a name made of parts; those that are absent or blank are missing from the name}
     *
     * @param parts the texts of the parts
     */
    public static PersonName of(Map<NamePart, String> parts) {
        Map<NamePart, String> copy = new EnumMap<>(NamePart.class);
        parts.forEach((part, text) -> {
            if (!text.isBlank()) {
                copy.put(part, text);
            }
        });
        return new PersonName(Collections.unmodifiableMap(copy), null, null);
    }

    /**
     * {@return the name that was read}
     *
     * @param reading the reading of a name
     */
    public static PersonName of(Reading<NamePart> reading) {
        Map<NamePart, String> parts = new EnumMap<>(NamePart.class);
        for (NamePart part : NamePart.values()) {
            parts.put(part, reading.text(part));
        }
        return of(parts);
    }

    /** {@return the second person of a couple as a person alone; without a last name, it is the first one's} */
    public PersonName second() {
        Map<NamePart, String> own = new EnumMap<>(NamePart.class);
        for (NamePart part : NamePart.values()) {
            if (part.compareTo(NamePart.LAST_SECOND) <= 0) {
                own.put(part, parts.getOrDefault(NamePart.valueOf("SECOND_" + part.name()), ""));
            }
        }
        if (own.getOrDefault(NamePart.LAST, "").isEmpty()) {
            own.put(NamePart.LAST, parts.getOrDefault(NamePart.LAST, ""));
        }
        return of(own);
    }

    /**
     * {@return the name with the language it comes from, which tells which of its names is written first}
     *
     * @param from the language
     */
    public PersonName language(Locale from) {
        return new PersonName(parts, Objects.requireNonNull(from, "from"), order);
    }

    /**
     * {@return the name with the order that the person wishes, whatever the language}
     *
     * @param wished the order
     */
    public PersonName order(Order wished) {
        return new PersonName(parts, language, Objects.requireNonNull(wished, "wished"));
    }

    /** {@return the language the name comes from, where it was told} */
    public Optional<Locale> language() {
        return Optional.ofNullable(language);
    }

    /** {@return the order that the person wishes, where it was told} */
    public Optional<Order> order() {
        return Optional.ofNullable(order);
    }

    /** Returns the text of a part, or null where the name has none. */
    @Override
    public @Nullable String apply(NamePart part) {
        return parts.get(part);
    }
}
