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
 * name of people who usually bear two family names: in Spain, Portugal, their languages' Americas and Iran (a family name in their lists, a rare one that sounds so, or a given name
 * that few other lists have), {@code v} a Vietnamese family name, {@code e} a
 * Chinese or Korean one in Latin letters.
 */
final class LexiconBuilder {
    private static final String HEADER = "# Built by the training program; see docs/training.md. Sources: NOTICE.\n";

    private static final double STEP = 0.8;
    private static final double TOP = 0.02;
    private static final double US_SHARE = 0.6;
    static final Set<String> TWO_USUAL = Set.of("es", "es_MX", "pt_BR", "pt_PT", "fa_latin");

    private static final double OFTENER = 4;

    /** Step of frequency of a family name that the lists of a place do not have. */
    private static final int NOT_LISTED = 5;

    /** From so many steps of odds on a word serves otherwise. */
    private static final int OTHERWISE = 2;

    /** Step of frequency up to which a family name is rare. */
    private static final int RARE = 5;

    private final Map<String, Double> given = new HashMap<>();
    private final Map<String, Double> family = new HashMap<>();
    /** The same among people who usually bear two family names. */
    private final Map<String, Double> givenAtHome = new HashMap<>();

    private final Map<String, Double> familyAtHome = new HashMap<>();
    private final Map<String, String> tags = new HashMap<>();
    private final Tokens tokens = new Tokens();

    private final SoundLearner sounds;

    LexiconBuilder(NameSources sources, SoundLearner sounds) {
        this.sounds = sounds;
        for (List<String> list : sources.usGiven) {
            ranked(list, given, US_SHARE / 2);
        }
        ranked(sources.usFamily, family, US_SHARE);
        sources.given.forEach((locale, list) -> unranked(list, given, (1 - US_SHARE) / sources.given.size()));
        unranked(atHome(sources.given), givenAtHome, 1);
        unranked(atHome(sources.family), familyAtHome, 1);
        sources.family.forEach((locale, list) -> {
            unranked(list, family, (1 - US_SHARE) / sources.family.size());
            if (TWO_USUAL.contains(locale)) {
                list.forEach(name -> tag(name, "i"));
            }
            if (locale.equals("rom")) {
                list.forEach(name -> tag(name, "e"));
            }
            if (locale.equals("vi")) {
                list.forEach(name -> tag(name, "v"));
            }
        });
        givenWhereTwoAreUsual(sources).forEach(word -> tag(word, "i"));
    }

    /** Returns the names of the lists of those who usually bear two family names, as often as they stand in them. */
    private static List<String> atHome(Map<String, List<String>> lists) {
        return TWO_USUAL.stream()
                .flatMap(locale -> lists.getOrDefault(locale, List.of()).stream())
                .toList();
    }

    /** Returns the given names that stand in a {@value #OFTENER} times larger share of those lists than of the others. */
    private Set<String> givenWhereTwoAreUsual(NameSources sources) {
        Map<String, Integer> here = new TreeMap<>();
        Map<String, Integer> elsewhere = new HashMap<>();
        sources.given.forEach((locale, list) -> list.stream()
                .flatMap(name -> words(name).stream())
                .distinct()
                .forEach(word -> (TWO_USUAL.contains(locale) ? here : elsewhere).merge(word, 1, Integer::sum)));
        double others = sources.given.size() - TWO_USUAL.size();
        here.entrySet()
                .removeIf(name -> name.getValue() / (double) TWO_USUAL.size()
                        < OFTENER * elsewhere.getOrDefault(name.getKey(), 0) / others);
        return here.keySet();
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
        StringBuilder text = new StringBuilder(HEADER);
        for (String word : lines.keySet()) {
            int asGiven = step(given.get(word));
            int asFamily = step(family.get(word));
            String tag = tags.getOrDefault(word, "");
            boolean rare = asGiven <= asFamily && asFamily <= RARE;
            if (tag.isEmpty() && rare && sounds.isTwoUsual(word)) {
                tag = "i";
            }
            text.append(line(word, asGiven, asFamily, tag));
        }
        Files.writeString(file, text);
    }

    /**
     * Writes {@code at-home.txt}: the words that serve otherwise among people who usually bear two family names than elsewhere, with
     * two digits as in the lexicon. {@code Anderson} is a given name in Brazil.
     */
    void writeAtHome(Path file) throws IOException {
        Map<String, String> lines = new TreeMap<>();
        givenAtHome.keySet().forEach(word -> lines.put(word, ""));
        familyAtHome.keySet().forEach(word -> lines.put(word, ""));
        StringBuilder text = new StringBuilder(HEADER);
        for (String word : lines.keySet()) {
            int elsewhereGiven = step(given.get(word));
            int elsewhereFamily = step(family.get(word));
            int asGiven = givenAtHome(word, elsewhereGiven);
            int asFamily = familyAtHome(word, elsewhereFamily, elsewhereGiven > 0);
            if (Math.abs(asGiven - asFamily - elsewhereGiven + elsewhereFamily) >= OTHERWISE) {
                text.append(line(word, asGiven, asFamily, ""));
            }
        }
        Files.writeString(file, text);
    }

    /** Given names travel: one that only other lists have is borne at home too. */
    private int givenAtHome(String word, int elsewhere) {
        return Math.max(step(givenAtHome.get(word)), elsewhere);
    }

    /**
     * Family names do not travel: one that only other lists have is rare at home. One that is a given name as well is rarer than its
     * list, which has no ranks, would have it.
     */
    private int familyAtHome(String word, int elsewhere, boolean given) {
        int atHome = step(familyAtHome.get(word));
        if (atHome == 0) {
            return Math.min(elsewhere, NOT_LISTED);
        }
        return given ? (atHome + elsewhere) / 2 : atHome;
    }

    private static String line(String word, int given, int family, String tags) {
        return word + '\t' + Integer.toHexString(given) + Integer.toHexString(family) + tags + '\n';
    }

    private static int step(@Nullable Double share) {
        if (share == null) {
            return 0;
        }
        int step = 15 + (int) Math.round(Math.log(share / TOP) / STEP);
        return Math.max(1, Math.min(15, step));
    }
}
