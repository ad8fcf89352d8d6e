package io.inkwellsplit.table.step;

import io.inkwellsplit.piece.Cutter;
import io.inkwellsplit.piece.Cutter.From;
import io.inkwellsplit.piece.LikelySeparator;
import io.inkwellsplit.table.Settings;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.UnaryOperator;

/**
 * Cuts a column at separators, into columns behind it or into rows. The column itself stays, and nothing beside it is
 * overwritten. Without separators the likely one is found from the column, in a first pass.
 */
public final class CutStep implements Step {
    /** More columns than this come from a separator that is none. */
    private static final int MOST_COLUMNS = 1_000;

    /** Where the gap is when a row has fewer pieces than there are columns. */
    public enum Fill {
        /** Pieces stand at the left, the gap at the right. */
        LEFT,
        /** Pieces stand at the right, the gap at the left. */
        RIGHT,
        /** The last piece stands in the last column, the others at the left, the gap between. */
        ENDS
    }

    private final String column;
    private final Optional<Cutter> cutter;
    private final UnaryOperator<Cutter> manner;
    private final boolean rows;
    private final int count;
    private final Fill fill;
    private final List<String> titles;
    private final boolean cutTitle;

    private CutStep(
            String column,
            Optional<Cutter> cutter,
            UnaryOperator<Cutter> manner,
            boolean rows,
            int count,
            Fill fill,
            List<String> titles,
            boolean cutTitle) {
        this.column = column;
        this.cutter = cutter;
        this.manner = manner;
        this.rows = rows;
        this.count = count;
        this.fill = fill;
        this.titles = titles;
        this.cutTitle = cutTitle;
    }

    /**
     * Cuts a column, into as many columns as the widest row needs.
     *
     * @param column the column's title, or its number from 1
     * @param cutter what cuts
     * @return the step
     */
    public static CutStep of(String column, Cutter cutter) {
        return new CutStep(column, Optional.of(cutter), each -> each, false, 0, Fill.LEFT, List.of(), false);
    }

    /**
     * Cuts a column at the separator that it is likely to use; {@code manner} says how, such as what becomes of empty pieces.
     *
     * @param column the column's title, or its number from 1
     * @param manner what is changed of the usual cutter
     * @return the step
     */
    public static CutStep atLikelySeparator(String column, UnaryOperator<Cutter> manner) {
        return new CutStep(column, Optional.empty(), manner, false, 0, Fill.LEFT, List.of(), false);
    }

    /**
     * Puts each piece into a row of its own; the other columns are repeated, and the pieces are numbered.
     *
     * @return this step
     */
    public CutStep intoRows() {
        return new CutStep(column, cutter, manner, true, count, fill, titles, cutTitle);
    }

    /**
     * Puts the pieces into a fixed number of columns; the last one, or with {@link Fill#RIGHT} the first, holds the rest.
     *
     * @param fixed how many columns
     * @return this step
     * @throws io.inkwellsplit.table.TableException if it is under 1 or over 1,000
     */
    public CutStep intoColumns(int fixed) {
        if (fixed < 1 || fixed > MOST_COLUMNS) {
            throw Settings.refuse("The number of columns is " + fixed + "; give one from 1 to " + MOST_COLUMNS + ".");
        }
        return new CutStep(column, cutter, manner, rows, fixed, fill, titles, cutTitle);
    }

    /**
     * Says which of a fixed number of columns stay empty where there are fewer pieces.
     *
     * @param from the end from which they are filled
     * @return this step
     */
    public CutStep fill(Fill from) {
        return new CutStep(column, cutter, manner, rows, count, from, titles, cutTitle);
    }

    /**
     * Gives the new columns titles; there are as many columns as titles.
     *
     * @param wanted the titles
     * @return this step
     */
    public CutStep titled(List<String> wanted) {
        return new CutStep(
                column, cutter, manner, rows, rows ? count : wanted.size(), fill, List.copyOf(wanted), cutTitle);
    }

    /**
     * Takes the titles of the new columns from the column's own title, cut in the same way.
     *
     * @return this step
     */
    public CutStep titledByHeader() {
        return new CutStep(column, cutter, manner, rows, count, fill, titles, true);
    }

    @Override
    public BoundStep bind(List<String> header) {
        return new Bound(header, Columns.find(header, column));
    }

    private final class Bound implements BoundStep {
        private static final String CUT = "cut";
        private static final String TOO_MANY = "too many";

        private final List<String> source;
        private final int index;
        private final LikelySeparator.Finder finder = new LikelySeparator.Finder();
        private Optional<LikelySeparator> found = Optional.empty();
        /** The most pieces of a value, at the separators given or at each usual one: which it will be is known only at the end. */
        private final int[] widest = new int[LikelySeparator.usual().size()];

        private List<String> header = List.of();
        private Optional<Cutter> ready = cutter;
        private long cut;
        private long tooMany;

        Bound(List<String> source, int index) {
            this.source = source;
            this.index = index;
            if (!learnsTitles()) {
                header = AddedColumns.inserted(source, index, newTitles());
            }
        }

        @Override
        public boolean isRowByRow() {
            return !learnsTitles();
        }

        @Override
        public boolean learnsTitles() {
            return cutter.isEmpty() || !rows && count == 0 && !cutTitle;
        }

        @Override
        public boolean learns() {
            return learnsTitles();
        }

        @Override
        public void observe(List<String> cells) {
            String value = cells.get(index);
            if (cutter.isPresent()) {
                widest[0] = Math.max(widest[0], cutter.get().cut(value).size());
                return;
            }
            finder.observe(value);
            for (int i = 0; i < widest.length; i++) {
                String separator = LikelySeparator.usual().get(i);
                if (value.contains(separator)) {
                    int pieces = manner.apply(Cutter.at(separator)).cut(value).size();
                    widest[i] = Math.max(widest[i], pieces);
                }
            }
        }

        @Override
        public List<String> header() {
            if (header.isEmpty()) {
                if (ready.isEmpty()) {
                    LikelySeparator likely = finder.find();
                    found = Optional.of(likely);
                    Cutter at = manner.apply(Cutter.at(likely.separator()));
                    ready = Optional.of(at);
                    widest[0] = widest[LikelySeparator.usual().indexOf(likely.separator())];
                }
                header = AddedColumns.inserted(source, index, newTitles());
            }
            return header;
        }

        private List<String> newTitles() {
            String own = source.get(index);
            if (rows) {
                List<String> two = titles.isEmpty() ? List.of(own + " piece", own + " number") : titles;
                if (two.size() != 2) {
                    throw Settings.refuse("Pieces in rows need two titles, for the piece and its number; there are "
                            + two.size() + ".");
                }
                return two;
            }
            if (!titles.isEmpty()) {
                return titles;
            }
            if (cutTitle) {
                return ready.orElseThrow().cut(own);
            }
            if (count == 0 && widest[0] > MOST_COLUMNS) {
                throw Settings.refuse("A value of " + own + " has " + widest[0] + " pieces, and at most " + MOST_COLUMNS
                        + " columns are made; give a number of columns, or put the pieces into rows.");
            }
            List<String> numbered = new ArrayList<>();
            for (int i = 1; i <= Math.max(1, count > 0 ? count : widest[0]); i++) {
                numbered.add(own + " " + i);
            }
            return numbered;
        }

        @Override
        public void push(List<String> cells, Consumer<List<String>> out) {
            int width = header().size() - source.size();
            Cutter at = ready.orElseThrow();
            List<String> pieces = at.cut(cells.get(index));
            cut += pieces.size() > 1 ? 1 : 0;
            if (!rows) {
                out.accept(with(cells, placed(cells.get(index), pieces, at, width)));
                return;
            }
            List<String> each = pieces.isEmpty() ? List.of("") : pieces;
            for (int i = 0; i < each.size(); i++) {
                out.accept(with(cells, List.of(each.get(i), Integer.toString(i + 1))));
            }
        }

        private List<String> placed(String value, List<String> pieces, Cutter at, int width) {
            tooMany += pieces.size() > width ? 1 : 0;
            List<String> fitting = pieces.size() <= width
                    ? pieces
                    : at.atMost(width - 1, fill == Fill.RIGHT ? From.RIGHT : From.LEFT)
                            .cut(value);
            List<String> cells = new ArrayList<>(fitting);
            int gap = width - fitting.size();
            int where =
                    fill == Fill.RIGHT ? 0 : fill == Fill.ENDS && !cells.isEmpty() ? cells.size() - 1 : cells.size();
            cells.addAll(where, Collections.nCopies(gap, ""));
            return cells;
        }

        private List<String> with(List<String> cells, List<String> added) {
            List<String> out = new ArrayList<>(cells.subList(0, index + 1));
            out.addAll(added);
            out.addAll(cells.subList(index + 1, cells.size()));
            return out;
        }

        @Override
        public Map<String, Long> counts() {
            return Map.of(CUT, cut, TOO_MANY, tooMany);
        }

        @Override
        public void addCounts(Map<String, Long> counts) {
            cut += counts.getOrDefault(CUT, 0L);
            tooMany += counts.getOrDefault(TOO_MANY, 0L);
        }

        @Override
        public void restart() {
            cut = 0;
            tooMany = 0;
        }

        @Override
        public List<String> report() {
            List<String> report = new ArrayList<>();
            found.ifPresent(likely -> report.add(String.format(
                    Locale.ROOT,
                    "%s: cut at \"%s\", which stands in %.0f %% of the values",
                    source.get(index),
                    likely.separator(),
                    100 * likely.fit())));
            report.add(source.get(index) + ": " + cut + " values cut");
            if (tooMany > 0) {
                report.add(source.get(index) + ": " + tooMany
                        + " values have more pieces than columns; what is left of them stays together");
            }
            return report;
        }
    }
}
