package io.inkwellsplit.table.csv;

import io.inkwellsplit.table.TableException;
import io.inkwellsplit.table.TableException.Problem;
import org.jspecify.annotations.Nullable;

/**
 * What stands around a cell that has separators in it.
 *
 * @param sign the sign; one that no text has where cells are never quoted
 */
record Quotes(char sign) {
    private static final char USUAL = '"';
    private static final char NEVER = '\u0000';
    private static final char NO_QUOTE = '\u0001';

    /** @throws TableException if what is told is no quote */
    static Quotes told(@Nullable String told) {
        if (told == null) {
            return new Quotes(USUAL);
        }
        if (told.equals("none")) {
            return new Quotes(NEVER);
        }
        if (told.length() != 1 || Character.isLetterOrDigit(told.charAt(0)) || told.isBlank()) {
            throw new TableException(Problem.SETTING, "A quote is one sign, such as ', or none, not \"" + told + "\".");
        }
        return new Quotes(told.charAt(0));
    }

    /** Returns a text as if its quotes were the usual ones, so that it can be told how it is written. */
    String usual(String text) {
        return sign == USUAL ? text : text.replace(USUAL, NO_QUOTE).replace(sign, USUAL);
    }
}
