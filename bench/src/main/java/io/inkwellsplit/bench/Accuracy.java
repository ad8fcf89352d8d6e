package io.inkwellsplit.bench;

import io.inkwellsplit.address.AddressLearning;
import io.inkwellsplit.address.AddressSplitter;
import io.inkwellsplit.column.NameColumn;
import io.inkwellsplit.name.NameLearning;
import io.inkwellsplit.name.NameSplitter;
import io.inkwellsplit.reading.Reading;
import io.inkwellsplit.training.AddressSets;
import io.inkwellsplit.training.LabelFile;
import io.inkwellsplit.training.Labelled;
import io.inkwellsplit.training.NameSets;
import java.nio.file.Path;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;

/**
 * Prints accuracy on labelled values: {@code Accuracy <project folder> [wrong]}.
 *
 * <p>The generated sets come from a seed that training never saw. With {@code wrong}, the values read wrongly follow,
 * and the sets come from another seed, so that the reported ones serve for nothing but reporting.
 */
public final class Accuracy {
    /** The sets that are reported: nobody looks at what is wrong in them. */
    private static final long REPORTED = 90_210_417;
    /** The sets that are looked at while the code is written; their figures are not reported. */
    private static final long LOOKED_AT = 62_701;

    private static final int COLUMNS = 150;
    private static final int ADDRESSES = 10_000;

    private Accuracy() {}

    public static void main(String[] args) {
        Path root = Path.of(args.length > 0 ? args[0] : ".");
        boolean wrong = args.length > 1 && args[1].equals("wrong");
        long seed = wrong ? LOOKED_AT : REPORTED;
        Map<String, Score> scores = new LinkedHashMap<>();
        Score demoNames = new Score();
        for (String list : List.of("sign-ups-Singer", "members-Member", "box-office-Patron")) {
            Score one = new Score();
            names(LabelFile.read(root.resolve("demo/labels/" + list + ".csv")), true, one, demoNames);
            scores.put("demo: " + list, one);
        }
        Score demoAddresses = new Score();
        addresses(LabelFile.read(root.resolve("demo/labels/box-office-Address.csv")), demoAddresses);
        scores.put("demo: box-office-Address", demoAddresses);
        Score formats = new Score();
        for (NameSets.Set set : NameSets.Set.values()) {
            generated(root, seed, set, true, scores, formats);
            generated(root, seed, set, false, scores, new Score());
        }
        for (AddressSets.Set set : AddressSets.Set.values()) {
            Score score = new Score();
            AddressSets sets = new AddressSets(root.resolve("training/data"), seed + set.ordinal());
            addresses(sets.rows(set, ADDRESSES), score);
            scores.put("generated: " + set.name().toLowerCase(Locale.ROOT).replace('_', ' '), score);
        }
        System.out.println("| set | rows | exact rows | exact, of those not flagged | flagged | calibration error |");
        System.out.println("|---|---|---|---|---|---|");
        scores.forEach((name, score) -> System.out.println(score.row(name)));
        System.out.println("\n### Generated names, by format\n\n" + formats.formats());
        System.out.println("### Generated names, by part\n\n" + formats.parts());
        System.out.println("### Demo addresses, by format\n\n" + demoAddresses.formats());
        System.out.println("### Demo addresses, by part\n\n" + demoAddresses.parts());
        if (wrong) {
            scores.forEach(
                    (name, score) -> score.wrong().forEach(line -> System.out.println("WRONG " + name + " " + line)));
        }
    }

    private static void generated(
            Path root, long seed, NameSets.Set set, boolean learn, Map<String, Score> scores, Score all) {
        NameSets sets = new NameSets(root.resolve("training/data"), seed + set.ordinal());
        Score score = new Score();
        for (int i = 0; i < COLUMNS; i++) {
            names(sets.column(set), learn, score, all);
        }
        scores.put("generated: " + set.name().toLowerCase(Locale.ROOT) + (learn ? "" : ", no learning"), score);
    }

    private static void names(List<Labelled> column, boolean learn, Score... scores) {
        NameSplitter splitter = NameSplitter.standard();
        if (learn) {
            splitter = NameColumn.learn(
                    splitter, column.stream().map(Labelled::text).toList());
        }
        for (Labelled gold : column) {
            Reading reading = splitter.split(gold.text());
            for (Score score : scores) {
                score.add(gold, reading, NameLearning.plainParts(reading));
            }
        }
    }

    private static void addresses(List<Labelled> column, Score score) {
        for (Labelled gold : column) {
            Reading reading = AddressSplitter.standard().split(gold.text());
            score.add(gold, reading, AddressLearning.plainParts(reading));
        }
    }
}
