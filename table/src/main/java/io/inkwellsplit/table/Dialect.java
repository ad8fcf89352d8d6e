package io.inkwellsplit.table;

/**
 * How a text table is written.
 *
 * @param separator what stands between cells: a comma, semicolon, tab or pipe
 * @param quoting which cells are quoted
 * @param lineEnd what ends a row: LF, CR LF or CR
 * @param byteOrderMark whether the file starts with one
 */
public record Dialect(char separator, Quoting quoting, String lineEnd, boolean byteOrderMark) {
    /** Commas, quotes where needed, LF. */
    public static final Dialect STANDARD = new Dialect(',', Quoting.WHERE_NEEDED, "\n", false);

    /** Which cells are quoted. */
    public enum Quoting {
        /** Only cells that could not be read otherwise. */
        WHERE_NEEDED,
        /** Every cell. */
        ALWAYS
    }
}
