package io.inkwellsplit.training;

import io.inkwellsplit.name.NameEvidence;
import io.inkwellsplit.name.NameLearning;
import io.inkwellsplit.name.NameSplitter;
import io.inkwellsplit.training.Calibrator.Outcome;
import io.inkwellsplit.training.Learner.Example;
import java.io.IOException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import org.jspecify.annotations.Nullable;

/**
 * Learns the weights of names: {@code LearnNames <folder with the lists> <folder of the weights> [feature,feature]}. Where
 * features are told, theirs alone are learned, and the others stay as the files have them.
 */
public final class LearnNames {
    private static final long SEED = 1847;
    private static final int COLUMNS = 600;
    private static final int ROUNDS = 12;

    /** Weights of what registers hardly show: {@code María del Carmen}, and {@code Salah Eldin} cut in two. */
    private static final Map<String, Double> TOLD = Map.of("MIDDLE_BEHIND_PARTICLE", 3.0, "NAME_TAIL_APART", -4.0);

    /** One column in so many is a short one. */
    private static final int SHORT = 4;

    private static final int SHORT_ROWS = 20;

    /** Whether a value stands alone, or in a column that has been looked at. */
    private enum Company {
        ALONE,
        COLUMN
    }

    private final NameLearning learning = new NameLearning();
    private final Map<String, int[]> missed = new TreeMap<>();

    private final Company company;

    private final Set<String> learned;

    /** @param learned the features to learn; none for all */
    private LearnNames(Company company, Set<String> learned) {
        this.company = company;
        this.learned = learned;
    }

    public static void main(String[] args) throws IOException {
        Set<String> learned = args.length > 2 ? Set.of(args[2].split(",")) : Set.of();
        new LearnNames(Company.ALONE, learned).run(Path.of(args[0]), Path.of(args[1], "weights-alone.txt"));
        new LearnNames(Company.COLUMN, learned).run(Path.of(args[0]), Path.of(args[1], "weights-column.txt"));
    }

    /** Returns the weights that are not learned. */
    private Map<String, Double> told(Path weightsFile) throws IOException {
        if (learned.isEmpty()) {
            return TOLD;
        }
        Map<String, Double> told = WeightsFile.read(weightsFile);
        told.keySet().removeAll(learned);
        return told;
    }

    private void run(Path folder, Path weightsFile) throws IOException {
        List<Example> examples = new ArrayList<>();
        examples(new NameSets(folder, SEED), examples, null, COLUMNS);
        report();
        double[] weights = new Learner(NameLearning.features(), told(weightsFile)).learn(examples, ROUNDS, SEED);
        List<Outcome> outcomes = new ArrayList<>();
        missed.clear();
        List<Example> fresh = new ArrayList<>();
        examples(new NameSets(folder, SEED + 1), fresh, outcomes, COLUMNS / 2);
        fresh.forEach(example -> outcomes.add(Examples.outcome(example, weights)));
        WeightsFile.write(weightsFile, "names", NameLearning.features(), weights, Calibrator.learn(outcomes));
        System.out.println("learned from " + examples.size() + " names, calibrated on " + outcomes.size());
    }

    private void examples(NameSets sets, List<Example> into, @Nullable List<Outcome> misses, int columns) {
        for (int i = 0; i < columns; i++) {
            for (NameSets.Set set : NameSets.Set.values()) {
                List<Labelled> column = sets.column(set);
                boolean habits = set == NameSets.Set.HABITS;
                if (company == Company.COLUMN && (!habits || i % 6 != 0)) {
                    // A short list knows less of itself than a long one.
                    List<Labelled> rows = i % SHORT == 0 ? column.subList(0, SHORT_ROWS) : column;
                    NameEvidence evidence = new NameEvidence();
                    rows.forEach(row -> NameSplitter.standard().gather(row.text(), evidence));
                    examples(set, rows, evidence, into, misses);
                } else if (company == Company.ALONE && !habits) {
                    examples(set, column, new NameEvidence(), into, misses);
                }
            }
        }
    }

    private void examples(
            NameSets.Set set,
            List<Labelled> rows,
            NameEvidence evidence,
            List<Example> into,
            @Nullable List<Outcome> misses) {
        for (Labelled row : rows) {
            Example example = Examples.of(learning.choices(row.text(), evidence), row.parts());
            int[] counts = missed.computeIfAbsent(set + " " + row.format(), k -> new int[2]);
            counts[0]++;
            if (example != null) {
                into.add(example);
            } else if (!row.parts().isEmpty()) {
                counts[1]++;
                if (misses != null) {
                    misses.add(new Outcome(1, false));
                }
                if (counts[1] <= SHOWN && Boolean.getBoolean("misses")) {
                    System.out.println("  not among the candidates: " + row);
                }
            }
        }
    }

    private static final int SHOWN = 4;

    private void report() {
        System.out.println("format, values, right reading not among the candidates");
        missed.forEach((format, counts) -> System.out.println(format + "\t" + counts[0] + "\t" + counts[1]));
    }
}
