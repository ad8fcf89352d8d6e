package io.inkwellsplit.sheets;

import io.inkwellsplit.table.TableException;
import io.inkwellsplit.table.TableException.Problem;
import java.util.List;
import java.util.Optional;

/** Which sheet of several is read. */
final class SheetNames {
    private SheetNames() {}

    /** Returns the sheet by name or number; the first one where none is asked for. */
    static String chosen(String file, List<String> names, Optional<String> asked) {
        if (names.isEmpty()) {
            throw new TableException(Problem.INPUT, file + " has no sheet.");
        }
        if (asked.isEmpty()) {
            return names.get(0);
        }
        String wanted = asked.get();
        boolean number = wanted.matches("[0-9]{1,5}");
        if (!names.contains(wanted)
                && number
                && Integer.parseInt(wanted) >= 1
                && Integer.parseInt(wanted) <= names.size()) {
            return names.get(Integer.parseInt(wanted) - 1);
        }
        if (!names.contains(wanted)) {
            throw new TableException(
                    Problem.SETTING,
                    file + " has no sheet \"" + wanted + "\"; there are " + String.join(", ", names) + ".");
        }
        return wanted;
    }

    static List<String> notes(String sheet, List<String> names, Optional<String> asked) {
        return names.size() < 2 || asked.isPresent()
                ? List.of()
                : List.of("Of " + names.size() + " sheets the first one is read, \"" + sheet
                        + "\". For another one say the sheet: " + String.join(", ", names.subList(1, names.size()))
                        + ".");
    }
}
