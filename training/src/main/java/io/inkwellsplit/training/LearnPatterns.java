package io.inkwellsplit.training;

import io.inkwellsplit.name.NameEvidence;
import io.inkwellsplit.name.NameLearning;
import io.inkwellsplit.name.NameSplitter;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;

/** Learns how often names are written in each pattern in columns of all kinds: {@code LearnPatterns <folder with the lists> <patterns file>}. */
public final class LearnPatterns {
    private static final long SEED = 2203;
    private static final int COLUMNS = 300;

    private LearnPatterns() {}

    public static void main(String[] args) throws IOException {
        NameSets sets = new NameSets(Path.of(args[0]), SEED);
        NameEvidence all = new NameEvidence();
        for (int i = 0; i < COLUMNS; i++) {
            for (NameSets.Set set : NameSets.Set.values()) {
                if (set == NameSets.Set.HABITS) {
                    // A habit is what is not usual.
                    continue;
                }
                sets.column(set).forEach(row -> NameSplitter.standard().gather(row.text(), all));
            }
        }
        List<String> lines = new ArrayList<>(
                List.of("# How often each pattern is likely among values of its build; see docs/training.md."));
        lines.addAll(NameLearning.patterns(all));
        Files.write(Path.of(args[1]), lines);
    }
}
