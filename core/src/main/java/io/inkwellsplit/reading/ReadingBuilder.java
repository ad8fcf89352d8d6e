package io.inkwellsplit.reading;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/**
 * Gathers the places of one reading's parts; the splitters' way to make a {@link Reading}.
 *
 * <p>Reused from value to value, so that only the reading itself is new. Confined to one thread.
 */
public final class ReadingBuilder<P extends PartKey> {
    final PartKey[] keys;
    String source = "";
    Kind kind = Kind.UNCLEAR;
    String country = "";
    private @Nullable SourcePlaces way;
    private int[] buffer = new int[64];
    private int size;
    List<Suggestion<P>> suggestions = List.of();
    Map<PartKey, String> meant = Map.of();

    /** @param keys every key of the parts, by ordinal */
    public ReadingBuilder(P[] keys) {
        if (keys.length > Long.SIZE) {
            throw new IllegalArgumentException("a reading keeps a bit for each part, so it can have " + Long.SIZE);
        }
        this.keys = keys;
    }

    /**
     * Starts a reading; what was gathered before is gone.
     *
     * @param newSource the value, as it was given
     * @param newKind what it is
     * @param places the way back from the places that are added to those of the value
     */
    public void start(String newSource, Kind newKind, SourcePlaces places) {
        start(newSource, newKind);
        way = places;
    }

    /**
     * Starts a reading of which places of the value itself are added.
     *
     * @param newSource the value, as it was given
     * @param newKind what it is
     */
    public void start(String newSource, Kind newKind) {
        source = newSource;
        kind = newKind;
        way = null;
        size = 0;
        suggestions = List.of();
        meant = Map.of();
        country = "";
    }

    /**
     * {@return the reading of a value that is too long to be one: all of it stands unplaced}
     *
     * @param newSource the value, as it was given
     * @param unplaced the part that holds what has no other
     */
    public Reading<P> tooLong(String newSource, P unplaced) {
        start(newSource, Kind.UNCLEAR);
        int from = 0;
        int end = newSource.length();
        while (from < end && isBlank(newSource.charAt(from))) {
            from++;
        }
        while (end > from && isBlank(newSource.charAt(end - 1))) {
            end--;
        }
        if (from == end) {
            kind = Kind.BLANK;
            return build(1, Set.of());
        }
        place(unplaced.ordinal(), from, end);
        return build(0, EnumSet.of(Doubt.TOO_LONG));
    }

    private static boolean isBlank(char c) {
        return Character.isWhitespace(c) || Character.isSpaceChar(c);
    }

    /**
     * Sets the country as one of which the value is read, by its code.
     *
     * @param code its ISO 3166-1 code, or an empty text
     */
    public void country(String code) {
        country = code;
    }

    /**
     * Adds a piece of a part; pieces of one part are added in the order in which its text is to be read.
     *
     * @param key which part
     * @param start the first character of the piece
     * @param end the one behind its last
     */
    public void add(P key, int start, int end) {
        add(key.ordinal(), start, end);
    }

    /**
     * Adds the pieces of a part to another one as well: {@code Brandt} is the last name of both in a couple.
     *
     * @param key the part that gets them
     * @param of the part that has them
     */
    public void addAlso(P key, P of) {
        int end = size;
        for (int i = 0; i < end; i += 3) {
            if (buffer[i] == of.ordinal()) {
                place(key.ordinal(), buffer[i + 1], buffer[i + 2]);
            }
        }
    }

    /**
     * Adds a word that announces a part and is in none.
     *
     * @param start its first character
     * @param end the one behind its last
     */
    public void addAnnouncement(int start, int end) {
        add(Reading.ANNOUNCEMENT, start, end);
    }

    private void add(int ordinal, int start, int end) {
        if (way == null) {
            place(ordinal, start, end);
        } else {
            place(ordinal, way.of(start, false), way.of(end, true));
        }
    }

    private void place(int ordinal, int start, int end) {
        if (size + 3 > buffer.length) {
            buffer = Arrays.copyOf(buffer, buffer.length * 2);
        }
        buffer[size++] = ordinal;
        buffer[size++] = start;
        buffer[size++] = end;
    }

    int[] places() {
        return Arrays.copyOf(buffer, size);
    }

    /**
     * Offers a value that a part is likely to mean; the part itself stays as it is written.
     *
     * @param part which part
     * @param value what it is likely to mean
     */
    public void suggest(P part, String value) {
        if (suggestions.isEmpty()) {
            suggestions = new ArrayList<>();
        }
        suggestions.add(new Suggestion<>(part, value));
    }

    /**
     * Says what a part means, as a person has decided; its pieces are the places that were misspelt, if there are any.
     *
     * @param part which part
     * @param value what it means
     */
    public void mean(P part, String value) {
        Map<PartKey, String> all = new HashMap<>(meant);
        all.put(part, value);
        meant = all;
    }

    /**
     * {@return whether a part has any piece so far}
     *
     * @param key which part
     */
    public boolean has(P key) {
        for (int i = 0; i < size; i += 3) {
            if (buffer[i] == key.ordinal()) {
                return true;
            }
        }
        return false;
    }

    /**
     * {@return the reading}
     *
     * @param confidence 0 to 1
     * @param doubts kept, not copied: the caller gives it away
     */
    public Reading<P> build(double confidence, Set<Doubt> doubts) {
        return new Reading<>(this, confidence, doubts);
    }
}
