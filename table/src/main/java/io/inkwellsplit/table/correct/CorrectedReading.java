package io.inkwellsplit.table.correct;

import io.inkwellsplit.reading.AddressPart;
import io.inkwellsplit.reading.Alternative;
import io.inkwellsplit.reading.Doubt;
import io.inkwellsplit.reading.Kind;
import io.inkwellsplit.reading.NamePart;
import io.inkwellsplit.reading.Part;
import io.inkwellsplit.reading.PartKey;
import io.inkwellsplit.reading.Reading;
import io.inkwellsplit.reading.ReadingBuilder;
import io.inkwellsplit.reading.Span;
import io.inkwellsplit.table.Ways;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumSet;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;

/** Makes readings of what a person has said, with the places of the parts in their source. */
final class CorrectedReading {
    private static final int MOST_INITIALS = 3;
    private static final String SECOND = "second_";

    private final PartKey[] keys;
    private final Kind usual;
    private final PartKey unplaced;

    private CorrectedReading(PartKey[] keys, Kind usual, PartKey unplaced) {
        this.keys = keys;
        this.usual = usual;
        this.unplaced = unplaced;
    }

    static CorrectedReading ofNames() {
        return new CorrectedReading(NamePart.values(), Kind.PERSON, NamePart.UNPLACED);
    }

    static CorrectedReading ofAddresses() {
        return new CorrectedReading(AddressPart.values(), Kind.ADDRESS, AddressPart.UNPLACED);
    }

    Optional<PartKey> key(String name) {
        for (PartKey key : keys) {
            if (key.key().equals(name)) {
                return Optional.of(key);
            }
        }
        return Optional.empty();
    }

    /** Returns a reading of parts by key where nothing is known of the value yet; see {@link #of(Reading, Map, Ways)}. */
    Optional<Reading<PartKey>> of(String value, Map<PartKey, String> parts) {
        return of(builder(value, usual).build(1, Set.of()), parts, none -> List.of());
    }

    /**
     * Returns a reading of parts by key; none where a part does not stand in the value. What no part claims is unplaced,
     * unless it announces a part, such as {@code and}.
     *
     * @param read how the value was read without the correction
     * @param ways tells in which ways it was weighed
     */
    Optional<Reading<PartKey>> of(Reading<PartKey> read, Map<PartKey, String> told, Ways ways) {
        String value = read.source();
        Map<PartKey, String> parts = ofBoth(told);
        ReadingBuilder<PartKey> builder = builder(value, kind(read, parts));
        builder.country(read.country());
        boolean[] taken = new boolean[value.length()];
        for (Map.Entry<PartKey, String> part : parts.entrySet()) {
            Optional<PartKey> twin = twin(part.getKey(), parts);
            if (twin.isPresent() && free(value, taken, part.getValue()) < 0) {
                builder.addAlso(part.getKey(), twin.get());
                continue;
            }
            int shared = inOthers(value, taken, part, parts);
            if (shared >= 0) {
                builder.add(part.getKey(), shared, shared + part.getValue().length());
                continue;
            }
            if (isSuggested(read, part) && free(value, taken, part.getValue()) < 0) {
                mean(read, part, taken, builder);
                continue;
            }
            for (String piece : pieces(value, taken, part.getValue())) {
                int at = free(value, taken, piece);
                if (at < 0) {
                    return Optional.empty();
                }
                builder.add(part.getKey(), at, at + piece.length());
                Arrays.fill(taken, at, at + piece.length(), true);
            }
        }
        for (Span span : read.announcements()) {
            if (!taken[span.start()] && !taken[span.end() - 1]) {
                builder.addAnnouncement(span.start(), span.end());
                Arrays.fill(taken, span.start(), span.end(), true);
            }
        }
        addUnplaced(value, taken, builder);
        // Each once: what two people share would come twice.
        Set<Piece> finer = new LinkedHashSet<>();
        parts.forEach((key, text) -> addFiner(read, ways, key, text, finer));
        finer.forEach(piece ->
                builder.add(piece.key(), piece.place().start(), piece.place().end()));
        return Optional.of(builder.build(1, Set.of()));
    }

    private static boolean isSuggested(Reading<PartKey> read, Map.Entry<PartKey, String> part) {
        return read.suggestions().stream()
                .anyMatch(one -> one.part() == part.getKey() && one.value().equals(part.getValue()));
    }

    /** A part that means what was suggested stands where the slip does. */
    private static void mean(
            Reading<PartKey> read, Map.Entry<PartKey, String> part, boolean[] taken, ReadingBuilder<PartKey> builder) {
        read.part(part.getKey()).ifPresent(slip -> slip.spans().forEach(span -> {
            builder.add(part.getKey(), span.start(), span.end());
            Arrays.fill(taken, span.start(), span.end(), true);
        }));
        builder.mean(part.getKey(), part.getValue());
    }

    /** Two people of whom one last name is told share it. */
    private static Map<PartKey, String> ofBoth(Map<PartKey, String> told) {
        Map<PartKey, String> parts = new LinkedHashMap<>();
        // Their last name may be that of the first two as well.
        if (told.containsKey(NamePart.OTHERS)) {
            parts.put(NamePart.OTHERS, told.get(NamePart.OTHERS));
        }
        parts.putAll(told);
        boolean couple = parts.keySet().stream().anyMatch(key -> key.key().startsWith(SECOND));
        if (couple) {
            String last = parts.getOrDefault(NamePart.LAST, parts.getOrDefault(NamePart.SECOND_LAST, ""));
            if (!last.isEmpty()) {
                parts.putIfAbsent(NamePart.LAST, last);
                parts.putIfAbsent(NamePart.SECOND_LAST, last);
            }
        }
        return parts;
    }

    /** Returns where the last name stands that the first two share with the last of the others; -1 where it has its own place. */
    private static int inOthers(
            String value, boolean[] taken, Map.Entry<PartKey, String> part, Map<PartKey, String> parts) {
        String others = parts.getOrDefault(NamePart.OTHERS, "");
        boolean last = part.getKey() == NamePart.LAST || part.getKey() == NamePart.SECOND_LAST;
        if (!last || !others.endsWith(" " + part.getValue()) || free(value, taken, part.getValue()) >= 0) {
            return -1;
        }
        return value.lastIndexOf(part.getValue());
    }

    /** Returns a part told before that may be the same words: both people's last name, an organisation and its trust. */
    private static Optional<PartKey> twin(PartKey key, Map<PartKey, String> parts) {
        return parts.keySet().stream()
                .takeWhile(other -> other != key)
                .filter(other -> isTwin(key, other) && Objects.equals(parts.get(other), parts.get(key)))
                .findFirst();
    }

    private static boolean isTwin(PartKey a, PartKey b) {
        return a.key().equals(SECOND + b.key())
                || b.key().equals(SECOND + a.key())
                || Set.of(a, b).equals(Set.of(NamePart.TRUST, NamePart.ORGANISATION));
    }

    /** Takes the pieces of a part, such as the house number of a street, from the likeliest way that has that very part. */
    private static void addFiner(Reading<PartKey> read, Ways ways, PartKey key, String text, Set<Piece> finer) {
        Stream.concat(Stream.of(read.parts()), ways.of(read.source()).stream().map(Alternative::parts))
                .filter(way -> way.stream()
                        .anyMatch(part -> part.key() == key && part.text().equals(text)))
                .findFirst()
                .ifPresent(way -> addFiner(way, key, finer));
    }

    /** A piece of a finer part. */
    private record Piece(PartKey key, Span place) {}

    private static void addFiner(List<Part<PartKey>> way, PartKey key, Set<Piece> finer) {
        List<Span> whole = way.stream()
                .filter(part -> part.key() == key)
                .flatMap(part -> part.spans().stream())
                .toList();
        for (Part<PartKey> part : way) {
            for (Span piece : part.spans()) {
                boolean inside =
                        whole.stream().anyMatch(span -> span.start() <= piece.start() && piece.end() <= span.end());
                if (part.key().isFiner() && inside) {
                    finer.add(new Piece(part.key(), piece));
                }
            }
        }
    }

    /** A trust or a role without a name stays what it was read as. */
    private Kind kind(Reading<PartKey> read, Map<PartKey, String> parts) {
        boolean couple = parts.keySet().stream().anyMatch(key -> key.key().startsWith(SECOND));
        boolean person = parts.containsKey(NamePart.FIRST) || parts.containsKey(NamePart.LAST);
        if (parts.containsKey(NamePart.ORGANISATION) && !person) {
            return Kind.ORGANISATION;
        }
        boolean named = usual != Kind.PERSON || person;
        Kind people = read.kind() == Kind.SEVERAL ? Kind.SEVERAL : Kind.COUPLE;
        return couple ? people : named ? usual : read.kind();
    }

    private ReadingBuilder<PartKey> builder(String value, Kind kind) {
        ReadingBuilder<PartKey> builder = new ReadingBuilder<>(keys);
        builder.start(value, kind);
        return builder;
    }

    /** A part stands in one piece, or word by word in several places. */
    private static List<String> pieces(String value, boolean[] taken, String text) {
        return free(value, taken, text) >= 0
                ? List.of(text)
                : List.of(text.strip().split("\\s+"));
    }

    private static int free(String value, boolean[] taken, String piece) {
        for (int at = value.indexOf(piece); at >= 0 && !piece.isEmpty(); at = value.indexOf(piece, at + 1)) {
            boolean free = !taken[at] && !taken[at + piece.length() - 1];
            boolean starts = at == 0 || !Character.isLetterOrDigit(value.charAt(at - 1)) || !isWord(piece, 0);
            int end = at + piece.length();
            boolean ends = end == value.length() || !Character.isLetterOrDigit(value.charAt(end)) || !isWord(piece, -1);
            if (free && (starts && ends || piece.length() == 1 && isAmongInitials(value, at))) {
                return at;
            }
        }
        return -1;
    }

    /** Initials may be written together: each is one of two or three capitals in a row, as in {@code JR Brandt}. */
    private static boolean isAmongInitials(String value, int at) {
        int start = at;
        while (start > 0 && Character.isLetterOrDigit(value.charAt(start - 1))) {
            start--;
        }
        int end = at;
        while (end < value.length() && Character.isLetterOrDigit(value.charAt(end))) {
            end++;
        }
        return end - start <= MOST_INITIALS
                && value.substring(start, end).chars().allMatch(Character::isUpperCase);
    }

    private static boolean isWord(String piece, int at) {
        return Character.isLetterOrDigit(piece.charAt(at < 0 ? piece.length() - 1 : at));
    }

    private void addUnplaced(String value, boolean[] taken, ReadingBuilder<PartKey> builder) {
        int i = 0;
        while (i < value.length()) {
            int start = i;
            boolean letters = false;
            while (i < value.length() && !taken[i]) {
                letters |= Character.isLetterOrDigit(value.charAt(i));
                i++;
            }
            if (letters) {
                int from = start;
                int to = i;
                while (!Character.isLetterOrDigit(value.charAt(from))) {
                    from++;
                }
                while (!Character.isLetterOrDigit(value.charAt(to - 1))) {
                    to--;
                }
                builder.add(unplaced, from, to);
            }
            i = Math.max(i, start + 1);
        }
    }

    /** Returns a reading as one of its alternatives. */
    Reading<PartKey> of(Reading<PartKey> read, Alternative<PartKey> alternative) {
        ReadingBuilder<PartKey> builder = builder(read.source(), alternative.kind());
        builder.country(read.country());
        announce(read, alternative.parts(), builder);
        for (Part<PartKey> part : alternative.parts()) {
            part.spans().forEach(span -> builder.add(part.key(), span.start(), span.end()));
        }
        return builder.build(1, Set.of());
    }

    /** Returns a reading with more confidence, and not as a close call; all else stays. */
    Reading<PartKey> surer(Reading<PartKey> reading, double confidence) {
        ReadingBuilder<PartKey> builder = builder(reading.source(), reading.kind());
        builder.country(reading.country());
        reading.parts()
                .forEach(part -> part.spans().forEach(span -> builder.add(part.key(), span.start(), span.end())));
        announce(reading, reading.parts(), builder);
        reading.suggestions().forEach(one -> builder.suggest(one.part(), one.value()));
        Set<Doubt> doubts = EnumSet.noneOf(Doubt.class);
        doubts.addAll(reading.doubts());
        doubts.removeIf(Doubt::isClose);
        return builder.build(Math.max(confidence, reading.confidence()), doubts);
    }

    /** Keeps the words that only announce a part, unless they are in one now. */
    private static void announce(Reading<PartKey> read, List<Part<PartKey>> parts, ReadingBuilder<PartKey> builder) {
        for (Span word : read.announcements()) {
            boolean taken = parts.stream()
                    .flatMap(part -> part.spans().stream())
                    .anyMatch(span -> span.start() < word.end() && word.start() < span.end());
            if (!taken) {
                builder.addAnnouncement(word.start(), word.end());
            }
        }
    }

    /** Returns a reading in which some words are a part, and are taken out of all others. */
    Reading<PartKey> with(Reading<PartKey> reading, PartKey key, Span words) {
        ReadingBuilder<PartKey> builder = builder(reading.source(), reading.kind());
        builder.country(reading.country());
        announce(reading, List.of(new Part<>(key, "", List.of(words))), builder);
        boolean added = false;
        for (Part<PartKey> part : reading.parts()) {
            List<Span> spans = new ArrayList<>();
            for (Span span : part.spans()) {
                cut(reading.source(), span, words, spans);
            }
            if (part.key() == key && !added) {
                builder.add(key, words.start(), words.end());
                added = true;
            }
            spans.forEach(span -> builder.add(part.key(), span.start(), span.end()));
        }
        if (!added) {
            builder.add(key, words.start(), words.end());
        }
        return builder.build(1, Set.of());
    }

    /** Adds what is left of a place when some words go, without the blanks and signs at the cut. */
    private static void cut(String source, Span span, Span words, List<Span> to) {
        if (span.end() <= words.start() || span.start() >= words.end()) {
            to.add(span);
            return;
        }
        add(source, span.start(), words.start(), to);
        add(source, words.end(), span.end(), to);
    }

    private static void add(String source, int from, int end, List<Span> to) {
        int start = from;
        int stop = end;
        while (start < stop && !Character.isLetterOrDigit(source.charAt(start))) {
            start++;
        }
        while (stop > start && Character.isWhitespace(source.charAt(stop - 1))) {
            stop--;
        }
        if (stop > start) {
            to.add(new Span(start, stop));
        }
    }
}
