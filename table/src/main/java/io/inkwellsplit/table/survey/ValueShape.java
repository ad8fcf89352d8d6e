package io.inkwellsplit.table.survey;

/** How a value looks, written compactly; see {@link ColumnSurvey.Shape}. */
public final class ValueShape {
    private ValueShape() {}

    /** Returns the shape of a value: {@code Aa Aa} for {@code Ines Brandt}. */
    public static String of(String value) {
        return Shapes.of(value);
    }
}
