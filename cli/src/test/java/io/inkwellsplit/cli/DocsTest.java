package io.inkwellsplit.cli;

import static org.assertj.core.api.Assertions.assertThat;

import io.inkwellsplit.cli.Inkwell.Result;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/**
 * Runs the commands that the docs show, page by page in their order, on the demo lists, and compares what a page says with
 * what comes back. In a block, lines below a command are what it prints, where a line {@code …} stands for any number of
 * lines; a block that begins with {@code ```csv FILE} is a file the reader has made.
 */
class DocsTest {
    private static final Path ROOT = Path.of("..");
    private static final Pattern WORD = Pattern.compile("\"((?:[^\"\\\\]|\\\\.)*)\"|'([^']*)'|(\\S+)");
    private static final String COMMAND = "(\\$ )?(\\./)?inkwell .*";

    @TempDir
    Path folder;

    static Stream<Path> pages() throws IOException {
        List<Path> pages = new ArrayList<>(List.of(ROOT.resolve("README.md")));
        try (Stream<Path> docs = Files.list(ROOT.resolve("docs"))) {
            docs.filter(page -> page.toString().endsWith(".md")).sorted().forEach(pages::add);
        }
        return pages.stream();
    }

    /** A command and what the page says that it prints; without a command, a file and what it holds. */
    private record Shown(String command, String file, List<String> lines) {}

    @ParameterizedTest
    @MethodSource("pages")
    void everyCommandOfAPageDoesWhatThePageSays(Path page) throws Exception {
        Files.createDirectory(folder.resolve("demo"));
        try (Stream<Path> lists = Files.list(ROOT.resolve("demo"))) {
            for (Path list : lists.filter(Files::isRegularFile).toList()) {
                Files.copy(list, folder.resolve("demo").resolve(list.getFileName()));
            }
        }
        Inkwell inkwell = new Inkwell(folder);
        List<Shown> shown = shown(Files.readAllLines(page));
        for (Shown one : shown) {
            if (one.command.isEmpty()) {
                Files.write(folder.resolve(one.file), one.lines);
                continue;
            }
            Result result = inkwell.run(words(one.command));
            assertThat(result.code())
                    .as("%s: %s%n%s", page, one.command, result.err())
                    .isZero();
            if (one.lines.stream().anyMatch(line -> !line.isBlank())) {
                assertThat(strip(result.out())).as("%s: %s", page, one.command).matches(pattern(one.lines));
            }
        }
        if (page.equals(ROOT.resolve("README.md"))) {
            assertThat(shown).hasSizeGreaterThan(3);
            assertThat(folder.resolve("choir.vcf")).exists();
        }
        if (page.endsWith("guide.md")) {
            assertThat(shown.stream().filter(one -> !one.lines.isEmpty())).hasSizeGreaterThan(9);
        }
    }

    /** Times differ from run to run, blanks at the end are not seen. */
    private static String strip(String text) {
        return text.lines()
                .map(line -> line.stripTrailing().replaceFirst("^Time: [0-9.]+ s$", "Time: 0.0 s"))
                .collect(Collectors.joining("\n"))
                .strip();
    }

    private static Pattern pattern(List<String> lines) {
        return Pattern.compile(strip(String.join("\n", lines))
                .lines()
                .map(line -> line.equals("…") ? "(?:.*\n)*?.*" : Pattern.quote(line))
                .collect(Collectors.joining("\n")));
    }

    /** FILE and its like are for the reader to fill in: such commands are not run. */
    private static List<Shown> shown(List<String> lines) {
        List<Shown> all = new ArrayList<>();
        boolean code = false;
        Shown current = new Shown("", "", new ArrayList<>());
        for (String line : lines) {
            if (line.startsWith("```")) {
                code = !code;
                current = new Shown("", "", new ArrayList<>());
                if (code && line.startsWith("```csv ")) {
                    current = new Shown("", line.substring("```csv ".length()).strip(), new ArrayList<>());
                    all.add(current);
                }
            } else if (code && line.matches(COMMAND)) {
                current = new Shown(line, "", new ArrayList<>());
                if (!line.matches(".*\\b(FILE|JOB|FOLDER)\\b.*")) {
                    all.add(current);
                }
            } else if (code) {
                current.lines.add(line);
            }
        }
        return all;
    }

    private static String[] words(String command) {
        List<String> words = new ArrayList<>();
        Matcher matcher = WORD.matcher(command.replaceFirst("^(\\$ )?(\\./)?inkwell ", ""));
        while (matcher.find()) {
            words.add(
                    matcher.group(1) != null
                            ? matcher.group(1)
                            : matcher.group(2) != null ? matcher.group(2) : matcher.group(3));
        }
        return words.toArray(String[]::new);
    }
}
