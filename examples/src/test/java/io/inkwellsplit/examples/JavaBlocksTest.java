package io.inkwellsplit.examples;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import jdk.jshell.JShell;
import jdk.jshell.Snippet;
import jdk.jshell.SnippetEvent;
import jdk.jshell.SourceCodeAnalysis.Completeness;
import jdk.jshell.SourceCodeAnalysis.CompletionInfo;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/**
 * Compiles and runs the Java blocks of the README and the docs. What a comment behind a statement shows in quotes, in brackets or
 * as a number has to be its value; {@code …} stands for more of it.
 */
class JavaBlocksTest {
    private static final Path ROOT = Path.of("..");
    /** What a reader has imported, and the column that the pages speak of. */
    private static final String PREPARED = """
            import io.inkwellsplit.address.*;
            import io.inkwellsplit.assemble.*;
            import io.inkwellsplit.name.*;
            import io.inkwellsplit.reading.*;
            import io.inkwellsplit.tidy.*;
            import io.inkwellsplit.address.AddressStandard.Rule;
            import java.util.*;
            List<String> column = List.of("Okonedo, Wren", "Brandt, Ines", "Marrow, Florian");
            """;

    private record Block(Path page, String source) {
        @Override
        public String toString() {
            return page + ": " + source.lines().findFirst().orElse("");
        }
    }

    static Stream<Block> blocks() throws IOException {
        List<Path> pages = new ArrayList<>(List.of(ROOT.resolve("README.md")));
        try (Stream<Path> docs = Files.list(ROOT.resolve("docs"))) {
            // The blocks on Spark are run where Spark is.
            docs.filter(page -> page.toString().endsWith(".md") && !page.endsWith("cluster.md"))
                    .sorted()
                    .forEach(pages::add);
        }
        List<Block> blocks = new ArrayList<>();
        for (Path page : pages) {
            String[] pieces = Files.readString(page).split("(?m)^```java\n");
            for (int i = 1; i < pieces.length; i++) {
                blocks.add(new Block(page, pieces[i].substring(0, pieces[i].indexOf("```"))));
            }
        }
        return blocks.stream();
    }

    @ParameterizedTest
    @MethodSource("blocks")
    void everyStatementDoesWhatThePageSays(Block block) {
        int shown = 0;
        try (JShell shell = JShell.builder().executionEngine("local").build()) {
            Stream.of(System.getProperty("java.class.path").split(System.getProperty("path.separator")))
                    .forEach(shell::addToClasspath);
            run(shell, PREPARED);
            StringBuilder statement = new StringBuilder();
            List<String> lines = block.source().lines().toList();
            for (int i = 0; i < lines.size(); i++) {
                String line = lines.get(i);
                statement.append(line).append('\n');
                Completeness now = shell.sourceCodeAnalysis()
                        .analyzeCompletion(statement.toString())
                        .completeness();
                boolean goesOn =
                        i + 1 < lines.size() && lines.get(i + 1).strip().startsWith(".");
                if (goesOn || now == Completeness.UNKNOWN || now == Completeness.DEFINITELY_INCOMPLETE) {
                    continue;
                }
                String said = said(line);
                String value = run(shell, statement.toString());
                statement.setLength(0);
                if (!said.isEmpty()) {
                    shown++;
                    assertThat(value).as(line).startsWith(said.replaceFirst("….*", ""));
                    assertThat(said.contains("…") || value.equals(said))
                            .as("%s is %s", line, value)
                            .isTrue();
                }
            }
            assertThat(statement).as("unfinished in %s", block).isBlank();
        }
        assertThat(shown).as("values that %s shows", block).isPositive();
    }

    /** Returns the value that a comment shows; empty where it says something else. */
    private static String said(String line) {
        int comment = line.lastIndexOf("// ");
        String said = comment < 0 ? "" : line.substring(comment + 3).strip();
        return said.matches("[\"\\[0-9].*") ? said : "";
    }

    /** Runs statements and returns the value of the last one. */
    private static String run(JShell shell, String source) {
        String value = "";
        String rest = source;
        while (!rest.isBlank()) {
            CompletionInfo info = shell.sourceCodeAnalysis().analyzeCompletion(rest);
            assertThat(info.completeness()).as(rest).isNotIn(Completeness.UNKNOWN, Completeness.DEFINITELY_INCOMPLETE);
            for (SnippetEvent event : shell.eval(info.source())) {
                assertThat(event.exception()).as(info.source()).isNull();
                assertThat(event.status())
                        .as(
                                "%s %s",
                                info.source(),
                                shell.diagnostics(event.snippet())
                                        .map(d -> d.getMessage(null))
                                        .toList())
                        // An import that is there already overwrites itself.
                        .isIn(Snippet.Status.VALID, Snippet.Status.OVERWRITTEN);
                value = event.value() == null ? value : event.value();
            }
            rest = info.remaining();
        }
        return value;
    }
}
