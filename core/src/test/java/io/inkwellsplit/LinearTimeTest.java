package io.inkwellsplit;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.net.URI;
import java.net.URISyntaxException;
import java.net.URL;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.function.Consumer;
import java.util.stream.Stream;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Whatever a value holds, however often, reading it takes steps in proportion to its length. */
class LinearTimeTest {
    /** The most that was seen is thirteen hundred: the name of a country beside a nought, again and again. */
    private static final int STEPS_A_CHARACTER = 1_400;

    private static final int BASE = 20_000;
    private static final int LOADING = 100_000_000;
    private static final int MIXED = 400;

    private static List<String> words = List.of();
    private static Consumer<String> nothing = text -> {};

    /** What is done with a value, in classes whose steps are counted. */
    enum Work {
        NAME("splitName"),
        NAME_ALTERNATIVES("nameAlternatives"),
        NAME_GATHERING("gatherName"),
        ADDRESS("splitAddress"),
        ADDRESS_ALTERNATIVES("addressAlternatives"),
        ADDRESS_GATHERING("gatherAddress"),
        CASE("tidy"),
        LABEL("label"),
        FULL_NAME("fullName");

        private final String method;
        private Consumer<String> counted = nothing;

        Work(String method) {
            this.method = method;
        }
    }

    @BeforeAll
    static void load() throws ReflectiveOperationException, IOException, URISyntaxException {
        Class<?> works = new StepCounter().loadClass("io.inkwellsplit.CountedWork");
        for (Work work : Work.values()) {
            var method = works.getMethod(work.method, String.class);
            work.counted = text -> {
                try {
                    method.invoke(null, text);
                } catch (ReflectiveOperationException e) {
                    throw new AssertionError(e.getCause());
                }
            };
            // The data is loaded once, and is not counted.
            StepCounter.of(() -> work.counted.accept("Ines Brandt, 12 Main St, Barre, VT 05641"), Long.MAX_VALUE);
        }
        words = words();
    }

    /** Every word and phrase of every data file but the two long lists of names and places, of which it takes some. */
    private static List<String> words() throws IOException, URISyntaxException {
        List<String> words = new ArrayList<>(List.of(
                "12/",
                "# ",
                "u/a ",
                "et al ",
                "( ",
                ") ",
                "\" ",
                "' ",
                "- ",
                "& ",
                ", ",
                "; ",
                "\n",
                ". ",
                "º ",
                "5-3 ",
                "Apt No ",
                "No ",
                "a b ",
                "J. ",
                "JR ",
                "AB ",
                "O' ",
                "'t ",
                "12 ",
                "05641 ",
                "SW1A 2AA ",
                "佐",
                "か\u3099",
                "👩\u200D",
                "e\u0301",
                "executr ",
                "trustte ",
                "-",
                "'",
                "\"",
                "(",
                "a",
                "A",
                "1",
                "½",
                "Ⅳ",
                "\u0301"));
        URL data = LinearTimeTest.class.getResource("/io/inkwellsplit/name/word/words.txt");
        URI folder = data.toURI().resolve("../..");
        try (Stream<Path> files = Files.walk(Path.of(folder))) {
            for (Path file :
                    files.filter(f -> f.toString().endsWith(".txt")).sorted().toList()) {
                List<String> lines = Files.readAllLines(file);
                int every = Math.max(1, lines.size() / 300);
                for (int i = 0; i < lines.size(); i += every) {
                    String line = lines.get(i).split("\t")[0].strip();
                    if (!line.isEmpty() && line.length() < 60) {
                        words.add(line + " ");
                    }
                }
            }
        }
        return words;
    }

    @ParameterizedTest
    @EnumSource(Work.class)
    void aWordAnyNumberOfTimes(Work work) {
        for (String word : words) {
            check(work, word, 1 << 10);
        }
        Random random = new Random(1);
        for (int i = 0; i < MIXED / 2; i++) {
            check(work, words.get(random.nextInt(words.size())), 1 << (random.nextBoolean() ? 13 : 16));
        }
    }

    @ParameterizedTest
    @EnumSource(Work.class)
    void wordsMixed(Work work) {
        Random random = new Random(2);
        for (int i = 0; i < MIXED; i++) {
            StringBuilder mixed = new StringBuilder();
            for (int n = 2 + random.nextInt(3); n > 0; n--) {
                mixed.append(words.get(random.nextInt(words.size())));
            }
            check(work, mixed.toString(), 1 << (i % 8 == 0 ? 16 : i % 4 == 0 ? 13 : 10));
        }
    }

    @ParameterizedTest
    @ValueSource(
            strings = {"12 Main St, Apt No", "12 Main St, Shop No", "Suite Number", "Apt #", "Unit :", "Flat No No"})
    void aUnitWordAtTheEnd(String text) {
        check(Work.ADDRESS, text, text.length());
        check(Work.ADDRESS_GATHERING, text, text.length());
    }

    private static void check(Work work, String piece, int length) {
        String text = piece.repeat(length / piece.length() + 1);
        long most = (long) STEPS_A_CHARACTER * text.length() + BASE;
        // What a word points to first, such as the places of a country, is loaded once.
        StepCounter.of(() -> work.counted.accept(text), LOADING + most);
        assertThat(StepCounter.of(() -> work.counted.accept(text), most)).isLessThanOrEqualTo(most);
    }
}
