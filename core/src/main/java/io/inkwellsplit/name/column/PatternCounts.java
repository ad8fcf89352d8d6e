package io.inkwellsplit.name.column;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;

/**
 * In which patterns a column writes its names, by the build of the values: how probable each pattern was to the model, added
 * up over the values. Whole units are added, so that any order of adding gives the same.
 */
public final class PatternCounts {
    static final int SIZE = NamePattern.BUILDS * NamePattern.COUNT;
    /** So many units are one value. */
    private static final int UNIT = 1 << 10;
    /** As many values as the usual patterns count for. */
    private static final double USUAL = 10;
    /** What a column does not do it may do yet. */
    private static final double LEAST = -2;

    /** Of a build with fewer values the shares are not known. */
    private static final int FEW = 100;

    private final long[] units;
    private long all;

    PatternCounts() {
        this(new long[SIZE]);
    }

    PatternCounts(long[] units) {
        this.units = units;
        this.all = Arrays.stream(units).sum();
    }

    public void add(int build, int pattern, double share) {
        long one = Math.round(share * UNIT);
        units[build * NamePattern.COUNT + pattern] += one;
        all += one;
    }

    void merge(PatternCounts other) {
        for (int i = 0; i < SIZE; i++) {
            units[i] += other.units[i];
        }
        all += other.all;
    }

    long[] units() {
        return units.clone();
    }

    boolean isEmpty() {
        return all == 0;
    }

    /** Returns the share of each pattern among the values of its build, as lines of a data file. */
    public List<String> lines() {
        List<String> lines = new ArrayList<>();
        for (int build = 0; build < NamePattern.BUILDS; build++) {
            double values = values(build);
            for (int pattern = 0; pattern < NamePattern.COUNT; pattern++) {
                double share = (double) units[build * NamePattern.COUNT + pattern] / UNIT / Math.max(1, values);
                if (values >= FEW && share >= UsualPatterns.LEAST) {
                    lines.add(String.format(
                            Locale.ROOT,
                            "%s\t%s\t%.4f",
                            NamePattern.buildName(build),
                            NamePattern.name(pattern),
                            share));
                }
            }
        }
        return lines;
    }

    /** Returns how many values of a build were counted. */
    public double values(int build) {
        long sum = 0;
        for (int pattern = 0; pattern < NamePattern.COUNT; pattern++) {
            sum += units[build * NamePattern.COUNT + pattern];
        }
        return (double) sum / UNIT;
    }

    /**
     * Returns by how much the column prefers a pattern to what is usual, as a logarithm.
     *
     * @param values how many values of the build were counted
     * @param own how probable the pattern is to the value itself, which must not be its own witness
     */
    public double preference(int build, int pattern, double values, double own) {
        double others = Math.max(0, (double) units[build * NamePattern.COUNT + pattern] / UNIT - own);
        double usual = UsualPatterns.shipped().share(build, pattern);
        return Math.max(LEAST, Math.log((others + USUAL * usual) / (Math.max(0, values - 1) + USUAL) / usual));
    }
}
