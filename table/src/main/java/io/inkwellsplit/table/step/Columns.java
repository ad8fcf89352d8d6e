package io.inkwellsplit.table.step;

import io.inkwellsplit.table.TableException;
import io.inkwellsplit.table.TableException.Problem;
import java.util.Arrays;
import java.util.List;
import java.util.regex.Pattern;
import java.util.stream.Collectors;

/** Finds columns by what a user calls them. */
public final class Columns {
    /** A title has few signs and few digits, those at its end. */
    private static final Pattern TITLE = Pattern.compile("[\\p{L}\\p{M} _.:/#&()?'-]{0,60}[0-9]{0,2}");

    private static final int MOST_TOLD = 30;

    private Columns() {}

    /**
     * {@return the index of a column, given by its title or, where no title is the same, by its number from 1}
     *
     * @param header the titles of the columns
     * @param wanted the title, or the number from 1
     * @throws TableException if there is none, or more than one of that title
     */
    public static int find(List<String> header, String wanted) {
        int exact = only(header, wanted, header.indexOf(wanted), header.lastIndexOf(wanted));
        if (exact >= 0) {
            return exact;
        }
        for (int i = 0; i < header.size(); i++) {
            if (header.get(i).strip().equalsIgnoreCase(wanted.strip())) {
                return i;
            }
        }
        if (wanted.matches("[0-9]{1,6}")) {
            int number = Integer.parseInt(wanted);
            if (number >= 1 && number <= header.size()) {
                return number - 1;
            }
        }
        throw new TableException(
                Problem.SETTING,
                "There is no column \"" + wanted + "\". " + known(header) + "Give a title or a number from 1 to "
                        + header.size() + ".");
    }

    /**
     * {@return the indexes of several columns that are named with commas between, or of one}
     *
     * @param header the titles of the columns
     * @param wanted a title or number; or several, with commas, where no title is all of it
     * @throws TableException if one is none, or more than one of that title
     */
    public static int[] findAll(List<String> header, String wanted) {
        boolean one = wanted.indexOf(',') < 0
                || header.stream().anyMatch(title -> title.strip().equalsIgnoreCase(wanted.strip()));
        return one
                ? new int[] {find(header, wanted)}
                : Arrays.stream(wanted.split(","))
                        .mapToInt(piece -> find(header, piece.strip()))
                        .toArray();
    }

    /** A first row that looks like data is somebody's data, and is not told. */
    private static String known(List<String> header) {
        if (!header.stream().allMatch(TITLE.asMatchPredicate())) {
            return "The first row does not look like titles; if the table has none, say that it has no header. ";
        }
        return "The columns are: "
                + header.stream().limit(MOST_TOLD).map(Columns::shown).collect(Collectors.joining(", "))
                + (header.size() > MOST_TOLD ? " and " + (header.size() - MOST_TOLD) + " more" : "") + ". ";
    }

    private static int only(List<String> header, String wanted, int first, int last) {
        if (first != last) {
            throw new TableException(
                    Problem.SETTING,
                    "The title \"" + wanted + "\" stands over the columns " + (first + 1) + " and " + (last + 1)
                            + "; give the number of the one you mean.");
        }
        return first;
    }

    private static String shown(String title) {
        return title.isEmpty() ? "(no title)" : title;
    }
}
