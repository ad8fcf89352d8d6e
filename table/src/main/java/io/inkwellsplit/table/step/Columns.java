package io.inkwellsplit.table.step;

import io.inkwellsplit.table.TableException;
import io.inkwellsplit.table.TableException.Problem;
import java.util.List;
import java.util.stream.Collectors;

/** Finds columns by what a user calls them. */
public final class Columns {
    private Columns() {}

    /**
     * Returns the index of a column, given by its title or, where no title is the same, by its number from 1.
     *
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
                "There is no column \"" + wanted + "\". The columns are: "
                        + header.stream().map(Columns::shown).collect(Collectors.joining(", "))
                        + ". Give a title or a number from 1 to " + header.size() + ".");
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
