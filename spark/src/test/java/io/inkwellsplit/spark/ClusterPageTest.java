package io.inkwellsplit.spark;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.regex.MatchResult;
import java.util.regex.Pattern;
import jdk.jshell.JShell;
import jdk.jshell.Snippet;
import jdk.jshell.SnippetEvent;
import org.apache.spark.sql.SparkSession;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** Runs the Java lines of the page on clusters; a value that stands behind one has to come of it. */
class ClusterPageTest {
    private static final Pattern BLOCK = Pattern.compile("(?ms)^```java\n(.*?)^```");
    private static final Path BOX_OFFICE =
            Path.of("../demo/box-office.csv").toAbsolutePath().normalize();

    @TempDir
    Path folder;

    @Test
    void everyLineOfThePageDoesWhatItSays() throws IOException {
        Path job = Files.writeString(
                folder.resolve("register.yaml"),
                "input: {file: " + BOX_OFFICE + "}\nsteps:\n  - split: {name: Patron}\noutput: {file: out.csv}\n");
        int shown = 0;
        try (SparkSession session = OneProcess.session();
                JShell shell = JShell.builder().executionEngine("local").build()) {
            session.read()
                    .option("header", true)
                    .option("escape", "\"")
                    .csv(BOX_OFFICE.toString())
                    .createOrReplaceTempView("patrons");
            for (String path : System.getProperty("java.class.path").split(System.getProperty("path.separator"))) {
                shell.addToClasspath(path);
            }
            for (String line : new String[] {
                "import io.inkwellsplit.spark.*;",
                "import org.apache.spark.sql.*;",
                "import java.nio.file.Path;",
                "SparkSession session = SparkSession.active();",
                "Dataset<Row> patrons = session.table(\"patrons\");"
            }) {
                value(shell, line);
            }
            String page = Files.readString(Path.of("../docs/cluster.md"));
            for (MatchResult block : BLOCK.matcher(page).results().toList()) {
                for (String line : block.group(1).lines().toList()) {
                    String[] statementAndSaid = line.split("// ", 2);
                    String value = value(shell, statementAndSaid[0].replace("register.yaml", job.toString()));
                    if (statementAndSaid.length == 2) {
                        shown++;
                        assertThat(value).as(line).startsWith(statementAndSaid[1].replaceFirst("….*", ""));
                    }
                }
            }
        }
        assertThat(shown).isEqualTo(5);
    }

    private static String value(JShell shell, String statement) {
        String value = "";
        for (SnippetEvent event : shell.eval(statement)) {
            assertThat(event.exception()).as(statement).isNull();
            assertThat(event.status()).as(statement).isEqualTo(Snippet.Status.VALID);
            value = String.valueOf(event.value());
        }
        return value;
    }
}
