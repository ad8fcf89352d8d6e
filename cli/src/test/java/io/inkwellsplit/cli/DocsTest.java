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
import java.util.stream.Stream;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** Runs the commands that the docs show, page by page in their order, on the demo lists. */
class DocsTest {
    private static final Path ROOT = Path.of("..");
    private static final Pattern WORD = Pattern.compile("\"((?:[^\"\\\\]|\\\\.)*)\"|'([^']*)'|(\\S+)");

    @TempDir
    Path folder;

    static Stream<Path> pages() throws IOException {
        List<Path> pages = new ArrayList<>(List.of(ROOT.resolve("README.md")));
        try (Stream<Path> docs = Files.list(ROOT.resolve("docs"))) {
            docs.filter(page -> page.toString().endsWith(".md")).sorted().forEach(pages::add);
        }
        return pages.stream();
    }

    @ParameterizedTest
    @MethodSource("pages")
    void everyCommandOfAPageWorks(Path page) throws Exception {
        Files.createDirectory(folder.resolve("demo"));
        try (Stream<Path> lists = Files.list(ROOT.resolve("demo"))) {
            for (Path list : lists.filter(Files::isRegularFile).toList()) {
                Files.copy(list, folder.resolve("demo").resolve(list.getFileName()));
            }
        }
        Inkwell inkwell = new Inkwell(folder);
        for (List<String> command : commands(Files.readAllLines(page))) {
            Result result = inkwell.run(command.toArray(String[]::new));
            assertThat(result.code())
                    .as("%s: %s%n%s", page, command, result.err())
                    .isZero();
        }
        if (page.endsWith("README.md")) {
            assertThat(commands(Files.readAllLines(page))).hasSizeGreaterThan(3);
            assertThat(folder.resolve("choir.vcf")).exists();
        }
    }

    /** The lines of code blocks that call the command with real files; FILE and its like are for the reader to fill in. */
    private static List<List<String>> commands(List<String> lines) {
        List<List<String>> commands = new ArrayList<>();
        boolean code = false;
        for (String line : lines) {
            if (line.startsWith("```")) {
                code = !code;
            } else if (code
                    && line.matches("(\\$ )?(\\./)?inkwell .*")
                    && !line.matches(".*\\b(FILE|JOB|FOLDER)\\b.*")) {
                List<String> words = new ArrayList<>();
                Matcher matcher = WORD.matcher(line.replaceFirst("^(\\$ )?(\\./)?inkwell ", ""));
                while (matcher.find()) {
                    words.add(
                            matcher.group(1) != null
                                    ? matcher.group(1)
                                    : matcher.group(2) != null ? matcher.group(2) : matcher.group(3));
                }
                commands.add(words);
            }
        }
        return commands;
    }
}
