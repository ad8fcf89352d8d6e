package io.inkwellsplit.table;

import io.inkwellsplit.table.ColumnType.Kind;
import java.math.BigDecimal;
import java.util.Optional;
import java.util.regex.Pattern;

/** What the text of a cell is in a column of a kind, for forms in which a value has a type. */
public final class TypedText {
    /** As in JSON (RFC 8259), which forbids zeros in front: {@code 007} is no number. */
    private static final Pattern NUMBER = Pattern.compile("-?(0|[1-9][0-9]*)(\\.[0-9]+)?([eE][+-]?[0-9]+)?");

    private static final int LONGEST_NUMBER = 100;

    private TypedText() {}

    /**
     * {@return whether a text is a number in a column of numbers}
     *
     * @param kind what the column holds
     * @param text the text
     */
    public static boolean isNumber(Kind kind, String text) {
        return (kind == Kind.NUMBER || kind == Kind.WHOLE_NUMBER)
                && text.length() <= LONGEST_NUMBER
                && NUMBER.matcher(text).matches();
    }

    /**
     * {@return whether a text is such a number, and a binary number of 64 bits is exactly as large (IEEE 754)}
     *
     * @param kind what the column holds
     * @param text the text
     */
    public static boolean isExactNumber(Kind kind, String text) {
        if (!isNumber(kind, text)) {
            return false;
        }
        double value = Double.parseDouble(text);
        return Double.isFinite(value) && new BigDecimal(Double.toString(value)).compareTo(new BigDecimal(text)) == 0;
    }

    /**
     * {@return whether a text says yes in a column of truth values; empty where it says neither}
     *
     * @param kind what the column holds
     * @param text the text
     */
    public static Optional<Boolean> truth(Kind kind, String text) {
        if (kind != Kind.TRUTH) {
            return Optional.empty();
        }
        return text.equalsIgnoreCase("true")
                ? Optional.of(true)
                : text.equalsIgnoreCase("false") ? Optional.of(false) : Optional.empty();
    }
}
