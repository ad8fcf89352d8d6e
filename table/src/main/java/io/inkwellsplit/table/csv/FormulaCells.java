package io.inkwellsplit.table.csv;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.IntStream;

/**
 * Finds cells that a spreadsheet program would take for a formula when it opens a text table: those that begin with one of
 * {@code = + - @}, a tab or a line end, and are no plain number. A formula may show another value, or send what stands
 * beside it elsewhere.
 */
final class FormulaCells {
    private static final int MOST_NAMED = 8;

    private final Formulas formulas;
    private List<String> titles = List.of();
    private long[] counts = new long[0];

    FormulaCells(Formulas formulas) {
        this.formulas = formulas;
    }

    List<String> header(List<String> columns) {
        titles = List.copyOf(columns);
        counts = new long[columns.size()];
        return formulas == Formulas.GUARD
                ? columns.stream().map(FormulaCells::guarded).toList()
                : columns;
    }

    /** Counts the cells of a row, and returns how they are to be written. */
    List<String> row(List<String> cells) {
        List<String> written = cells;
        for (int i = 0; i < cells.size(); i++) {
            if (isFormula(cells.get(i))) {
                if (i < counts.length) {
                    counts[i]++;
                }
                if (formulas == Formulas.GUARD) {
                    written = written == cells ? new ArrayList<>(cells) : written;
                    written.set(i, guarded(cells.get(i)));
                }
            }
        }
        return written;
    }

    private static String guarded(String cell) {
        return isFormula(cell) ? "'" + cell : cell;
    }

    static boolean isFormula(String cell) {
        if (cell.isEmpty()) {
            return false;
        }
        return switch (cell.charAt(0)) {
            case '=', '@', '\t', '\r', '\n', '\uFF1D', '\uFF20' -> true;
            case '+', '-', '\uFF0B', '\uFF0D' -> !isNumber(cell);
            default -> false;
        };
    }

    /** A sign alone, or digits behind it with dots or commas between, is what it looks like. */
    private static boolean isNumber(String cell) {
        for (int i = 1; i < cell.length(); i++) {
            char c = cell.charAt(i);
            boolean inside = (c == '.' || c == ',') && i + 1 < cell.length();
            if (!(c >= '0' && c <= '9') && !inside) {
                return false;
            }
        }
        return true;
    }

    /** Returns how many there are and in which columns, in a sentence; empty where there are none. */
    String note() {
        List<Integer> found = IntStream.range(0, counts.length)
                .filter(i -> counts[i] > 0)
                .boxed()
                .toList();
        if (found.isEmpty()) {
            return "";
        }
        long all = found.stream().mapToLong(i -> counts[i]).sum();
        String where = found.stream()
                .limit(MOST_NAMED)
                .map(i -> titles.get(i) + " " + counts[i])
                .collect(Collectors.joining(", "));
        return "Cells that a spreadsheet program would take for a formula: " + all + " (" + where
                + (found.size() > MOST_NAMED ? ", and more" : "") + ")"
                + (formulas == Formulas.GUARD
                        ? "; each has a ' before it now, and stays text"
                        : ". To write them so that they stay text: --formula-guard");
    }
}
