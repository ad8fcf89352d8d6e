package io.inkwellsplit.cli.view;

import io.inkwellsplit.table.Row;
import io.inkwellsplit.table.Settings;
import io.inkwellsplit.table.part.PartTitles;
import io.inkwellsplit.table.part.PartTitles.Extra;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Random;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/** Which rows a preview shows, and how many. Holds the rows that it has chosen. */
public final class ShownRows {
    /** As many as fit most terminals beside the summary. */
    public static final int USUAL = 10;

    private static final int MOST = 1000;
    /** What stands behind the title of a column whose cells are written anew beside it. */
    private static final String TIDIED = " tidied";

    /** The same rows come every time. */
    private static final int SEED = 1;

    private final int count;
    private final Which which;
    private final Random random = new Random(SEED);
    /** In the order of the table: one that comes in for another stands behind all. */
    private final List<List<String>> rows = new ArrayList<>();

    private List<Integer> doubts = List.of();
    /** For each column that comes out, the column that came in under its title; below 0 where none did. */
    private int[] sources = {};

    private final Set<Integer> changed = new TreeSet<>();
    private int seen;

    /** Which rows are shown. */
    public enum Which {
        /** The first ones. */
        FIRST,
        /** The first ones with a doubt. */
        DOUBTFUL,
        /** Some from all over the table. */
        STREWN,
        /** The first ones in which a cell has become another. */
        CHANGED
    }

    /**
     * @param count how many rows, from 1 to 1,000
     * @param which which ones
     */
    public ShownRows(int count, Which which) {
        if (count < 1 || count > MOST) {
            throw Settings.refuse("A preview shows from 1 to " + MOST + " rows, not " + count + ".");
        }
        this.count = count;
        this.which = which;
    }

    void header(List<String> titles, List<String> cameIn) {
        sources = titles.stream()
                .map(title -> title.endsWith(TIDIED) ? title.substring(0, title.length() - TIDIED.length()) : title)
                .mapToInt(cameIn::indexOf)
                .toArray();
        doubts = IntStream.range(0, titles.size())
                .filter(i -> isOfDoubts(titles.get(i)))
                .boxed()
                .toList();
        if (which == Which.DOUBTFUL && doubts.isEmpty()) {
            throw Settings.refuse("No column says which rows are doubtful; split makes one, unless no-checks is set.");
        }
    }

    private static boolean isOfDoubts(String title) {
        return Stream.of(PartTitles.keys())
                .flatMap(key -> PartTitles.named(key).stream())
                .map(words -> words.of(Extra.DOUBTS).toLowerCase(Locale.ROOT))
                .anyMatch(title.toLowerCase(Locale.ROOT)::endsWith);
    }

    void row(List<String> cells, Row from) {
        if (which != Which.CHANGED) {
            row(cells);
            return;
        }
        List<Integer> others = IntStream.range(0, sources.length)
                .filter(i -> sources[i] >= 0 && !from.cells().get(sources[i]).equals(cells.get(i)))
                .boxed()
                .toList();
        if (!others.isEmpty() && rows.size() < count) {
            changed.addAll(others);
            rows.add(cells);
        }
    }

    void row(List<String> cells) {
        if (which == Which.CHANGED) {
            throw Settings.refuse(
                    "It cannot be said which rows were changed: a step makes rows out of many, as sort and"
                            + " group do.");
        }
        seen++;
        if (which == Which.DOUBTFUL
                && doubts.stream().allMatch(index -> cells.get(index).isBlank())) {
            return;
        }
        if (rows.size() < count) {
            rows.add(cells);
        } else if (which == Which.STREWN) {
            int place = random.nextInt(seen);
            if (place < count) {
                rows.remove(place);
                rows.add(cells);
            }
        }
    }

    Set<Integer> changed() {
        return changed;
    }

    /** Returns the rows in the order of the table. */
    List<List<String>> rows() {
        return List.copyOf(rows);
    }
}
