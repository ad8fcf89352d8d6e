package io.inkwellsplit.training;

import io.inkwellsplit.text.Tokens;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import org.jspecify.annotations.Nullable;

/**
 * Builds {@code lexicon.txt}: for each word how often it is a given name and how often a family name.
 *
 * <p>A line is {@code word<TAB>given family tags}: two hexadecimal digits and letters. A digit is 0 for a word that was
 * not seen so; from 1 to f each step is {@value #STEP} natural-log units of frequency. In a ranked list the frequency
 * is taken from the rank by Zipf's law; in an unranked one every name is as frequent as the others. Tags: {@code i} a
 * family name of Spain, Portugal or their languages' Americas, {@code v} a Vietnamese family name, {@code e} a
 * Chinese or Korean one in Latin letters.
 */
final class LexiconBuilder {
    private static final double STEP = 0.8;
    private static final double TOP = 0.02;
    private static final double US_SHARE = 0.6;
    private static final Set<String> IBERIAN = Set.of("es", "es_MX", "pt_BR", "pt_PT");

    private final Map<String, Double> given = new HashMap<>();
    private final Map<String, Double> family = new HashMap<>();
    private final Map<String, String> tags = new HashMap<>();
    private final Tokens tokens = new Tokens();

    LexiconBuilder(NameSources sources) {
        for (List<String> list : sources.usGiven) {
            ranked(list, given, US_SHARE / 2);
        }
        ranked(sources.usFamily, family, US_SHARE);
        sources.given.forEach((locale, list) -> unranked(list, given, (1 - US_SHARE) / sources.given.size()));
        sources.family.forEach((locale, list) -> {
            unranked(list, family, (1 - US_SHARE) / sources.family.size());
            if (IBERIAN.contains(locale)) {
                list.forEach(name -> tag(name, "i"));
            }
            if (locale.equals("rom")) {
                list.forEach(name -> tag(name, "e"));
            }
            if (locale.equals("vi")) {
                list.forEach(name -> tag(name, "v"));
            }
        });
    }

    private void ranked(List<String> list, Map<String, Double> into, double share) {
        double total = 0;
        for (int rank = 0; rank < list.size(); rank++) {
            total += 1.0 / (rank + 3);
        }
        for (int rank = 0; rank < list.size(); rank++) {
            add(list.get(rank), into, share / total / (rank + 3));
        }
    }

    private void unranked(List<String> list, Map<String, Double> into, double share) {
        for (String name : list) {
            add(name, into, share / list.size());
        }
    }

    private void add(String name, Map<String, Double> into, double amount) {
        for (String word : words(name)) {
            into.merge(word, amount, Double::sum);
        }
    }

    private void tag(String name, String tag) {
        List<String> words = words(name);
        String word = words.get(words.size() - 1);
        if (!tags.getOrDefault(word, "").contains(tag)) {
            tags.merge(word, tag, String::concat);
        }
    }

    /** Returns the words of a name as they are compared; characters that are words by themselves stay together. */
    private List<String> words(String name) {
        tokens.read(name);
        List<String> words = new ArrayList<>();
        for (int i = 0; i < tokens.count(); i++) {
            StringBuilder word = new StringBuilder();
            for (int at = tokens.start(i); at < tokens.end(i); at++) {
                char c = tokens.foldAt(at);
                if (Character.isLetterOrDigit(c) || Character.isSurrogate(c)) {
                    word.append(c);
                }
            }
            boolean joins = i > 0 && tokens.isIdeograph(i) && tokens.isGlued(i) && !words.isEmpty();
            if (joins) {
                words.set(words.size() - 1, words.get(words.size() - 1) + word);
            } else if (!word.isEmpty()) {
                words.add(word.toString());
            }
        }
        return words;
    }

    void write(Path file) throws IOException {
        Map<String, String> lines = new TreeMap<>();
        given.keySet().forEach(word -> lines.put(word, ""));
        family.keySet().forEach(word -> lines.put(word, ""));
        StringBuilder text =
                new StringBuilder("# Built by the training program; see docs/training.md. Sources: NOTICE.\n");
        for (String word : lines.keySet()) {
            text.append(word).append('\t').append(digit(given.get(word))).append(digit(family.get(word)));
            text.append(tags.getOrDefault(word, "")).append('\n');
        }
        Files.writeString(file, text);
    }

    private static char digit(@Nullable Double share) {
        if (share == null) {
            return '0';
        }
        int step = 15 + (int) Math.round(Math.log(share / TOP) / STEP);
        return Character.forDigit(Math.max(1, Math.min(15, step)), 16);
    }
}
