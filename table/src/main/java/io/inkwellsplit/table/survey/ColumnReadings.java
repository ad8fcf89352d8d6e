package io.inkwellsplit.table.survey;

import io.inkwellsplit.reading.Doubt;
import io.inkwellsplit.reading.Kind;
import java.util.List;
import java.util.Map;

/**
 * How the values of a column of names or addresses are read, in the light of the column.
 *
 * @param read how many values that are not blank were read
 * @param blank how many values were blank, or words for nothing
 * @param doubtful how many of those read have a doubt
 * @param kinds how many are people, couples, organisations …
 * @param orders for names, how many people without a doubt have their given or their family name first
 * @param parts how many values have each part, the most frequent first; layers apart
 * @param layers how many values have each layer around the name or the address
 * @param countries for addresses, how many were read as of each country
 * @param states for addresses, the most frequent states as they are written
 * @param doubts how many values have each doubt, the most frequent first
 * @param shapes the most frequent shapes, and how the first value of each is read
 * @param layouts the most frequent layouts ({@link ValueLayout}), in the place of shapes
 * @param confidences how many values were read with how much confidence, from the least to the most
 * @param common the most frequent texts of each part; counted among its first thousands of different ones
 * @param samples values with their parts marked: one of each frequent layout and shape, and two of each doubt
 */
public record ColumnReadings(
        long read,
        long blank,
        long doubtful,
        Map<Kind, Long> kinds,
        Map<String, Long> orders,
        Map<String, Long> parts,
        Map<String, Long> layers,
        Map<String, Long> countries,
        Map<String, Long> states,
        Map<Doubt, Long> doubts,
        List<ShapeReading> shapes,
        List<ShapeReading> layouts,
        List<Band> confidences,
        Map<String, Map<String, Long>> common,
        List<Sample> samples) {
    /**
     * How a shape is read.
     *
     * @param shape the shape, and how many values have it
     * @param reading the parts of its example, labelled by key
     * @param doubtful how many values of the shape have a doubt
     */
    public record ShapeReading(ColumnSurvey.Shape shape, String reading, long doubtful) {}

    /**
     * Values that were read with much the same confidence.
     *
     * @param from the least confidence
     * @param to the confidence from which on the next band counts; the last one holds 1 as well
     * @param values how many values were read so
     * @param doubtful how many of them have a doubt
     */
    public record Band(double from, double to, long values, long doubtful) {}

    /**
     * A value and how it is read.
     *
     * @param text the value as it is written
     * @param kind what it is
     * @param confidence from 0 to 1
     * @param parts its parts and where they stand, from left to right
     * @param doubts the codes of its doubts
     */
    public record Sample(String text, String kind, double confidence, List<Mark> parts, List<String> doubts) {}

    /**
     * A piece of a part in a text.
     *
     * @param key the part's key
     * @param start its first character, from 0
     * @param end the character behind its last one
     */
    public record Mark(String key, int start, int end) {}
}
