package io.inkwellsplit.bench.reliability;

import io.inkwellsplit.address.AddressSplitter;
import io.inkwellsplit.name.NameSplitter;
import java.util.List;

/** Watches the heap over many values and many columns that teach; to be run with a small heap. */
final class Growth {
    private static final List<String> NAMES = List.of("Ines Brandt", "Hugh Okonedo", "Marlow, James");
    private static final List<String> ADDRESSES =
            List.of("12 Main St, Barre, VT 05641", "3 Quay Rd, Dunmere, Kent CT5 1AB");

    private Growth() {}

    /** Returns by how many megabytes the heap has grown from the first tenth of the values to the last. */
    static double overValues(long seed, long values) {
        FuzzText texts = new FuzzText(seed);
        // The places of each country are loaded when they are first asked for, and stay.
        AddressSplitter.countries()
                .forEach(code -> AddressSplitter.standard().country(code).split("12 Quay, Harbour"));
        long early = 0;
        for (long i = 0; i < values; i++) {
            String text = texts.next();
            NameSplitter.standard().split(text);
            AddressSplitter.standard().split(text);
            if (i == values / 10) {
                early = used();
            }
        }
        NameSplitter.standard().split("x ".repeat(2_400_000));
        return (used() - early) / 1e6;
    }

    /** Returns by how many megabytes the heap has grown from the first tenth of the columns to the last. */
    static double overColumns(int columns) {
        long early = 0;
        for (int i = 0; i < columns; i++) {
            NameSplitter.standard().learn(NAMES).split("Thorne Ada");
            AddressSplitter.standard().learn(ADDRESSES).split("5 Elm St, Barre");
            if (i == columns / 10) {
                early = used();
            }
        }
        return (used() - early) / 1e6;
    }

    private static long used() {
        Runtime runtime = Runtime.getRuntime();
        for (int i = 0; i < 3; i++) {
            System.gc();
        }
        return runtime.totalMemory() - runtime.freeMemory();
    }
}
