package io.inkwellsplit.name.column;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;

/** How probable each order was among the values of each build, added up: what is usual is learned from it. */
public final class OrderShares {
    /** Of a build with fewer values the shares are not known. */
    private static final int FEW = 100;

    private final double[][] sums = new double[NameOrder.BUILDS * NameOrder.UNLISTEDS][NameOrder.COUNT];
    private final long[] values = new long[NameOrder.BUILDS * NameOrder.UNLISTEDS];

    /**
     * Adds a value.
     *
     * @param unlisted how many of its words no list has, up to 2
     * @param probable how probable each order is to it
     */
    public void add(int build, int unlisted, double[] probable) {
        int kind = build * NameOrder.UNLISTEDS + unlisted;
        values[kind]++;
        for (int order = 0; order < NameOrder.COUNT; order++) {
            sums[kind][order] += probable[order];
        }
    }

    /** Returns the share of each order among the values of its build, as lines of a data file. */
    public List<String> lines() {
        List<String> lines = new ArrayList<>();
        for (int kind = 0; kind < values.length; kind++) {
            String build = NameOrder.buildName(kind / NameOrder.UNLISTEDS, kind % NameOrder.UNLISTEDS);
            for (int order = 0; values[kind] >= FEW && order < NameOrder.COUNT; order++) {
                double share = sums[kind][order] / values[kind];
                lines.add(String.format(Locale.ROOT, "%s\t%s\t%.4f", build, NameOrder.name(order), share));
            }
        }
        return lines;
    }
}
