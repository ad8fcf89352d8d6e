package io.inkwellsplit.name;

import static org.assertj.core.api.Assertions.assertThat;

import io.inkwellsplit.data.Resources;
import io.inkwellsplit.data.Resources.Line;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;

/** Reads the names that are known to go wrong; the few that still do are counted, so that the count can only fall. */
class HardNamesTest {
    private static final int STILL_WRONG = 2;

    private static final Map<String, String> KEYS = Map.of(
            "t",
            "title",
            "f",
            "first",
            "m",
            "middle",
            "l",
            "last",
            "s",
            "suffix",
            "c",
            "credentials",
            "n",
            "nickname",
            "b",
            "birth_name",
            "k",
            "kind");

    /** Columns that say what a setting names; none of their people is in the file. */
    private static final Map<String, List<String>> COLUMNS = Map.of(
            "gf", List.of("Karen Miller", "Susan Johnson", "Robert Wilson", "Nancy Anderson", "Peter Thompson"),
            "ff", List.of("MILLER KAREN", "JOHNSON SUSAN", "WILSON ROBERT", "ANDERSON NANCY", "THOMPSON PETER"),
            "two", List.of("Gómez Ruiz, Carmen", "Morales Vega, Diego", "Rojas Mora, Elena", "Castro Díaz, Pablo"));

    private static final Map<String, NameSplitter> SPLITTERS = new HashMap<>();

    private static NameSplitter learned(String setting) {
        List<String> column = new ArrayList<>();
        for (int i = 0; i < 30; i++) {
            column.addAll(COLUMNS.getOrDefault(setting, List.of()));
        }
        return NameSplitter.standard().learn(column);
    }

    @Test
    void readsHardNames() {
        List<String> wrong = new ArrayList<>();
        int cases = 0;
        for (Line line : Resources.lines(HardNamesTest.class, "hard-names.txt")) {
            String[] fields = line.text().split(" = ?", 3);
            cases++;
            Map<String, String> expected = parts(fields[2]);
            NameSplitter splitter = SPLITTERS.computeIfAbsent(fields[1].strip(), HardNamesTest::learned);
            Map<String, String> read = NameLearning.plainParts(splitter.split(fields[0]));
            if (!read.equals(expected)) {
                wrong.add("line " + line.number() + ": " + line.text() + "\n      read as " + read);
            }
        }
        assertThat(cases).isGreaterThan(400);
        assertThat(wrong).as(() -> String.join("\n", wrong)).hasSizeLessThanOrEqualTo(STILL_WRONG);
    }

    private static Map<String, String> parts(String text) {
        Map<String, String> parts = new LinkedHashMap<>();
        for (String part : text.split("; ?")) {
            if (!part.isBlank()) {
                int blank = part.indexOf(' ');
                String key = part.substring(0, blank);
                boolean second = key.startsWith("2");
                String plain = second ? key.substring(1) : key;
                parts.put((second ? "second_" : "") + KEYS.getOrDefault(plain, plain), part.substring(blank + 1));
            }
        }
        return parts;
    }
}
