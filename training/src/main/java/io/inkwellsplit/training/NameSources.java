package io.inkwellsplit.training;

import java.nio.file.Path;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/** The name lists that the lexicon is built from; {@code training/data/README.md} says where they come from. */
final class NameSources {
    /** A man's given name that his sons and daughters bear as their last name: common in Arab countries. */
    private static final String FATHER = "father";

    /** Given names of the US census of 1990, most frequent first, women's and men's. */
    final List<List<String>> usGiven;
    /** Family names of the same census, most frequent first. */
    final List<String> usFamily;
    /** Unranked names by locale. */
    final Map<String, List<String>> given = new LinkedHashMap<>();

    final Map<String, List<String>> family = new LinkedHashMap<>();

    NameSources(Path folder) {
        usGiven = List.of(
                GzipLines.of(folder.resolve("us-census-1990-given-female.txt.gz")),
                GzipLines.of(folder.resolve("us-census-1990-given-male.txt.gz")));
        usFamily = GzipLines.of(folder.resolve("us-census-1990-family.txt.gz"));
        List<String> byLocale = new ArrayList<>(GzipLines.of(folder.resolve("by-locale.tsv.gz")));
        byLocale.addAll(GzipLines.of(folder.resolve("own-names.tsv.gz")));
        add(byLocale);
    }

    /** Adds the names that the lexicon knows and that no generated register draws: registers hold names that no list has. */
    NameSources withMoreNames(Path folder) {
        add(GzipLines.of(folder.resolve("more-names.tsv.gz")));
        return this;
    }

    private void add(List<String> lines) {
        for (String line : lines) {
            String[] fields = line.split("\t");
            // The list of Croatia runs names of different people together.
            boolean twoPeople = fields[0].equals("hr") && fields[2].indexOf(' ') >= 0;
            boolean father = fields[1].equals(FATHER);
            if (!twoPeople && (father || fields[1].equals("given"))) {
                given.computeIfAbsent(fields[0], l -> new ArrayList<>()).add(fields[2]);
            }
            if (!twoPeople && (father || fields[1].equals("family"))) {
                family.computeIfAbsent(fields[0], l -> new ArrayList<>()).add(fields[2]);
            }
        }
    }
}
