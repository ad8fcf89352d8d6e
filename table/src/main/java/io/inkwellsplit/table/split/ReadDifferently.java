package io.inkwellsplit.table.split;

import io.inkwellsplit.reading.Alternative;
import io.inkwellsplit.reading.Part;
import io.inkwellsplit.reading.PartKey;
import io.inkwellsplit.reading.Reading;
import io.inkwellsplit.reading.Reason;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;

/** Tells why one text is read differently in two columns: what each column says of it. */
public final class ReadDifferently {
    private static final int REASONS = 2;
    /** A reason that has hardly changed decides nothing. */
    private static final double LEAST = 0.05;

    private static final String SETTING = "a correction or a setting has changed; the column has not";

    private final ColumnReader<?, ?> before;
    private final ColumnReader<?, ?> now;

    /**
     * Looks at both columns, as they were and as they are.
     *
     * @param subject names or addresses
     * @param valuesBefore the values as they were
     * @param valuesNow the values as they are
     */
    public ReadDifferently(Subject subject, Iterable<String> valuesBefore, Iterable<String> valuesNow) {
        before = subject.reader(Splitters.standard());
        valuesBefore.forEach(before::observe);
        now = subject.reader(Splitters.standard());
        valuesNow.forEach(now::observe);
    }

    /**
     * {@return why a text got other parts, in a sentence without a full stop}
     *
     * @param value the value
     */
    public String whyOtherParts(String value) {
        Reading<PartKey> was = before.read(value);
        Reading<PartKey> is = now.read(value);
        String then = parts(was.parts());
        String today = parts(is.parts());
        return then.equals(today) ? SETTING : "the column has changed" + reasons(value, today, then);
    }

    /**
     * {@return why a text got other doubts although its parts are the same, in a sentence without a full stop}
     *
     * @param value the value
     */
    public String whyOtherDoubts(String value) {
        Reading<PartKey> was = before.read(value);
        Reading<PartKey> is = now.read(value);
        if (was.doubts().equals(is.doubts())) {
            return SETTING;
        }
        List<Alternative<PartKey>> ways = now.ways().of(value);
        String rival = ways.size() > 1 ? parts(ways.get(1).parts()) : "";
        return "the column has changed" + reasons(value, parts(is.parts()), rival);
    }

    /** What has moved most between two ways to read the text. */
    private String reasons(String value, String way, String rival) {
        Map<String, Double> then = favour(before.ways().of(value), way, rival);
        Map<String, Double> today = favour(now.ways().of(value), way, rival);
        Set<String> sentences = new TreeSet<>(then.keySet());
        sentences.addAll(today.keySet());
        String reasons = sentences.stream()
                .map(sentence ->
                        new Reason(sentence, today.getOrDefault(sentence, 0.0) - then.getOrDefault(sentence, 0.0)))
                .filter(reason -> Math.abs(reason.weight()) > LEAST)
                .sorted(Comparator.comparingDouble(reason -> -Math.abs(reason.weight())))
                .limit(REASONS)
                .map(reason -> String.format(Locale.ROOT, "%s (%+.2f)", reason.sentence(), reason.weight()))
                .collect(Collectors.joining("; "));
        return reasons.isEmpty() ? "" : ": " + reasons;
    }

    /** What speaks, in one of the columns, for a way to read the text against a rival. */
    private static Map<String, Double> favour(List<Alternative<PartKey>> ways, String wanted, String rival) {
        Map<String, Double> favour = new HashMap<>();
        for (Alternative<PartKey> way : ways) {
            String parts = parts(way.parts());
            double sign = parts.equals(wanted) ? 1 : parts.equals(rival) ? -1 : 0;
            way.reasons().forEach(reason -> favour.merge(reason.sentence(), sign * reason.weight(), Double::sum));
        }
        return favour;
    }

    private static String parts(List<Part<PartKey>> parts) {
        return parts.stream()
                .filter(part -> !part.key().isFiner())
                .map(part -> part.key().key() + "=" + part.text())
                .collect(Collectors.joining(";"));
    }
}
