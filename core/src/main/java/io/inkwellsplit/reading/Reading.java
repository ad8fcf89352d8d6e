package io.inkwellsplit.reading;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;

/**
 * How one value was understood: its parts, how sure that is, and what a person may want to look at.
 *
 * <p>Parts keep the spelling, case and punctuation of the source; every letter, digit and symbol of the source is in
 * a part, in {@code unplaced}, or in a word that only announces a part ({@link #announcements}). Immutable.
 */
public final class Reading {
    /** Stands for a key in the places of a reading: words such as {@code c/o} that announce a part. */
    static final int ANNOUNCEMENT = -1;

    private final String source;
    private final Kind kind;
    private final String country;
    private final PartKey[] keys;
    private final int[] places;
    /** Which parts it has, a bit each by ordinal: a table asks for dozens of which a value has a few. */
    private final long present;

    private final double confidence;
    private final Set<Doubt> doubts;
    private final List<Suggestion> suggestions;
    private final Function<String, List<Alternative>> alternatives;

    Reading(ReadingBuilder builder, double confidence, Set<Doubt> doubts) {
        this.source = builder.source;
        this.kind = builder.kind;
        this.country = builder.country;
        this.keys = builder.keys;
        this.places = builder.places();
        this.present = present(places);
        this.alternatives = builder.alternatives;
        this.suggestions = builder.suggestions;
        this.confidence = confidence;
        this.doubts = doubts;
    }

    private static long present(int[] places) {
        long present = 0;
        for (int i = 0; i < places.length; i += 3) {
            present |= places[i] == ANNOUNCEMENT ? 0 : 1L << places[i];
        }
        return present;
    }

    /** Returns the value that was read, as it was given. */
    public String source() {
        return source;
    }

    public Kind kind() {
        return kind;
    }

    /** Returns the country as one of which an address was read, by its ISO 3166-1 code; empty for a name. */
    public String country() {
        return country;
    }

    /** Returns the probability, 0 to 1, that all parts of this reading are right. */
    public double confidence() {
        return confidence;
    }

    /** Returns the reasons to look at this reading; empty when there are none. */
    public Set<Doubt> doubts() {
        return Collections.unmodifiableSet(doubts);
    }

    /** Returns values that parts are likely to mean where they contradict each other; empty where nothing is offered. */
    public List<Suggestion> suggestions() {
        return Collections.unmodifiableList(suggestions);
    }

    /**
     * Returns a part's text, or the empty string where the value has no such part.
     *
     * <p>Costs time linear in the number of parts.
     */
    public String text(PartKey key) {
        if (!has(key)) {
            return "";
        }
        int first = next(0, key.ordinal());
        int second = next(first + 3, key.ordinal());
        if (second < 0) {
            return oneBlank(source.substring(places[first + 1], places[first + 2]));
        }
        StringBuilder text = new StringBuilder();
        for (int i = first; i >= 0; i = next(i + 3, key.ordinal())) {
            if (!text.isEmpty() && !touches(places, i)) {
                text.append(' ');
            }
            text.append(oneBlank(source.substring(places[i + 1], places[i + 2])));
        }
        return text.toString();
    }

    private boolean has(PartKey key) {
        return (present >>> key.ordinal() & 1) != 0;
    }

    /** A piece directly behind its neighbour ({@code 太} and {@code 郎}) follows without a blank. */
    private static boolean touches(int[] places, int i) {
        return i >= 3 && places[i - 3] == places[i] && places[i - 1] == places[i + 1];
    }

    private int next(int from, int ordinal) {
        for (int i = from; i < places.length; i += 3) {
            if (places[i] == ordinal) {
                return i;
            }
        }
        return -1;
    }

    private static String oneBlank(String text) {
        for (int i = 0; i < text.length(); i++) {
            char c = text.charAt(i);
            if (c > ' ' && c < 0x7F) {
                continue;
            }
            boolean blank = c != ' ' && (Character.isWhitespace(c) || Character.isSpaceChar(c));
            if (blank || (c == ' ' && i + 1 < text.length() && text.charAt(i + 1) == ' ')) {
                return collapsed(text);
            }
        }
        return text;
    }

    private static String collapsed(String text) {
        StringBuilder out = new StringBuilder(text.length());
        boolean pending = false;
        for (int i = 0; i < text.length(); i++) {
            char c = text.charAt(i);
            if (Character.isWhitespace(c) || Character.isSpaceChar(c)) {
                pending = !out.isEmpty();
            } else {
                if (pending) {
                    out.append(' ');
                    pending = false;
                }
                out.append(c);
            }
        }
        return out.toString();
    }

    /** Returns a part with its places in the source, or nothing where the value has no such part. */
    public Optional<Part> part(PartKey key) {
        if (!has(key)) {
            return Optional.empty();
        }
        return Optional.of(new Part(key, text(key), spans(key.ordinal())));
    }

    /** Returns all parts, in the order of their keys; finer parts repeat what the plain ones hold. */
    public List<Part> parts() {
        List<Part> parts = new ArrayList<>();
        for (PartKey key : keys) {
            part(key).ifPresent(parts::add);
        }
        return parts;
    }

    /** Returns where words stand that announce a part and are in none, such as {@code c/o}, {@code née}, {@code &}. */
    public List<Span> announcements() {
        return spans(ANNOUNCEMENT);
    }

    private List<Span> spans(int ordinal) {
        List<Span> spans = new ArrayList<>();
        for (int i = next(0, ordinal); i >= 0; i = next(i + 3, ordinal)) {
            spans.add(new Span(places[i + 1], places[i + 2]));
        }
        return spans;
    }

    /**
     * Returns the ways in which the value was weighed, likeliest first, each with its reasons.
     *
     * <p>The value is read once more for this, which costs several times what reading it did.
     */
    public List<Alternative> alternatives() {
        return alternatives.apply(source);
    }

    /** Returns the kind, the parts and the confidence; meant for people who debug. */
    @Override
    public String toString() {
        StringBuilder text = new StringBuilder(kind.key());
        for (Part part : parts()) {
            text.append(' ').append(part.key().key()).append('=').append(part.text());
        }
        return text.append(String.format(Locale.ROOT, " (%.3f)", confidence)).toString();
    }
}
