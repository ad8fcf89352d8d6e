package io.inkwellsplit.name.column;

import io.inkwellsplit.data.Format;
import io.inkwellsplit.data.Format.Column;
import io.inkwellsplit.data.Resources.Line;
import java.util.Arrays;
import java.util.HashMap;
import java.util.HashSet;
import java.util.Map;
import java.util.Set;

/** How often each pattern is the right one in columns of all kinds, by the build of the value; learned from generated columns. */
final class UsualPatterns {
    /** What is never seen is not impossible. */
    static final double LEAST = 0.001;

    private static final class Shipped {
        static final UsualPatterns PATTERNS = load();
    }

    /** Of a build that is seldom seen nothing is usual. */
    private static final double NOT_KNOWN = 0.1;

    /** By build and pattern. */
    private final double[] shares = new double[NamePattern.BUILDS * NamePattern.COUNT];

    private UsualPatterns() {
        Arrays.fill(shares, NOT_KNOWN);
    }

    static UsualPatterns shipped() {
        return Shipped.PATTERNS;
    }

    private static UsualPatterns load() {
        Map<String, Integer> places = new HashMap<>();
        for (int build = 0; build < NamePattern.BUILDS; build++) {
            for (int pattern = 0; pattern < NamePattern.COUNT; pattern++) {
                places.put(
                        NamePattern.buildName(build) + '\t' + NamePattern.name(pattern),
                        build * NamePattern.COUNT + pattern);
            }
        }
        UsualPatterns usual = new UsualPatterns();
        Set<String> known = new HashSet<>();
        Format format = Format.NONE.required("", Column.TEXT, Column.TEXT, Column.NUMBER);
        for (Line line : format.readLines(UsualPatterns.class, "patterns.txt")) {
            String[] fields = line.fields();
            Integer place = places.get(fields[0] + '\t' + fields[1]);
            if (place == null) {
                throw line.refuse("there is no such pattern");
            }
            if (known.add(fields[0])) {
                int build = place / NamePattern.COUNT;
                Arrays.fill(usual.shares, build * NamePattern.COUNT, (build + 1) * NamePattern.COUNT, LEAST);
            }
            usual.shares[place] = Math.max(LEAST, Double.parseDouble(fields[2]));
        }
        return usual;
    }

    double share(int build, int pattern) {
        return shares[build * NamePattern.COUNT + pattern];
    }
}
