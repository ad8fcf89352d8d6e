package io.inkwellsplit.tidy;

import io.inkwellsplit.data.Format;
import io.inkwellsplit.data.Format.Column;
import io.inkwellsplit.data.Resources.Line;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;

/** How single words are written: from the data file, by their small letters. Immutable. */
record CaseWords(
        Set<String> lower,
        Set<String> capitalAtStart,
        Map<String, String> written,
        Set<String> elisions,
        Set<String> lowerWithDot) {
    static final Format FORMAT = Format.NONE
            .distinct("lower in names", Column.TEXT)
            .distinct("capital at the start", Column.TEXT)
            .distinct("lower in organisations", Column.TEXT)
            .distinct("lower in addresses", Column.TEXT)
            .distinct("written", Column.TEXT)
            .distinct("written in names", Column.TEXT)
            .distinct("written in organisations", Column.TEXT)
            .distinct("written in addresses", Column.TEXT)
            .distinct("elision", Column.TEXT)
            .distinct("capital particles", Column.TEXT)
            .distinct("lower with a dot", Column.TEXT)
            .distinct("small behind a hyphen", Column.TEXT)
            .distinct("small house letters", Column.TEXT);

    private static final Map<String, List<Line>> SECTIONS = FORMAT.read(CaseWords.class, "words.txt");

    /** @param kind {@code names}, {@code organisations} or {@code addresses} */
    static CaseWords of(String kind) {
        Map<String, String> written = new HashMap<>();
        for (String section : List.of("written", "written in " + kind)) {
            for (String word : texts(section)) {
                written.put(word.toLowerCase(Locale.ROOT), word);
            }
        }
        return new CaseWords(
                Set.copyOf(texts("lower in " + kind)),
                kind.equals("names") ? Set.copyOf(texts("capital at the start")) : Set.of(),
                Map.copyOf(written),
                Set.copyOf(texts("elision")),
                Set.copyOf(texts("lower with a dot")));
    }

    /** Returns whether a language has a habit that is a section of the file. */
    static boolean hasHabit(String habit, Locale language) {
        return SECTIONS.getOrDefault(habit, List.of()).stream()
                .anyMatch(line -> line.text().equals(language.getLanguage()));
    }

    private static Set<String> texts(String section) {
        Set<String> texts = new HashSet<>();
        SECTIONS.getOrDefault(section, List.of()).forEach(line -> texts.add(line.text()));
        return texts;
    }
}
