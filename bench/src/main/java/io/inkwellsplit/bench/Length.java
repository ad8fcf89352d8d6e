package io.inkwellsplit.bench;

import io.inkwellsplit.address.AddressSplitter;
import io.inkwellsplit.name.NameSplitter;
import java.util.Locale;
import java.util.function.Consumer;

/** Prints how long values of growing length take, and how much memory the splitters hold once they are loaded. */
public final class Length {
    private static final int REPEATS = 7;

    private Length() {}

    public static void main(String[] args) {
        long before = used();
        long start = System.nanoTime();
        NameSplitter names = NameSplitter.standard();
        names.split("Ines Brandt");
        long ready = System.nanoTime() - start;
        long withNames = used();
        AddressSplitter addresses = AddressSplitter.standard();
        addresses.split("14 Harbour Lane, Wexcombe");
        System.out.printf(
                Locale.ROOT, "names ready after %.0f ms, %.1f MB of heap%n", ready / 1e6, (withNames - before) / 1e6);
        System.out.printf(Locale.ROOT, "addresses: %.1f MB of heap more%n%n", (used() - withNames) / 1e6);
        System.out.println("| characters | a list of names | one endless word | an address |");
        System.out.println("|---|---|---|---|");
        for (int length = 10; length <= 100_000; length *= 10) {
            String list = repeat("Ines Brandt, ", length);
            String word = repeat("Quillfeather", length);
            String address = repeat("14 Harbour Lane ", length);
            System.out.printf(
                    Locale.ROOT,
                    "| %d | %.1f ns | %.1f ns | %.1f ns |%n",
                    length,
                    perCharacter(names::split, list),
                    perCharacter(names::split, word),
                    perCharacter(addresses::split, address));
        }
    }

    private static long used() {
        for (int i = 0; i < 3; i++) {
            System.gc();
        }
        return Runtime.getRuntime().totalMemory() - Runtime.getRuntime().freeMemory();
    }

    private static String repeat(String text, int length) {
        return text.repeat(length / text.length() + 1).substring(0, length);
    }

    /** The least of several runs, each long enough to be timed. */
    private static double perCharacter(Consumer<String> splitter, String text) {
        int times = Math.max(1, 2_000_000 / text.length());
        double least = Double.MAX_VALUE;
        for (int repeat = 0; repeat < REPEATS; repeat++) {
            long start = System.nanoTime();
            for (int i = 0; i < times; i++) {
                splitter.accept(text);
            }
            least = Math.min(least, (System.nanoTime() - start) / (double) times / text.length());
        }
        return least;
    }
}
