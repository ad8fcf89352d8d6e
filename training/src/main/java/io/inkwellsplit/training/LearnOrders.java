package io.inkwellsplit.training;

import io.inkwellsplit.name.NameLearning;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;

/** Learns how often names are written in each order in columns of all kinds: {@code LearnOrders <folder with the lists> <orders file>}. */
public final class LearnOrders {
    private static final long SEED = 2203;
    private static final int COLUMNS = 300;

    private LearnOrders() {}

    public static void main(String[] args) throws IOException {
        NameSets sets = new NameSets(Path.of(args[0]), SEED);
        List<String> all = new ArrayList<>();
        for (int i = 0; i < COLUMNS; i++) {
            for (NameSets.Set set : NameSets.Set.values()) {
                if (set == NameSets.Set.HABITS) {
                    // A habit is what is not usual.
                    continue;
                }
                sets.column(set).forEach(row -> all.add(row.text()));
            }
        }
        List<String> lines = new ArrayList<>(
                List.of("# How often each order is likely among values of its build; see docs/training.md."));
        lines.addAll(new NameLearning().orders(all));
        Files.write(Path.of(args[1]), lines);
    }
}
