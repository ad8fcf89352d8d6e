package io.inkwellsplit.table.format;

import io.inkwellsplit.table.ColumnType;
import io.inkwellsplit.table.Dialect;
import io.inkwellsplit.table.csv.AsideFile;
import io.inkwellsplit.table.csv.Formulas;
import java.util.List;
import java.util.Map;

/**
 * How a table is written. A form that has no use for one of them leaves it alone. Immutable.
 *
 * @param dialect how text is written
 * @param aside takes the rows that are set aside
 * @param formulas what is done with cells that a spreadsheet program would take for a formula
 * @param types what columns of the source hold, by their titles; empty where that is not known
 * @param meanings what columns mean, by their titles; empty where that is not known
 * @param choices the words of which one is chosen in a cell, by the titles of columns; other words may be typed as well
 * @param sheets further tables that will follow in the same file, in their order
 * @param nested whether a title such as {@code name.first} is that of a record in a record
 */
public record WriteSettings(
        Dialect dialect,
        AsideFile aside,
        Formulas formulas,
        Map<String, ColumnType> types,
        Map<String, String> meanings,
        Map<String, List<String>> choices,
        List<Sheet> sheets,
        boolean nested) {
    /**
     * A further table in the same file.
     *
     * @param name its name
     * @param choices as for {@link WriteSettings#choices}
     */
    public record Sheet(String name, Map<String, List<String>> choices) {}

    /**
     * Nothing is known of what columns hold.
     *
     * @param dialect how text is written
     * @param aside takes the rows that are set aside
     * @param formulas what is done with cells that a spreadsheet program would take for a formula
     */
    public WriteSettings(Dialect dialect, AsideFile aside, Formulas formulas) {
        this(dialect, aside, formulas, Map.of(), Map.of(), Map.of(), List.of(), false);
    }

    /** {@return settings with commas, that refuse rows which would be set aside, and count formulas} */
    public static WriteSettings standard() {
        return new WriteSettings(Dialect.STANDARD, AsideFile.none(), Formulas.COUNT);
    }

    /**
     * {@return these, with what columns hold}
     *
     * @param known what columns of the source hold, by their titles
     */
    public WriteSettings typed(Map<String, ColumnType> known) {
        return new WriteSettings(dialect, aside, formulas, known, meanings, choices, sheets, nested);
    }

    /**
     * {@return these, with what columns mean}
     *
     * @param known what columns mean, by their titles
     */
    public WriteSettings meaning(Map<String, String> known) {
        return new WriteSettings(dialect, aside, formulas, types, known, choices, sheets, nested);
    }

    /**
     * {@return these, with words to choose from}
     *
     * @param words the words, by the titles of columns
     */
    public WriteSettings choosing(Map<String, List<String>> words) {
        return new WriteSettings(dialect, aside, formulas, types, meanings, words, sheets, nested);
    }

    /**
     * {@return these, for a file in which further tables follow}
     *
     * @param more the further tables, in their order
     */
    public WriteSettings followedBy(List<Sheet> more) {
        return new WriteSettings(dialect, aside, formulas, types, meanings, choices, List.copyOf(more), nested);
    }

    /**
     * {@return these, with records in records or without}
     *
     * @param wanted whether a title such as {@code name.first} is that of a record in a record
     */
    public WriteSettings nesting(boolean wanted) {
        return new WriteSettings(dialect, aside, formulas, types, meanings, choices, sheets, wanted);
    }
}
