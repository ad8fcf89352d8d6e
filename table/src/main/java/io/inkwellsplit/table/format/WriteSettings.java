package io.inkwellsplit.table.format;

import io.inkwellsplit.table.ColumnType;
import io.inkwellsplit.table.Dialect;
import io.inkwellsplit.table.csv.AsideFile;
import io.inkwellsplit.table.csv.Formulas;
import java.util.Map;

/**
 * How a table is written. A form that has no use for one of them leaves it alone.
 *
 * @param dialect how text is written
 * @param aside takes the rows that are set aside
 * @param formulas what is done with cells that a spreadsheet program would take for a formula
 * @param types what columns of the source hold, by their titles; empty where that is not known
 */
public record WriteSettings(Dialect dialect, AsideFile aside, Formulas formulas, Map<String, ColumnType> types) {
    /**
     * Nothing is known of what columns hold.
     *
     * @param dialect how text is written
     * @param aside takes the rows that are set aside
     * @param formulas what is done with cells that a spreadsheet program would take for a formula
     */
    public WriteSettings(Dialect dialect, AsideFile aside, Formulas formulas) {
        this(dialect, aside, formulas, Map.of());
    }

    /** {@return settings with commas, that refuse rows which would be set aside, and count formulas} */
    public static WriteSettings standard() {
        return new WriteSettings(Dialect.STANDARD, AsideFile.none(), Formulas.COUNT);
    }
}
