package io.inkwellsplit.training;

import io.inkwellsplit.address.AddressLearning;
import io.inkwellsplit.address.AddressLearning.Outlined;
import io.inkwellsplit.address.outline.Outlines.Known;
import java.nio.charset.StandardCharsets;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.SortedMap;
import java.util.TreeMap;
import java.util.function.Predicate;

/**
 * Finds the heads and ends of addresses that the decoder labels alike. What an end is called is looked at beside heads that
 * are known, and the other way round: an end must not be blamed for what an unclear head does. Who receives is told by the
 * words alone: {@code The Manager} and {@code The Granary} look alike.
 */
final class OutlineLearner {
    private static final int LEAST_SEEN = 6;
    private static final double LEAST_ALIKE = 0.997;
    private static final double LEAST_SURE = 0.96;
    /** A reading that is as sure as this is not doubted. */
    private static final double UNDOUBTED = 0.97;

    private final List<Outlined> seen;

    OutlineLearner(List<Outlined> seen) {
        this.seen = seen;
    }

    /** Returns what is known, by the numbers of heads and ends. */
    SortedMap<Long, Known> learn() {
        Map<Long, Labels> heads = heads(one -> true);
        Map<Long, Labels> ends = ends(one -> isClear(heads, one.head()));
        Map<Long, Labels> clearHeads = heads(one -> isClear(ends, one.end()));
        Map<Long, Labels> clearEnds = ends(one -> isClear(clearHeads, one.head()));
        SortedMap<Long, Known> known = new TreeMap<>();
        put(clearHeads, known);
        put(clearEnds, known);
        return known;
    }

    private Map<Long, Labels> heads(Predicate<Outlined> which) {
        Map<Long, Labels> heads = new HashMap<>();
        seen.stream().filter(which).forEach(one -> heads.computeIfAbsent(one.head(), number -> new Labels())
                .add(one, 0, one.headTokens()));
        return heads;
    }

    private Map<Long, Labels> ends(Predicate<Outlined> which) {
        Map<Long, Labels> ends = new HashMap<>();
        seen.stream().filter(which).forEach(one -> ends.computeIfAbsent(one.end(), number -> new Labels())
                .add(one, one.headTokens(), one.labels().length));
        return ends;
    }

    private static boolean isClear(Map<Long, Labels> some, long number) {
        Labels labels = some.get(number);
        return labels != null && labels.isClear();
    }

    private static void put(Map<Long, Labels> some, SortedMap<Long, Known> known) {
        some.forEach((number, labels) -> {
            if (labels.isClear()) {
                known.put(number, labels.known());
            }
        });
    }

    /** How one head or end was labelled. */
    private static final class Labels {
        private final Map<String, int[]> ways = new HashMap<>();
        private int count;
        private int sure;
        private double confidence;

        void add(Outlined one, int from, int end) {
            String labels = new String(one.labels(), from, end - from, StandardCharsets.ISO_8859_1);
            ways.computeIfAbsent(labels, way -> new int[1])[0]++;
            count++;
            sure += one.confidence() >= UNDOUBTED ? 1 : 0;
            confidence += one.confidence();
        }

        private Map.Entry<String, int[]> usual() {
            return ways.entrySet().stream()
                    .max((a, b) -> Integer.compare(a.getValue()[0], b.getValue()[0]))
                    .orElseThrow();
        }

        boolean isClear() {
            return count >= LEAST_SEEN
                    && usual().getValue()[0] >= LEAST_ALIKE * count
                    && sure >= LEAST_SURE * count
                    && !AddressLearning.hasRecipient(usual().getKey().getBytes(StandardCharsets.ISO_8859_1));
        }

        Known known() {
            return new Known((float) (confidence / count), usual().getKey().getBytes(StandardCharsets.ISO_8859_1));
        }
    }
}
