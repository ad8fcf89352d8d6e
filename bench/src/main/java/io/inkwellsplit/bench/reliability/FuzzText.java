package io.inkwellsplit.bench.reliability;

import io.inkwellsplit.address.AddressSplitter;
import io.inkwellsplit.name.NameSplitter;
import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Objects;
import java.util.SplittableRandom;

/** Makes values as nobody would write them: words of all data files, joined in every way, with odd characters between. */
final class FuzzText {
    private static final List<String> SEPARATORS = List.of(
            " ", " ", " ", ", ", ",", "", "  ", "\n", " - ", "/", ".", "; ", "\t", " & ", "'", "-", "\u00A0", "|");
    private static final String[] OPENERS = {"(", "\"", "'", "[", "{", "<", "«"};
    private static final int[][] ODD = {
        {0x21, 0x7E},
        {0xA0, 0x24F},
        {0x300, 0x36F},
        {0x370, 0x5FF},
        {0x600, 0x6FF},
        {0xE00, 0xE7F},
        {0x1100, 0x11FF},
        {0x2000, 0x2BFF},
        {0x3000, 0x33FF},
        {0x4E00, 0x9FFF},
        {0xAC00, 0xD7A3},
        {0xD800, 0xDFFF},
        {0xF900, 0xFFFF},
        {0x10000, 0x1F9FF},
        {0x20000, 0x2A6DF},
        {0xE0000, 0xE01EF},
        {0x00, 0x1F}
    };

    private static final List<String> WORDS = words();

    private final SplittableRandom random;

    FuzzText(long seed) {
        random = new SplittableRandom(seed);
    }

    private static List<String> words() {
        List<String> words = new ArrayList<>();
        add(words, NameSplitter.class, "word/words.txt", 1);
        add(words, NameSplitter.class, "word/layers.txt", 1);
        add(words, NameSplitter.class, "word/lexicon.txt", 25);
        add(words, AddressSplitter.class, "place/common.txt", 1);
        for (String country : AddressSplitter.countries()) {
            add(words, AddressSplitter.class, "place/country/" + country + ".txt", 1);
        }
        for (int number = 1; number < 120; number += 7) {
            words.addAll(List.of(
                    number + "", number + "a", number + "/2", number + "th", "#" + number, "0" + number + "641"));
        }
        words.addAll(
                List.of("SW1A 2AA", "28013", "100-0001", "K1A 0B1", "No", "Number", "Apt", "J.", "JR", "O'", "Mc"));
        return List.copyOf(words);
    }

    private static void add(List<String> words, Class<?> beside, String file, int every) {
        try (InputStream in = beside.getResourceAsStream(file)) {
            BufferedReader lines =
                    new BufferedReader(new InputStreamReader(Objects.requireNonNull(in, file), StandardCharsets.UTF_8));
            int number = 0;
            for (String line = lines.readLine(); line != null; line = lines.readLine()) {
                String word = line.split("[\t=]")[0].strip();
                if (number++ % every == 0 && !word.isEmpty() && word.length() < 40) {
                    words.add(word);
                }
            }
        } catch (IOException e) {
            throw new java.io.UncheckedIOException(e);
        }
    }

    /** Returns the next value. */
    String next() {
        StringBuilder text = new StringBuilder();
        int pieces = 1 + random.nextInt(random.nextInt(10) == 0 ? 40 : 8);
        for (int i = 0; i < pieces; i++) {
            piece(text);
            text.append(SEPARATORS.get(random.nextInt(SEPARATORS.size())));
        }
        return random.nextInt(6) == 0 ? text.toString().toUpperCase(Locale.ROOT) : text.toString();
    }

    private void piece(StringBuilder text) {
        int kind = random.nextInt(20);
        if (kind == 0) {
            text.append(OPENERS[random.nextInt(OPENERS.length)]);
        } else if (kind < 4) {
            odd(text);
        } else {
            String word = WORDS.get(random.nextInt(WORDS.size()));
            text.append(word);
            if (kind == 4) {
                text.setCharAt(text.length() - 1 - random.nextInt(word.length()), (char) ('a' + random.nextInt(26)));
            } else if (kind == 5) {
                odd(text);
            }
        }
    }

    private void odd(StringBuilder text) {
        int[] range = ODD[random.nextInt(ODD.length)];
        int c = range[0] + random.nextInt(range[1] - range[0] + 1);
        if (c < 0x10000) {
            text.append((char) c);
        } else {
            text.appendCodePoint(c);
        }
    }
}
