package io.inkwellsplit.assemble;

import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * How a name is to be written, in the terms of Unicode UTS #35, Part 8; what is not told is the language's choice.
 *
 * @param order which name comes first; by default as the name's own language has it
 * @param length how much of the name
 * @param usage what it is for; by default for speaking of the person
 * @param formality how formally
 */
public record NameStyle(Optional<Order> order, Optional<Length> length, Usage usage, Optional<Formality> formality) {
    /** Which name comes first. */
    public enum Order {
        /** The given name first. */
        GIVEN_FIRST,
        /** The family name first. */
        SURNAME_FIRST,
        /** As in an index: by the family name, whatever is spoken first. */
        SORTING
    }

    /** How much of the name is written. */
    public enum Length {
        /** With all names. */
        LONG,
        /** With the names that are usual. */
        MEDIUM,
        /** As short as the language has it. */
        SHORT
    }

    /** What the written name is for. */
    public enum Usage {
        /** Speaking of the person. */
        REFERRING,
        /** Speaking to the person. */
        ADDRESSING,
        /** One or a few letters that stand for the person. */
        MONOGRAM
    }

    /** How formally somebody is called. */
    public enum Formality {
        /** With the family name and, where it is usual, the title. */
        FORMAL,
        /** As among people who know each other. */
        INFORMAL
    }

    /** The language's own choices throughout. */
    public static final NameStyle USUAL =
            new NameStyle(Optional.empty(), Optional.empty(), Usage.REFERRING, Optional.empty());

    /**
     * Reads a style from its words with hyphens between them, in any order: {@code long-formal},
     * {@code sorting-short}, {@code monogram}, {@code surname_first-informal}; {@code usual} for none.
     *
     * @param words the words
     * @return the style
     * @throws IllegalArgumentException naming the word that is unknown
     */
    public static NameStyle parse(String words) {
        NameStyle style = USUAL;
        for (String word : words.strip().toUpperCase(Locale.ROOT).split("-")) {
            Optional<Order> order = find(Order.values(), word);
            Optional<Length> length = find(Length.values(), word);
            Optional<Usage> usage = find(Usage.values(), word);
            Optional<Formality> formality = find(Formality.values(), word);
            if (order.isEmpty()
                    && length.isEmpty()
                    && usage.isEmpty()
                    && formality.isEmpty()
                    && !word.equals("USUAL")) {
                throw new IllegalArgumentException("\"" + word.toLowerCase(Locale.ROOT)
                        + "\" is no word of a style; there are usual, " + String.join(", ", words()));
            }
            style = new NameStyle(
                    order.or(style::order),
                    length.or(style::length),
                    usage.orElse(style.usage),
                    formality.or(style::formality));
        }
        return style;
    }

    private static Stream<Enum<?>> all() {
        return Stream.<Enum<?>[]>of(Order.values(), Length.values(), Usage.values(), Formality.values())
                .flatMap(Arrays::stream);
    }

    private static List<String> words() {
        return all().map(word -> word.name().toLowerCase(Locale.ROOT)).collect(Collectors.toList());
    }

    private static <E extends Enum<E>> Optional<E> find(E[] values, String word) {
        return Arrays.stream(values).filter(value -> value.name().equals(word)).findFirst();
    }
}
