package io.inkwellsplit.training;

import io.inkwellsplit.address.AddressLearning;
import io.inkwellsplit.address.AddressLearning.Outlined;
import io.inkwellsplit.address.outline.Outlines;
import io.inkwellsplit.address.outline.Outlines.Known;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.SortedMap;

/**
 * Learns which outlines the decoder labels alike whatever words stand in an address: {@code LearnOutlines <folder with the
 * lists> <folder of the outlines>}. Each is read alone.
 */
public final class LearnOutlines {
    private static final long SEED = 1911;
    private static final int ROUNDS = 27_000;
    private static final int ROWS = 40;
    /** How many other ways each address is written in. */
    private static final int WAYS = 3;

    private LearnOutlines() {}

    public static void main(String[] args) throws IOException {
        AddressLearning reader = AddressLearning.weighing();
        List<Outlined> seen = new ArrayList<>();
        each(Path.of(args[0]), SEED, ROUNDS, text -> {
            Outlined one = reader.outlined(text);
            if (one != null) {
                seen.add(one);
            }
        });
        SortedMap<Long, Known> known = new OutlineLearner(seen).learn();
        Files.write(Path.of(args[1]).resolve("outlines.bin"), Outlines.toBytes(known));
        System.err.println("  " + seen.size() + " outlines, " + known.size() + " heads and ends known");
    }

    interface Use {
        void of(String text);
    }

    /** Draws addresses of countries that are known at first sight, as they are and with other separators and other towns. */
    static void each(Path folder, long seed, int rounds, Use use) {
        AddressSets sets = new AddressSets(folder, seed);
        WideAddresses wide = new WideAddresses(folder, seed);
        Rewriting rewriting = new Rewriting(new Random(seed));
        for (int round = 0; round < rounds; round++) {
            List<Labelled> rows =
                    switch (round % 9) {
                        case 0, 1 -> sets.rows(AddressSets.Set.US_COMMAS, ROWS);
                        case 2, 3 -> sets.rows(AddressSets.Set.US_BARE, ROWS);
                        case 4 -> sets.rows(AddressSets.Set.US_TRICKY, ROWS);
                        case 5, 6, 7 -> sets.rows(AddressSets.Set.UK, ROWS);
                        default -> wide.rows(ROWS);
                    };
            for (Labelled row : rows) {
                use.of(row.text());
                for (int way = 0; way < WAYS; way++) {
                    rewriting.write(row, rows).ifPresent(use::of);
                }
            }
        }
    }
}
