package io.inkwellsplit.table.run;

import java.util.ArrayList;
import java.util.List;

/**
 * Rows on which the program itself failed. Such a row is set aside with the others; where it happened is kept, never a
 * value.
 */
final class Faults {
    private static final int MOST_PLACES = 5;

    private final List<String> places = new ArrayList<>();
    private long count;

    /** Returns the reason why the row is set aside. */
    static String reason(Throwable fault) {
        return "a fault of the program: " + place(fault);
    }

    private static String place(Throwable fault) {
        StackTraceElement[] trace = fault.getStackTrace();
        return fault.getClass().getSimpleName() + (trace.length > 0 ? " at " + trace[0] : "");
    }

    void add(Throwable fault) {
        count++;
        String place = place(fault);
        if (places.size() < MOST_PLACES && !places.contains(place)) {
            places.add(place);
        }
    }

    long count() {
        return count;
    }

    List<String> places() {
        return List.copyOf(places);
    }
}
