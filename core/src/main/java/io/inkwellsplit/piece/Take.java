package io.inkwellsplit.piece;

import io.inkwellsplit.text.Graphemes;
import java.util.Objects;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.IntStream;

/**
 * Takes a piece out of a value: by its number, as words or characters, or beside a separator. Immutable and thread-safe.
 *
 * <p>Numbers count from 1; negative ones from the right, so that -1 is the last. Characters are what people take for one
 * (grapheme clusters): {@code é} is one, however it is written. Where a value has not so much, there is a fallback,
 * which is empty unless it is set.
 */
public final class Take {
    private final Function<String, Optional<String>> taker;
    private final String fallback;

    private Take(Function<String, Optional<String>> taker, String fallback) {
        this.taker = taker;
        this.fallback = fallback;
    }

    /**
     * Takes the piece of a number.
     *
     * @param cutter what makes the pieces
     * @param number which one, from 1; from the right below 0
     * @return what takes it
     */
    public static Take piece(Cutter cutter, int number) {
        return pieces(cutter, number, number);
    }

    /**
     * Takes the pieces from one number to another, both included, with the separators as they are written.
     *
     * @param cutter what makes the pieces
     * @param first the first one, from 1; from the right below 0
     * @param last the last one, counted likewise
     * @return what takes them
     */
    public static Take pieces(Cutter cutter, int first, int last) {
        check("the number of a piece", first);
        check("the number of a piece", last);
        return new Take(text -> range(text, cutter.spans(text), first, last), "");
    }

    private static Optional<String> range(String text, int[] spans, int first, int last) {
        int size = spans.length / 2;
        int from = index(first, size);
        int to = Math.min(index(last, size), size - 1);
        boolean there = from >= 0 && from < size && to >= from;
        return there ? Optional.of(text.substring(spans[2 * from], spans[2 * to + 1])) : Optional.empty();
    }

    /**
     * Takes the first words; all where there are fewer.
     *
     * @param count how many
     * @return what takes them
     */
    public static Take firstWords(int count) {
        return ends("words", count, BreakAt.WORDS, Cutter.From.LEFT);
    }

    /**
     * Takes the last words.
     *
     * @param count how many
     * @return what takes them
     */
    public static Take lastWords(int count) {
        return ends("words", count, BreakAt.WORDS, Cutter.From.RIGHT);
    }

    /**
     * Takes the first characters; all where there are fewer.
     *
     * @param count how many
     * @return what takes them
     */
    public static Take firstCharacters(int count) {
        return ends("characters", count, BreakAt.CHARACTERS, Cutter.From.LEFT);
    }

    /**
     * Takes the last characters.
     *
     * @param count how many
     * @return what takes them
     */
    public static Take lastCharacters(int count) {
        return ends("characters", count, BreakAt.CHARACTERS, Cutter.From.RIGHT);
    }

    /**
     * Takes characters from one number to another, both included.
     *
     * @param first the first one, from 1; from the right below 0
     * @param last the last one, counted likewise
     * @return what takes them
     */
    public static Take characters(int first, int last) {
        check("the number of a character", first);
        check("the number of a character", last);
        return new Take(
                text -> {
                    int[] ends = BreakAt.CHARACTERS.of(text);
                    int from = index(first, ends.length);
                    int to = Math.min(index(last, ends.length), ends.length - 1);
                    boolean there = from >= 0 && from < ends.length && to >= from;
                    return there
                            ? Optional.of(text.substring(from == 0 ? 0 : ends[from - 1], ends[to]))
                            : Optional.empty();
                },
                "");
    }

    /**
     * Takes what stands before the separator's occurrence of a number.
     *
     * @param separator what is looked for
     * @param occurrence which of several, from 1; from the right below 0
     * @return what takes it
     */
    public static Take before(Cutter separator, int occurrence) {
        return beside(separator, occurrence, (text, start, end) -> text.substring(0, start));
    }

    /**
     * Takes what stands after the separator's occurrence of a number.
     *
     * @param separator what is looked for
     * @param occurrence which of several, from 1; from the right below 0
     * @return what takes it
     */
    public static Take after(Cutter separator, int occurrence) {
        return beside(separator, occurrence, (text, start, end) -> text.substring(end));
    }

    /** Takes a piece of a text beside a separator, which has a start and an end. */
    private interface Side {
        String of(String text, int start, int end);
    }

    private static Take beside(Cutter separator, int occurrence, Side side) {
        check("the number of an occurrence", occurrence);
        return new Take(
                text -> {
                    Places places = Places.of(separator, text);
                    int at = index(occurrence, places.size());
                    return at >= 0 && at < places.size()
                            ? Optional.of(side.of(text, places.start(at), places.end(at)))
                            : Optional.empty();
                },
                "");
    }

    private enum BreakAt {
        WORDS {
            @Override
            int[] of(String text) {
                // Words are what blanks stand between: "van der Meulen-McElroy" has three.
                return IntStream.rangeClosed(1, text.length())
                        .filter(i -> !Character.isWhitespace(text.charAt(i - 1))
                                && (i == text.length() || Character.isWhitespace(text.charAt(i))))
                        .toArray();
            }
        },
        CHARACTERS {
            @Override
            int[] of(String text) {
                return Graphemes.ends(text);
            }
        };

        /** Returns where each one ends. */
        abstract int[] of(String text);
    }

    private static Take ends(String what, int count, BreakAt breakAt, Cutter.From end) {
        if (count < 1) {
            throw new IllegalArgumentException("The number of " + what + " is " + count + "; give 1 or more");
        }
        return new Take(
                text -> {
                    int[] ends = breakAt.of(text);
                    if (ends.length == 0) {
                        return Optional.empty();
                    }
                    if (ends.length <= count) {
                        return Optional.of(breakAt == BreakAt.WORDS ? text.strip() : text);
                    }
                    String taken = end == Cutter.From.LEFT
                            ? text.substring(0, ends[count - 1])
                            : text.substring(ends[ends.length - count - 1]);
                    return Optional.of(breakAt == BreakAt.WORDS ? taken.strip() : taken);
                },
                "");
    }

    private static int index(int number, int size) {
        return number > 0 ? number - 1 : size + number;
    }

    private static void check(String what, int number) {
        if (number == 0) {
            throw new IllegalArgumentException("0 is not " + what + "; count from 1, or from -1 at the right");
        }
    }

    /**
     * {@return one that gives a text where there is nothing to take}
     *
     * @param text the fallback
     */
    public Take orElse(String text) {
        return new Take(taker, Objects.requireNonNull(text, "text"));
    }

    /**
     * {@return one that goes on with what this one has taken}
     *
     * @param next what goes on
     */
    public Take then(Take next) {
        return new Take(text -> taker.apply(text).flatMap(next.taker), next.fallback);
    }

    /**
     * {@return what is taken from a value, or the fallback}
     *
     * @param text the value
     */
    public String from(String text) {
        return find(text).orElse(fallback);
    }

    /**
     * {@return what is taken from a value; none where it has not so much}
     *
     * @param text the value
     */
    public Optional<String> find(String text) {
        return taker.apply(Objects.requireNonNull(text, "text"));
    }
}
