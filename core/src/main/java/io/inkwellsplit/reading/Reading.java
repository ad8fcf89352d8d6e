package io.inkwellsplit.reading;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;

/**
 * How one value was understood: its parts, how sure that is, and what a person may want to look at.
 *
 * <p>Parts keep the spelling, case and punctuation of the source; every letter, digit and symbol of the source is in
 * a part, in {@code unplaced}, or in a word that only announces a part ({@link #announcements}). Immutable; it holds nothing
 * of the splitter that made it. Two readings are equal when all that they say of the same source is.
 *
 * @param <P> the keys of names or of addresses
 */
public final class Reading<P extends PartKey> {
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
    private final List<Suggestion<P>> suggestions;
    /** What parts were said to mean; nearly always none. */
    private final Map<PartKey, String> meant;

    Reading(ReadingBuilder<P> builder, double confidence, Set<Doubt> doubts) {
        this.source = builder.source;
        this.kind = builder.kind;
        this.country = builder.country;
        this.keys = builder.keys;
        this.places = builder.places();
        this.meant = Map.copyOf(builder.meant);
        this.present = present(places) | bits(meant.keySet());
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

    private static long bits(Set<PartKey> keys) {
        long bits = 0;
        for (PartKey key : keys) {
            bits |= 1L << key.ordinal();
        }
        return bits;
    }

    /** {@return the value that was read, as it was given} */
    public String source() {
        return source;
    }

    /** {@return what the value was read as} */
    public Kind kind() {
        return kind;
    }

    /** {@return the country as one of which an address was read, by its ISO 3166-1 code; empty for a name} */
    public String country() {
        return country;
    }

    /** {@return the probability, 0 to 1, that all parts of this reading are right} */
    public double confidence() {
        return confidence;
    }

    /** {@return the reasons to look at this reading; empty when there are none} */
    public Set<Doubt> doubts() {
        return Collections.unmodifiableSet(doubts);
    }

    /**
     * {@return values that parts are likely to mean where they contradict each other; empty where nothing is offered}
     */
    public List<Suggestion<P>> suggestions() {
        return Collections.unmodifiableList(suggestions);
    }

    /**
     * {@return a part's text, or the empty string where the value has no such part} It is as it stands in the source, unless
     * a person has said that something else is meant ({@link ReadingBuilder#mean}).
     *
     * <p>Costs time linear in the number of parts.
     *
     * @param key which part
     */
    public String text(P key) {
        if (!has(key)) {
            return "";
        }
        if (!meant.isEmpty() && meant.containsKey(key)) {
            return meant.getOrDefault(key, "");
        }
        int first = next(0, key.ordinal());
        int second = next(first + 3, key.ordinal());
        if (second < 0) {
            return oneBlank(source.substring(places[first + 1], places[first + 2]));
        }
        StringBuilder text = new StringBuilder();
        for (int i = first; i >= 0; i = next(i + 3, key.ordinal())) {
            if (!text.isEmpty() && !touches(places, i)) {
                text.append(key.joint());
            }
            text.append(oneBlank(source.substring(places[i + 1], places[i + 2])));
        }
        return text.toString();
    }

    private boolean has(PartKey key) {
        return isOurs(key) && (present >>> key.ordinal() & 1) != 0;
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

    /**
     * {@return a part with its places in the source, or nothing where the value has no such part}
     *
     * @param key which part
     */
    public Optional<Part<P>> part(P key) {
        if (!has(key)) {
            return Optional.empty();
        }
        return Optional.of(new Part<>(key, text(key), spans(key.ordinal())));
    }

    /** {@return all parts, in the order of their keys; finer parts repeat what the plain ones hold} */
    public List<Part<P>> parts() {
        return parts(true);
    }

    @SuppressWarnings("unchecked") // The keys are those of this kind of reading.
    private List<Part<P>> parts(boolean finer) {
        List<Part<P>> parts = new ArrayList<>();
        for (PartKey key : keys) {
            if (finer || !key.isFiner()) {
                part((P) key).ifPresent(parts::add);
            }
        }
        return parts;
    }

    /** {@return the parts that are no finer parts: together they hold every piece once} */
    public List<Part<P>> plainParts() {
        return parts(false);
    }

    /** A piece of a value that is in a part. */
    public record Mark<P extends PartKey>(P key, Span span) {}

    /**
     * {@return the pieces of the plain parts as they stand in the source, from left to right} Where two people share a name,
     * or a trust is the organisation, the first of the two keys holds it.
     */
    public List<Mark<P>> marks() {
        List<Mark<P>> marks = new ArrayList<>();
        for (Part<P> part : plainParts()) {
            for (Span span : part.spans()) {
                if (marks.stream().noneMatch(mark -> mark.span().overlaps(span))) {
                    marks.add(new Mark<>(part.key(), span));
                }
            }
        }
        marks.sort(Comparator.comparingInt(mark -> mark.span().start()));
        return marks;
    }

    /**
     * {@return this reading as one that can be asked for any key, for those who treat names and addresses alike; a key of the
     * other kind has no text}
     */
    @SuppressWarnings("unchecked") // A key is looked at before it is used, and nothing can be put in.
    public Reading<PartKey> ofAnyKind() {
        return (Reading<PartKey>) this;
    }

    /**
     * {@return this reading as one of names or of addresses, which it must be}
     *
     * @param <Q> the kind of keys
     * @param kind {@code NamePart.class} or {@code AddressPart.class}
     * @throws IllegalArgumentException if its keys are others
     */
    @SuppressWarnings("unchecked") // The keys are looked at.
    public <Q extends PartKey> Reading<Q> ofKind(Class<Q> kind) {
        if (!kind.isInstance(keys[0])) {
            throw new IllegalArgumentException("this reading has no " + kind.getSimpleName());
        }
        return (Reading<Q>) this;
    }

    private boolean isOurs(PartKey key) {
        return key.ordinal() < keys.length && keys[key.ordinal()] == key;
    }

    /** {@return where words stand that announce a part and are in none, such as {@code c/o}, {@code née}, {@code &}} */
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

    @Override
    public boolean equals(Object other) {
        return other instanceof Reading<?> reading
                && source.equals(reading.source)
                && kind == reading.kind
                && country.equals(reading.country)
                && Arrays.equals(keys, reading.keys)
                && Arrays.equals(places, reading.places)
                && Double.compare(confidence, reading.confidence) == 0
                && doubts.equals(reading.doubts)
                && suggestions.equals(reading.suggestions)
                && meant.equals(reading.meant);
    }

    @Override
    public int hashCode() {
        return Objects.hash(source, kind, Arrays.hashCode(places));
    }

    /** Returns the kind, which parts there are and the confidence, but no text: names and addresses are personal data. */
    @Override
    public String toString() {
        StringBuilder text = new StringBuilder(kind.key());
        for (Part<P> part : parts()) {
            text.append(' ').append(part.key().key()).append(part.spans());
        }
        return text.append(String.format(Locale.ROOT, " (%.3f)", confidence)).toString();
    }
}
