package io.inkwellsplit.bench.reliability;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import java.util.stream.LongStream;

/** Reads made-up values by the million; what fails is shrunk and kept for the tests. */
final class Values {
    private static final int BLOCK = 10_000;
    private static final int DEEPLY = 50;
    private static final int MOST_KEPT = 20;

    private final Path regressions;
    private int kept;

    /** @param regressions the file that failures are added to */
    Values(Path regressions) {
        this.regressions = regressions;
    }

    /** Reads values; returns how many of them failed. */
    long run(long seed, long values) {
        return LongStream.range(0, values / BLOCK)
                .parallel()
                .map(block -> block(seed + block))
                .sum();
    }

    private long block(long seed) {
        FuzzText texts = new FuzzText(seed);
        List<String> column =
                IntStream.range(0, 100).mapToObj(i -> texts.next()).toList();
        ValueCheck check = new ValueCheck(column);
        long failed = 0;
        for (int i = 0; i < BLOCK; i++) {
            String text = texts.next();
            if (check.problem(text, i % DEEPLY == 0).isPresent()) {
                failed++;
                keep(check, text);
            }
        }
        return failed;
    }

    private synchronized void keep(ValueCheck check, String text) {
        if (kept == MOST_KEPT) {
            return;
        }
        kept++;
        String shrunk = check.shrunk(text);
        Optional<String> problem = check.problem(shrunk, true);
        System.out.println("Failed: " + escaped(shrunk) + "  " + problem.orElse("only in its column"));
        try {
            Files.writeString(
                    regressions, escaped(shrunk) + "\n", StandardOpenOption.CREATE, StandardOpenOption.APPEND);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** Reads every value of the regressions again; returns how many of them fail. */
    static long again(Path regressions) throws IOException {
        ValueCheck check = new ValueCheck(List.of("Ines Brandt", "12 Main St, Barre, VT 05641"));
        return Files.readAllLines(regressions, StandardCharsets.US_ASCII).stream()
                .filter(line -> !line.startsWith("//"))
                .filter(line -> check.problem(unescaped(line), true).isPresent())
                .count();
    }

    private static String escaped(String text) {
        StringBuilder line = new StringBuilder();
        text.chars()
                .forEach(c ->
                        line.append(c >= ' ' && c < 0x7F && c != '\\' ? (char) c + "" : String.format("\\u%04x", c)));
        return line.toString();
    }

    private static String unescaped(String line) {
        StringBuilder text = new StringBuilder();
        for (int i = 0; i < line.length(); i++) {
            if (line.charAt(i) == '\\') {
                text.append((char) Integer.parseInt(line.substring(i + 2, i + 6), 16));
                i += 5;
            } else {
                text.append(line.charAt(i));
            }
        }
        return text.toString();
    }
}
