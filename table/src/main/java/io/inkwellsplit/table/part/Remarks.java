package io.inkwellsplit.table.part;

import io.inkwellsplit.reading.AddressPart;
import io.inkwellsplit.reading.NamePart;
import io.inkwellsplit.reading.PartKey;
import io.inkwellsplit.table.part.PartTitles.Extra;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;

/**
 * Finds the parts that a split has written into its columns of remarks, as they had no column of their own:
 * {@code Care of: Harrow Ltd; Role: Trustee}.
 */
final class Remarks {
    private static final String BETWEEN = "; ";
    private static final String BEHIND = ": ";

    /** A column of remarks, and the words of its vocabulary. */
    private record Column(int index, PartTitles vocabulary, boolean ofNames) {}

    private static final Map<PartTitles, Set<String>> LABELS = labels();

    private final List<Column> columns = new ArrayList<>();

    /**
     * Finds the columns of remarks. One belongs to the columns of parts on its left.
     *
     * @param header the titles of the columns
     * @param parts the parts that have a column, by its index
     */
    Remarks(List<String> header, Map<Integer, PartKey> parts) {
        PartKey last = NamePart.UNPLACED;
        for (int i = 0; i < header.size(); i++) {
            last = parts.getOrDefault(i, last);
            for (PartTitles vocabulary : PartTitles.values()) {
                String title = vocabulary.of(Extra.REMARKS);
                boolean here = header.get(i).equals(title) || header.get(i).endsWith(vocabulary.between() + title);
                if (here && !parts.isEmpty()) {
                    columns.add(new Column(i, vocabulary, last instanceof NamePart));
                }
            }
        }
    }

    private static Map<PartTitles, Set<String>> labels() {
        Map<PartTitles, Set<String>> all = new HashMap<>();
        for (PartTitles vocabulary : PartTitles.values()) {
            Set<String> labels = new HashSet<>(Set.of(vocabulary.of(Extra.KIND)));
            for (PartKey[] keys : List.<PartKey[]>of(NamePart.values(), AddressPart.values())) {
                for (PartKey part : keys) {
                    labels.add(vocabulary.of(part));
                }
            }
            all.put(vocabulary, labels);
        }
        return Map.copyOf(all);
    }

    /** Returns whether parts of names, or of addresses, may be in remarks. */
    boolean areOf(PartKey part) {
        return columns.stream().anyMatch(column -> column.ofNames == part instanceof NamePart);
    }

    /** Returns the text of a part; empty where no remark tells it. */
    String text(List<String> cells, PartKey part) {
        for (Column column : columns) {
            String remarks = cells.get(column.index);
            if (!remarks.isEmpty() && column.ofNames == part instanceof NamePart) {
                String text = text(remarks, column.vocabulary, part);
                if (!text.isEmpty()) {
                    return text;
                }
            }
        }
        return "";
    }

    private static String text(String remarks, PartTitles vocabulary, PartKey part) {
        String label = vocabulary.of(part) + BEHIND;
        int start = remarks.startsWith(label) ? 0 : remarks.indexOf(BETWEEN + label) + BETWEEN.length();
        if (!remarks.startsWith(label, start)) {
            return "";
        }
        start += label.length();
        int end = remarks.indexOf(BETWEEN, start);
        // A value may have a semicolon of its own.
        while (end >= 0 && !isLabel(remarks, end + BETWEEN.length(), vocabulary)) {
            end = remarks.indexOf(BETWEEN, end + 1);
        }
        return remarks.substring(start, end < 0 ? remarks.length() : end);
    }

    private static boolean isLabel(String remarks, int from, PartTitles vocabulary) {
        int end = remarks.indexOf(BEHIND, from);
        return end >= 0 && LABELS.getOrDefault(vocabulary, Set.of()).contains(remarks.substring(from, end));
    }
}
