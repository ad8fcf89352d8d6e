package io.inkwellsplit.cli.view;

import io.inkwellsplit.table.VisibleText;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;
import picocli.CommandLine.Help;
import picocli.CommandLine.Help.Ansi;
import picocli.CommandLine.Help.Ansi.Style;

/** A few rows as a table that fits the terminal. */
public final class TableView {
    private static final Help.ColorScheme COLOURS = Help.defaultColorScheme(Ansi.AUTO);
    private static final int GAP = 2;
    private static final int MIN_CELL = 5;

    private TableView() {}

    /** Returns the rows under their titles; columns without any value are left out, long cells end in an ellipsis. */
    public static String of(List<String> titles, List<List<String>> rows, int width) {
        List<Integer> shown = shown(titles, rows);
        int[] widths = widths(titles, rows, shown, width);
        StringBuilder view = new StringBuilder();
        view.append(COLOURS.apply(line(titles, shown, widths, width), List.of(Style.bold)));
        for (List<String> row : rows) {
            view.append('\n').append(line(row, shown, widths, width));
        }
        return view.toString();
    }

    private static List<Integer> shown(List<String> titles, List<List<String>> rows) {
        List<Integer> shown = new ArrayList<>();
        for (int column = 0; column < titles.size(); column++) {
            int c = column;
            if (rows.isEmpty() || rows.stream().anyMatch(row -> !row.get(c).isBlank())) {
                shown.add(column);
            }
        }
        return shown;
    }

    /** Returns the titles of the columns that are left out: those without any value, and those that there is no room for. */
    static LeftOut leftOut(List<String> titles, List<List<String>> rows, int width) {
        List<Integer> shown = shown(titles, rows);
        int[] widths = widths(titles, rows, shown, width);
        int fitting = fitting(widths, width);
        return new LeftOut(
                IntStream.range(0, titles.size())
                        .filter(column -> !shown.contains(column))
                        .mapToObj(titles::get)
                        .toList(),
                shown.subList(fitting, shown.size()).stream().map(titles::get).toList());
    }

    /** The titles of columns that a view leaves out. */
    record LeftOut(List<String> blank, List<String> noRoom) {}

    private static int fitting(int[] widths, int width) {
        int used = 0;
        int fitting = 0;
        while (fitting < widths.length && used + widths[fitting] + GAP <= width) {
            used += widths[fitting] + GAP;
            fitting++;
        }
        return fitting;
    }

    /** Returns one row; columns that the terminal has no room for at all are left out. */
    private static String line(List<String> cells, List<Integer> shown, int[] widths, int width) {
        StringBuilder line = new StringBuilder();
        for (int i = 0; i < fitting(widths, width); i++) {
            String cell = cut(cells.get(shown.get(i)), widths[i]);
            line.append(cell).append(" ".repeat(widths[i] + GAP - displayed(cell)));
        }
        return line.toString().stripTrailing();
    }

    /** Gives every column what it wants, then takes from the widest until all fit. */
    private static int[] widths(List<String> titles, List<List<String>> rows, List<Integer> shown, int width) {
        int[] widths = new int[shown.size()];
        int total = 0;
        for (int i = 0; i < widths.length; i++) {
            int column = shown.get(i);
            widths[i] = Math.max(MIN_CELL, displayed(titles.get(column)));
            for (List<String> row : rows) {
                widths[i] = Math.max(widths[i], displayed(row.get(column)));
            }
            total += widths[i] + GAP;
        }
        while (total > width) {
            int widest = 0;
            for (int i = 1; i < widths.length; i++) {
                widest = widths[i] > widths[widest] ? i : widest;
            }
            if (widths[widest] <= MIN_CELL) {
                break;
            }
            widths[widest]--;
            total--;
        }
        return widths;
    }

    private static String cut(String text, int width) {
        String line = VisibleText.of(text.replaceAll("\\R", " \u23CE "));
        if (displayed(line) <= width) {
            return line;
        }
        int end = 0;
        int used = 0;
        while (end < line.length()) {
            int c = line.codePointAt(end);
            if (used + cells(c) > width - 1) {
                break;
            }
            used += cells(c);
            end += Character.charCount(c);
        }
        return line.substring(0, end).stripTrailing() + "\u2026";
    }

    static int displayed(String text) {
        return text.codePoints().map(TableView::cells).sum();
    }

    /** Characters of East Asia take two cells, combining marks none. */
    private static int cells(int c) {
        int type = Character.getType(c);
        if (type == Character.NON_SPACING_MARK || type == Character.FORMAT) {
            return 0;
        }
        boolean wide = Character.isIdeographic(c)
                || c >= 0xAC00 && c <= 0xD7A3
                || c >= 0x3040 && c <= 0x30FF
                || c >= 0xFF01 && c <= 0xFF60;
        return wide ? 2 : 1;
    }
}
