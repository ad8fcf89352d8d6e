package io.inkwellsplit.tidy;

import io.inkwellsplit.data.Resources;
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
    private static final Map<String, List<Line>> SECTIONS = Resources.sections(CaseWords.class, "words.txt");

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
