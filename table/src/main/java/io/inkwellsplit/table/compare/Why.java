package io.inkwellsplit.table.compare;

import io.inkwellsplit.table.ColumnValues;
import io.inkwellsplit.table.RowSource;
import io.inkwellsplit.table.split.ReadDifferently;
import io.inkwellsplit.table.split.SplitBlock;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.OptionalInt;
import java.util.stream.IntStream;

/** Says why the parts of a column have changed. */
final class Why {
    private static final int MOST_REASONS = 1_000;

    private final RowSource before;
    private final RowSource now;
    private final List<String> titles;
    private final int shift;
    private final List<SplitBlock> blocks;
    private final Map<SplitBlock, ReadDifferently> readers = new HashMap<>();
    private final Map<String, Long> counts = new HashMap<>();

    /**
     * @param titles the columns that both tables have
     * @param shift how many cells stand before those of the columns
     */
    Why(RowSource before, RowSource now, List<String> titles, int shift) {
        this.before = before;
        this.now = now;
        this.titles = titles;
        this.shift = shift;
        this.blocks = SplitBlock.in(titles);
    }

    /**
     * Returns why a cell has changed; empty where nothing is known of it.
     *
     * @param index the column, among those that both tables have
     * @param known what was said of this row already
     */
    String of(int index, List<String> was, List<String> is, Map<SplitBlock, String> known) {
        for (SplitBlock block : blocks) {
            if (block.has(index)) {
                return known.computeIfAbsent(block, one -> of(one, was, is));
            }
        }
        return "";
    }

    private String of(SplitBlock block, List<String> was, List<String> is) {
        String source = titles.get(block.source());
        String text = is.get(shift + block.source());
        if (!text.equals(was.get(shift + block.source()))) {
            return counted(source + " has changed");
        }
        // Both columns are learned only where a text that has not changed is read differently at all.
        ReadDifferently columns = readers.computeIfAbsent(
                block, one -> new ReadDifferently(one.subject(), values(before, source), values(now, source)));
        boolean otherParts = IntStream.range(block.from(), block.to())
                .filter(i -> !isCheck(block, i))
                .anyMatch(i -> !was.get(shift + i).equals(is.get(shift + i)));
        String reason = otherParts
                ? "the same " + source + " is read differently: " + columns.whyOtherParts(text)
                : source + " is read alike, with other doubts: " + columns.whyOtherDoubts(text);
        return counted(reason)
                + moved("confidence", block.confidence(), was, is)
                + moved("doubts", block.doubts(), was, is);
    }

    private String counted(String reason) {
        if (counts.size() < MOST_REASONS || counts.containsKey(reason)) {
            counts.merge(reason, 1L, Long::sum);
        }
        return reason;
    }

    /** Returns in how many rows each reason was found, the most frequent first. */
    Map<String, Long> counts() {
        Map<String, Long> sorted = new LinkedHashMap<>();
        counts.entrySet().stream()
                .sorted(Map.Entry.<String, Long>comparingByValue(Comparator.reverseOrder())
                        .thenComparing(Map.Entry.comparingByKey()))
                .forEach(entry -> sorted.put(entry.getKey(), entry.getValue()));
        return sorted;
    }

    private static boolean isCheck(SplitBlock block, int index) {
        return block.confidence().equals(OptionalInt.of(index))
                || block.doubts().equals(OptionalInt.of(index));
    }

    /** Returns whether a column only says how sure a reading is: that moves a little with every new row. */
    boolean isConfidence(int index) {
        return blocks.stream().anyMatch(block -> block.confidence().equals(OptionalInt.of(index)));
    }

    private static Iterable<String> values(RowSource table, String title) {
        return () -> new ColumnValues(table, table.header().indexOf(title));
    }

    private String moved(String what, OptionalInt column, List<String> was, List<String> is) {
        if (column.isEmpty()) {
            return "";
        }
        String then = was.get(shift + column.getAsInt());
        String today = is.get(shift + column.getAsInt());
        return then.equals(today) ? "" : "; " + what + " " + orNone(then) + " → " + orNone(today);
    }

    private static String orNone(String text) {
        return text.isEmpty() ? "none" : text;
    }
}
