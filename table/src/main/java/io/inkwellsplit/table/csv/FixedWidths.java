package io.inkwellsplit.table.csv;

import io.inkwellsplit.table.TableException;
import io.inkwellsplit.table.TableException.Problem;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;

/** Where the columns of a text begin that has no separators: each is so many characters wide, the last one the rest. */
record FixedWidths(List<Integer> starts) {
    /** With fewer lines a blank that all have in one place says little. */
    private static final int FEWEST_LINES = 4;

    private static final int MOST_COLUMNS = 1_000;

    /**
     * Reads widths, such as {@code 12,20,8}.
     *
     * @throws TableException if they are none
     */
    static FixedWidths told(String widths) {
        List<Integer> starts = new ArrayList<>();
        int start = 0;
        for (String width : widths.split(",", -1)) {
            String plain = width.strip();
            if (!plain.matches("[1-9][0-9]{0,4}") || starts.size() == MOST_COLUMNS) {
                throw new TableException(
                        Problem.SETTING,
                        "Widths are numbers of characters with commas between, such as 12,20,8, or auto, not \""
                                + widths + "\".");
            }
            starts.add(start);
            start += Integer.parseInt(plain);
        }
        return new FixedWidths(starts);
    }

    /** Finds them in the first lines: a column begins where every line has a blank before it; its title begins there, too. */
    static Optional<FixedWidths> find(List<String> lines, boolean hasHeader) {
        List<String> full = lines.stream().filter(line -> !line.isBlank()).toList();
        if (full.size() < FEWEST_LINES) {
            return Optional.empty();
        }
        int longest = full.stream().mapToInt(String::length).max().orElse(0);
        List<Integer> starts = new ArrayList<>(List.of(0));
        for (int at = 1; at < longest; at++) {
            boolean begins = isBlank(full, at - 1) && !isBlank(full, at);
            boolean titled =
                    !hasHeader || at < full.get(0).length() && full.get(0).charAt(at) != ' ';
            if (begins && titled) {
                starts.add(at);
            }
        }
        return starts.size() < 2 ? Optional.empty() : Optional.of(new FixedWidths(starts));
    }

    private static boolean isBlank(List<String> lines, int at) {
        return lines.stream().allMatch(line -> at >= line.length() || line.charAt(at) == ' ');
    }

    /** Returns the cells of a line, without the blanks around them; none are missing where it is short. */
    List<String> cells(String line) {
        List<String> cells = new ArrayList<>(Collections.nCopies(starts.size(), ""));
        for (int i = 0; i < starts.size() && starts.get(i) < line.length(); i++) {
            int end = i + 1 < starts.size() ? Math.min(starts.get(i + 1), line.length()) : line.length();
            cells.set(i, line.substring(starts.get(i), end).strip());
        }
        return cells;
    }

    /** Returns the widths as they are told; that of the last column, which is the rest, is 1. */
    String text() {
        List<Integer> widths = new ArrayList<>();
        for (int i = 1; i < starts.size(); i++) {
            widths.add(starts.get(i) - starts.get(i - 1));
        }
        widths.add(1);
        return widths.stream().map(String::valueOf).collect(Collectors.joining(","));
    }
}
