package io.inkwellsplit.table.csv;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * How the text of a table begins: lines above its header, and whether every line is one cell.
 *
 * @param lines how many lines stand above the header
 * @param characters how many characters they have, their ends with them
 * @param separator the separator that a line above the header names
 * @param isOneColumn whether the header has no separator, and what looks like one in the rows is part of their only cell
 */
record Opening(int lines, int characters, Optional<Character> separator, boolean isOneColumn) {
    private static final Pattern NAMED_SEPARATOR = Pattern.compile("\"?sep=(.)\"?\\s*", Pattern.CASE_INSENSITIVE);
    private static final String SEPARATORS = ",;\t|";
    private static final int MOST_LINES_ABOVE = 12;
    private static final int MOST_LINES_SEEN = 100;
    /** So many rows must look alike before what stands above them is no row. */
    private static final int FEWEST_ALIKE = 3;
    /** With fewer cells a row below a title may as well be a name with a comma. */
    private static final int FEWEST_CELLS = 3;

    /** Finds it in the first characters of a table. */
    static Opening of(String beginning) {
        List<String> lines = lines(beginning);
        Matcher named = NAMED_SEPARATOR.matcher(lines.isEmpty() ? "" : lines.get(0));
        if (named.matches()) {
            return skipping(beginning, 1, Optional.of(named.group(1).charAt(0)));
        }
        int above = linesAbove(lines);
        return above > 0
                ? skipping(beginning, above, Optional.empty())
                : new Opening(0, 0, Optional.empty(), isOneColumn(lines));
    }

    /** Skips lines that somebody has counted. */
    static Opening skipping(String beginning, int lines, Optional<Character> separator) {
        int at = 0;
        int skipped = 0;
        while (skipped < lines && at < beginning.length()) {
            char c = beginning.charAt(at++);
            boolean pair = c == '\r' && at < beginning.length() && beginning.charAt(at) == '\n';
            at += pair ? 1 : 0;
            skipped += c == '\n' || c == '\r' ? 1 : 0;
        }
        return new Opening(skipped, at, separator, false);
    }

    private static List<String> lines(String beginning) {
        return beginning.lines().limit(MOST_LINES_SEEN).toList();
    }

    /** Lines without any separator, above rows that have several cells each, as many in one as in the next. */
    private static int linesAbove(List<String> lines) {
        for (char separator : SEPARATORS.toCharArray()) {
            int above = 0;
            boolean blank = false;
            while (above < Math.min(MOST_LINES_ABOVE, lines.size()) && !hasSeparator(lines.get(above))) {
                blank |= lines.get(above).isBlank();
                above++;
            }
            if (above == 0 || above + FEWEST_ALIKE > lines.size()) {
                continue;
            }
            int cells = cells(lines.get(above), separator).size();
            boolean alike = lines.subList(above, above + FEWEST_ALIKE).stream()
                    .allMatch(line -> cells(line, separator).size() == cells);
            if (alike && cells >= (blank ? 2 : FEWEST_CELLS)) {
                return above;
            }
        }
        return 0;
    }

    /** {@code Singer}, and below it {@code Thorne, Ada}: people write a blank behind such a comma, programs do not. */
    private static boolean isOneColumn(List<String> lines) {
        if (lines.size() < FEWEST_ALIKE
                || hasSeparator(lines.get(0))
                || lines.get(0).isBlank()) {
            return false;
        }
        boolean comma = false;
        for (String line : lines.subList(1, lines.size())) {
            int at = line.indexOf(',');
            boolean one = at < 0 || at > 0 && at == line.lastIndexOf(',') && line.startsWith(", ", at);
            if (!one
                    || line.indexOf('"') >= 0
                    || line.indexOf(';') >= 0
                    || line.indexOf('\t') >= 0
                    || line.indexOf('|') >= 0) {
                return false;
            }
            comma |= at > 0;
        }
        return comma;
    }

    private static boolean hasSeparator(String line) {
        return line.chars().anyMatch(c -> SEPARATORS.indexOf(c) >= 0 || c == '"');
    }

    private static List<String> cells(String line, char separator) {
        List<String> cells = new ArrayList<>();
        boolean quoted = false;
        int from = 0;
        for (int i = 0; i < line.length(); i++) {
            quoted ^= line.charAt(i) == '"';
            if (!quoted && line.charAt(i) == separator) {
                cells.add(line.substring(from, i));
                from = i + 1;
            }
        }
        cells.add(line.substring(from));
        return cells;
    }
}
