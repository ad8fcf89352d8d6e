package io.inkwellsplit.table;

import java.util.List;

/**
 * One row of a table.
 *
 * @param number its number among the rows, from 1; the header is not counted
 * @param line the line of the file on which it starts, from 1
 * @param cells its cells; a cell is never null, only empty
 */
public record Row(long number, long line, List<String> cells) {}
