package io.inkwellsplit.table.step;

import com.google.re2j.Pattern;
import io.inkwellsplit.table.Settings;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * Replaces texts in columns, or takes them out; no expressions to know. What is left keeps one blank where two would meet. The
 * columns themselves change.
 */
public final class ReplaceStep implements Step {
    private final List<String> columns;
    private final Map<String, String> texts;
    private final Where where;
    private final boolean wholeWords;
    private final boolean anyCase;

    /** Where in a cell a text is replaced. */
    public enum Where {
        /** Wherever it stands. */
        ANYWHERE(""),
        /** At the beginning of the cell. */
        START("^"),
        /** At its end. */
        END("$");

        private final String sign;

        Where(String sign) {
            this.sign = sign;
        }
    }

    private ReplaceStep(
            List<String> columns, Map<String, String> texts, Where where, boolean wholeWords, boolean anyCase) {
        this.columns = columns;
        this.texts = texts;
        this.where = where;
        this.wholeWords = wholeWords;
        this.anyCase = anyCase;
    }

    /**
     * {@return a step that replaces texts}
     *
     * @param columns the columns' titles, or their numbers from 1
     * @param texts what stands in the place of which text; nothing takes it out
     * @throws io.inkwellsplit.table.TableException if a text is empty, or none is given
     */
    public static ReplaceStep of(List<String> columns, Map<String, String> texts) {
        if (texts.isEmpty()) {
            throw Settings.refuse("No text was given to be replaced.");
        }
        if (texts.keySet().stream().anyMatch(String::isEmpty)) {
            throw Settings.refuse("The text to be replaced is empty.");
        }
        return new ReplaceStep(List.copyOf(columns), Map.copyOf(texts), Where.ANYWHERE, false, false);
    }

    /**
     * {@return this step, which replaces texts only there}
     *
     * @param only where in a cell
     */
    public ReplaceStep at(Where only) {
        return new ReplaceStep(columns, texts, only, wholeWords, anyCase);
    }

    /** {@return this step, which replaces a text only where it is no part of a longer word} */
    public ReplaceStep wholeWords() {
        return new ReplaceStep(columns, texts, where, true, anyCase);
    }

    /** {@return this step, to which small and capital letters are the same} */
    public ReplaceStep anyCase() {
        return new ReplaceStep(columns, texts, where, wholeWords, true);
    }

    @Override
    public RowWise bind(List<String> header) {
        List<Integer> indexes =
                columns.stream().map(column -> Columns.find(header, column)).toList();
        return new Bound(header, indexes);
    }

    private final class Bound implements RowWise {
        private static final String CHANGED = "changed";

        private final List<String> header;
        private final List<Integer> indexes;
        private final Pattern found;
        private final Map<String, String> byFound = new HashMap<>();
        private long changed;

        Bound(List<String> header, List<Integer> indexes) {
            this.header = header;
            this.indexes = indexes;
            texts.forEach((text, by) -> byFound.put(key(text), by));
            this.found = pattern();
        }

        /** Of texts that begin alike the longest is meant. */
        private Pattern pattern() {
            List<String> longestFirst = new ArrayList<>(texts.keySet());
            longestFirst.sort((a, b) -> a.length() == b.length() ? a.compareTo(b) : b.length() - a.length());
            StringBuilder any = new StringBuilder();
            for (String text : longestFirst) {
                any.append(any.isEmpty() ? "" : "|").append(Pattern.quote(text));
            }
            String start = where == Where.START ? Where.START.sign : "";
            String end = where == Where.END ? Where.END.sign : "";
            return Pattern.compile(start + "(" + any + ")" + end, anyCase ? Pattern.CASE_INSENSITIVE : 0);
        }

        private String key(String text) {
            return anyCase ? text.toLowerCase(java.util.Locale.ROOT) : text;
        }

        @Override
        public List<String> header() {
            return header;
        }

        @Override
        public List<String> apply(List<String> cells) {
            List<String> out = new ArrayList<>(cells);
            for (int index : indexes) {
                String before = cells.get(index);
                String after = replaced(before);
                if (!after.equals(before)) {
                    changed++;
                    out.set(index, after);
                }
            }
            return out;
        }

        private String replaced(String cell) {
            var matcher = found.matcher(cell);
            StringBuilder out = new StringBuilder();
            int from = 0;
            int at = 0;
            while (at <= cell.length() && matcher.find(at)) {
                int start = matcher.start();
                int end = matcher.end();
                if (wholeWords && (isWord(cell, start - 1, start) || isWord(cell, end, end - 1))) {
                    at = start + 1;
                    continue;
                }
                out.append(cell, from, start);
                put(out, byFound.getOrDefault(key(matcher.group(1)), ""), cell, end);
                from = end;
                if (out.isEmpty() || out.charAt(out.length() - 1) == ' ') {
                    while (from < cell.length() && cell.charAt(from) == ' ') {
                        from++;
                    }
                }
                at = Math.max(from, end);
            }
            if (from == 0) {
                return cell;
            }
            return out.append(cell, from, cell.length()).toString().stripTrailing();
        }

        private void put(StringBuilder out, String by, String cell, int end) {
            out.append(by);
            boolean blankBefore = out.isEmpty() || out.charAt(out.length() - 1) == ' ';
            if (by.isEmpty() && end == cell.length() && blankBefore) {
                out.setLength(out.toString().stripTrailing().length());
            }
        }

        /** Whether a word goes on over the border between two places. */
        private static boolean isWord(String cell, int outside, int inside) {
            return outside >= 0
                    && outside < cell.length()
                    && Character.isLetterOrDigit(cell.charAt(outside))
                    && Character.isLetterOrDigit(cell.charAt(inside));
        }

        @Override
        public Optional<RowWise> fork() {
            return Optional.of(new Bound(header, indexes));
        }

        @Override
        public Map<String, Long> counts() {
            return Map.of(CHANGED, changed);
        }

        @Override
        public void addCounts(Map<String, Long> counts) {
            changed += counts.getOrDefault(CHANGED, 0L);
        }

        @Override
        public void restart() {
            changed = 0;
        }

        @Override
        public List<String> report() {
            return List.of("Cells changed: " + changed);
        }
    }
}
