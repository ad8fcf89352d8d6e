package io.inkwellsplit.training;

import io.inkwellsplit.text.Tokens;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Collections;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;

/**
 * Learns which letters family names have where two of them are usual (Spain, Portugal, their languages' Americas, Iran), and others have
 * not.
 *
 * <p>A logistic model over every three letters in a row, edges of the word among them: those names and the names of places in
 * Spain and Portugal, after which many families are called, against the family names of other locales and the more frequent ones
 * of the United States. Both sides weigh the same.
 */
final class SoundLearner {
    /** Natural-log odds from which a word sounds so: of a hundred other names some six do. */
    private static final double NEEDED = 1.5;

    private static final Set<String> PLACES = Set.of("ES", "PT");
    /** Lists in which names from everywhere stand. */
    private static final Set<String> MIXED = Set.of("vi", "id_ID");

    /** So many of the census's family names are taken; further down are too many of the immigrants'. */
    private static final int CENSUS = 25_000;

    private static final int SHORTEST = 4;
    private static final int LONGEST_PLACE = 11;
    private static final int ROUNDS = 12;
    private static final long SEED = 31;
    private static final double PENALTY = 2e-4;
    /** Weaker letters say nothing. */
    private static final double LEAST = 0.05;

    private final Map<String, Double> odds = new TreeMap<>();
    private final double needed;
    private final Tokens tokens = new Tokens();

    private record Word(List<String> letters, boolean isTwoUsual) {}

    /** @param folder where the lists are */
    SoundLearner(NameSources sources, Path folder) {
        Set<String> usual = new TreeSet<>();
        Set<String> others = new TreeSet<>();
        sources.family.forEach((locale, names) -> {
            if (LexiconBuilder.TWO_USUAL.contains(locale)) {
                names.forEach(name -> usual.addAll(words(name)));
            } else if (!MIXED.contains(locale)) {
                names.forEach(name -> others.addAll(words(name)));
            }
        });
        sources.usFamily.subList(0, CENSUS).forEach(name -> others.addAll(words(name)));
        others.removeAll(usual);
        for (String place : GzipLines.of(folder.resolve("cities.csv.gz"))) {
            String[] fields = place.split(",");
            if (PLACES.contains(fields[0])) {
                words(fields[1]).stream()
                        .filter(word -> word.length() <= LONGEST_PLACE)
                        .forEach(usual::add);
            }
        }
        others.removeAll(usual);
        needed = NEEDED - learn(usual, others);
        odds.values().removeIf(value -> Math.abs(value) < LEAST);
        odds.replaceAll((letters, value) -> Math.round(value * 100) / 100.0);
    }

    /** Learns the odds of letters, and returns what speaks for every word. */
    private double learn(Set<String> usual, Set<String> others) {
        List<Word> words = new ArrayList<>();
        usual.forEach(word -> words.add(new Word(letters(word), true)));
        others.forEach(word -> words.add(new Word(letters(word), false)));
        double weightOfOne = 0.5 * words.size() / usual.size();
        double weightOfOther = 0.5 * words.size() / others.size();
        Map<String, Double> weights = new HashMap<>();
        double always = 0;
        Random random = new Random(SEED);
        for (int round = 0; round < ROUNDS; round++) {
            double rate = 0.2 / (1 + round * 0.5);
            Collections.shuffle(words, random);
            for (Word word : words) {
                double sum = always;
                for (String letters : word.letters) {
                    sum += weights.getOrDefault(letters, 0.0);
                }
                double miss = (word.isTwoUsual ? 1 : 0) - 1 / (1 + Math.exp(-sum));
                double step =
                        Math.max(-0.5, Math.min(0.5, miss * rate * (word.isTwoUsual ? weightOfOne : weightOfOther)));
                always += step / 10;
                for (String letters : word.letters) {
                    weights.merge(letters, step, (old, more) -> old + more - PENALTY * old);
                }
            }
        }
        odds.putAll(weights);
        return always;
    }

    /** Returns whether a word in small plain letters sounds so. */
    boolean isTwoUsual(String word) {
        double sum = 0;
        for (String letters : letters(word)) {
            sum += odds.getOrDefault(letters, 0.0);
        }
        return word.length() >= SHORTEST && isPlain(word) && sum > needed;
    }

    private static List<String> letters(String word) {
        String edged = "_" + word + "_";
        List<String> all = new ArrayList<>();
        for (int i = 0; i + 3 <= edged.length(); i++) {
            all.add(edged.substring(i, i + 3));
        }
        return all;
    }

    private static boolean isPlain(String word) {
        return word.chars().allMatch(c -> c >= 'a' && c <= 'z');
    }

    private List<String> words(String name) {
        tokens.read(name);
        List<String> words = new ArrayList<>();
        for (int i = 0; i < tokens.count(); i++) {
            StringBuilder word = new StringBuilder();
            for (int at = tokens.start(i); at < tokens.end(i); at++) {
                word.append(tokens.foldAt(at));
            }
            if (word.length() >= SHORTEST && isPlain(word.toString())) {
                words.add(word.toString());
            }
        }
        return words;
    }

    void write(Path file) throws IOException {
        List<String> lines = new ArrayList<>(List.of(
                "# Built by the training program; see docs/training.md. Sources: NOTICE.",
                "# How much three letters in a row, _ being an edge of the word, speak for a family name from where two are usual.",
                "[odds needed]",
                String.format(Locale.ROOT, "%.2f", needed),
                "[letters]"));
        odds.forEach((letters, value) -> lines.add(letters + '\t' + value));
        Files.write(file, lines);
    }
}
