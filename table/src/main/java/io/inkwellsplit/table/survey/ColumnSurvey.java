package io.inkwellsplit.table.survey;

import io.inkwellsplit.piece.LikelySeparator;
import java.util.List;
import java.util.Map;

/**
 * What a column looks like.
 *
 * @param index its place among the columns, from 0
 * @param title its title
 * @param holds what it holds
 * @param why what speaks for that, in a sentence
 * @param values how many values it has, blanks included
 * @param blanks how many of them are blank
 * @param distinct how many different ones there are that are not blank; a lower bound where {@code distinctIsLeast}
 * @param distinctIsLeast whether there were too many different ones to count
 * @param shapes the most frequent shapes
 * @param shapeCount how many shapes there are, up to four thousand
 * @param cases how many values are in capitals, in small letters, mixed, or without letters
 * @param stray how many values have each kind of stray character
 * @param separators how many values have each sign that may stand between pieces
 * @param separator the separator it is likely to use
 */
public record ColumnSurvey(
        int index,
        String title,
        Holds holds,
        String why,
        long values,
        long blanks,
        long distinct,
        boolean distinctIsLeast,
        List<Shape> shapes,
        int shapeCount,
        Map<String, Long> cases,
        Map<String, Long> stray,
        Map<String, Long> separators,
        LikelySeparator separator) {
    /**
     * A shape of values: {@code Aa} is a word with a capital, {@code AA} one in capitals, {@code aa} one in small letters,
     * {@code A} an initial, {@code 9} a number.
     *
     * @param shape the shape
     * @param count how many values have it
     * @param share which share of the values that are not blank
     * @param example the first value that has it
     */
    public record Shape(String shape, long count, double share, String example) {}

    /** {@return how many values are not blank} */
    public long filled() {
        return values - blanks;
    }
}
