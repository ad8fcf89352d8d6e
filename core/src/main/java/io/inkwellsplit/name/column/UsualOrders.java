package io.inkwellsplit.name.column;

import io.inkwellsplit.data.Format;
import io.inkwellsplit.data.Format.Column;
import io.inkwellsplit.data.Resources.Line;
import java.util.Arrays;
import java.util.HashMap;
import java.util.Map;

/** How often each order is the right one in columns of all kinds, by the build of the value; learned from generated columns. */
final class UsualOrders {
    /** What is never seen is not impossible. */
    private static final double LEAST = 0.001;
    /** Of a build that is seldom seen nothing is usual. */
    private static final double NOT_KNOWN = 1.0 / NameOrder.COUNT;

    private static final class Shipped {
        static final UsualOrders ORDERS = load();
    }

    /** By build, number of unlisted words, and order. */
    private final double[] shares = new double[NameOrder.BUILDS * NameOrder.UNLISTEDS * NameOrder.COUNT];

    private UsualOrders() {
        Arrays.fill(shares, NOT_KNOWN);
    }

    static UsualOrders shipped() {
        return Shipped.ORDERS;
    }

    private static UsualOrders load() {
        Map<String, Integer> places = new HashMap<>();
        for (int build = 0; build < NameOrder.BUILDS; build++) {
            for (int unlisted = 0; unlisted < NameOrder.UNLISTEDS; unlisted++) {
                for (int order = 0; order < NameOrder.COUNT; order++) {
                    places.put(
                            NameOrder.buildName(build, unlisted) + '\t' + NameOrder.name(order),
                            place(build, unlisted, order));
                }
            }
        }
        UsualOrders usual = new UsualOrders();
        Format format = Format.NONE.required("", Column.TEXT, Column.TEXT, Column.NUMBER);
        for (Line line : format.readLines(UsualOrders.class, "orders.txt")) {
            String[] fields = line.fields();
            Integer place = places.get(fields[0] + '\t' + fields[1]);
            if (place == null) {
                throw line.refuse("there is no such order");
            }
            usual.shares[place] = Math.min(1 - LEAST, Math.max(LEAST, Double.parseDouble(fields[2])));
        }
        return usual;
    }

    private static int place(int build, int unlisted, int order) {
        return (build * NameOrder.UNLISTEDS + unlisted) * NameOrder.COUNT + order;
    }

    double share(int build, int unlisted, int order) {
        return shares[place(build, unlisted, order)];
    }
}
