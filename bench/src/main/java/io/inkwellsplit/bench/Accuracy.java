package io.inkwellsplit.bench;

import io.inkwellsplit.address.AddressLearning;
import io.inkwellsplit.address.AddressSplitter;
import io.inkwellsplit.name.NameLearning;
import io.inkwellsplit.name.NameSplitter;
import io.inkwellsplit.reading.AddressPart;
import io.inkwellsplit.reading.NamePart;
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
 * Prints accuracy on labelled values: {@code Accuracy <project folder> [wrong] [names|addresses|casing]}.
 *
 * <p>The generated sets come from a seed that training never saw. With {@code wrong}, the values read wrongly follow,
 * and the sets come from another seed, so that the reported ones serve for nothing but reporting.
 */
public final class Accuracy {
    /** The sets that are reported: nobody looks at what is wrong in them. */
    private static final long REPORTED = 14_142_135;

    private static final long REPORTED_ADDRESSES = 16_180_339;
    /** The sets that are looked at while the code is written; their figures are not reported. */
    private static final long LOOKED_AT = 62_701;

    private static final int COLUMNS = 150;
    private static final int COLUMN_ROWS = 40;
    private static final int ADDRESSES = 10_000;

    private Accuracy() {}

    public static void main(String[] args) {
        Path root = Path.of(args.length > 0 ? args[0] : ".");
        List<String> words = List.of(args);
        boolean wrong = words.contains("wrong");
        long seed = wrong ? LOOKED_AT : REPORTED;
        Map<String, Score> scores = new LinkedHashMap<>();
        if (words.contains("casing") || !words.contains("addresses") && !words.contains("names")) {
            CasingAccuracy.print(root, wrong);
        }
        if (words.contains("casing")) {
            return;
        }
        if (!words.contains("addresses")) {
            names(root, seed, scores);
        }
        if (!words.contains("names")) {
            addresses(root, wrong ? LOOKED_AT : REPORTED_ADDRESSES, scores);
        }
        if (wrong) {
            scores.forEach(
                    (name, score) -> score.wrong().forEach(line -> System.out.println("WRONG " + name + " " + line)));
        }
    }

    private static void names(Path root, long seed, Map<String, Score> all) {
        Map<String, Score> scores = new LinkedHashMap<>();
        Score demoNames = new Score();
        for (String list : List.of("sign-ups-Singer", "members-Member", "box-office-Patron")) {
            Score one = new Score();
            names(LabelFile.read(root.resolve("demo/labels/" + list + ".csv")), true, one, demoNames);
            scores.put("demo: " + list, one);
        }
        Score formats = new Score();
        for (NameSets.Set set : NameSets.Set.values()) {
            generated(root, seed, set, true, scores, formats);
            generated(root, seed, set, false, scores, new Score());
        }
        print("Names", scores);
        System.out.println("### Generated names, by format\n\n" + formats.formats());
        System.out.println("### Generated names, by part\n\n" + formats.parts());
        all.putAll(scores);
    }

    private static void addresses(Path root, long seed, Map<String, Score> all) {
        Map<String, Score> scores = new LinkedHashMap<>();
        Score demo = new Score();
        addresses(LabelFile.read(root.resolve("demo/labels/box-office-Address.csv")), AddressSplitter.standard(), demo);
        scores.put("demo: box-office-Address", demo);
        Score every = new Score();
        Score ownLetters = new Score();
        for (AddressSets.Set set : AddressSets.Set.values()) {
            AddressSets sets = new AddressSets(root.resolve("training/data"), seed + set.ordinal());
            int rows = set == AddressSets.Set.OTHERS ? 3 * ADDRESSES : ADDRESSES;
            Score score = new Score();
            Score byCountry = set == AddressSets.Set.OWN_LETTERS ? ownLetters : every;
            addresses(sets.rows(set, rows), AddressSplitter.standard(), score, byCountry);
            String name = "generated: " + set.name().toLowerCase(Locale.ROOT).replace('_', ' ');
            scores.put(name, score);
            Score alone = new Score();
            Score learned = new Score();
            for (int i = 0; i < COLUMNS; i++) {
                List<Labelled> column = sets.column(set, COLUMN_ROWS);
                addresses(column, AddressSplitter.standard(), alone);
                addresses(
                        column,
                        AddressSplitter.standard()
                                .learn(column.stream().map(Labelled::text).toList()),
                        learned);
            }
            scores.put(name + ", columns, no learning", alone);
            scores.put(name + ", columns", learned);
        }
        print("Addresses", scores);
        System.out.println("### Generated addresses, by format and country\n\n" + every.formats());
        System.out.println("### Generated addresses in letters of their own, by country\n\n" + ownLetters.formats());
        System.out.println("### Generated addresses, by part\n\n" + every.parts());
        System.out.println("### Demo addresses, by format\n\n" + demo.formats());
        all.putAll(scores);
    }

    private static void print(String title, Map<String, Score> scores) {
        System.out.println("## " + title + "\n");
        System.out.println("| set | rows | exact rows | exact, of those not flagged | flagged | calibration error |");
        System.out.println("|---|---|---|---|---|---|");
        scores.forEach((name, score) -> System.out.println(score.row(name)));
        System.out.println();
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
            splitter = splitter.learn(column.stream().map(Labelled::text).toList());
        }
        for (Labelled gold : column) {
            Reading<NamePart> reading = splitter.split(gold.text());
            for (Score score : scores) {
                score.add(gold, reading, NameLearning.plainParts(reading));
            }
        }
    }

    private static void addresses(List<Labelled> column, AddressSplitter splitter, Score... scores) {
        for (Labelled gold : column) {
            Reading<AddressPart> reading = splitter.split(gold.text());
            for (Score score : scores) {
                score.add(gold, reading, AddressLearning.plainParts(reading));
            }
        }
    }
}
